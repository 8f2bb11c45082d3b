import { type Test, foundBy, gradesIn } from '../../knowledge';
import { findingKind, findingOf, type Model } from '../model/build';
import { Rows } from '../decide';
import { instanceId, type Instance } from '../model/instance';
import { gradesOf } from '../model/strength';
import type { Explanation } from '../network';

export interface OpenOutcome {
  id: string;
  says: string;
  /** P(outcome | hypothesis) */
  likelihood: Float64Array;
}

/**
 * Chances of outcomes under a list of hypotheses. A group that a hypothesis does not name is taken as `quiet` has it: it
 * may be there all the same, and adds its own chance of bringing the finding.
 */
export class OutcomeTables {
  /** withState[g][s]: which hypotheses have group g in state s. */
  private readonly withState: (number[] | undefined)[][];
  private readonly rows: Rows;
  /** A table for one hypothesis that names nothing. */
  private one: OutcomeTables | null = null;
  /** Several tests look for the same finding. */
  private readonly known = new Map<string, Float64Array[]>();

  constructor(
    private readonly model: Model,
    private readonly sets: readonly Pick<Explanation, 'states'>[],
    private readonly quiet: readonly Float64Array[],
  ) {
    this.rows = new Rows(sets.length);
    this.withState = model.groups.map(() => []);
    sets.forEach(({ states }, h) => states.forEach(([g, s]) => (this.withState[g][s] ??= []).push(h)));
  }

  /** Whether any hypothesis names a group that can bring what the test looks for. */
  bears(test: Test): boolean {
    return foundBy(test).some((id) => this.model.groupsCausing.get(id)?.some((g) => this.withState[g].some(Boolean)));
  }

  /** P(outcome | hypothesis) for every outcome of a test; the outcomes of one hypothesis add up to 1. */
  of(test: Test, position: string | null): OpenOutcome[] {
    const ids = foundBy(test);
    const levels = new Map(ids.map((id) => [id, this.levels(test, id, position)]));
    const table = test.outcomes.map((o): OpenOutcome => {
      const likelihood = this.rows.next().fill(1);
      for (const [id, grade] of Object.entries(o.find)) {
        const grades = gradesOf(findingKind(this.model.knowledge, id));
        const [first, ...more] = gradesIn(grade).map((g) => levels.get(id)![grades.indexOf(g)]);
        for (let h = 0; h < likelihood.length; h++) {
          let sum = first[h];
          for (const c of more) sum += c[h];
          likelihood[h] *= sum;
        }
      }
      return { id: o.id, says: o.says, likelihood };
    });
    for (let h = 0; h < this.sets.length; h++) {
      let all = 0;
      for (const o of table) all += o.likelihood[h];
      for (const o of table) o.likelihood[h] = all > 0 ? o.likelihood[h] / all : 1 / table.length;
    }
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
