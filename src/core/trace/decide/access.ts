/** One step of taking apart, as the decision sees it: what it costs in money, off and on again, breakages included. */
export interface Opening {
  id: string;
  cost: number;
  /** Ways to get at it: each a list of other openings that come first. None means it is at hand. */
  routes: readonly (readonly string[])[];
}

/** What a thing that is wanted costs from some state of strip-down, and the state it leaves. */
export interface Reach {
  cost: number;
  next: number;
}

/**
 * States of strip-down, numbered as they come up. What is off stays off until the end and is refitted once, so an
 * opening is paid for the first time only. Among alternative routes the one that costs least from here is taken.
 */
export class AccessStates {
  private readonly byId: Map<string, Opening>;
  private readonly states: ReadonlySet<string>[] = [];
  private readonly numbers = new Map<string, number>();
  private readonly wants: (readonly string[])[] = [[]];
  private readonly wantNumbers = new Map<string, number>([['', 0]]);
  private readonly memo: (Reach | undefined)[][] = [];
  private readonly rows: ({ costs: Float64Array; nexts: Int32Array } | undefined)[] = [];

  constructor(openings: readonly Opening[]) {
    this.byId = new Map(openings.map((o) => [o.id, o]));
  }

  /** Number of the state in which exactly these are off. */
  state(off: Iterable<string>): number {
    const set = new Set(off);
    const key = [...set].sort().join();
    const known = this.numbers.get(key);
    if (known !== undefined) return known;
    this.numbers.set(key, this.states.length);
    this.states.push(set);
    this.memo.push([]);
    return this.states.length - 1;
  }

  off(state: number): ReadonlySet<string> {
    return this.states[state];
  }

  /** Number under which a list of wanted openings is asked for; 0 wants nothing. */
  want(ids: readonly string[] | undefined): number {
    const key = [...(ids ?? [])].sort().join();
    const known = this.wantNumbers.get(key);
    if (known !== undefined) return known;
    this.wantNumbers.set(key, this.wants.length);
    this.wants.push(ids ?? []);
    return this.wants.length - 1;
  }

  /** What everything that was ever wanted costs from a state, and what it leaves: rows by the number of what is wanted. */
  from(state: number): { costs: Float64Array; nexts: Int32Array } {
    const known = this.rows[state];
    if (known && known.costs.length === this.wants.length) return known;
    const costs = new Float64Array(this.wants.length);
    const nexts = new Int32Array(this.wants.length);
    for (let want = 0; want < costs.length; want++) {
      const { cost, next } = this.reach(state, want);
      costs[want] = cost;
      nexts[want] = next;
    }
    return (this.rows[state] = { costs, nexts });
  }

  reach(state: number, want: number): Reach {
    const row = this.memo[state];
    const known = row[want];
    if (known) return known;
    const off = new Set(this.states[state]);
    let cost = 0;
    for (const id of this.wants[want]) cost += this.open(id, off, new Set());
    return (row[want] = { cost, next: this.state(off) });
  }

  /** Takes one thing off with what stands in its way; adds to `off`, returns the cost. */
  private open(id: string, off: Set<string>, under: ReadonlySet<string>): number {
    const opening = this.byId.get(id);
    if (!opening || off.has(id) || under.has(id)) return 0;
    const below = new Set(under).add(id);
    let best: { cost: number; off: Set<string> } | null = null;
    for (const route of opening.routes.length ? opening.routes : [[]]) {
      const tried = new Set(off);
      let cost = 0;
      for (const first of route) cost += this.open(first, tried, below);
      if (!best || cost < best.cost) best = { cost, off: tried };
    }
    for (const x of best!.off) off.add(x);
    off.add(id);
    return best!.cost + opening.cost;
  }
}
