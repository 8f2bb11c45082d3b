import { accessOf, factsOf, faultById, type Knowledge } from '../knowledge';
import { countWords, groupBy } from '../state';
import { repairsUpTo } from '../repairs';
import { astray, connectionCode, fluidsOf, openPieces, pieceCode, pieceLift, pieceWords } from '../strip';
import type { FitnessAct } from '../state';
import type { FitnessRows } from './rows';
import type { FitnessReason } from './types';

const bad = ['replace', 'repair'];
const none: readonly string[] = [];

/** Parts that were looked at and condemned, and causes that were named, while nothing was done about them. */
export function condemned(k: Knowledge, c: FitnessRows): FitnessReason[] {
  const mended = (faultId: string, position: string | null, after: string | null) => {
    const before = repairsUpTo(c.repairs, after);
    return c.repairs.some((r) => r.faultId === faultId && (r.position === position || position === null) && !before.has(r.id));
  };
  const newest = new Map<string, (typeof c.findings)[number]>();
  for (const f of [...c.findings].sort((a, b) => (a.takenAt < b.takenAt ? -1 : 1)))
    newest.set(`${f.faultId ?? f.item.trim().toLowerCase()}#${f.position ?? ''}`, f);
  const reasons: FitnessReason[] = [];
  for (const f of newest.values()) {
    if (!bad.includes(f.verdict) || (f.faultId && mended(f.faultId, f.position, f.afterRepairId))) continue;
    const own = (c.parts ?? []).filter((p) => p.findingId === f.id && p.status !== 'spare');
    if (!f.faultId && own.length > 0 && own.every((p) => p.status === 'fitted')) continue;
    const act: FitnessAct = f.faultId ? (faultById(k, f.faultId)?.stops ?? 'handOver') : 'ride';
    reasons.push({
      code: `part:${f.id}`,
      act,
      because: `${f.item}: ${f.verdict}, and it is not done`,
      lift: f.faultId ? 'Repair it, or look again' : 'Fit its parts, or look again',
      view: f.faultId ? 'trace' : 'parts',
      tests: none,
      faults: f.faultId ? [f.faultId] : none,
    });
  }
  for (const cause of c.causes) {
    const stops = cause.faultId ? faultById(k, cause.faultId)?.stops : undefined;
    const done = c.repairs.some((r) => r.causeId === cause.id || (r.faultId === cause.faultId && r.madeAt >= cause.madeAt));
    if (!stops || done) continue;
    reasons.push({
      code: `cause:${cause.id}`,
      act: stops,
      because: `${cause.words}: named as the cause and not repaired`,
      lift: 'Log the repair',
      view: 'trace',
      tests: none,
      faults: [cause.faultId!],
    });
  }
  return reasons;
}

/** Pieces that broke off, dropped, are missing or left over: nothing turns over them. */
export const lostPieces = (c: FitnessRows): FitnessReason[] =>
  openPieces(c.pieces ?? []).map((p) => ({
    code: pieceCode(p),
    act: 'turn',
    because: pieceWords(p),
    lift: pieceLift(p),
    view: 'strip',
    tests: none,
    faults: none,
  }));

/** Fluids that are out, and those that are to be changed for what was seen in them or for grit that was used. */
export function wantedFluids(k: Knowledge, c: FitnessRows): FitnessReason[] {
  const rows = { fluids: c.fluids ?? [], cleanings: c.cleanings ?? [], evidence: c.evidence };
  return fluidsOf(k, rows, factsOf(c.bike, c.job, k)).flatMap(({ fluid, out, grit }): FitnessReason[] => {
    const reason = (act: FitnessAct, because: string, lift: string) => [
      { code: `fluid:${fluid.id}`, act, because, lift, view: 'rebuild' as const, tests: none, faults: none },
    ];
    if (out && fluid.shuts !== 'none') return reason(fluid.shuts, `${fluid.name}: drained and not filled`, 'Fill it');
    // What was seen in it stands by itself, as a result.
    return grit.length > 0 ? reason('handOver', `${fluid.name}: to be changed, ${grit.join(', ').toLowerCase()}`, 'Change it') : [];
  });
}

/** Wires, hoses and cables that are not where they belong: one on the wrong end may burn or flood as soon as anything is switched on. */
export const wrongConnections = (c: FitnessRows): FitnessReason[] =>
  astray(c.connections ?? []).map(({ connection, crossed, words }) => ({
    code: connectionCode(connection),
    act: crossed ? 'crank' : 'handOver',
    because: words,
    lift: crossed ? 'Put it where the record says, or correct the record' : 'Connect it',
    view: 'rebuild',
    tests: none,
    faults: none,
  }));

/** What is off or drained, and fasteners that are still in their bags. */
export function openSteps(k: Knowledge, c: FitnessRows): FitnessReason[] {
  const kinds = new Map([...k.access, ...accessOf(k, c.bike.archetype)].map((a) => [a.id, a]));
  const fasteners = groupBy(c.fasteners ?? [], (f) => f.stepId);
  return c.steps
    .filter((s) => !s.refittedAt)
    .flatMap((s): FitnessReason[] => {
      const kind = s.access ? kinds.get(s.access) : undefined;
      const shuts = kind ? (kind.shuts ?? 'run') : 'run';
      if (shuts === 'none') return [];
      const short = (fasteners.get(s.id) ?? []).reduce((n, f) => n + f.count - f.refitted, 0);
      const bag = short > 0 ? ` (${countWords(short, 'fastener')} out)` : '';
      return [
        {
          code: `step:${s.id}`,
          act: shuts,
          because: kind?.fluid ? `${s.title}: not filled yet` : `${s.title}: not refitted${bag}`,
          lift: kind?.fluid ? 'Fill it and tick the step' : 'Refit it',
          view: 'rebuild',
          tests: none,
          faults: none,
          ...(s.access && { access: s.access }),
        },
      ];
    });
}

/** Torques that were planned and are not done, or not signed. */
export function openTorques(c: FitnessRows): FitnessReason[] {
  return (c.torques ?? []).flatMap((t): FitnessReason[] => {
    const stages = (c.stages ?? []).filter((s) => s.torqueId === t.id);
    const left = stages.filter((s) => !s.doneAt).length;
    const signed = (c.signatures ?? []).some((s) => s.kind === 'torque' && s.subjectId === t.id);
    if (left === 0 && signed) return [];
    const because = left > 0 ? `${t.name}: ${left} of ${countWords(stages.length, 'torque stage')} open` : `${t.name}: torque not signed`;
    return [
      { code: `torque:${t.id}`, act: 'run', because, lift: left > 0 ? 'Torque it' : 'Sign it', view: 'rebuild', tests: none, faults: none },
    ];
  });
}
