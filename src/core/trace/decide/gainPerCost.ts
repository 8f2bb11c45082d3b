import { information, leastBits } from './information';
import { inFull, type Price } from './price';
import { unlocked, type DecisionProblem, type Situation } from './problem';

/** A test by what it tells for its cost. */
export interface Gain {
  /** What would be done now: the test itself, or what first has to come out sound for it. */
  index: number;
  /** The test that tells. */
  tells: number;
  bits: number;
  /** Bits for its price, what has to come first included. */
  worth: number;
  /** Money for what has to come first. */
  first: number;
}

/** So much is added to a test's price before its bits are divided by it: a glance that costs nothing is still somebody's time. */
const ground = 0.5;

/**
 * Tests that tell something, those that tell most for their cost first: the textbook's greedy order (information gain per
 * cost; for example Heckerman, Breese and Rommelse 1995). A locked test counts with what lifts it.
 */
export function byGainPerCost(p: DecisionProblem, s: Situation, price = inFull(p, s)): Gain[] {
  const out: Gain[] = [];
  each(p, s, price, (index, tells, bits, worth, first) => out.push({ index, tells, bits, worth, first }));
  return out.sort((a, b) => b.worth - a.worth || a.tells - b.tells);
}

/** So near in what they tell, at the same cost and behind the same access, two tests are one test at two places. */
const near = 0.02;

/** Whether one test is as good as the other: compression on cylinder 2, while nothing is known of either. */
export function alike({ tests }: DecisionProblem, a: Pick<Gain, 'tells' | 'bits'>, b: Pick<Gain, 'tells' | 'bits'>): boolean {
  const [x, y] = [tests[a.tells], tests[b.tells]];
  return x.cost === y.cost && x.want === y.want && Math.abs(a.bits - b.bits) <= near * b.bits;
}

/** The first of these alone, none of them alike, as many as there is room for: written to `out`, their number returned. */
export function mostWorth(p: DecisionProblem, s: Situation, price: Price, out: readonly Gain[]): number {
  let count = 0;
  each(p, s, price, (index, tells, bits, worth, first) => {
    for (let k = 0; k < count; k++) if (alike(p, out[k], { tells, bits })) return;
    let at = count;
    while (at > 0 && out[at - 1].worth < worth) at--;
    if (at === out.length) return;
    if (count < out.length) count++;
    for (let k = count - 1; k > at; k--) Object.assign(out[k], out[k - 1]);
    Object.assign(out[at], { index, tells, bits, worth, first });
  });
  return count;
}

type Seen = (index: number, tells: number, bits: number, worth: number, first: number) => void;

/** Tests that tell something, in the order they stand in. */
function each(p: DecisionProblem, s: Situation, price: Price, seen: Seen): void {
  for (let t = 0; t < p.tests.length; t++) {
    const test = p.tests[t];
    if (s.shut[t]) continue;
    const way = unlocked(test, s.lifted) ? none : wayTo(p, s, t, price);
    if (way === null) continue;
    const bits = information(s.weights, test);
    if (bits < leastBits) continue;
    let first = 0;
    for (const i of way) first += price(i);
    seen(way.length > 0 ? way[0] : t, t, bits, bits / (price(t) + first + ground), first);
  }
}

const none: readonly number[] = [];

/** Tests that lift what locks one, the cheapest first; null if something cannot be lifted any more. */
export function wayTo(p: DecisionProblem, s: Situation, t: number, price: Price): number[] | null {
  const way = new Set<number>();
  for (const any of p.tests[t].locks!) {
    if (any.some((i) => s.lifted?.[i] === 1)) continue;
    let found = -1;
    for (const i of any) if (!s.shut[i] && unlocked(p.tests[i], s.lifted) && (found < 0 || price(i) < price(found))) found = i;
    if (found < 0) return null;
    way.add(found);
  }
  return [...way].sort((a, b) => price(a) - price(b) || a - b);
}
