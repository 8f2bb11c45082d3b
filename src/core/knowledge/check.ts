import { routesOf } from './access';
import type { Access, Knowledge } from './types';

/** What a schema cannot see: everything that is unsound or of no use. What ships has none of either. */
export const checkKnowledge = (k: Knowledge): string[] => [...unsound(k), ...idle(k)];

/** References that lead nowhere, ids used twice, strengths and leaks out of range: it cannot be reckoned with. */
export function unsound(k: Knowledge): string[] {
  const problems: string[] = [];
  const say = (where: string, what: string) => problems.push(`${where}: ${what}`);
  const ids = (list: { id: string }[], kind: string) => {
    const seen = new Set<string>();
    for (const { id } of list) {
      if (seen.has(id)) say(`${kind} ${id}`, 'this id is used twice');
      seen.add(id);
    }
    return seen;
  };
  const faults = ids(k.faults, 'fault');
  const access = ids(k.access, 'access');
  const families = ids(k.families, 'family');
  const attributes = new Set([...k.attributes.map((a) => a.id), 'cylinders']);
  ids(k.archetypes, 'archetype');
  const own = k.archetypes.flatMap((a) => a.access.map((x) => x.id));
  const places = new Set([...access, ...own]);
  const hazards = ids(k.hazards, 'hazard');
  const states = ids(k.states, 'state');
  const areas = ids(k.areas, 'area');
  ids(k.tests, 'test');
  ids(k.findings, 'finding');
  const findings = new Map(k.findings.map((f) => [f.id, f]));
  const grades = (id: string) => findings.get(id)?.grades ?? ['no', 'yes'];
  const refs = (where: string, what: string, list: readonly string[] | undefined, known: Set<string>) => {
    for (const id of list ?? []) if (!known.has(id)) say(where, `${what} '${id}' does not exist`);
  };
  const found = (where: string, find: Record<string, string>) => {
    for (const [id, grade] of Object.entries(find)) {
      if (!findings.has(id)) say(where, `finding '${id}' does not exist`);
      else if (!grades(id).includes(grade)) say(where, `finding '${id}' has no grade '${grade}'`);
    }
  };

  const graph = (where: string, list: readonly Access[]) => {
    for (const a of list) {
      for (const route of routesOf(a)) refs(`${where}access ${a.id}`, 'access', route, places);
      for (const [low, high] of [a.off, a.on]) if (low > high) say(`${where}access ${a.id}`, 'its minutes run backwards');
    }
  };
  graph('', k.access);
  for (const a of k.archetypes) {
    ids(a.access, `archetype ${a.id}: access`);
    graph(`archetype ${a.id}: `, a.access);
    refs(`archetype ${a.id}`, 'absent access', a.absent, places);
    for (const id of Object.keys(a.attributes)) if (!attributes.has(id)) say(`archetype ${a.id}`, `attribute '${id}' does not exist`);
  }
  for (const f of k.findings) {
    if (f.symptom) refs(`finding ${f.id}`, 'family', [f.symptom.family], families);
    const leak = typeof f.leak === 'number' ? f.leak : Object.values(f.leak).reduce((a, b) => a + b, 0);
    if (leak < 0.001 || leak > 0.1) say(`finding ${f.id}`, `its leak ${leak} is not between 0.001 and 0.1`);
  }
  for (const f of k.faults) {
    const where = `fault ${f.id}`;
    refs(where, 'access', f.remedy.access, access);
    refs(where, 'hazard', f.remedy.hazards, hazards);
    refs(where, 'area', f.area, areas);
    for (const [id, strength] of Object.entries(f.causes)) {
      const finding = findings.get(id);
      if (!finding) say(where, `finding '${id}' does not exist`);
      if (typeof strength === 'object') {
        for (const g of Object.keys(strength)) if (!grades(id).slice(1).includes(g)) say(where, `finding '${id}' has no grade '${g}'`);
        if (Object.values(strength).reduce((a, b) => a + b, 0) > 1) say(where, `the chances for '${id}' add up to more than 1`);
      } else if (grades(id).length > 2) say(where, `finding '${id}' has grades: give one chance a grade`);
    }
    if (f.replacedBy && !faults.has(f.replacedBy)) say(where, `replacedBy '${f.replacedBy}' does not exist`);
  }
  for (const t of k.tests) {
    const where = `test ${t.id}`;
    refs(where, 'hazard', t.hazards, hazards);
    refs(where, 'access', t.access, access);
    refs(where, 'state', t.needs, states);
    refs(where, 'fault', t.bypasses, faults);
    for (const o of [...t.outcomes, ...(t.couldNot ?? [])]) found(where, o.find);
    const shown = t.outcomes.map((o) => o.id);
    for (const b of t.measure?.bands ?? []) if (!shown.includes(b.outcome)) say(where, `band outcome '${b.outcome}' does not exist`);
    const kinds = t.outcomes.map((o) => Object.keys(o.find).sort().join());
    if (t.per !== 'cylinder' && t.outcomes.some((o) => Object.keys(o.find).some((id) => findings.get(id)?.per === 'cylinder'))) say(where, 'it speaks of a cylinder but is not per cylinder');
    if (new Set(kinds).size === 1 && new Set(t.outcomes.map((o) => JSON.stringify(o.find))).size < t.outcomes.length) say(where, 'two outcomes say the same');
  }
  for (const t of k.tests) {
    if ((t.kind === 'swap') !== (t.moves !== undefined)) say(`test ${t.id}`, 'a swap, and only a swap, says what moves');
    if (t.needs?.includes('cranks') && !t.hazards?.length) say(`test ${t.id}`, 'the engine is cranked or runs, but no hazard stands with it');
  }
  for (const g of k.groups) if (g.modes.length > 63) say(`group ${g.id}`, 'it has more than 64 states');
  for (const g of k.groups) for (const m of g.modes) refs(`group ${g.id}`, 'fault', m.faults, faults);
  return problems;
}

/** Entries that nothing leads to: sound, and of no use yet. */
export function idle(k: Knowledge): string[] {
  const tested = new Set(k.tests.flatMap((t) => t.outcomes.flatMap((o) => Object.keys(o.find))));
  const caused = new Set(k.faults.flatMap((f) => Object.keys(f.causes)));
  const testOfNothing = ({ outcomes }: Knowledge['tests'][number]) => {
    const ids = outcomes.flatMap((o) => Object.keys(o.find));
    return ids.length > 0 && !ids.some((id) => caused.has(id));
  };
  return [
    // What nobody listed shows in the complaint alone.
    ...k.faults
      .filter((f) => f.id !== 'not-in-list' && !Object.keys(f.causes).some((id) => tested.has(id)))
      .map((f) => `fault ${f.id}: no test can find it`),
    ...k.tests.filter(testOfNothing).map((t) => `test ${t.id}: no fault brings anything that it finds`),
    ...k.findings.filter((f) => f.symptom && !caused.has(f.id)).map((f) => `finding ${f.id}: no fault brings this complaint`),
  ];
}
