import type { EngineState, Outcome, Test } from '../../knowledge';
import { applicability } from '../../knowledge';
import type { Step } from '../../record';
import { findingKind, findingOf, type Model } from '../model/build';
import { instanceId, type Instance } from '../model/instance';
import { gradesOf } from '../model/strength';
import { credibleSets, type FaultSet, type Posterior } from '../network';

/** A test at a place on this bike, with how likely each outcome is under each hypothesis. */
export interface OpenTest {
  key: string;
  test: Test;
  position: string | null;
  /** Money: its minutes and the access still missing, at the shop's rate. */
  cost: number;
  minutes: number;
  accessMinutes: number;
  /** Why it cannot be done now; null if it can. */
  gate: string | null;
  outcomes: OpenOutcome[];
}

export interface OpenOutcome {
  id: string;
  says: string;
  /** P(outcome | hypothesis) */
  likelihood: Float64Array;
  /** likelihood × log2(likelihood), for information */
  surprise: Float64Array;
}

/** What is believed of a bike now: a list of hypotheses with their weights, and the tests that could part them. */
export interface Beliefs {
  model: Model;
  posterior: Posterior;
  sets: FaultSet[];
  leftOut: number;
  /** Indices into model.suspects: the faults that each hypothesis says are there now and bear on what is complained of. */
  faults: number[][];
  weights: Float64Array;
  tests: OpenTest[];
  /** Money for repairing each suspect (parts, minutes, access still missing) and trying the complaint again. */
  repairCost: Float64Array;
}

/** Minutes for trying the complaint once more after a repair. */
export const retestMinutes = 5;

const money = (minutes: number, rate: number) => (minutes * rate) / 60;

/** Minutes of access that are still in the way: off now, back on at the end. What is off already costs nothing. */
export function missingAccess(model: Pick<Model, 'knowledge'>, steps: readonly Step[], wanted: readonly string[] | undefined): number {
  const off = new Set(steps.filter((s) => s.access && !s.refittedAt).map((s) => s.access!));
  const needed = new Set<string>();
  const add = (id: string) => {
    if (needed.has(id) || off.has(id)) return;
    needed.add(id);
    model.knowledge.access.find((a) => a.id === id)?.after?.forEach(add);
  };
  wanted?.forEach(add);
  let minutes = 0;
  for (const id of needed) {
    const a = model.knowledge.access.find((x) => x.id === id);
    if (a) minutes += a.off + a.on;
  }
  return minutes;
}

/** Engine states as the evidence has them: "no" holds until a repair or a newer entry says otherwise. */
export function engineStates(model: Model): Map<string, 'yes' | 'no'> {
  const { knowledge: k, case: c, now } = model;
  const states = new Map<string, 'yes' | 'no'>();
  const apply = (sets: Record<string, 'yes' | 'no'> | undefined) => Object.entries(sets ?? {}).forEach(([s, v]) => states.set(s, v));
  for (const p of c.complaints) {
    if (p.state !== 'open' || (p.afterRepairId ?? '') !== now.epoch) continue;
    for (const [id, answer] of Object.entries(p.symptoms))
      if (answer === 'present') apply(k.findings.find((f) => f.id === id)?.symptom?.sets);
  }
  const current = c.evidence
    .filter((e) => !e.withdrawn && (e.afterRepairId ?? '') === now.epoch)
    .sort((a, b) => (a.takenAt < b.takenAt ? -1 : a.takenAt > b.takenAt ? 1 : a.id < b.id ? -1 : 1));
  for (const e of current) {
    const test = k.tests.find((t) => t.id === e.testId);
    apply(test?.outcomes.find((o) => o.id === e.outcome)?.sets);
    apply(test?.couldNot?.find((o) => `could-not:${o.id}` === e.outcome)?.sets);
  }
  return states;
}

/** Why a test is hidden by the state of the engine, in words; null if nothing hides it. */
export function gateOf(test: Test, states: ReadonlyMap<string, 'yes' | 'no'>, known: readonly EngineState[]): string | null {
  const missing = test.needs?.find((n) => states.get(n) === 'no');
  return missing ? (known.find((s) => s.id === missing)?.hidden ?? `needs: ${missing}`) : null;
}

/** Symptoms of the complaints that are open; null where only words are known, so that every fault may bear on them. */
function openSymptoms(model: Model): string[] | null {
  const { complaints } = model.case;
  const open = complaints.filter((c) => c.state === 'open' || (c.state === 'changed' && !complaints.some((d) => d.linkedTo === c.id)));
  const symptoms = open.flatMap((c) => Object.entries(c.symptoms).flatMap(([id, a]) => (a === 'present' ? [id] : [])));
  return open.length > 0 && symptoms.length === 0 ? null : symptoms;
}

export function believe(model: Model): Beliefs {
  const { sets, leftOut, posterior } = credibleSets(model.network, model.observations);
  const rate = Number(model.case.job.rate);
  const index = new Map(model.suspects.map((s, i) => [s.key, i]));
  const open = openSymptoms(model);
  // What has to be mended for the complaint to go: faults that can bring it and, where that is known, do so here.
  const bears = (i: number, brings: Record<string, boolean>) =>
    open === null || open.some((id) => model.suspects[i].fault.causes[id] !== undefined && brings[id] !== false);
  const faults = sets.map((h) => {
    const there = h.states.flatMap(([g, s]) =>
      model.groups[g].states[s].members.map((key) => index.get(key)!).filter((i) => bears(i, model.groups[g].brings[s])),
    );
    return [...new Set(there)].sort((a, b) => a - b);
  });
  const total = sets.reduce((s, h) => s + h.probability, 0);
  const weights = Float64Array.from(sets, (h) => h.probability / total);
  const steps = model.case.steps;
  const repairCost = Float64Array.from(model.suspects, ({ fault }) => {
    const r = fault.remedy;
    return r.parts + money(r.minutes + missingAccess(model, steps, r.access) + retestMinutes, rate);
  });
  const states = engineStates(model);
  const tests: OpenTest[] = [];
  for (const test of model.knowledge.tests) {
    if (test.kind === 'ask' || applicability(test.applies, model.facts, model.knowledge.attributes) === 0) continue;
    for (const position of test.per === 'cylinder' ? model.positions : [null]) {
      if (isDone(model, test, position)) continue;
      const accessMinutes = missingAccess(model, steps, test.access);
      tests.push({
        key: position === null ? test.id : `${test.id}#${position}`,
        test,
        position,
        minutes: test.minutes,
        accessMinutes,
        cost: money(test.minutes + accessMinutes, rate),
        gate: gateOf(test, states, model.knowledge.states),
        outcomes: outcomeTable(model, sets, test, position),
      });
    }
  }
  tests.push(...asking(model, faults, rate));
  return { model, posterior, sets, leftOut, faults, weights, tests, repairCost };
}

function isDone(model: Model, test: Test, position: string | null): boolean {
  return model.case.evidence.some(
    (e) =>
      !e.withdrawn &&
      e.testId === test.id &&
      e.position === position &&
      (e.afterRepairId ?? '') === model.now.epoch &&
      !['skipped', 'could-not:no-tool'].includes(e.outcome),
  );
}

/** P(outcome | hypothesis) for every outcome of a test; the outcomes of one hypothesis add up to 1. */
function outcomeTable(model: Model, sets: FaultSet[], test: Test, position: string | null): OpenTest['outcomes'] {
  const ids = [...new Set(test.outcomes.flatMap((o) => Object.keys(o.find)))];
  const levels = new Map(ids.map((id) => [id, levelTable(model, sets, test, id, position)]));
  const table = test.outcomes.map((o: Outcome) => {
    const likelihood = new Float64Array(sets.length).fill(1);
    for (const [id, grade] of Object.entries(o.find)) {
      const column = levels.get(id)![gradesOf(findingKind(model.knowledge, id)).indexOf(grade)];
      for (let h = 0; h < likelihood.length; h++) likelihood[h] *= column[h];
    }
    return { id: o.id, says: o.says, likelihood };
  });
  for (let h = 0; h < sets.length; h++) {
    const all = table.reduce((s, o) => s + o.likelihood[h], 0);
    for (const o of table) o.likelihood[h] = all > 0 ? o.likelihood[h] / all : 1 / table.length;
  }
  return table.map(withSurprise);
}

const withSurprise = (o: Omit<OpenOutcome, 'surprise'>): OpenOutcome => ({
  ...o,
  surprise: o.likelihood.map((x) => (x > 0 ? x * Math.log2(x) : 0)),
});

/** Level probabilities of one future finding under each hypothesis: column per level. */
function levelTable(model: Model, sets: FaultSet[], test: Test, id: string, position: string | null): Float64Array[] {
  const kind = findingKind(model.knowledge, id);
  const instance: Instance = {
    kind: id,
    position: kind.per === 'cylinder' ? position : null,
    ...model.now,
    conditions: {},
    bypasses: test.bypasses ?? [],
  };
  const seen = model.observed.get(instanceId(instance));
  const levels = gradesOf(kind).length;
  const columns = Array.from({ length: levels }, () => new Float64Array(sets.length));
  if (seen) {
    // Seen already by another test under the same circumstances: it will be the same again.
    const total = seen.weights.reduce((a, b) => a + b, 0);
    columns.forEach((c, l) => c.fill(seen.weights[l] / total));
    return columns;
  }
  const finding = findingOf(model, instance);
  const cumulativeLeak = finding.leak.map((_x, l) => finding.leak.slice(0, l + 1).reduce((a, b) => a + b, 0));
  const links: (number[] | undefined)[][] = model.groups.map(() => []);
  for (const l of finding.links) links[l.group][l.state] = l.levels.map((_x, i) => l.levels.slice(0, i + 1).reduce((a, b) => a + b, 0));
  for (let i = 0; i < sets.length; i++) {
    const { states } = sets[i];
    let before = 0;
    for (let l = 0; l < levels; l++) {
      let all = cumulativeLeak[l];
      for (let k = 0; k < states.length; k++) {
        const link = links[states[k][0]][states[k][1]];
        if (link) all *= link[l];
      }
      columns[l][i] = all - before;
      before = all;
    }
  }
  return columns;
}

const questions: Record<string, string> = {
  strokes: 'Two-stroke or four-stroke?',
  ignition: 'What makes the spark: points, an electronic box, or a magneto?',
  fuelling: 'Carburettor or injection?',
  decompressor: 'Is there a decompressor, and what works it?',
  starting: 'Kick, electric, or both?',
  cooling: 'Air-cooled or liquid-cooled?',
  clutch: 'What works the clutch?',
};

/** Attributes nobody has filled in yet are tests as well: looking costs a minute or two. */
function asking(model: Model, faults: number[][], rate: number): OpenTest[] {
  return model.knowledge.attributes.flatMap((a): OpenTest[] => {
    if (model.facts[a.id] !== undefined || !questions[a.id]) return [];
    if (!model.suspects.some((s) => s.fault.applies?.[a.id] !== undefined)) return [];
    const values = Object.keys(a.share);
    const fits = (i: number, v: string) => {
      const wanted = model.suspects[i].fault.applies?.[a.id];
      return wanted === undefined ? 1 : applicability({ [a.id]: wanted }, { [a.id]: v }, []);
    };
    const raw = values.map((v) => Float64Array.from(faults, (f) => a.share[v] * f.reduce((x, i) => x * fits(i, v), 1)));
    for (let h = 0; h < faults.length; h++) {
      const all = raw.reduce((s, r) => s + r[h], 0);
      raw.forEach((r, v) => (r[h] = all > 0 ? r[h] / all : a.share[values[v]]));
    }
    const test: Test = {
      id: `ask:${a.id}`,
      name: questions[a.id],
      system: 'mechanical',
      kind: 'ask',
      how: 'Look at the bike, or at its book, and fill it in.',
      minutes: 2,
      outcomes: [],
    };
    return [
      {
        key: test.id,
        test,
        position: null,
        minutes: 2,
        accessMinutes: 0,
        cost: money(2, rate),
        gate: null,
        outcomes: values.map((v, i) => withSurprise({ id: v, says: v, likelihood: raw[i] })),
      },
    ];
  });
}
