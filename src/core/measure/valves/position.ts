/** Where the crank stands for one cylinder's valves. */
export interface SettingPosition {
  cylinder: string;
  /** Crank degrees on from the first cylinder's firing top dead centre, 0 to under 720. */
  crankDegrees: number;
  /** What to look for, in words. */
  look: string;
}

/**
 * Firing intervals, in crank degrees, of usual four-stroke layouts: from one cylinder that fires to the next in the firing
 * order. Common practice; an engine's own manual wins. A V's depends on its angle and crank pins, so it is asked for.
 */
export const layouts: Readonly<Record<string, { name: string; order: string[]; intervals: number[] }>> = {
  single: { name: 'Single', order: ['1'], intervals: [720] },
  'twin-360': { name: 'Twin, pistons together', order: ['1', '2'], intervals: [360, 360] },
  'twin-180': { name: 'Twin, pistons opposed', order: ['1', '2'], intervals: [180, 540] },
  'twin-270': { name: 'Twin, crank of 270 degrees', order: ['1', '2'], intervals: [270, 450] },
  'flat-twin': { name: 'Flat twin', order: ['1', '2'], intervals: [360, 360] },
  'v-twin-90': { name: 'V-twin of 90 degrees, one pin', order: ['1', '2'], intervals: [270, 450] },
  triple: { name: 'Triple, crank of 120 degrees', order: ['1', '2', '3'], intervals: [240, 240, 240] },
  'four-1243': { name: 'Four in line, 1-2-4-3', order: ['1', '2', '4', '3'], intervals: [180, 180, 180, 180] },
  'four-1342': { name: 'Four in line, 1-3-4-2', order: ['1', '3', '4', '2'], intervals: [180, 180, 180, 180] },
};

/**
 * Where the crank stands, one cylinder after the other, with that cylinder at top dead centre between compression and firing: both its
 * valves shut and its followers on the round of the cam.
 *
 * @throws {RangeError} where the intervals do not fit the order or do not add up to two turns
 */
export function settingPositions(order: readonly string[], intervals: readonly number[]): SettingPosition[] {
  if (order.length === 0 || order.length !== intervals.length)
    throw new RangeError('one interval is needed for each cylinder of the firing order');
  if (Math.abs(intervals.reduce((a, b) => a + b, 0) - 720) > 1e-6) throw new RangeError('firing intervals add up to 720 degrees');
  let at = 0;
  return order.map((cylinder, i) => {
    const crankDegrees = at;
    at += intervals[i];
    return {
      cylinder,
      crankDegrees,
      look: `Cylinder ${cylinder} at the top, both its valves shut: the inlet has just closed. If a valve is open, go one more turn.`,
    };
  });
}

/** What an automatic decompressor does to the job. Common practice. */
export const decompressorTrap =
  'An automatic decompressor holds an exhaust valve off its seat near the top: set that valve where the decompressor has let go, past the top by what the manual says, or the clearance comes out too wide.';
