import { routesOf } from './access';
import { gradesIn } from './lookup';
import type { Access, Fault, FindingKind, Knowledge, Procedure, Test, UsualJob, When } from './types';
import { circleIn } from './usual';

/** What the history of a job tells; conditions may name it as they name attributes. */
const history = new Set(['standingMonths', 'storage', 'fuelLeft', 'crash', 'ranWhenParked']);

/** The values that a condition names; none for bounds. */
const valuesOf = (v: When[string]): string[] => (Array.isArray(v) ? v.map(String) : typeof v === 'object' ? [] : [String(v)]);

/** What a reference may lead to, and how a problem is said. */
function ground(k: Knowledge) {
  const problems: string[] = [];
  const say = (where: string, what: string) => void problems.push(`${where}: ${what}`);
  const ids = (list: readonly { id: string }[], kind: string) => {
    const seen = new Set<string>();
    for (const { id } of list) {
      if (seen.has(id)) say(`${kind} ${id}`, 'this id is used twice');
      seen.add(id);
    }
    return seen;
  };
  const known = {
    fault: ids(k.faults, 'fault'),
    access: ids(k.access, 'access'),
    family: ids(k.families, 'family'),
    archetype: ids(k.archetypes, 'archetype'),
    hazard: ids(k.hazards, 'hazard'),
    state: ids(k.states, 'state'),
    area: ids(k.areas, 'area'),
    test: ids(k.tests, 'test'),
    finding: ids(k.findings, 'finding'),
    doing: ids(k.doings, 'doing'),
  };
  const findings = new Map(k.findings.map((f) => [f.id, f]));
  const grades = (id: string) => findings.get(id)?.grades ?? ['no', 'yes'];
  const attributes = new Set([...k.attributes.map((a) => a.id), 'cylinders']);
  const shares = (a: string, value: string) => a === 'cylinders' || (k.attributes.find((x) => x.id === a)?.share[value] ?? 0) > 0;
  const refs = (where: string, what: string, list: readonly string[] | undefined, to: ReadonlySet<string>) => {
    for (const id of list ?? []) if (!to.has(id)) say(where, `${what} '${id}' does not exist`);
  };
  return {
    k,
    problems,
    say,
    ids,
    known,
    findings,
    grades,
    /** Each of some ids must be there. */
    lead: (where: string, what: keyof typeof known, list: readonly string[] | undefined) => refs(where, what, list, known[what]),
    refs,
    /** Findings with their grades, as an outcome names them. */
    found: (where: string, find: Record<string, string>) => {
      for (const [id, grade] of Object.entries(find)) {
        if (!findings.has(id)) say(where, `finding '${id}' does not exist`);
        else for (const g of gradesIn(grade)) if (!grades(id).includes(g)) say(where, `finding '${id}' has no grade '${g}'`);
      }
    },
    isAttribute: (a: string) => attributes.has(a),
    /** An attribute and its values, as a condition names them. */
    values: (where: string, a: string, values: readonly string[]) => {
      for (const x of values) if (!shares(a, x)) say(where, `attribute '${a}' has no value '${x}'`);
    },
  };
}
type Ground = ReturnType<typeof ground>;

/** What comes off, on every bike and on the kinds that have their own; and what a kind of bike is like. */
function accessUnsound({ k, say, ids, known, lead, refs, isAttribute, values }: Ground): void {
  const own = k.archetypes.flatMap((a) => a.access);
  const places = new Set([...known.access, ...own.map((x) => x.id)]);
  const graph = (where: string, list: readonly Access[]) => {
    for (const a of list) {
      for (const route of routesOf(a)) refs(`${where}access ${a.id}`, 'access', route, places);
      for (const [low, high] of [a.off, a.on]) if (low > high) say(`${where}access ${a.id}`, 'its minutes run backwards');
    }
  };
  graph('', k.access);
  for (const a of k.archetypes) {
    const where = `archetype ${a.id}`;
    ids(a.access, `${where}: access`);
    graph(`${where}: `, a.access);
    refs(where, 'absent access', a.absent, places);
    for (const [id, value] of Object.entries(a.attributes)) {
      if (!isAttribute(id)) say(where, `attribute '${id}' does not exist`);
      else values(where, id, [String(value)]);
    }
  }
  for (const a of [...k.access, ...own]) {
    lead(`access ${a.id}`, 'doing', a.does);
    lead(`access ${a.id}`, 'fault', a.refits);
  }
}

function doingUnsound({ lead }: Ground, d: Procedure): void {
  lead(`doing ${d.id}`, 'hazard', d.hazards);
  lead(`doing ${d.id}`, 'doing', d.with);
  lead(`doing ${d.id}`, 'state', d.needs);
}

function findingUnsound({ say, lead, grades, found }: Ground, f: FindingKind): void {
  const where = `finding ${f.id}`;
  for (const by of f.stops?.liftedBy ?? []) found(where, by);
  const from = f.stops?.from;
  if (from !== undefined && !grades(f.id).includes(from)) say(where, `it has no grade '${from}' to stop from`);
  if (f.symptom) lead(where, 'family', [f.symptom.family]);
  const leak = typeof f.leak === 'number' ? f.leak : Object.values(f.leak).reduce((a, b) => a + b, 0);
  if (leak < 0.001 || leak > 0.1) say(where, `its leak ${leak} is not between 0.001 and 0.1`);
}

function faultUnsound({ say, lead, known, findings, grades, isAttribute, values }: Ground, f: Fault): void {
  const where = `fault ${f.id}`;
  lead(where, 'access', f.remedy.access);
  lead(where, 'hazard', f.remedy.hazards);
  lead(where, 'doing', f.remedy.does);
  for (const u of f.unless ?? []) lead(where, 'finding', u.not);
  lead(where, 'area', f.area);
  lead(where, 'fault', f.leads && Object.keys(f.leads));
  for (const a of [...Object.keys(f.applies ?? {}), ...(f.raised ?? []).flatMap((r) => Object.keys(r.when))])
    if (!isAttribute(a) && !history.has(a)) say(where, `attribute '${a}' does not exist`);
  for (const [a, v] of Object.entries(f.applies ?? {})) values(where, a, valuesOf(v));
  for (const [id, strength] of Object.entries(f.causes)) {
    if (!findings.has(id)) say(where, `finding '${id}' does not exist`);
    if (typeof strength === 'object') {
      for (const g of Object.keys(strength)) if (!grades(id).slice(1).includes(g)) say(where, `finding '${id}' has no grade '${g}'`);
      if (Object.values(strength).reduce((a, b) => a + b, 0) > 1) say(where, `the chances for '${id}' add up to more than 1`);
    } else if (grades(id).length > 2) say(where, `finding '${id}' has grades: give one chance a grade`);
  }
  if (f.replacedBy && !known.fault.has(f.replacedBy)) say(where, `replacedBy '${f.replacedBy}' does not exist`);
}

function testUnsound({ say, lead, findings, found, isAttribute, values }: Ground, t: Test): void {
  const where = `test ${t.id}`;
  lead(where, 'doing', t.does);
  lead(where, 'test', t.after);
  for (const [a, v] of Object.entries(t.applies ?? {})) {
    if (!isAttribute(a)) say(where, `attribute '${a}' does not exist`);
    values(where, a, valuesOf(v));
  }
  lead(where, 'hazard', t.hazards);
  lead(where, 'access', t.access);
  lead(where, 'state', t.needs);
  lead(where, 'fault', t.bypasses);
  lead(where, 'fault', t.exchanges);
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
  if ((t.kind === 'swap') !== (t.moves !== undefined)) say(where, 'a swap, and only a swap, says what moves');
}

/** A word that means two things at once is understood by neither. */
function vocabularyUnsound({ say }: ReturnType<typeof ground>, v: Knowledge['vocabulary']): void {
  const twice = (lists: readonly (readonly string[])[]) => {
    const at = new Map<string, number>();
    return lists.flatMap((words, i) => words.filter((w) => (at.get(w) ?? i) !== i || void at.set(w, i)));
  };
  for (const w of twice(v.alike)) say(`vocabulary ${w}`, 'it stands in two lines of words that mean the same');
  for (const w of twice([v.good, v.bad])) say(`vocabulary ${w}`, 'it speaks well and badly of a part');
  for (const w of twice([v.ignored, v.alike.flat()])) say(`vocabulary ${w}`, 'it is ignored and means something');
}

/** A usual job can be done from its first step to its last, and what it names is there. */
function stripUnsound({ k, say, ids, lead, refs, isAttribute, values }: Ground, job: UsualJob): void {
  const where = `strip ${job.id}`;
  const steps = ids(job.steps, `${where}: step`);
  const conditions = (at: string, when: When | undefined) => {
    for (const [a, v] of Object.entries(when ?? {})) {
      if (!isAttribute(a)) say(at, `attribute '${a}' does not exist`);
      else values(at, a, valuesOf(v));
    }
  };
  conditions(where, job.when);
  const places = new Set([...k.access, ...k.archetypes.flatMap((a) => a.access)].map((a) => a.id));
  for (const s of job.steps) {
    const at = `${where}, ${s.id}`;
    conditions(at, s.when);
    refs(at, 'step', s.after, steps);
    refs(at, 'access', s.access ? [s.access] : [], places);
    lead(at, 'doing', s.does);
    if (s.minutes[0] > s.minutes[1]) say(at, 'its minutes run backwards');
  }
  const circle = circleIn(job.steps);
  if (circle.length) say(where, `these steps wait for each other: ${circle.join(', ')}`);
}

/** Cleaners must name materials and steps that there are, and follow in the order of the steps. */
function cleaningUnsound({ k, say, ids, refs, lead }: ReturnType<typeof ground>) {
  const materials = ids(k.materials, 'material');
  const after = ids(k.afterCleaning, 'step after cleaning');
  const order = [...after];
  ids(k.cleaners, 'cleaner');
  for (const c of k.cleaners) {
    const where = `cleaner ${c.id}`;
    refs(where, 'material', Object.keys(c.on), materials);
    refs(where, 'step after cleaning', c.after, after);
    lead(where, 'doing', c.does);
    if (c.after.some((a, i) => i > 0 && order.indexOf(a) < order.indexOf(c.after[i - 1]))) say(where, 'what follows is not in order');
  }
}

/** Ends of wires must belong to a class with a name; harm is told of classes. */
function wiresUnsound({ k, say, ids, refs }: ReturnType<typeof ground>) {
  ids(k.wireEnds, 'wire end');
  ids(k.joints, 'joint');
  const classes = new Set(k.wireEnds.filter((e) => !e.is).map((e) => e.id));
  for (const e of k.wireEnds) {
    if (!e.is && !e.name) say(`wire end ${e.id}`, 'a class has a name');
    refs(`wire end ${e.id}`, 'class', [...(e.is ? [e.is] : []), ...Object.keys(e.harm ?? {})], classes);
  }
}

/** Worn parts must speak of faults that there are, in words of wear that there are; no two parts are called the same. */
function wearUnsound({ k, say, ids, refs, lead }: ReturnType<typeof ground>) {
  const wears = ids(k.wears, 'word of wear');
  ids(k.wornParts, 'worn part');
  ids(k.past, 'sign of the past');
  const called = new Map<string, string>();
  for (const p of k.wornParts) {
    const where = `worn part ${p.id}`;
    refs(where, 'word of wear', [...Object.keys(p.wears), ...Object.keys(p.verdicts ?? {})], wears);
    for (const faults of Object.values(p.wears)) lead(where, 'fault', faults);
    for (const name of p.renews ?? [])
      if (!k.consumables.some((c) => c.words.some((w) => name.toLowerCase().includes(w)))) say(where, `'${name}' is no kind of consumable`);
    for (const w of p.words) {
      if (called.has(w)) say(where, `${called.get(w)} is called '${w}' as well`);
      called.set(w, p.id);
    }
  }
}

/** Side effects must set what a bike may be, raise faults that there are, and be warned of by doings that there are. */
function effectsUnsound({ k, say, ids, lead }: ReturnType<typeof ground>) {
  ids(k.effects, 'side effect');
  for (const e of k.effects) {
    const where = `side effect ${e.id}`;
    lead(where, 'fault', Object.keys(e.raises ?? {}));
    lead(where, 'doing', e.does);
    for (const [attribute, value] of Object.entries(e.sets ?? {}))
      if (!(value in (k.attributes.find((a) => a.id === attribute)?.share ?? {}))) say(where, `no bike has ${attribute} '${value}'`);
  }
}

/**
 * What is wrong with some entries of a body of knowledge, in a fraction of the time that all of it takes.
 * @param k all that is known, the entries among it
 * @param entries those that are looked at
 * @returns sentences, each naming its place; ids used twice are told of whatever has them
 */
export function unsoundEntries(k: Knowledge, { faults, findings, tests }: Pick<Knowledge, 'faults' | 'findings' | 'tests'>): string[] {
  const all = ground(k);
  for (const f of findings) findingUnsound(all, f);
  for (const f of faults) faultUnsound(all, f);
  for (const t of tests) testUnsound(all, t);
  return all.problems;
}

/**
 * References that lead nowhere, ids used twice, strengths and leaks out of range: it cannot be used.
 * @param k what is known
 * @returns sentences, each naming its place; empty where all is sound
 */
export function unsound(k: Knowledge): string[] {
  const all = ground(k);
  accessUnsound(all);
  for (const d of k.doings) doingUnsound(all, d);
  for (const f of k.findings) findingUnsound(all, f);
  for (const f of k.faults) faultUnsound(all, f);
  for (const t of k.tests) testUnsound(all, t);
  vocabularyUnsound(all, k.vocabulary);
  all.ids(k.strips, 'strip');
  for (const j of k.strips) stripUnsound(all, j);
  const ways = all.ids(k.fastenerWays, 'way');
  for (const w of k.fastenerWays) {
    all.refs(`way ${w.id}`, 'way', w.after, ways);
    all.lead(`way ${w.id}`, 'doing', w.does);
  }
  const circle = circleIn(k.fastenerWays);
  if (circle.length) all.say('fastener ways', `these wait for each other: ${circle.join(', ')}`);
  wiresUnsound(all);
  cleaningUnsound(all);
  wearUnsound(all);
  effectsUnsound(all);
  all.ids(k.consumables, 'consumable');
  all.ids(k.fluids, 'fluid');
  for (const f of k.fluids) {
    all.lead(`fluid ${f.id}`, 'doing', f.does);
    all.lead(`fluid ${f.id}`, 'finding', f.spoiledBy);
    const quantities = new Set(k.quantities.map((q) => q.id));
    if (f.capacity && !quantities.has(f.capacity)) all.say(`fluid ${f.id}`, `quantity '${f.capacity}' does not exist`);
  }
  for (const g of k.groups) {
    if (g.modes.length > 63) all.say(`group ${g.id}`, 'it has more than 64 states');
    for (const m of g.modes) all.lead(`group ${g.id}`, 'fault', m.faults);
  }
  return all.problems;
}
