import { factsOf, type Knowledge } from '../knowledge';
import { judge, limitFor, quantityInfo } from '../measure';
import { amount, billOf, cents } from '../money';
import { show } from '../quantity';
import {
  circumstanceWords,
  list,
  placeWords,
  type Cause,
  type FitnessAct,
  type JobSnapshot,
  type ReadingValue,
  type RetestResult,
  type State,
} from '../state';
import { caseOf, rowWords } from '../trace';

/** The record of a job as the owner gets it: titled sections of plain lines, the same for page and paper. */
export interface RecordSection {
  title: string;
  /** Cells of a line; the first is what it is about. */
  lines: string[][];
  empty: string;
}

export interface JobRecord {
  title: string;
  under: string[];
  sections: RecordSection[];
}

const readingWords = (v: ReadingValue, unit: string): string => {
  if (v.kind === 'exact') return `${show(v.value, unit)} ${unit}`;
  if (v.kind === 'interval') return `${show(v.low, unit)} to ${show(v.high, unit)} ${unit}`;
  if (v.kind === 'atLeast') return `over ${show(v.bound, unit)} ${unit}`;
  if (v.kind === 'atMost') return `under ${show(v.bound, unit)} ${unit}`;
  return `not obtained: ${v.reason}`;
};

/** Who wrote the record, and for whom. */
export interface RecordHead {
  workshop: string;
  /** Null where nobody noted it, or where it was erased. */
  owner: string | null;
  currency: string;
}

/** The head of a job's record, from what a device or the server holds of the job. */
export function headOf({ shop, personal, jobId }: Pick<JobSnapshot, 'shop' | 'personal' | 'jobId'>, state: State): RecordHead {
  const ownerId = caseOf(state, jobId).bike.ownerId;
  const personalId = ownerId && state.rows.owner.get(ownerId)?.personalId;
  return { workshop: shop.name, owner: personal.find((p) => p.id === personalId)?.name ?? null, currency: shop.currency };
}

const retestWords: Record<RetestResult, string> = {
  gone: 'gone',
  same: 'the same',
  changed: 'changed',
  back: 'gone, and came back',
};

/** What was allowed, as it is done to the bike. */
const actNames: Record<FitnessAct, string> = {
  turn: 'Turned by hand',
  crank: 'Cranked',
  run: 'Run',
  ride: 'Ridden',
  handOver: 'Handed over',
};

const dateOf = (iso: string) => iso.slice(0, 10);

/** What was found, measured, done, retested, checked, torqued, allowed and signed, and what is to be watched, from a job's rows. */
export function recordOf(state: State, k: Knowledge, jobId: string, { workshop, owner, currency }: RecordHead): JobRecord {
  const c = caseOf(state, jobId);
  const own = <T extends { jobId: string }>(rows: T[]) => rows.filter((r) => r.jobId === jobId);
  const facts = factsOf(c.bike, c.job, k);
  const place = (p: string | null) => {
    const words = placeWords(p, c.bike.cylinders);
    return words && `, ${words}`;
  };
  const parts = own(list(state, 'part'));
  const fitted = parts.filter((p) => p.status === 'fitted');
  const bill = billOf(fitted, c.repairs, c.job.rate);
  const signatures = own(list(state, 'signature'));
  const standing = c.evidence.filter((e) => !e.withdrawn);

  const measured = c.readings.map((r) => {
    const info = quantityInfo(k, r.quantity, facts);
    const limit = info && limitFor(info, c.specs);
    const verdict = info ? judge(r.value, limit, info.error).words : '';
    const against =
      limit && (limit.low !== null || limit.high !== null)
        ? `${limit.low !== null ? show(limit.low, r.unit) : ''}–${limit.high !== null ? show(limit.high, r.unit) : ''} ${r.unit}, ${limit.source}`
        : '';
    return [
      `${info?.name ?? r.quantity}${place(r.position)}`,
      readingWords(r.value, r.unit),
      [[verdict, against].filter(Boolean).join(' '), circumstanceWords(r.conditions), r.instrument].filter(Boolean).join('; '),
    ];
  });
  const torqued = own(list(state, 'torque')).map((t) => {
    const signed = signatures.filter((s) => s.subjectId === t.id).at(-1);
    const stages = own(list(state, 'torqueStage')).filter((s) => s.torqueId === t.id);
    const done = stages.filter((s) => s.doneAt).length;
    return [
      `${t.name} (${t.count} × ${t.thread ?? 'thread not noted'})`,
      `${t.entered} = ${show(t.figureNm, 'N·m')} N·m`,
      signed ? `signed ${signed.signedBy}, ${dateOf(signed.signedAt)}` : `${done} of ${stages.length} stages, not signed`,
    ];
  });

  const repairName = (id: string) => c.repairs.find((r) => r.id === id)?.words ?? '';
  const causeLine = (x: Cause): string[] => {
    const repairs = c.repairs.filter(
      (r) => r.causeId === x.id || (x.faultId !== null && r.faultId === x.faultId && r.position === x.position),
    );
    const retest = c.retests.filter((t) => repairs.some((r) => r.id === t.repairId)).at(-1);
    const words = `${x.words}${place(x.position)}`;
    // A repair that changed nothing speaks against what it was made for.
    if (retest?.result === 'same') return ['Suspected', words, 'repaired, and the complaint was the same: not the cause, or not alone'];
    if (retest) return ['Cause', words, `repaired, then the complaint was ${retestWords[retest.result]}`];
    return ['Cause', words, repairs.length ? 'repaired, not retested' : 'not repaired'];
  };
  const checked = k.checklists.flatMap((l) =>
    l.items.flatMap((item): string[][] => {
      const mark = (c.checks ?? []).find((m) => m.list === l.id && m.item === item.id);
      return !mark || mark.state === 'open'
        ? []
        : [[item.text, mark.state === 'done' ? 'checked' : 'N/A', [l.name, mark.note].filter(Boolean).join('; ')]];
    }),
  );
  const handOver = signatures.filter((s) => s.kind === 'handOver').at(-1);

  return {
    title: c.bike.name,
    under: [
      [workshop, owner ? `for ${owner}` : ''].filter(Boolean).join(', '),
      [
        c.bike.year,
        c.bike.mileageKm !== null ? `${c.bike.mileageKm} km` : null,
        c.bike.frameNo ? `frame ${c.bike.frameNo}` : null,
        c.bike.engineNo ? `engine ${c.bike.engineNo}` : null,
      ]
        .filter(Boolean)
        .join(' · '),
      `Booked in ${dateOf(c.job.openedAt)}${c.job.handedOverAt ? `, handed over ${dateOf(c.job.handedOverAt)}` : ', not handed over yet'}${handOver ? `, signed ${handOver.signedBy}` : ''}`,
    ].filter(Boolean),
    sections: [
      {
        title: 'Complaint',
        lines: c.complaints.map((p) => [
          p.words,
          p.state === 'gone' ? 'symptom gone' : p.state === 'changed' ? 'changed' : 'still open',
          p.explained ? 'cause explained' : 'cause not explained',
        ]),
        empty: 'No complaint.',
      },
      {
        title: 'Found',
        lines: [
          ...c.causes.map(causeLine),
          ...own(list(state, 'finding')).map((f) => [`${f.item}${place(f.position)}`, f.seen, f.verdict]),
          ...standing
            .filter((e) => !e.readingId)
            .map((e) => [
              ...rowWords(k, c, e.id)
                .split(/: (.*)/)
                .slice(0, 2),
              e.note ?? '',
            ]),
        ],
        empty: 'Nothing was written down.',
      },
      { title: 'Measured', lines: measured, empty: 'Nothing was measured.' },
      {
        title: 'Done and fitted',
        lines: [
          ...c.repairs.map((r) => [r.words, `${r.minutes} min`, `${amount(cents(r.cost))} ${currency}`]),
          ...fitted.map((p) => [
            `${p.quantity} × ${p.name}`,
            [p.number, p.source].filter(Boolean).join(', '),
            `${amount(cents(p.price) * p.quantity)} ${currency}`,
          ]),
        ],
        empty: 'Nothing was fitted.',
      },
      {
        title: 'Retested',
        lines: c.retests.map((t) => [
          c.complaints.find((p) => p.id === t.complaintId)?.words ?? '',
          `after: ${repairName(t.repairId)}`,
          [retestWords[t.result], circumstanceWords(t.conditions), t.note, dateOf(t.takenAt)].filter(Boolean).join('; '),
        ]),
        empty: 'Nothing was retested.',
      },
      { title: 'Checked', lines: checked, empty: 'No check was ticked.' },
      { title: 'Torqued', lines: torqued, empty: 'No torque was recorded.' },
      {
        title: 'Provisional',
        lines: own(list(state, 'provisional'))
          .filter((p) => !p.endedAt)
          .map((p) => [
            p.what,
            p.why,
            [p.until ? `until ${p.until}` : '', p.mayRide ? 'may be ridden' : 'may NOT be ridden'].filter(Boolean).join(', '),
          ]),
        empty: 'Nothing provisional is on the bike.',
      },
      {
        title: 'Allowed anyway',
        lines: (c.overrules ?? []).map((o) => [
          actNames[o.act],
          o.reason,
          [`by ${o.saidBy}, ${dateOf(o.madeAt)}`, o.endedAt ? `withdrawn ${dateOf(o.endedAt)}` : ''].filter(Boolean).join(', '),
        ]),
        empty: 'Nothing that stood against it was overruled.',
      },
      { title: 'To be watched', lines: own(list(state, 'watch')).map((w) => [w.what, w.due, '']), empty: 'Nothing in particular.' },
      {
        title: 'Bill',
        lines: [
          ['Parts and materials', '', `${amount(bill.partsCents)} ${currency}`],
          ['Work', `${bill.minutes} min at ${c.job.rate} an hour`, `${amount(bill.labourCents)} ${currency}`],
          ['Together, before tax', '', `${amount(bill.totalCents)} ${currency}`],
        ],
        empty: '',
      },
    ],
  };
}

/** What stands under every record. */
export const recordNotice =
  'General figures are marked as such; the maker’s manual and local law come before anything written here. Brakes, steering, frame and fuel system: have them inspected where the law asks.';
