import { factsOf, faultById, type Knowledge } from '../knowledge';
import { repairsInOrder } from '../repairs';
import { tellsSomething, type FitnessAct, type WaitKind } from '../state';
import type { FitnessRows } from './rows';
import type { FitnessReason } from './types';

const none: readonly string[] = [];
const base = { tests: none, faults: none };

/** Months of standing after which an engine is turned by hand, and its oil seen, before anything cranks it. */
export const longStanding = 3;
/** Months after which the brakes are proved before it is ridden. */
const brakesAfter = 6;

const stands = (c: FitnessRows) => (c.job.standingMonths ?? 0) >= longStanding || c.job.storage === 'flooded';

/** What has to be seen before an engine that stood, or that locked up, is cranked at all. */
export function unseen(k: Knowledge, c: FitnessRows): FitnessReason[] {
  const facts = factsOf(c.bike, c.job, k);
  const complained = c.complaints.some((p) => p.state === 'open' && p.symptoms['will-not-turn'] === 'present');
  if (!stands(c) && !(complained && facts.starting === 'kick')) return [];
  const did = (...ids: string[]) => c.evidence.some((e) => !e.withdrawn && ids.includes(e.testId) && tellsSomething(e));
  const why = stands(c) ? 'It stood' : 'It does not turn';
  const reasons: FitnessReason[] = [];
  if (!did('turn-by-hand', 'compression', 'thumb', 'spark-look'))
    reasons.push({
      ...base,
      code: 'unseen:turn',
      act: 'crank',
      because: `${why}, and nobody has turned it by hand`,
      lift: 'Turn it by hand, plugs out',
      view: 'look',
      tests: ['turn-by-hand'],
    });
  if (facts.strokes !== 'two' && !did('oil-check', 'oil-level-stand', 'oil-magnet', 'oil-colour'))
    reasons.push({
      ...base,
      code: 'unseen:oil',
      act: 'crank',
      because: `${why}, and nobody has seen the oil`,
      lift: 'Look at the oil: level, colour, smell',
      view: 'look',
      tests: ['oil-check', 'oil-magnet'],
    });
  return reasons;
}

/** Brakes that were worked on, or that stood, and that nobody has tried. */
export function brakesUnproved(k: Knowledge, c: FitnessRows): FitnessReason[] {
  const worked = c.repairs.some((r) => r.faultId && faultById(k, r.faultId)?.system === 'brakes');
  const stood = (c.job.standingMonths ?? 0) >= brakesAfter;
  if (!worked && !stood && c.job.crash !== 'yes') return [];
  const ticked = (c.checks ?? []).some((x) => x.list === 'road-test' && x.item === 'brakes' && x.state === 'done');
  const tried = ['brake-lever-feel', 'brake-return', 'brake-arm', 'lever-hold', 'levers-cables'];
  const seen = c.evidence.some((e) => !e.withdrawn && tried.includes(e.testId) && tellsSomething(e));
  if (ticked || (seen && !worked)) return [];
  const why = worked ? 'The brakes were worked on' : c.job.crash === 'yes' ? 'It was crashed' : 'It stood';
  return [
    {
      ...base,
      code: worked ? 'brakes:worked' : 'brakes:stood',
      act: 'ride',
      because: `${why}, and nobody has proved the brakes`,
      lift: worked ? 'Tick the brakes in the road test list' : 'Try levers and brakes in the first look',
      view: worked ? 'handover' : 'look',
      tests: worked ? none : tried,
    },
  ];
}

/** An engine that was opened is started by the list; a bike leaves by the list. */
export function openChecks(k: Knowledge, c: FitnessRows): FitnessReason[] {
  const state = (list: string, item: string) => (c.checks ?? []).find((x) => x.list === list && x.item === item)?.state ?? 'open';
  const itemsOf = (list: string) => k.checklists.find((l) => l.id === list)?.items ?? [];
  const opened = c.steps.some((s) => ['turn', 'crank'].includes(k.access.find((a) => a.id === s.access)?.shuts ?? ''));
  const reasons: FitnessReason[] = [];
  const started = itemsOf('first-start').filter((i) => i.gate);
  const open = started.filter((i) => state('first-start', i.id) === 'open');
  if (opened && open.length)
    reasons.push({
      ...base,
      code: `checks:first-start`,
      act: 'run',
      because: `The engine was opened: ${open.length} of ${started.length} checks before the first start are open`,
      lift: 'Run the checks',
      view: 'start',
    });
  // Brakes cannot be put away as not applicable.
  const leave = itemsOf('road-test').filter((i) =>
    i.id === 'brakes' ? state('road-test', i.id) !== 'done' : state('road-test', i.id) === 'open',
  );
  for (const i of leave)
    reasons.push({
      ...base,
      code: `check:${i.id}`,
      act: 'handOver',
      because: `Not ticked: ${i.text}`,
      lift: 'Tick it when it is done',
      view: 'handover',
    });
  return reasons;
}

/** Temporary repairs by what they allow. */
export function temporary(c: FitnessRows): FitnessReason[] {
  return (c.provisionals ?? [])
    .filter((p) => !p.endedAt)
    .flatMap((p): FitnessReason[] => {
      const act: FitnessAct | null = !p.mayRun ? 'run' : !p.mayRide ? 'ride' : !p.mayLeave ? 'handOver' : null;
      return act
        ? [{ ...base, code: `temporary:${p.id}`, act, because: `Temporary repair: ${p.what}`, lift: 'Fix it properly', view: 'handover' }]
        : [];
    });
}

const shutBy: Partial<Record<WaitKind, { act: FitnessAct; lift: string }>> = {
  soaking: { act: 'crank', lift: 'Let it soak, then turn it by hand' },
  curing: { act: 'run', lift: 'Let it cure as its sheet says' },
  cooling: { act: 'run', lift: 'Let it cool right down' },
  charging: { act: 'crank', lift: 'Let it charge, then rest it' },
  owner: { act: 'handOver', lift: 'Get the owner’s answer' },
};

/** Waits that are not over. */
export function waiting(c: FitnessRows): FitnessReason[] {
  return (c.waits ?? [])
    .filter((w) => !w.endedAt)
    .flatMap((w): FitnessReason[] => {
      const by = shutBy[w.kind];
      // A battery on charge keeps nobody from kicking.
      if (!by || (w.kind === 'charging' && c.bike.starting === 'kick')) return [];
      return [{ ...base, code: `wait:${w.id}`, act: by.act, because: `On hold: ${w.what}`, lift: by.lift, view: 'decide' }];
    });
}

/** What must be settled before a bike leaves. */
export function unsettled(c: FitnessRows): FitnessReason[] {
  const reasons: FitnessReason[] = [];
  for (const p of c.complaints.filter(
    (x) => x.state === 'open' || (x.state === 'changed' && !c.complaints.some((y) => y.linkedTo === x.id)),
  ))
    reasons.push({
      ...base,
      code: `complaint:${p.id}`,
      act: 'handOver',
      because: `Complaint open: ${p.words}`,
      lift: 'Cure and retest it',
      view: 'trace',
    });
  const last = repairsInOrder(c.repairs).at(-1);
  if (last && !c.retests.some((r) => r.repairId === last.id))
    reasons.push({
      ...base,
      code: `retest:${last.id}`,
      act: 'handOver',
      because: `Not retested after: ${last.words}`,
      lift: 'Retest the complaint',
      view: 'trace',
    });
  const out = (c.parts ?? []).filter((p) => p.status !== 'fitted' && p.status !== 'spare');
  for (const p of out)
    reasons.push({
      ...base,
      code: `fit:${p.id}`,
      act: 'handOver',
      because: `Part not fitted: ${p.name}`,
      lift: 'Fit it, take it off the list, or put it down as spare',
      view: 'parts',
    });
  return reasons;
}
