export type BatteryKind = 'flooded' | 'gel' | 'glass-mat' | 'lithium';

/**
 * Rest voltage of a cell at 25 °C at empty, a quarter, half, three quarters and full charge. Common practice, from memory:
 * makers' tables differ by a few hundredths of a volt a battery.
 */
const restVoltages: Readonly<Record<BatteryKind, readonly number[]>> = {
  flooded: [1.98, 2.01, 2.037, 2.075, 2.108],
  gel: [1.967, 2.0, 2.06, 2.105, 2.142],
  'glass-mat': [1.967, 2.008, 2.05, 2.092, 2.135],
  // Four cells of lithium iron phosphate stand in for six of lead: 12.8 V is nearly empty, 13.2 V normal, 13.4 V and over full.
  lithium: [2.083, 2.147, 2.187, 2.207, 2.233],
};

/** A cell at rest gains about so many volts for each kelvin (handbooks of lead-acid batteries, from memory). */
const perKelvin = 0.0002;

export interface BatteryState {
  /** 0 to 1. */
  charge: number;
  /** How far the table may be off, as a share of full. */
  error: number;
  state: 'full' | 'usable' | 'low' | 'flat' | 'dead cell' | 'over full';
  words: string;
}

/**
 * State of charge from the voltage after some hours of rest, at a temperature in °C. A battery that reads about one cell short of what it
 * should is taken for one with a dead cell.
 *
 * @throws {RangeError} for a system that is not 6 or 12 V
 */
export function batteryState(restV: number, systemV: number, kind: BatteryKind, temperatureC: number): BatteryState {
  if (systemV !== 6 && systemV !== 12) throw new RangeError('a battery of 6 or 12 V');
  const cells = systemV / 2;
  const cellV = restV / cells - (kind === 'lithium' ? 0 : perKelvin * (temperatureC - 25));
  const table = restVoltages[kind];
  const error = 0.1;
  const state = (charge: number, name: BatteryState['state'], words: string): BatteryState => ({ charge, error, state: name, words });
  if (cellV > table[4] + 0.06)
    return state(
      1,
      'over full',
      'More than a battery at rest can have: it was charged or ridden just now. Let it rest some hours, or take the surface charge off with the lamp for a minute.',
    );
  const charge = shareOf(table, cellV);
  if (kind === 'lithium' && cellV < table[0] - 0.06)
    return state(
      0,
      'flat',
      'Flat: charge it with a charger made for lithium only. One that was held this low for long is not safe: renew it.',
    );
  if (cellV < table[0] - 0.06) {
    const lost = Math.round((table[2] * cells - restV) / table[2]);
    if (lost >= 1 && Math.abs(restV - (cells - lost) * table[4]) < 0.35)
      return state(
        0,
        'dead cell',
        `About ${lost === 1 ? 'one cell' : `${lost} cells`} short. Charge it and let it rest a day, then measure again: only one that falls back has a dead cell.`,
      );
    return state(0, 'flat', 'Flat. Charge it slowly; one that stood flat for weeks may not take it.');
  }
  const percent = `About ${Math.round(charge * 10)} in 10 of its charge.`;
  if (charge >= 0.9) return state(charge, 'full', 'Full. What it can give is only seen while cranking.');
  if (charge >= 0.6) return state(charge, 'usable', `${percent} Good enough to test with; charge it before a day of cranking.`);
  return state(charge, charge >= 0.2 ? 'low' : 'flat', `${percent} Charge it before anything is judged by it.`);
}

/** Where a value lies among the five of the table, 0 to 1. */
function shareOf(table: readonly number[], x: number): number {
  if (x <= table[0]) return 0;
  for (let i = 1; i < table.length; i++)
    if (x <= table[i]) return (i - 1 + (x - table[i - 1]) / (table[i] - table[i - 1])) / (table.length - 1);
  return 1;
}

export interface CrankingTrace {
  /** Seconds and volts at the battery's posts. */
  samples: readonly { s: number; v: number }[];
}

export interface CrankingState {
  restV: number;
  lowestV: number;
  /** Once it turns: the median of the second half. */
  turningV: number;
  /** Whether it stays at or over the least that is given, else over the usual least. */
  holds: boolean;
  words: string;
}

/** The least that a battery may fall to while it cranks: 9.6 V at 20 °C for one of 12 V, half of that for 6 V (common practice). */
const usualLeastV = (systemV: number): number => 9.6 * (systemV / 12);

/**
 * What a battery does while it cranks, held against the least in V that this bike's manual allows, or the usual. The dip at first is the
 * starter breaking away; what it turns at is what counts.
 *
 * @throws {RangeError} for fewer than four samples
 */
export function crankingState({ samples }: CrankingTrace, systemV: number, leastV: number | null = null): CrankingState {
  if (samples.length < 4) throw new RangeError('too few samples to say anything');
  const floor = leastV ?? usualLeastV(systemV);
  const restV = samples[0].v;
  const lowestV = Math.min(...samples.map((x) => x.v));
  const late = samples
    .slice(Math.floor(samples.length / 2))
    .map((x) => x.v)
    .sort((a, b) => a - b);
  const turningV = late[Math.floor(late.length / 2)];
  const holds = turningV >= floor;
  const words = holds
    ? 'It holds while it cranks.'
    : restV < 12.2 * (systemV / 12)
      ? 'It falls too far, and was not full to begin with: charge it and crank again.'
      : 'It falls too far though it was charged: the battery is worn, or the starter draws too much. A good battery in its place parts the two.';
  return { restV, lowestV, turningV, holds, words };
}
