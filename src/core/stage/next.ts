import { fitnessOf, type Fitness, type FitnessVerdict } from '../fitness';
import { engineActs, type Knowledge } from '../knowledge';
import { countWords, list, type FitnessAct, type State, type Wait } from '../state';
import { accountOf } from '../strip';
import { caseOf, type Case, type Ranking } from '../trace';
import { checklist } from './checklist';
import { firstLook } from './firstLook';
import { openComplaints, untested } from './openComplaints';
import type { StageId } from './stages';
import { dueAt, holds, stageOfWait } from './waits';

export interface NextAction {
  stage: StageId;
  words: string;
  why: string;
}

export interface JobNext {
  /** What can be done now; null if everything waits or nothing is left. */
  act: NextAction | null;
  waiting: Wait[];
  /** Waits whose time has come. */
  due: Wait[];
  /** The least of turning, cranking, running and riding that something on record stands against, and what does; null if nothing does. */
  against: { act: FitnessAct; because: string } | null;
}

/** The first act that may not be done, with the first reason. */
function againstOf(fitness: Fitness): JobNext['against'] {
  const act = engineActs.find((a) => !fitness[a].may);
  return act ? { act, because: fitness[act].reasons[0].because } : null;
}

/**
 * What can be done on a job now, and what it waits for. `ranking` is the tracer's, where a complaint is open; `now` is
 * the present time in ISO form.
 * @param state what is known, left as it is
 * @param k what ships and the workshop's own knowledge
 * @param jobId the job
 * @param ranking the tracer's, null where no complaint is open
 * @param now present time, ISO
 * @returns acts in the order of their worth, and waits in the order of their end
 */
export function nextOf(state: State, k: Knowledge, jobId: string, ranking: Ranking | null, now: string): JobNext {
  const waits = list(state, 'wait').filter((w) => w.jobId === jobId && !w.endedAt);
  const due = waits.filter((w) => dueAt(w) <= now);
  const waiting = waits.filter((w) => dueAt(w) > now);
  const held = new Set(waiting.flatMap((w) => holds[w.kind]));
  const c = caseOf(state, jobId);
  const fitness = fitnessOf(k, c);
  const against = c.job.handedOverAt ? null : againstOf(fitness);
  if (due.length) {
    const w = due[0];
    const stage = stageOfWait[w.kind];
    return {
      act: { stage, words: `Check: ${w.what}`, why: w.kind === 'part' ? 'It is due.' : 'Due now.' },
      waiting,
      due,
      against,
    };
  }
  return { act: acts(state, k, c, fitness, ranking).find((a) => !held.has(a.stage)) ?? null, waiting, due, against };
}

/** Everything that could be done, in the order in which the job goes. */
function acts(state: State, k: Knowledge, c: Case, fitness: Fitness, ranking: Ranking | null): NextAction[] {
  if (c.job.handedOverAt) return [];
  const jobId = c.job.id;
  const found: NextAction[] = [];
  const add = (stage: StageId, words: string, why: string) => found.push({ stage, words, why });
  const lifting = ({ may, reasons: [first] }: FitnessVerdict, otherwise: () => void) =>
    may ? otherwise() : add(first.view, first.lift, `${first.because}.`);
  const own = <T extends { jobId: string }>(rows: T[]) => rows.filter((r) => r.jobId === jobId);
  const look = firstLook(k, c);
  const toLook = look.filter((l) => !l.done);
  // Once tests have begun what is left of the look no longer comes before them; the engine's fitness shuts what may not be done.
  const looks = new Set(look.map((l) => l.test.id));
  const begun = c.evidence.some((e) => !e.withdrawn && !looks.has(e.testId));
  const toSee = toLook.length > 0 && c.repairs.length === 0;
  if (toSee && !begun) add('look', toLook[0].test.name, 'Look before cranking.');
  const repair = untested(c);
  if (repair) add('trace', `Retest after: ${repair.words}`, 'Without a retest the repair proves nothing.');
  else if (openComplaints(c).length && ranking) {
    const { next } = ranking;
    if (next.kind === 'test') add('trace', ranking.tests.find((t) => t.key === next.key)?.name ?? next.key, next.why);
    if (next.kind === 'repair') add('trace', `Repair: ${ranking.suspects.find((s) => s.key === next.key)?.name ?? next.key}`, next.why);
  }
  if (toSee && begun) add('look', toLook[0].test.name, 'Still open from the first look.');
  const unexplained = c.complaints.filter((p) => p.state === 'gone' && !p.explained);
  if (unexplained.length) add('decide', `Explain: ${unexplained[0].words}`, 'The symptom is gone. The cause isn’t explained yet.');
  const arrived = own(list(state, 'part')).filter((p) => p.status === 'arrived');
  const needed = own(list(state, 'part')).filter((p) => p.status === 'needed');
  if (needed.length)
    add('parts', `Order: ${needed[0].name}`, needed.length > 1 ? `${needed.length} parts are needed.` : 'Needed, not ordered.');
  if (arrived.length) add('parts', `Fit: ${arrived[0].name}`, 'It has arrived.');
  const account = accountOf(own(list(state, 'step')), own(list(state, 'fastener')));
  if (account.off.length && openComplaints(c).length === 0)
    add('rebuild', `Refit: ${account.off[0].title}`, `Not back yet: ${countWords(account.fastenersOut, 'fastener')}.`);
  const torque = own(list(state, 'torque')).find((t) => !list(state, 'signature').some((s) => s.subjectId === t.id));
  if (torque) add('rebuild', `Torque: ${torque.name}`, 'Not signed yet.');
  if (openComplaints(c).length === 0) {
    const gate = checklist(state, k, jobId, 'first-start').find((i) => i.gate && i.mark?.state !== 'done');
    if (gate) add('start', 'First start: run the checks', gate.text);
    const tune = checklist(state, k, jobId, 'tune').find((i) => !i.mark || i.mark.state === 'open');
    // Tuning wants it running, and nobody is told that nothing is open while something is: what lifts it comes in their place.
    if (tune) lifting(fitness.run, () => add('tune', tune.text, 'Tune.'));
    lifting(fitness.handOver, () => add('handover', 'Hand over', 'Nothing else to do.'));
  }
  return found;
}
