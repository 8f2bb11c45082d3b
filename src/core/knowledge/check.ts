import { routesOf } from './access';
import { actOf, doneWith } from './doings';
import { unlikely } from './likely';
import { gradesIn } from './lookup';
import { unsettledIn } from './coverage';
import type { Access, Knowledge, When } from './types';

/** What the history of a job tells; conditions may name it as they name attributes. */
const history = new Set(['standingMonths', 'storage', 'fuelLeft', 'crash', 'ranWhenParked']);

/** The values that a condition names; none for bounds. */
const valuesOf = (v: When[string]): string[] => (Array.isArray(v) ? v.map(String) : typeof v === 'object' ? [] : [String(v)]);

/** What a schema cannot see: everything that is unsound or of no use. What ships has none of either. */
export const checkKnowledge = (k: Knowledge, ofShop: ReadonlySet<string> = new Set()): string[] => [
  ...unsound(k),
  ...idle(k),
  ...incautious(k, ofShop),
  ...unsettledIn({ ...k, faults: k.faults.filter((f) => !ofShop.has(f.id)) }),
  ...unlikely({ ...k, faults: k.faults.filter((f) => !ofShop.has(f.id)), tests: k.tests.filter((t) => !ofShop.has(t.id)) }),
];

/**
 * What is done and not declared, and what has no caution: every test and remedy whose words tell of a doing must declare or deny
 * it; one that does something with the engine, or any remedy, has at least one caution. What a shop wrote for itself is its own.
 */
export function incautious(k: Knowledge, ofShop: ReadonlySet<string> = new Set()): string[] {
  const problems: string[] = [];
  const told = k.doings.flatMap((d) => (d.told ? [{ id: d.id, words: new RegExp(d.told, 'i') }] : []));
  const look = (where: string, words: string, own: { does?: string[]; doesNot?: string[]; hazards?: string[] }, access: string[] = []) => {
    const opened = k.access.filter((a) => access.includes(a.id)).flatMap((a) => a.does ?? []);
    const done = new Set([...doneWith([...(own.does ?? []), ...opened], k.doings).map((d) => d.id), ...(own.doesNot ?? [])]);
    for (const d of told) {
      // A mistake of whoever wrote the entry, told to them: nothing else comes of it.
      // eslint-disable-next-line no-restricted-syntax
      const hit = d.words.exec(words);
      if (hit && !done.has(d.id)) problems.push(`${where}: '${hit[0]}' tells of '${d.id}', which it neither does nor denies`);
    }
    if (done.has('harmless') && [...done].some((id) => id !== 'harmless' && !own.doesNot?.includes(id) && !opened.includes(id)))
      problems.push(`${where}: it is not harmless, going by the rest of what it does`);
  };
  for (const t of k.tests) {
    if (t.retired || ofShop.has(t.id)) continue;
    look(`test ${t.id}`, `${t.name}. ${t.how}`, t, t.access);
    if (actOf(t.does, k.doings) && !t.hazards?.length) problems.push(`test ${t.id}: it does something with the engine and has no caution`);
  }
  for (const f of k.faults) {
    if (f.retired || ofShop.has(f.id)) continue;
    const { remedy } = f;
    look(`fault ${f.id}`, `${remedy.do} ${(remedy.others ?? []).map((o) => o.do).join(' ')}`, remedy, remedy.access);
    if (!remedy.hazards?.length && !remedy.does?.includes('harmless'))
      problems.push(`fault ${f.id}: its remedy has no caution, and does not declare itself harmless`);
  }
  return problems;
}

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
  const shares = (a: string, value: string) => a === 'cylinders' || (k.attributes.find((x) => x.id === a)?.share[value] ?? 0) > 0;
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
      else for (const g of gradesIn(grade)) if (!grades(id).includes(g)) say(where, `finding '${id}' has no grade '${g}'`);
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
    for (const [id, value] of Object.entries(a.attributes)) {
      if (!attributes.has(id)) say(`archetype ${a.id}`, `attribute '${id}' does not exist`);
      else if (!shares(id, String(value))) say(`archetype ${a.id}`, `attribute '${id}' has no value '${value}'`);
    }
  }
  const doings = ids(k.doings, 'doing');
  for (const d of k.doings) {
    refs(`doing ${d.id}`, 'hazard', d.hazards, hazards);
    refs(`doing ${d.id}`, 'doing', d.with, doings);
    refs(`doing ${d.id}`, 'state', d.needs, states);
  }
  for (const a of [...k.access, ...k.archetypes.flatMap((x) => x.access)]) {
    refs(`access ${a.id}`, 'doing', a.does, doings);
    refs(`access ${a.id}`, 'fault', a.refits, faults);
  }
  for (const f of k.findings) {
    for (const by of f.stops?.liftedBy ?? []) found(`finding ${f.id}`, by);
    const from = f.stops?.from;
    if (from !== undefined && !grades(f.id).includes(from)) say(`finding ${f.id}`, `it has no grade '${from}' to stop from`);
    if (f.symptom) refs(`finding ${f.id}`, 'family', [f.symptom.family], families);
    const leak = typeof f.leak === 'number' ? f.leak : Object.values(f.leak).reduce((a, b) => a + b, 0);
    if (leak < 0.001 || leak > 0.1) say(`finding ${f.id}`, `its leak ${leak} is not between 0.001 and 0.1`);
  }
  for (const f of k.faults) {
    const where = `fault ${f.id}`;
    refs(where, 'access', f.remedy.access, access);
    refs(where, 'hazard', f.remedy.hazards, hazards);
    refs(where, 'doing', f.remedy.does, doings);
    for (const u of f.unless ?? []) for (const id of u.not) if (!findings.has(id)) say(where, `finding '${id}' does not exist`);
    refs(where, 'area', f.area, areas);
    refs(where, 'fault', f.leads && Object.keys(f.leads), faults);
    for (const a of [...Object.keys(f.applies ?? {}), ...(f.raised ?? []).flatMap((r) => Object.keys(r.when))])
      if (!attributes.has(a) && !history.has(a)) say(where, `attribute '${a}' does not exist`);
    for (const [a, v] of Object.entries(f.applies ?? {}))
      for (const x of valuesOf(v)) if (!shares(a, x)) say(where, `attribute '${a}' has no value '${x}'`);
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
    refs(where, 'doing', t.does, doings);
    refs(where, 'test', t.after, new Set(k.tests.map((x) => x.id)));
    for (const [a, v] of Object.entries(t.applies ?? {})) {
      if (!attributes.has(a)) say(where, `attribute '${a}' does not exist`);
      for (const x of valuesOf(v)) if (!shares(a, x)) say(where, `attribute '${a}' has no value '${x}'`);
    }
    refs(where, 'hazard', t.hazards, hazards);
    refs(where, 'access', t.access, access);
    refs(where, 'state', t.needs, states);
    refs(where, 'fault', t.bypasses, faults);
    refs(where, 'fault', t.exchanges, faults);
    for (const o of t.outcomes) {
      found(where, o.cures ?? {});
      if (o.cures && !t.exchanges) say(where, 'an outcome cures, but nothing is said to be exchanged');
    }
    for (const o of [...t.outcomes, ...(t.couldNot ?? [])]) found(where, o.find);
    const shown = t.outcomes.map((o) => o.id);
    for (const b of t.measure?.bands ?? []) if (!shown.includes(b.outcome)) say(where, `band outcome '${b.outcome}' does not exist`);
    const kinds = t.outcomes.map((o) => Object.keys(o.find).sort().join());
    if (t.per !== 'cylinder' && t.outcomes.some((o) => Object.keys(o.find).some((id) => findings.get(id)?.per === 'cylinder')))
      say(where, 'it speaks of a cylinder but is not per cylinder');
    if (new Set(kinds).size === 1 && new Set(t.outcomes.map((o) => JSON.stringify(o.find))).size < t.outcomes.length)
      say(where, 'two outcomes say the same');
  }
  for (const t of k.tests)
    if ((t.kind === 'swap') !== (t.moves !== undefined)) say(`test ${t.id}`, 'a swap, and only a swap, says what moves');
  for (const g of k.groups) if (g.modes.length > 63) say(`group ${g.id}`, 'it has more than 64 states');
  for (const g of k.groups) for (const m of g.modes) refs(`group ${g.id}`, 'fault', m.faults, faults);
  return problems;
}

/** Entries that nothing leads to: sound, and of no use yet. */
export function idle(k: Knowledge): string[] {
  const tested = new Set(k.tests.flatMap((t) => t.outcomes.flatMap((o) => Object.keys(o.find))));
  const caused = new Set(k.faults.flatMap((f) => Object.keys(f.causes)));
  const findings = new Map(k.findings.map((f) => [f.id, f]));
  const testOfNothing = ({ kind, outcomes }: Knowledge['tests'][number]) => {
    if (kind === 'ask') return false;
    const ids = outcomes.flatMap((o) => Object.keys(o.find));
    // What only stops something needs no fault behind it.
    return ids.length > 0 && !ids.some((id) => caused.has(id) || findings.get(id)?.stops);
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
