import { factsOf, type Knowledge } from '../knowledge';
import { judge, limitFor, quantityInfo } from '../measure';
import { amount, billOf, cents } from '../money';
import { show } from '../quantity';
import { circumstanceWords, list, placeWords, type ReadingValue, type State } from '../record';
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

const dateOf = (iso: string) => iso.slice(0, 10);

/** What was found, measured, fitted, torqued, provisional and to be watched, gathered from a job's rows. */
export function recordOf(state: State, k: Knowledge, jobId: string, currency: string): JobRecord {
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

  return {
    title: c.bike.name,
    under: [
      [
        c.bike.year,
        c.bike.mileageKm !== null ? `${c.bike.mileageKm} km` : null,
        c.bike.frameNo ? `frame ${c.bike.frameNo}` : null,
        c.bike.engineNo ? `engine ${c.bike.engineNo}` : null,
      ]
        .filter(Boolean)
        .join(' · '),
      `Booked in ${dateOf(c.job.openedAt)}${c.job.handedOverAt ? `, handed over ${dateOf(c.job.handedOverAt)}` : ', not handed over yet'}`,
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
          ...c.causes.map((x) => ['Cause', `${x.words}${place(x.position)}`, '']),
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
