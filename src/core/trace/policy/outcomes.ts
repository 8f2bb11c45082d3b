import { type Knowledge, type Test, fitting, foundBy } from '../../knowledge';
import { findingKind, findingOf, type Model } from '../model/build';
import { RowPool } from '../decide';
import { instanceId, type Instance } from '../model/instance';
import { gradesOf } from '../model/strength';
import type { CauseSet } from '../network';

export interface OpenOutcome {
  id: string;
  says: string;
  /** P(outcome | hypothesis) */
  likelihood: Float64Array;
}

/** What is said to every combination of grades, the last finding's changing fastest. */
interface Answers {
  grades: string[][];
  fits: number[][];
}

const answers = new WeakMap<Test, Answers>();

function answersOf(test: Test, k: Knowledge): Answers {
  const known = answers.get(test);
  if (known) return known;
  const ids = foundBy(test);
  const grades = ids.map((id) => gradesOf(findingKind(k, id)));
  const fits: number[][] = [];
  const is = new Map<string, string>();
  const within = (n: number) => {
    if (n === ids.length) fits.push(fitting(test, (id) => is.get(id)!));
    else
      for (const grade of grades[n]) {
        is.set(ids[n], grade);
        within(n + 1);
      }
  };
  within(0);
  const made = { grades, fits };
  answers.set(test, made);
  return made;
}

/**
 * Chances of outcomes under a list of hypotheses. A group that a hypothesis does not name is taken as `quiet` has it: it
 * may be there all the same, and adds its own chance of bringing the finding.
 */
export class OutcomeTables {
  /** withState[g][s]: which hypotheses have group g in state s. */
  private readonly withState: (number[] | undefined)[][];
  private readonly rows: RowPool;
  /** A table for one hypothesis that names nothing. */
  private one: OutcomeTables | null = null;
  /** Several tests look for the same finding. */
  private readonly known = new Map<string, Float64Array[]>();

  constructor(
    private readonly model: Model,
    private readonly sets: readonly Pick<CauseSet, 'states'>[],
    private readonly quiet: readonly Float64Array[],
  ) {
    this.rows = new RowPool(sets.length);
    this.withState = model.groups.map(() => []);
    sets.forEach(({ states }, h) => states.forEach(([g, s]) => (this.withState[g][s] ??= []).push(h)));
  }

  /** Whether any hypothesis names a group that can bring what the test looks for. */
  bears(test: Test): boolean {
    return foundBy(test).some((id) => this.model.groupsCausing.get(id)?.some((g) => this.withState[g].some(Boolean)));
  }

  /**
   * P(outcome | hypothesis) for every outcome of a test; the outcomes of one hypothesis add up to 1. Where several outcomes say
   * what is there, each is as likely as the other.
   */
  of(test: Test, position: string | null): OpenOutcome[] {
    const seen = foundBy(test).map((id) => this.levels(test, id, position));
    const table = test.outcomes.map(({ id, says }): OpenOutcome => ({ id, says, likelihood: this.rows.next() }));
    const { fits, grades } = answersOf(test, this.model.knowledge);
    if (seen.length === 1) {
      grades[0].forEach((_grade, g) => {
        const own = seen[0][g];
        for (const o of fits[g]) {
          const { likelihood } = table[o];
          for (let h = 0; h < likelihood.length; h++) likelihood[h] += own[h] / fits[g].length;
        }
      });
      return table;
    }
    const rooms = seen.map(() => new Float64Array(this.sets.length));
    let n = 0;
    const within = (k: number, chance: Float64Array | null) => {
      if (k === seen.length) {
        const said = fits[n++];
        for (const o of said) {
          const { likelihood } = table[o];
          for (let h = 0; h < likelihood.length; h++) likelihood[h] += (chance ? chance[h] : 1) / said.length;
        }
        return;
      }
      for (let g = 0; g < grades[k].length; g++) {
        const own = seen[k][g];
        const room = rooms[k];
        for (let h = 0; h < room.length; h++) room[h] = chance ? chance[h] * own[h] : own[h];
        within(k + 1, room);
      }
    };
    within(0, null);
    return table;
  }

  /** Chance of every outcome of a test that no hypothesis bears on: the same under each of them. */
  usual(test: Test, position: string | null): number[] {
    this.one ??= new OutcomeTables(this.model, [{ states: [] }], this.quiet);
    return this.one.of(test, position).map((o) => o.likelihood[0]);
  }

  /** Level probabilities of one future finding under each hypothesis: a column a level. */
  private levels(test: Test, id: string, position: string | null): Float64Array[] {
    const { model, sets } = this;
    const kind = findingKind(model.knowledge, id);
    const instance: Instance = {
      kind: id,
      position: kind.per === 'cylinder' ? position : null,
      ...model.epochs.of(id, model.now.epoch || null),
      conditions: {},
      bypasses: test.bypasses ?? [],
    };
    const name = instanceId(instance);
    const known = this.known.get(name);
    if (known) return known;
    const count = gradesOf(kind).length;
    const columns = Array.from({ length: count }, () => this.rows.next());
    this.known.set(name, columns);
    const seen = model.observed.get(name);
    if (seen) {
      // Seen already by another test under the same circumstances: it will be the same again.
      const total = seen.weights.reduce((a, b) => a + b, 0);
      columns.forEach((c, l) => c.fill(seen.weights[l] / total));
      return columns;
    }
    const finding = findingOf(model, instance);
    const cumulate = (x: readonly number[]) => {
      let sum = 0;
      return x.map((y) => (sum += y));
    };
    const base = cumulate(finding.leak);
    const byGroup = new Map<number, { aside: number[]; states: Map<number, number[]> }>();
    for (const l of finding.links) {
      const level = cumulate(l.levels);
      const p = this.quiet[l.group][l.state];
      const own = byGroup.get(l.group) ?? { aside: level.map(() => 1), states: new Map<number, number[]>() };
      level.forEach((x, i) => (own.aside[i] += p * (x - 1)));
      own.states.set(l.state, level);
      byGroup.set(l.group, own);
    }
    for (const { aside } of byGroup.values()) aside.forEach((x, i) => (base[i] *= x));
    columns.forEach((c, l) => c.fill(base[l]));
    for (const [g, { aside, states }] of byGroup) {
      this.withState[g].forEach((hypotheses, s) => {
        const level = states.get(s);
        for (const h of hypotheses ?? []) for (let l = 0; l < count; l++) columns[l][h] *= (level ? level[l] : 1) / aside[l];
      });
    }
    for (let l = count - 1; l > 0; l--) for (let h = 0; h < sets.length; h++) columns[l][h] -= columns[l - 1][h];
    return columns;
  }
}
