/** A bike with a hidden condition, for instruments to read. Everything in SI unless the name says otherwise; invented. */
export interface HiddenBike {
  cylinders: number;
  strokes: 'two' | 'four';
  voltage: number;
  /** By cylinder: what it pumps up to, how much of that in the first stroke, what oil adds. */
  compression: { peakPa: number; firstShare: number; wetGain: number; leak: number }[];
  /** By carburettor: what it draws at idle with every screw where it stands, in Pa. */
  vacuumPa: number[];
  /** By cylinder: bore over standard, top and bottom, across and along, in mm. */
  boreMm: { standard: number; top: [number, number]; bottom: [number, number] }[];
  /** Volts at the points of a circuit, from the battery on. */
  circuit: { name: string; volts: number }[];
  runOutMm: number;
  /** Torque in N·m at which each of some bolts begins to move. */
  movesAtNm: number[];
  timing: { idleDegrees: number; fullDegrees: number; dwellDegrees: number; idleRpm: number };
  exhaustC: number[];
}

const between = (random: () => number, low: number, high: number) => low + random() * (high - low);

/**
 * A bike drawn from chances, the same for the same ones: mostly sound, with a cylinder that is worn, a joint that loses volts
 * and carburettors that were never balanced.
 */
export function hiddenBike(
  random: () => number,
  { cylinders, strokes, voltage }: Pick<HiddenBike, 'cylinders' | 'strokes' | 'voltage'>,
): HiddenBike {
  const bad = Math.floor(random() * cylinders);
  const worn = random() < 0.6;
  const each = <T>(make: (i: number) => T): T[] => Array.from({ length: cylinders }, (_x, i) => make(i));
  const lossAt = 1 + Math.floor(random() * 4);
  let volts = voltage === 6 ? 6.25 : 12.5;
  const circuit = ['battery', 'fuse', 'switch', 'kill switch', 'coil'].map((name, i) => {
    volts -= i === 0 ? 0 : i === lossAt ? between(random, 0.6, 1.6) * (voltage / 12) : between(random, 0.01, 0.05);
    return { name, volts };
  });
  return {
    cylinders,
    strokes,
    voltage,
    compression: each((i) => {
      const ill = i === bad && worn;
      const rings = random() < 0.6;
      return {
        peakPa: ill ? between(random, 4.5e5, 7e5) : between(random, 1.08e6, 1.2e6),
        firstShare: ill && rings ? between(random, 0.32, 0.4) : between(random, 0.52, 0.62),
        wetGain: ill && rings ? between(random, 0.25, 0.45) : between(random, 0.01, 0.05),
        leak: ill ? between(random, 0.25, 0.5) : between(random, 0.04, 0.1),
      };
    }),
    vacuumPa: each(() => between(random, 24000, 33000)),
    boreMm: each(() => {
      const wear = between(random, 0.01, 0.12);
      return { standard: 64, top: [wear, wear * 0.5], bottom: [wear * 0.2, wear * 0.15] };
    }),
    circuit,
    runOutMm: between(random, 0.005, 0.08),
    movesAtNm: [0, 1, 2, 3].map(() => between(random, 3, 22)),
    timing: {
      idleDegrees: between(random, 6, 14),
      fullDegrees: between(random, 26, 36),
      dwellDegrees: between(random, 85, 110),
      idleRpm: between(random, 1000, 1250),
    },
    exhaustC: each((i) => (i === bad && worn ? between(random, 60, 120) : between(random, 210, 260))),
  };
}
