/** A figure and its standard uncertainty (one standard deviation), both in the same unit. */
export interface Uncertain {
  value: number;
  error: number;
}

export const sure = (value: number): Uncertain => ({ value, error: 0 });

/**
 * Carries uncertainty through a sum: `f` is worked out at the values, and each input moved by its own uncertainty to
 * either side. First order, inputs independent: JCGM 100 (GUM) 5.1.3 note 2. Units are whatever `f` takes and gives.
 */
export function propagate(f: (...x: number[]) => number, ...inputs: readonly Uncertain[]): Uncertain {
  const values = inputs.map((x) => x.value);
  const moved = inputs.map(({ value, error }, i) => {
    if (error === 0) return 0;
    const at = (x: number) => f(...values.map((v, j) => (j === i ? x : v)));
    return (at(value + error) - at(value - error)) / 2;
  });
  return { value: f(...values), error: Math.hypot(...moved) };
}

/**
 * A value known to lie between two bounds, each as likely as the other: its middle, and half its width over the square root of three (JCGM
 * 100, 4.3.7).
 *
 * @throws {RangeError} where the bounds are crossed
 */
export function between(low: number, high: number): Uncertain {
  if (low > high) throw new RangeError('the lower bound is above the upper one');
  return { value: (low + high) / 2, error: (high - low) / 2 / Math.sqrt(3) };
}
