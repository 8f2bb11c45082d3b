import { mostWorth, type Gain } from './gainPerCost';
import { beyondRepairs } from './price';
import { uncuredBy, type DecisionProblem, type Situation } from './problem';
import { repairing, type Repairing } from './repairs';

/** A branch less likely than this is not followed: what it costs is estimated. */
const cut = 0.05;
/** One less likely than this is repaired on from. */
const rare = 0.0005;
/** Tests that are tried, most worth first, for one that pays. */
const tried = 3;
/** What is really spent of what the base policy would spend, since at each step it is decided anew. Found on drawn bikes. */
const better = 0.7;
/** A test whose share of what would be wasted is so many times its price pays. */
const obvious = 3;

/** What may come of an act, and what repairing on from there costs. */
interface Branch extends Repairing {
  chance: number;
}

/** Where the way that is being followed stands, so many steps on; and room for what may come of an act there. */
interface Place extends Situation {
  lifted: Uint8Array;
  /** How likely it is to come here. */
  reach: number;
  /** Sum of what was done and seen on the way: the same for whatever order that was in. */
  way: number;
  plan: Repairing;
  /** The test that was looked at last, and what may come of it. */
  test: number;
  branches: Branch[];
  repaired: Branch;
  /** Room for the tests most worth doing. */
  gains: Gain[];
}

const unknown = (): Repairing => ({ expected: 0, wasted: 0, first: -1 });

/**
 * What it is expected to cost in all to do something in a situation and then follow the base policy: the test that tells most for
 * its cost among those that pay, or else the likeliest repair for its cost and so on, and from anywhere repairing on where that is
 * less. One place a step is kept and written over, since thousands are come to for one decision.
 */
export class Rollout {
  private readonly places: Place[] = [];
  /** Values from where it was come to before, by what was done and seen on the way and what is off. */
  private readonly known = new Map<number, number>();
  private readonly joint: Float64Array;

  constructor(
    private readonly p: DecisionProblem,
    s: Situation,
    reach = 1,
  ) {
    this.joint = new Float64Array(s.weights.length);
    const root = this.place(0);
    root.weights.set(s.weights);
    root.shut.set(s.shut);
    root.mended.set(s.mended);
    if (s.lifted) root.lifted.set(s.lifted);
    root.state = s.state;
    root.reach = reach;
    repairing(p, root, root.weights, root.plan);
  }

  /** The base policy itself. */
  value(): number {
    const at = this.place(0);
    if (at.plan.wasted <= 1e-9) return at.plan.expected;
    return at.reach < cut ? this.estimate(at) : this.follow(0);
  }

  /** A test first, by its index. */
  test(index: number): number {
    return this.tested(0, index);
  }

  /** A repair first, by its fault. */
  repair(fault: number): number {
    return this.repaired(0, fault);
  }

  private follow(step: number): number {
    const { plan } = this.places[step];
    const test = this.firstPaying(step);
    return Math.min(plan.expected, test ? this.tested(step, test.index) : this.repaired(step, plan.first));
  }

  /**
   * The first test, most worth first, that pays even if it is only repaired on from it. One that by its share of the doubt saves
   * several times its price is taken without working that out.
   */
  private firstPaying(step: number): Gain | undefined {
    const at = this.places[step];
    const count = mostWorth(this.p, at, beyondRepairs(this.p, at), at.gains);
    if (count === 0) return undefined;
    const doubt = entropy(at.weights);
    for (let k = 0; k < count; k++) {
      const gain = at.gains[k];
      if (at.plan.wasted * gain.bits > obvious * (gain.bits / gain.worth) * doubt) return gain;
      if (gain.first + this.repairedOn(step, gain.tells) < at.plan.expected) return gain;
    }
    return undefined;
  }

  /** Expected cost of a test where it is repaired on from each outcome. */
  private repairedOn(step: number, test: number): number {
    this.lookAt(step, test);
    const { branches, state } = this.places[step];
    const { cost, want, likelihood } = this.p.tests[test];
    let value = cost + this.p.access.reach(state, want).cost;
    for (let o = 0; o < likelihood.length; o++) value += branches[o].chance * branches[o].expected;
    return value;
  }

  /** Works out how likely each outcome of a test is, and repairing on from it. */
  private lookAt(step: number, test: number): void {
    const at = this.places[step];
    if (at.test === test) return;
    at.test = test;
    const { want, likelihood } = this.p.tests[test];
    const left = { state: this.p.access.reach(at.state, want).next, mended: at.mended };
    const { joint } = this;
    const { weights } = at;
    for (let o = 0; o < likelihood.length; o++) {
      const l = likelihood[o];
      let chance = 0;
      for (let h = 0; h < joint.length; h++) chance += joint[h] = weights[h] * l[h];
      const branch = (at.branches[o] ??= { chance: 0, ...unknown() });
      branch.chance = chance > 1e-9 ? chance : 0;
      if (branch.chance > 0) scaled(repairing(this.p, left, joint, branch), chance);
    }
  }

  /** Expected cost of a test, and of following the base policy from whatever it tells. */
  private tested(step: number, index: number): number {
    this.lookAt(step, index);
    const at = this.places[step];
    const test = this.p.tests[index];
    const reach = this.p.access.reach(at.state, test.want);
    let value = test.cost + reach.cost;
    for (let o = 0; o < test.likelihood.length; o++) {
      const branch = at.branches[o];
      if (branch.chance === 0) continue;
      if (this.ends(at, branch)) {
        value += branch.chance * branch.expected;
        continue;
      }
      const next = this.place(step + 1);
      const l = test.likelihood[o];
      for (let h = 0; h < l.length; h++) next.weights[h] = (at.weights[h] * l[h]) / branch.chance;
      next.shut.set(at.shut);
      next.shut[index] = 1;
      for (const i of test.spends ?? []) next.shut[i] = 1;
      next.lifted.set(at.lifted);
      if (test.sound?.[o]) next.lifted[index] = 1;
      next.mended.set(at.mended);
      next.state = reach.next;
      value += branch.chance * this.onward(step, branch, mark(index * 16 + o));
    }
    return value;
  }

  /** Expected cost of a repair, and of following the base policy if that was not all. */
  private repaired(step: number, fault: number): number {
    const at = this.places[step];
    const { cost, want } = this.p.repairs[fault];
    const reach = this.p.access.reach(at.state, want);
    const next = this.place(step + 1);
    next.mended.set(at.mended);
    next.mended[fault] = 1;
    const chance = uncuredBy(this.p, at, fault, next);
    const branch = at.repaired;
    branch.chance = chance;
    const value = cost + reach.cost;
    if (chance <= 1e-9) return value;
    next.shut.set(at.shut);
    next.lifted.set(at.lifted);
    next.state = reach.next;
    repairing(this.p, next, next.weights, branch);
    if (this.ends(at, branch)) return value + chance * branch.expected;
    return value + chance * this.onward(step, branch, mark(-1 - fault));
  }

  /** Whether it is only repaired on along a branch. */
  private ends(at: Place, { chance, wasted }: Branch): boolean {
    return wasted <= 1e-9 || at.reach * chance < rare;
  }

  /** The base policy from the next place, which is made ready. */
  private onward(step: number, { chance, expected, wasted, first }: Branch, done: number): number {
    const at = this.places[step];
    const next = this.places[step + 1];
    next.way = (at.way + done) % 2 ** 52;
    const key = (next.way + mark(-1000 - next.state)) % 2 ** 52;
    const known = this.known.get(key);
    if (known !== undefined) return known;
    next.reach = at.reach * chance;
    next.test = -1;
    next.plan.expected = expected;
    next.plan.wasted = wasted;
    next.plan.first = first;
    const value = next.reach < cut ? this.estimate(next) : this.follow(step + 1);
    this.known.set(key, value);
    return value;
  }

  /**
   * About what the base policy costs from a place, without following it. It wastes less than repairing on does, and less than the
   * doubt takes to be cleared at the best rate of money for bits is too little, since the best tests are soon done: it lies
   * between the two in proportion, near their geometric mean. Found by regression on 5,500 places followed to the end (all families,
   * standard error 0.37 of the logarithm; repairing on alone has 1.8 times the mean), and less what deciding anew at each step
   * saves of it; docs/performance.md has the figures.
   */
  private estimate(at: Place): number {
    const { expected, wasted } = at.plan;
    if (mostWorth(this.p, at, beyondRepairs(this.p, at), at.gains) === 0) return expected;
    const clearing = entropy(at.weights) / at.gains[0].worth;
    return expected - wasted + Math.min(wasted, better * Math.sqrt(wasted * clearing));
  }

  private place(step: number): Place {
    const { p } = this;
    return (this.places[step] ??= {
      weights: new Float64Array(p.faults.length),
      state: 0,
      shut: new Uint8Array(p.tests.length),
      lifted: new Uint8Array(p.tests.length),
      mended: new Uint8Array(p.repairs.length),
      reach: 0,
      way: 0,
      plan: unknown(),
      test: -1,
      branches: [],
      repaired: { chance: 0, ...unknown() },
      gains: Array.from({ length: tried }, (): Gain => ({ index: 0, tells: 0, bits: 0, worth: 0, first: 0 })),
    });
  }
}

function scaled(plan: Repairing, chance: number): void {
  plan.expected /= chance;
  plan.wasted /= chance;
}

/** A number of 52 bits for one thing that was done or seen, well mixed, so that sums of different ones hardly ever meet. */
function mark(n: number): number {
  return mixed(n + 0x9e3779b9) * 2 ** 26 + mixed(n ^ 0x5bd1e995);
}

function mixed(x: number): number {
  let h = Math.imul(x ^ (x >>> 16), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return (h ^ (h >>> 16)) >>> 6;
}

/** Bits. */
function entropy(weights: Float64Array): number {
  let bits = 0;
  for (const w of weights) if (w > 0) bits -= w * Math.log2(w);
  return bits;
}
