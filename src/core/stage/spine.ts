import { factsOf, type Knowledge } from '../knowledge';
import { judge, limitFor, quantityInfo } from '../measure';
import { countWords, groupBy, list, type State } from '../state';
import { accountOf } from '../strip';
import { stages, type StageId } from './stages';
import { stageOfWait } from './waits';
import { caseOf } from '../trace';
import { checklist } from './checklist';
import { firstLook } from './firstLook';
import { openComplaints, untested } from './openComplaints';

export interface StageLine {
  id: StageId;
  name: string;
  /** untouched: nothing there yet; open: something waits there; clear: nothing left open */
  state: 'untouched' | 'open' | 'clear';
  /** What is open, in a few words; empty where nothing is. */
  open: string;
  /** What is waited for at this stage. */
  waits: string[];
}

/** Attributes of a bike worth knowing before tracing. */
const wanted = ['strokes', 'cylinders', 'cooling', 'ignition', 'fuelling', 'starting', 'voltage'] as const;

/**
 * The spine of one job. `standing` is the number of suspects still worth a look, where a ranking has been made.
 * @param state what is known, left as it is
 * @param k what ships and the workshop's own knowledge
 * @param jobId the job
 * @param standing count of suspects still worth a look, null where no ranking was made
 * @returns one line a stage, in their order
 */
export function spineOf(state: State, k: Knowledge, jobId: string, standing: number | null): StageLine[] {
  const c = caseOf(state, jobId);
  const own = <T extends { jobId: string }>(rows: T[]) => rows.filter((r) => r.jobId === jobId);
  const steps = own(list(state, 'step'));
  const account = accountOf(steps, own(list(state, 'fastener')));
  const torques = own(list(state, 'torque'));
  const unsigned = torques.filter((t) => !list(state, 'signature').some((s) => s.subjectId === t.id));
  const parts = own(list(state, 'part'));
  const awaited = parts.filter((p) => p.status === 'needed' || p.status === 'ordered');
  const open = openComplaints(c);
  const unknown = wanted.filter((a) => c.bike[a] === null).length;
  const look = firstLook(k, c);
  const looked = look.filter((l) => l.done).length;
  const facts = factsOf(c.bike, c.job, k);
  const doubtful = c.readings.filter((r) => {
    const info = quantityInfo(k, r.quantity, facts);
    return info && ['borderline', 'straddles'].includes(judge(r.value, limitFor(info, c.specs), info.error).verdict);
  }).length;
  const asks = c.findings.filter((f) => f.verdict === 'ask the owner').length;
  const unexplained = c.complaints.filter((p) => p.state === 'gone' && !p.explained).length;
  const provisional = own(list(state, 'provisional')).filter((p) => !p.endedAt);
  const gates = checklist(state, k, jobId, 'first-start').filter((i) => i.gate);
  const gatesDone = gates.filter((g) => g.mark?.state === 'done').length;
  const tune = checklist(state, k, jobId, 'tune');
  const tuned = tune.filter((i) => i.mark && i.mark.state !== 'open').length;
  const handed = c.job.handedOverAt !== null;
  const waits = groupBy(
    own(list(state, 'wait')).filter((w) => !w.endedAt),
    (w) => stageOfWait[w.kind],
  );

  const of = (id: StageId, openWords: string, touched: boolean): StageLine => ({
    id,
    name: stages.find((s) => s.id === id)!.name,
    open: openWords,
    state: openWords || waits.has(id) ? 'open' : touched ? 'clear' : 'untouched',
    waits: waits.get(id)?.map((w) => w.what) ?? [],
  });
  const some = (...words: (string | false)[]) => words.filter(Boolean).join(', ');
  return [
    of('book-in', unknown && !handed ? `${unknown} not known` : '', true),
    of('look', looked < look.length && !handed ? `${look.length - looked} to look at` : '', looked > 0),
    of(
      'trace',
      open.length ? (untested(c) ? 'retest' : standing !== null ? `${standing} likely` : countWords(open.length, 'complaint')) : '',
      c.evidence.length > 0,
    ),
    of(
      'strip',
      account.off.length
        ? some(account.bagsOut.length > 0 && `${countWords(account.bagsOut.length, 'bag')} out`) || countWords(account.off.length, 'step')
        : '',
      steps.length > 0,
    ),
    of('measure', doubtful ? `${doubtful} borderline` : '', c.readings.length > 0),
    of(
      'decide',
      some(asks > 0 && `${asks} to ask`, unexplained > 0 && `${unexplained} unexplained`),
      c.findings.length + c.causes.length > 0,
    ),
    of('parts', awaited.length ? `${awaited.length} due` : '', parts.length > 0),
    of(
      'rebuild',
      some(
        account.fastenersOut > 0 && `${countWords(account.fastenersOut, 'fastener')} off`,
        unsigned.length > 0 && `${unsigned.length} to sign`,
      ),
      torques.length > 0,
    ),
    of(
      'start',
      gatesDone > 0 && gatesDone < gates.length ? countWords(gates.length - gatesDone, 'check') : '',
      gatesDone === gates.length && gates.length > 0,
    ),
    of('tune', tuned > 0 && tuned < tune.length ? `${tune.length - tuned} to tune` : '', tuned > 0),
    of('handover', handed ? '' : some(provisional.length > 0 && `${provisional.length} temporary`), handed),
  ];
}
