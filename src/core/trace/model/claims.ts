import { factsOf, type FindingKind, type Knowledge, type Test } from '../../knowledge';
import { forBike } from '../../measure';
import { groupBy, type Conditions, type Evidence } from '../../record';
import { repairsUpTo, type Case } from './case';
import { Epochs } from './epochs';
import { instanceId, type Instance } from './instance';
import { keyOf } from './groups';
import { comesAndGoes, couldNot, outcomeWeights, worstOutcome } from './outcome';
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
  return gradesOf(kind).map((g) => (g === grade ? 1 : 0));
}

/** Each finding that was there doubles the table of the sweep; beyond this many, old times are forgotten. */
const mostThere = 9;

const there = (c: Claim) => c.weights[0] === 0;

/**
 * A finding that was there through many repairs says little more than that it was there at first and these last times:
 * what brings it now brought it all along. Those in between are left out, or every failed repair would double the table.
 * The last few stay where there is room, so that a fault made by the last repair cannot explain the times before it.
 */
function withoutBetween(claims: readonly Claim[]): Claim[] {
  const same = (c: Claim) => {
    const { kind, position, conditions, bypasses } = c.instance;
    return [kind, position, conditions.temperature, conditions.battery, bypasses.join()].join('|');
  };
  const byFinding = [...groupBy(claims, same).values()].map((all) =>
    [...groupBy(all, (c) => c.instance.repairs.size).entries()].sort(([a], [b]) => a - b).map(([, x]) => x),
  );
  let kept = [...claims];
  for (const [first, last] of [
    [1, 3],
    [1, 1],
    [0, 1],
  ]) {
    const dropped = new Set<Claim>();
    for (const times of byFinding)
      times.forEach((time, i) => {
        const stays = times.slice(Math.max(0, i - 1)).every((t) => t.every(there));
        if (i >= first && i < times.length - last && stays) time.forEach((c) => dropped.add(c));
      });
    kept = claims.filter((c) => !dropped.has(c));
    if (new Set(kept.filter(there).map((c) => instanceId(c.instance))).size <= mostThere) break;
  }
  return kept;
}

/** Turns every row that says something of the bike's state into claims on findings. */
export function evidenceClaims(k: Knowledge, c: Case, leaveOut: ReadonlySet<string>, epochs = new Epochs(k, c.repairs)): Claim[] {
  const claims: Claim[] = [];
  const kindOf = (id: string) => k.findings.find((f) => f.id === id);
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
      if (r.result === 'same') symptom(id, true, r.id, r.repairId, alike(r.conditions));
      else if (now[id] !== 'present') symptom(id, false, r.id, r.repairId, alike(r.conditions));
    }
  }

  for (const e of c.evidence) {
    if (e.withdrawn || leaveOut.has(e.id)) continue;
    const test = k.tests.find((t) => t.id === e.testId);
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
  return withoutBetween(claims);
}

function testClaims(k: Knowledge, c: Case, test: Test, e: Evidence, epochs: Epochs): Claim[] {
  const repeat = test.repeat ?? 'worst';
  const base = { position: e.position, bypasses: test.bypasses ?? [] };
  const made = repairsUpTo(c.repairs, e.afterRepairId).size;
  const claim = (id: string, weights: number[], conditions: Conditions): Claim => {
    const kind = k.findings.find((f) => f.id === id);
    const position = kind?.per === 'cylinder' ? base.position : null;
    const instance = { ...base, ...epochs.of(id, e.afterRepairId), kind: id, position, conditions };
    return { instance, weights, source: test.id, repeat, rowId: e.id, made };
  };
  const kindOf = (id: string) => k.findings.find((f) => f.id === id)!;
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
    const weights = outcomeWeights(forBike(test.measure, factsOf(c.bike, c.job, k)), reading.value, own);
    if (weights.size === 0) return [];
    const ids = [...new Set(test.outcomes.flatMap((o) => Object.keys(o.find)))];
    return ids.map((id) => {
      const kind = kindOf(id);
      const levels = gradesOf(kind).map((grade) =>
        test.outcomes.reduce((s, o) => s + (o.find[id] === undefined || o.find[id] === grade ? (weights.get(o.id) ?? 0) : 0), 0),
      );
      return claim(id, levels, conditions);
    });
  }
  const outcome = test.outcomes.find((o) => o.id === e.outcome);
  return outcome ? hard(outcome.find) : [];
}
