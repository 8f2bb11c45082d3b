import {
  type FindingKind,
  type Knowledge,
  type Test,
  cylindersOf,
  factsOf,
  faultById,
  findingById,
  foundBy,
  gradesIn,
  testById,
  comesAndGoes,
  couldNot,
} from '../../knowledge';
import { corrected, forBike } from '../../measure';
import { groupBy, type Conditions, type Evidence } from '../../state';
import { Epochs, repairOf, repairsUpTo } from '../../repairs';
import type { Case } from './case';
import { instanceId, type Instance } from './instance';
import { keyOf } from './faultsHere';
import { outcomeWeights, worstOutcome } from './outcome';
import { positionsOf } from './places';
import { gradesOf } from './strength';

/** What one entry says of one finding. */
export interface Claim {
  instance: Instance;
  weights: number[];
  /** Test or symptom it comes from; claims of one source on one instance are repeats. */
  source: string;
  repeat: 'worst' | 'mean';
  /** Id of the evidence, complaint, retest or finding row. */
  rowId: string;
  /** How many repairs had been made: of one source the newest counts. */
  made: number;
}

/** The battery helped or not and the temperature decide whether two results were taken alike; tries do not. */
const alike = ({ temperature, battery }: Conditions): Conditions => ({ ...(temperature && { temperature }), ...(battery && { battery }) });

function oneHot(kind: FindingKind, grade: string): number[] {
  const left = gradesIn(grade);
  return gradesOf(kind).map((g) => (left.includes(g) ? 1 : 0));
}

/** Each finding that was there doubles the table of the sweep; beyond this many, old times are forgotten. */
const mostThere = 6;

const there = (c: Claim) => c.weights[0] === 0;

/** What the evidence says, thinned where it repeats itself. */
export interface Said {
  claims: readonly Claim[];
  /** Repairs just before which something was left out. That one of these made a fault is not reckoned with. */
  unwatched: ReadonlySet<string>;
}

/** The repairs that were made between two times. */
const between = (before: ReadonlySet<string>, after: ReadonlySet<string>): string[] => [...after].filter((id) => !before.has(id));

/**
 * A finding that was there through a row of repairs says little more than that it was there at first and at last: what
 * brought it in the end brought it all along. Where there are too many, those in between are left out one by one, or every
 * failed repair would double the table. Kept longest are the last few, and the time before a repair after which something
 * else spoke for the mended fault. Without the time before it, a fault that a repair made would explain the complaint of
 * all the times before as well; such a repair is named in `unwatched`.
 */
function withoutBetween(k: Knowledge, c: Case, claims: readonly Claim[]): Said {
  const count = (kept: readonly Claim[]) => new Set(kept.filter(there).map((x) => instanceId(x.instance))).size;
  if (count(claims) <= mostThere) return { claims, unwatched: new Set() };
  const same = ({ instance: { kind, position, conditions, bypasses } }: Claim) =>
    [kind, position, conditions.temperature, conditions.battery, bypasses.join()].join('|');
  const spokenFor = (faultId: string, own: string, since: ReadonlySet<string>) =>
    claims.some(
      (x) =>
        there(x) &&
        x.instance.kind !== own &&
        [...since].every((id) => x.instance.repairs.has(id)) &&
        (x.instance.kind.startsWith(`seen:${faultId}`) || x.instance.kind in (faultById(k, faultId)?.causes ?? {})),
    );
  const spare: { time: Claim[]; before: string[]; worth: number }[] = [];
  for (const all of groupBy(claims, same).values()) {
    const times = [...groupBy(all, (x) => x.instance.repairs.size).entries()].sort(([a], [b]) => a - b).map(([, x]) => x);
    times.forEach((time, i) => {
      const inside = i > 0 && i < times.length - 1 && times.slice(i - 1, i + 2).every((t) => t.every(there));
      if (!inside) return;
      const [now, then] = [time[0].instance, times[i + 1][0].instance];
      const before = between(now.repairs, then.repairs);
      const mended = before.flatMap((id) => repairOf(c.repairs, id)?.faultId ?? []);
      const guards = mended.some((f) => spokenFor(f, now.kind, then.repairs));
      spare.push({ time, before, worth: (guards ? 1000 : 0) - (times.length - i) });
    });
  }
  spare.sort((a, b) => a.worth - b.worth);
  const dropped = new Set<Claim>();
  const watched = new Map<string, number>();
  for (const id of spare.flatMap((s) => s.before)) watched.set(id, (watched.get(id) ?? 0) + 1);
  let kept = claims;
  for (const { time, before } of spare) {
    for (const x of time) dropped.add(x);
    for (const id of before) watched.set(id, watched.get(id)! - 1);
    kept = claims.filter((x) => !dropped.has(x));
    if (count(kept) <= mostThere) break;
  }
  return { claims: kept, unwatched: new Set([...watched].flatMap(([id, n]) => (n === 0 ? [id] : []))) };
}

/** Turns every row that says something of the bike's state into claims on findings. */
export function evidenceClaims(k: Knowledge, c: Case, leaveOut: ReadonlySet<string>, epochs = new Epochs(k, c.repairs)): Said {
  const claims: Claim[] = [];
  const kindOf = (id: string) => findingById(k, id);
  const at = (repairId: string | null) => ({ repairs: repairsUpTo(c.repairs, repairId), epoch: repairId ?? '' });

  // Symptoms, as the owner tells them; picked or denied. Those nobody asked for say nothing.
  const symptom = (id: string, present: boolean, rowId: string, repairId: string | null, conditions: Conditions) => {
    const kind = kindOf(id);
    if (!kind) return;
    const instance = { kind: id, position: null, ...at(repairId), conditions, bypasses: [] };
    claims.push({
      instance,
      weights: present ? [0, 1] : [1, 0],
      source: `symptom:${id}`,
      repeat: 'worst',
      rowId,
      made: instance.repairs.size,
    });
  };
  const varying = (id: string, rowId: string, repairId: string | null) => {
    const instance = { kind: `varies:${id}`, position: null, ...at(repairId), conditions: {}, bypasses: [] };
    claims.push({ instance, weights: [0, 1], source: `symptom:${id}`, repeat: 'worst', rowId, made: instance.repairs.size });
  };
  for (const p of c.complaints) {
    if (leaveOut.has(p.id)) continue;
    for (const [id, answer] of Object.entries(p.symptoms)) symptom(id, answer === 'present', p.id, p.afterRepairId, {});
  }
  for (const r of c.retests) {
    if (leaveOut.has(r.id)) continue;
    const complaint = c.complaints.find((p) => p.id === r.complaintId);
    const now = c.complaints.find((p) => p.id === r.newComplaintId)?.symptoms ?? {};
    for (const [id, answer] of Object.entries(complaint?.symptoms ?? {})) {
      if (answer !== 'present') continue;
      if (r.result === 'same' || r.result === 'back') symptom(id, true, r.id, r.repairId, alike(r.conditions));
      // Quiet for a while and back: what brings it comes and goes.
      if (r.result === 'back') varying(id, r.id, r.repairId);
      else if (r.result !== 'same' && now[id] !== 'present') symptom(id, false, r.id, r.repairId, alike(r.conditions));
    }
  }

  for (const e of c.evidence) {
    if (e.withdrawn || leaveOut.has(e.id)) continue;
    const test = testById(k, e.testId);
    if (test) claims.push(...testClaims(k, c, test, e, epochs));
  }

  // A part that was looked at: the verdict speaks of that fault itself.
  for (const f of c.findings) {
    if (!f.faultId || leaveOut.has(f.id)) continue;
    const bad = ['replace', 'repair', 'clean'].includes(f.verdict);
    const weights = bad ? [0, 1] : f.verdict === 'fit for use' ? [1, 0] : [0.6, 0.4];
    const instance = { kind: `seen:${keyOf(f.faultId, f.position)}`, position: null, ...at(f.afterRepairId), conditions: {}, bypasses: [] };
    claims.push({ instance, weights, source: 'verdict', repeat: 'worst', rowId: f.id, made: instance.repairs.size });
  }
  return withoutBetween(k, c, claims);
}

function testClaims(k: Knowledge, c: Case, test: Test, e: Evidence, epochs: Epochs): Claim[] {
  const repeat = test.repeat ?? 'worst';
  const base = { position: e.position, bypasses: test.bypasses ?? [] };
  const made = repairsUpTo(c.repairs, e.afterRepairId).size;
  const claim = (id: string, weights: number[], conditions: Conditions): Claim => {
    const kind = findingById(k, id);
    const position = kind?.per === 'cylinder' ? base.position : null;
    const instance = { ...base, ...epochs.of(id, e.afterRepairId), kind: id, position, conditions };
    return { instance, weights, source: test.id, repeat, rowId: e.id, made };
  };
  const kindOf = (id: string) => findingById(k, id)!;
  const tries = e.conditions.tries && e.conditions.tries > 1 ? { tries: e.conditions.tries } : {};
  const conditions = { ...alike(e.conditions), ...tries };
  const hard = (find: Record<string, string>) =>
    Object.entries(find).map(([id, grade]) => claim(id, oneHot(kindOf(id), grade), conditions));

  if (e.outcome === comesAndGoes) {
    const find = Object.entries(worstOutcome(test).find).filter(([id, grade]) => grade !== gradesOf(kindOf(id))[0]);
    return find.flatMap(([id, grade]) => [
      claim(id, oneHot(kindOf(id), grade), conditions),
      {
        ...claim(id, [0, 1], conditions),
        instance: {
          ...base,
          ...epochs.of(id, e.afterRepairId),
          kind: `varies:${id}`,
          position: kindOf(id).per === 'cylinder' ? base.position : null,
          conditions,
        },
      },
    ]);
  }
  if (e.outcome.startsWith(couldNot)) {
    const why = test.couldNot?.find((x) => `${couldNot}:${x.id}` === e.outcome);
    return why ? hard(why.find) : [];
  }
  const reading = e.readingId ? c.readings.find((r) => r.id === e.readingId) : undefined;
  if (test.measure && reading) {
    const own = c.specs.find((s) => s.quantity === test.measure!.quantity) ?? null;
    const weights = outcomeWeights(
      forBike(test.measure, factsOf(c.bike, c.job, k)),
      corrected(reading.quantity, reading.value, reading.conditions),
      own,
    );
    if (weights.size === 0) return [];
    const ids = foundBy(test);
    return ids.map((id) => {
      const kind = kindOf(id);
      const levels = gradesOf(kind).map((grade) =>
        test.outcomes.reduce(
          (s, o) => s + (o.find[id] === undefined || gradesIn(o.find[id]).includes(grade) ? (weights.get(o.id) ?? 0) : 0),
          0,
        ),
      );
      return claim(id, levels, conditions);
    });
  }
  const outcome = test.outcomes.find((o) => o.id === e.outcome);
  if (!outcome) return [];
  // A cure is the retest: with what was exchanged out of it, what it cures was seen to be well at every place.
  const cured = Object.entries(outcome.cures ?? {}).flatMap(([id, grade]) => {
    const kind = kindOf(id);
    const at = kind.per === 'cylinder' ? (test.per === 'cylinder' ? [e.position] : positionsOf(cylindersOf(c.bike, k))) : [null];
    return at.map((position): Claim => {
      const instance = { ...epochs.of(id, e.afterRepairId), kind: id, position, conditions, bypasses: test.exchanges ?? [] };
      return { instance, weights: oneHot(kind, grade), source: `${test.id}:cures`, repeat, rowId: e.id, made };
    });
  });
  return [...hard(outcome.find), ...cured];
}
