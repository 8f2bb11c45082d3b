import { type Facts, type FindingKind, type Knowledge, accessOf, faultById, findingById, testById } from '../../knowledge';
import { cylindersOf, effectsOn, factsOf } from '../../knowledge';
import { groupBy, type Repair } from '../../state';
import type { NetworkFinding, NetworkLink, Network, Observation } from '../network';
import { Epochs, repairsInOrder, repairsUpTo } from '../../repairs';
import type { Case } from './case';
import { evidenceClaims, type Claim } from './claims';
import { instanceId, type Instance } from './instance';
import { keyOf } from './faultsHere';
import { groupsOf, suspectsOf, type Mode, type Suspect, type TracedGroup } from './groups';
import { positionsOf } from './places';
import { levelsOf, linkLevels, showing, strongest } from './strength';

/** A bike as the tracer sees it. */
export interface Model {
  knowledge: Knowledge;
  facts: Facts;
  case: Case;
  positions: string[];
  suspects: Suspect[];
  groups: TracedGroup[];
  network: Network;
  observations: Observation[];
  /** Index into network.findings by instance id, for those observed. */
  observed: Map<string, Observation>;
  /** Which rows of evidence each observation came from. */
  claims: readonly Claim[];
  /** Suspects by key, and the groups that can bring each finding. */
  byKey: ReadonlyMap<string, Suspect>;
  groupsCausing: ReadonlyMap<string, number[]>;
  /** Repairs made so far: what new evidence comes after. */
  now: { repairs: ReadonlySet<string>; epoch: string };
  epochs: Epochs;
}

/** Suspects that a repair which names no listed fault is booked on. */
const notListed = 'not-in-list';

/**
 * Puts knowledge, bike, history and evidence together. `leaveOut` names evidence rows to disregard.
 * @param knowledge what ships and the workshop's own knowledge
 * @param traced the case
 * @param leaveOut ids of evidence rows to disregard
 * @returns the model that everything else reads
 */
export function buildModel(knowledge: Knowledge, traced: Case, leaveOut: ReadonlySet<string> = new Set()): Model {
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const positions = positionsOf(cylindersOf(traced.bike, knowledge));
  const suspects = suspectsOf(
    knowledge,
    facts,
    positions,
    traced.job.lastTouched ?? [],
    traced.experience,
    knownFaults(knowledge, traced),
    effectsOn(knowledge, traced.substitutes ?? []),
  );
  const ordered = repairsInOrder(traced.repairs);
  const epochs = new Epochs(knowledge, traced.repairs);
  const { claims, unwatched } = evidenceClaims(knowledge, traced, leaveOut, epochs);
  const repaired = ordered.flatMap((r) => {
    const mayMake = !unwatched.has(r.id) && !inVain(traced, r);
    const own = r.faultId ? keyOf(r.faultId, r.position) : notListed;
    // What was put back with it is mended as well: a rub that is the same afterwards points behind it.
    const back = refittedBy(knowledge, traced.bike.archetype, r.faultId).filter((key) => key !== own);
    return [own, ...back].map((key) => ({ id: r.id, key, mayMake, refit: key !== own }));
  });
  const retried = retriedSymptoms(knowledge, traced);
  const groups = groupsOf(knowledge, suspects, repaired, retried, positions.length);
  const byKey = new Map(suspects.map((s) => [s.key, s]));
  const groupsCausing = new Map<string, number[]>();
  groups.forEach((g, i) => {
    const caused = new Set(g.suspects.flatMap((key) => Object.keys(byKey.get(key)!.fault.causes)));
    for (const f of caused) groupsCausing.set(f, [...(groupsCausing.get(f) ?? []), i]);
  });
  const last = ordered.at(-1)?.id ?? null;
  const now = { repairs: repairsUpTo(traced.repairs, last), epoch: last ?? '' };
  const model: Model = {
    knowledge,
    facts,
    case: traced,
    positions,
    suspects,
    groups,
    network: { groups, findings: [] },
    observations: [],
    observed: new Map(),
    claims,
    byKey,
    groupsCausing,
    now,
    epochs,
  };

  const findings: NetworkFinding[] = [];
  // Canonical order, so that results do not depend on the order of entry to the last bit.
  const byInstance = [...groupBy(claims, (c) => instanceId(c.instance))].sort(([x], [y]) => (x < y ? -1 : 1));
  for (const [id, group] of byInstance) {
    const weights = combine(group);
    findings.push(findingOf(model, group[0].instance));
    const observation = { finding: findings.length - 1, weights };
    model.observations.push(observation);
    model.observed.set(id, observation);
  }
  model.network = { groups, findings };
  return model;
}

/**
 * Whether the complaint was the same every time it was tried after a repair. What was there before and after was not made in between:
 * or the cheapest repair would be advised over and over, since each time it may have made what the next one mends.
 */
function inVain(c: Case, r: Repair): boolean {
  const tried = c.retests.filter((t) => t.repairId === r.id);
  return tried.length > 0 && tried.every((t) => t.result === 'same');
}

/** A fault alone brings such a finding at least as often as not. */
const shows = 0.5;

/**
 * Faults that are on record as having been there: repaired, condemned in the strip, or named as a cause. A repair after which the
 * complaint was the same every time it was tried says nothing of the sort, unless something was found before that the fault shows by.
 */
function knownFaults(k: Knowledge, c: Case): ReadonlySet<string> {
  const found = ({ faultId, madeAt }: Repair) => {
    const { causes = {} } = (faultId && faultById(k, faultId)) || {};
    return c.evidence.some(({ testId, outcome, takenAt, withdrawn }) => {
      const find = withdrawn || takenAt > madeAt ? undefined : testById(k, testId)?.outcomes.find((o) => o.id === outcome)?.find;
      return Object.entries(find ?? {}).some(([id, grade]) => {
        const link = causes[id];
        return grade !== 'no' && link !== undefined && (typeof link === 'number' ? link : (link[grade] ?? 0)) >= shows;
      });
    });
  };
  const vain = (r: Repair) => inVain(c, r) && !found(r);
  return new Set(
    [
      ...c.repairs.filter((r) => !vain(r)).map((r) => r.faultId),
      ...c.causes.map((x) => x.faultId),
      ...c.findings.filter((f) => ['replace', 'repair'].includes(f.verdict)).map((f) => f.faultId),
    ].filter((id): id is string => id !== null),
  );
}

/** Faults, not placed at a cylinder, that a repair mends by putting back what stood in its way. */
function refittedBy(k: Knowledge, archetype: string | null, faultId: string | null): string[] {
  const wanted = faultId ? faultById(k, faultId)?.remedy.access : undefined;
  if (!wanted?.length) return [];
  const steps = accessOf(k, archetype).filter((a) => wanted.includes(a.id));
  return [...new Set(steps.flatMap((a) => a.refits ?? []))].filter((id) => !faultById(k, id)?.per);
}

/** Symptoms of complaints that were tried again after a repair. */
function retriedSymptoms(k: Knowledge, c: Case): FindingKind[] {
  const ids = new Set(
    c.retests.flatMap((r) => {
      const symptoms = c.complaints.find((p) => p.id === r.complaintId)?.symptoms ?? {};
      return Object.keys(symptoms).filter((id) => symptoms[id] === 'present');
    }),
  );
  return k.findings.filter((f) => ids.has(f.id));
}

/** Repeats of one test under the same circumstances are one finding, not several votes. */
function combine(claims: Claim[]): number[] {
  const level = (w: readonly number[]) => w.reduce((s, x, l) => s + x * l, 0) / w.reduce((a, b) => a + b, 0);
  const ordered = [...claims].sort((a, b) => (a.source + a.rowId < b.source + b.rowId ? -1 : 1));
  const perTest = [...groupBy(ordered, (c) => c.source).values()].map((all) => {
    const newest = Math.max(...all.map((c) => c.made));
    const same = all.filter((c) => c.made === newest);
    if (same[0].repeat === 'mean') return same[0].weights.map((_w, l) => same.reduce((s, c) => s + c.weights[l], 0) / same.length);
    return same.reduce((worst, c) => (level(c.weights) > level(worst.weights) ? c : worst)).weights;
  });
  const product = perTest.reduce((a, b) => a.map((x, l) => x * b[l]));
  // Two ways of looking that contradict each other leave it open, a little in favour of neither.
  return product.every((x) => x === 0) ? product.map(() => 1) : [...product];
}

/** The finding of an instance with its leak and every link to this bike's groups. */
export function findingOf(model: Model, instance: Instance): NetworkFinding {
  const id = instanceId(instance);
  const [prefix, rest] = instance.kind.includes(':') ? (instance.kind.split(/:(.*)/) as [string, string]) : ['', instance.kind];
  const kind = prefix === 'seen' ? null : findingKind(model.knowledge, rest);
  const byMode = (mode: Mode, brings: boolean | undefined): number[] | null => {
    const all = mode.members.flatMap((key) => {
      const s = model.byKey.get(key);
      if (!s) return [];
      if (prefix === 'seen') return key === rest ? [[0.05, 0.95]] : [];
      return linkOf(model, s, kind!, instance, mode.flavour, prefix === 'varies', brings) ?? [];
    });
    return all.length ? all.reduce(maxOf) : null;
  };
  const links: NetworkLink[] = [];
  const touched =
    prefix === 'seen' ? model.groups.flatMap((g, i) => (g.suspects.includes(rest) ? [i] : [])) : (model.groupsCausing.get(rest) ?? []);
  touched.forEach((group) => {
    const g = model.groups[group];
    const k = g.repairIds.filter((r) => instance.repairs.has(r)).length;
    g.paths.forEach((path, state) => {
      const levels = path[k].members.length ? byMode(path[k], prefix ? undefined : g.brings[state][rest]) : null;
      if (levels) links.push({ group, state, levels });
    });
  });
  return { id, leak: prefix ? [0.98, 0.02] : levelsOf(kind!, kind!.leak), links };
}

function linkOf(
  model: Model,
  s: Suspect,
  kind: FindingKind,
  instance: Instance,
  flavour: Mode['flavour'],
  varies: boolean,
  brings: boolean | undefined,
): number[][] | null {
  const factor = showing(s.fault, flavour, instance.conditions, instance.bypasses);
  const levels = linkLevels(s.fault, s.position, kind, instance.position, model.positions.length, varies ? 1 : factor);
  if (!levels || factor === 0 || brings === false) return null;
  // It is known to bring this symptom here: only circumstances and its duty still matter.
  if (brings) return [[1 - strongest * factor, strongest * factor]];
  if (!varies) return [levels];
  // Coming and going speaks for a fault that comes and goes; a steady one only seems to, now and then.
  const p = (1 - levels[0]) * (flavour === 'intermittent' ? 0.8 : 0.08);
  return [[1 - p, p]];
}

/** Distribution of the greater of two independent levels. */
function maxOf(a: number[], b: number[]): number[] {
  let ca = 0;
  let cb = 0;
  let before = 0;
  return a.map((_x, l) => {
    ca += a[l];
    cb += b[l];
    const here = ca * cb - before;
    before = ca * cb;
    return here;
  });
}

export function findingKind(k: Knowledge, id: string): FindingKind {
  const kind = findingById(k, id);
  if (!kind) throw new Error(`finding '${id}' is not in the knowledge`);
  return kind;
}
