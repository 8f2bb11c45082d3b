/** One screw that couples two carburettors (or two groups of them): turning it in raises what stands after it. */
export interface BalanceScrew {
  id: string;
  name: string;
  /** Numbers of the carburettors on either side that move against each other, counted from 0. */
  before: readonly number[];
  after: readonly number[];
}

/** The usual linkage: pairs first, then pair against pair. */
export function screwsFor(carburettors: number): BalanceScrew[] {
  switch (carburettors) {
    case 2:
      return [{ id: '1-2', name: 'between 1 and 2', before: [0], after: [1] }];
    case 3:
      return [
        { id: '1-2', name: 'between 1 and 2', before: [1], after: [0] },
        { id: '2-3', name: 'between 2 and 3', before: [1], after: [2] },
      ];
    case 4:
      return [
        { id: '1-2', name: 'between 1 and 2', before: [1], after: [0] },
        { id: '3-4', name: 'between 3 and 4', before: [2], after: [3] },
        { id: '2-3', name: 'in the middle, pair against pair', before: [0, 1], after: [2, 3] },
      ];
    default:
      return [];
  }
}

export interface BalanceAdvice {
  /** Highest less lowest, in the unit of the readings. */
  spread: number;
  /** Good enough: within the limit, with what the columns flutter taken off. */
  good: boolean;
  /** The screw to turn now; null where it is good. */
  screw: BalanceScrew | null;
  /** Carburettors that draw more, by their numbers from 0: their throttle stands further shut. */
  more: readonly number[];
  words: string;
}

const mean = (x: readonly number[]) => x.reduce((a, b) => a + b, 0) / x.length;

/**
 * Which screw next. `vacuum` is what each carburettor draws, more is further shut. Pairs are made equal before pairs are set against each
 * other, since the screw in the middle moves a whole pair: the first screw in that order whose sides differ by more than half of the limit.
 *
 * @throws {RangeError} for fewer than 2 or more than 4
 */
export function balanceAdvice(vacuum: readonly number[], limit: number, flutter = 0): BalanceAdvice {
  if (vacuum.length < 2 || vacuum.length > 4) throw new RangeError('two to four carburettors');
  const spread = Math.max(...vacuum) - Math.min(...vacuum);
  if (spread + flutter <= limit)
    return {
      spread,
      good: true,
      screw: null,
      more: [],
      words: 'Good enough: all within the limit. Blip it, let it settle, read once more.',
    };
  const sides = (s: BalanceScrew) => mean(s.after.map((i) => vacuum[i])) - mean(s.before.map((i) => vacuum[i]));
  const screws = screwsFor(vacuum.length);
  const screw =
    screws.find((s) => Math.abs(sides(s)) > limit / 2) ?? screws.reduce((a, b) => (Math.abs(sides(b)) > Math.abs(sides(a)) ? b : a));
  const more = sides(screw) > 0 ? screw.after : screw.before;
  const which = more.map((i) => i + 1).join(' and ');
  return {
    spread,
    good: false,
    screw,
    more,
    words: `The screw ${screw.name}: ${which} ${more.length > 1 ? 'show' : 'shows'} more vacuum; open ${more.length > 1 ? 'their throttles' : 'its throttle'} a few degrees. Blip, read again.`,
  };
}

/** Mean and flutter (standard deviation) of the last readings of a column. */
export function settled(readings: readonly number[]): { mean: number; flutter: number } {
  if (readings.length === 0) return { mean: NaN, flutter: NaN };
  const m = mean(readings);
  return { mean: m, flutter: Math.sqrt(mean(readings.map((x) => (x - m) ** 2))) };
}
