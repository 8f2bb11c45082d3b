import type { Conditions, Provisional, Verdict, WaitKind } from '../record';
import { define, defineSet } from './define';
import { insertReading, type ReadingPart } from './tracing';
import { Refused } from './types';

/** Strip, findings, parts, torque, checks, waits, provisional repairs and hand-over. */

export interface StepAdd {
  jobId: string;
  title: string;
  access: string | null;
  bag: string | null;
  note: string | null;
  fasteners: { id: string; size: string; count: number; place: string | null }[];
}
const stepAdd = define<StepAdd>('step.add', {
  needs: (p) => p.fasteners.map((f) => ({ table: 'fastener' as const, id: f.id })),
  draft: (d, { fasteners, ...p }, c) => {
    d.insert('step', { id: c.entity.id, ...p, madeAt: c.madeAt, refittedAt: null });
    for (const f of fasteners) d.insert('fastener', { ...f, jobId: p.jobId, stepId: c.entity.id, refitted: 0 });
  },
});

/** A step goes back on: what is refitted now is counted, and a bag is empty only when every fastener is accounted for. */
const stepRefit = define<{ jobId: string; counts: Record<string, number> }>('step.refit', {
  needs: (_p, c) => [{ table: 'fastener', field: 'stepId', is: c.entity.id }],
  draft: (d, p, c) => {
    d.need('step', c.entity.id);
    const own = d.rows('fastener').filter((f) => f.stepId === c.entity.id);
    for (const f of own) {
      const refitted = p.counts[f.id] ?? f.refitted;
      if (refitted > f.count)
        throw new Refused({ code: 'not yet', message: `${f.size}: ${refitted} refitted, but only ${f.count} came off.` });
      d.set('fastener', f.id, { refitted });
    }
    const all = own.every((f) => (p.counts[f.id] ?? f.refitted) === f.count);
    d.set('step', c.entity.id, { refittedAt: all ? c.madeAt : null });
  },
});

interface FindingAdd {
  jobId: string;
  stepId: string | null;
  item: string;
  position: string | null;
  seen: string;
  reading: ReadingPart | null;
  conditions: Conditions;
  verdict: Verdict;
  faultId: string | null;
  afterRepairId: string | null;
}
const findingAdd = define<FindingAdd>('finding.add', {
  needs: (p) => [
    ...(p.stepId ? [{ table: 'step' as const, id: p.stepId }] : []),
    ...(p.reading ? [{ table: 'reading' as const, id: p.reading.id }] : []),
  ],
  draft: (d, { reading, conditions, ...p }, c) => {
    if (p.stepId) d.need('step', p.stepId);
    const readingId = insertReading(d, reading, { jobId: p.jobId, position: p.position, conditions, takenAt: c.madeAt });
    d.insert('finding', { id: c.entity.id, ...p, readingId, takenAt: c.madeAt });
  },
});

const partAdd = define<{
  jobId: string;
  findingId: string | null;
  name: string;
  number: string | null;
  source: string | null;
  quantity: number;
  price: string;
  dueOn: string | null;
}>('part.add', {
  draft: (d, p, c) => void d.insert('part', { id: c.entity.id, ...p, status: 'needed' }),
});
const partSet = defineSet('part.set', 'part', (s, id) => s.rows.part.get(id)?.jobId ?? null);

interface TorquePlan {
  jobId: string;
  name: string;
  thread: string | null;
  count: number;
  figureNm: number;
  unit: string;
  entered: string;
  source: string;
  stages: { id: string; kind: 'torque' | 'angle'; value: number }[];
}
const torquePlan = define<TorquePlan>('torque.plan', {
  needs: (p) => p.stages.map((s) => ({ table: 'torqueStage' as const, id: s.id })),
  draft: (d, { stages, ...p }, c) => {
    d.insert('torque', { id: c.entity.id, ...p });
    stages.forEach((s, i) => d.insert('torqueStage', { ...s, jobId: p.jobId, torqueId: c.entity.id, n: i + 1, doneAt: null }));
  },
});

/** Stages are done in their order: a later one cannot come before an earlier one. */
const torqueStage = define<{ jobId: string; torqueId: string }>('torque.stage', {
  needs: (p) => [{ table: 'torqueStage', field: 'torqueId', is: p.torqueId }],
  draft: (d, p, c) => {
    const stage = d.need('torqueStage', c.entity.id);
    if (stage.doneAt) throw new Refused({ code: 'exists', message: 'This stage is done already.' });
    const before = d.rows('torqueStage').filter((s) => s.torqueId === p.torqueId && s.n < stage.n && !s.doneAt);
    if (before.length) throw new Refused({ code: 'not yet', message: `Stage ${before[0].n} comes first.` });
    d.set('torqueStage', stage.id, { doneAt: c.madeAt });
  },
});

const sign = define<{ jobId: string; kind: 'torque' | 'handOver'; subjectId: string; signedBy: string; supersedes: string | null }>(
  'signature.sign',
  {
    undoable: false,
    needs: (p) =>
      p.kind === 'torque'
        ? [
            { table: 'torqueStage', field: 'torqueId', is: p.subjectId },
            { table: 'torque', id: p.subjectId },
          ]
        : [],
    draft: (d, p, c) => {
      if (p.kind === 'torque') {
        d.need('torque', p.subjectId);
        const open = d.rows('torqueStage').filter((s) => s.torqueId === p.subjectId && !s.doneAt);
        if (open.length) throw new Refused({ code: 'not yet', message: `Stage ${open[0].n} is not done yet, so this cannot be signed.` });
      }
      d.insert('signature', { id: c.entity.id, ...p, signedAt: c.madeAt });
    },
  },
);

const checkMark = define<{ jobId: string; list: string; item: string; state: 'open' | 'done' | 'notNeeded'; note: string | null }>(
  'check.mark',
  {
    needs: (p) => [{ table: 'checkmark', field: 'jobId', is: p.jobId }],
    draft: (d, p, c) => {
      const old = d.rows('checkmark').find((k) => k.jobId === p.jobId && k.list === p.list && k.item === p.item);
      if (old) d.set('checkmark', old.id, { state: p.state, note: p.note });
      else d.insert('checkmark', { id: c.entity.id, ...p });
    },
  },
);

const waitStart = define<{ jobId: string; kind: WaitKind; what: string; until: string | null; lookAgain: string | null }>('wait.start', {
  draft: (d, p, c) => {
    if (!p.until && !p.lookAgain) throw new Refused({ code: 'not yet', message: 'Say until when, or when to look again.' });
    d.insert('wait', { id: c.entity.id, ...p, endedAt: null });
  },
});
const waitEnd = define<{ jobId: string }>('wait.end', {
  draft: (d, _p, c) => void d.set('wait', d.need('wait', c.entity.id).id, { endedAt: c.madeAt }),
});

/** A wait whose end moved: look again later, or until another time. */
const waitSet = defineSet('wait.set', 'wait', (s, id) => s.rows.wait.get(id)?.jobId ?? null);

type ProvisionalAdd = { jobId: string } & Pick<Provisional, 'what' | 'why' | 'until' | 'untilOn' | 'mayRun' | 'mayRide' | 'mayLeave'>;
const provisionalAdd = define<ProvisionalAdd>('provisional.add', {
  draft: (d, p, c) => void d.insert('provisional', { id: c.entity.id, ...p, endedAt: null }),
});
const provisionalEnd = define<{ jobId: string }>('provisional.end', {
  draft: (d, _p, c) => void d.set('provisional', d.need('provisional', c.entity.id).id, { endedAt: c.madeAt }),
});

const watchAdd = define<{ jobId: string; what: string; due: string }>('watch.add', {
  draft: (d, p, c) => void d.insert('watch', { id: c.entity.id, ...p }),
});

const hazardAcknowledge = define<{ jobId: string; hazard: string; place: string }>('hazard.acknowledge', {
  draft: (d, p, c) => void d.insert('hazardAck', { id: c.entity.id, ...p, acknowledgedAt: c.madeAt }),
});

/** The bike leaves. Nothing provisional leaves unless it is written that it may. */
const handOver = define<Record<string, never>>('job.handOver', {
  needs: (_p, c) => [
    { table: 'provisional', field: 'jobId', is: c.entity.id },
    { table: 'overrule', field: 'jobId', is: c.entity.id },
  ],
  job: (_p, _s, c) => c.entity.id,
  draft: (d, _p, c) => {
    const job = d.need('job', c.entity.id);
    if (job.handedOverAt) throw new Refused({ code: 'exists', message: 'This job is handed over already.' });
    const over = new Set(
      d
        .rows('overrule')
        .filter((o) => o.jobId === job.id && !o.endedAt && o.act === 'handOver')
        .flatMap((o) => o.codes),
    );
    const kept = d.rows('provisional').filter((p) => p.jobId === job.id && !p.endedAt && !p.mayLeave && !over.has(`temporary:${p.id}`));
    if (kept.length)
      throw new Refused({ code: 'not yet', message: `A provisional repair may not leave: ${kept.map((p) => p.what).join(', ')}.` });
    d.set('job', job.id, { handedOverAt: c.madeAt });
  },
});

export const work = [
  stepAdd,
  stepRefit,
  findingAdd,
  partAdd,
  partSet,
  torquePlan,
  torqueStage,
  sign,
  checkMark,
  waitStart,
  waitEnd,
  waitSet,
  provisionalAdd,
  provisionalEnd,
  watchAdd,
  hazardAcknowledge,
  handOver,
];
