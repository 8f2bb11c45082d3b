import { effectsOn, type Facts, type Knowledge } from '../knowledge';
import { judge, limitFor, quantityInfo } from '../measure';
import { amount, billOf, cents } from '../money';
import { show } from '../quantity';
import {
  circumstanceWords,
  list,
  type Cause,
  type FitnessAct,
  type Part,
  type ReadingValue,
  type RetestResult,
  type Signature,
  type State,
} from '../state';
import { checkCode, crossedWords, fastenerCode, isJoint, sparesOf } from '../strip';
import { rowWords, type Case } from '../trace';

/** One part of a record: titled lines, and what stands there where there are none. */
export interface RecordSection {
  title: string;
  /** Cells of a line; the first is what it is about. */
  lines: string[][];
  empty: string;
}

const readingWords = (v: ReadingValue, unit: string): string => {
  if (v.kind === 'exact') return `${show(v.value, unit)} ${unit}`;
  if (v.kind === 'interval') return `${show(v.low, unit)} to ${show(v.high, unit)} ${unit}`;
  if (v.kind === 'atLeast') return `over ${show(v.bound, unit)} ${unit}`;
  if (v.kind === 'atMost') return `under ${show(v.bound, unit)} ${unit}`;
  return `not obtained: ${v.reason}`;
};

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

/** What every section of a record is told from. */
export interface Source {
  state: State;
  k: Knowledge;
  c: Case;
  facts: Facts;
  currency: string;
  /** A day of the workshop, in words. */
  day(iso: string): string;
  /** Rows of this job alone. */
  own<T extends { jobId: string }>(rows: T[]): T[];
  /** A place, as it goes behind a name. */
  place(position: string | null): string;
}

export const complaints = ({ c }: Source): RecordSection => ({
  title: 'Complaint',
  lines: c.complaints.map((p) => [
    p.words,
    p.state === 'gone' ? 'symptom gone' : p.state === 'changed' ? 'changed' : 'still open',
    p.explained ? 'cause explained' : 'cause not explained',
  ]),
  empty: 'No complaint.',
});

function causeLine({ c, place }: Source, x: Cause): string[] {
  const repairs = c.repairs.filter(
    (r) => r.causeId === x.id || (x.faultId !== null && r.faultId === x.faultId && r.position === x.position),
  );
  const retest = c.retests.filter((t) => repairs.some((r) => r.id === t.repairId)).at(-1);
  const words = `${x.words}${place(x.position)}`;
  // A repair that changed nothing speaks against what it was made for.
  if (retest?.result === 'same') return ['Suspected', words, 'repaired, and the complaint was the same: not the cause, or not alone'];
  if (retest) return ['Cause', words, `repaired, then the complaint was ${retestWords[retest.result]}`];
  return ['Cause', words, repairs.length ? 'repaired, not retested' : 'not repaired'];
}

export function found(s: Source): RecordSection {
  const { state, k, c, own, place } = s;
  const standing = c.evidence.filter((e) => !e.withdrawn && !e.readingId);
  return {
    title: 'Results',
    lines: [
      ...c.causes.map((x) => causeLine(s, x)),
      ...own(list(state, 'finding')).map((f) => [`${f.item}${place(f.position)}`, f.seen, f.verdict]),
      ...standing.map((e) => [
        ...rowWords(k, c, e.id)
          .split(/: (.*)/)
          .slice(0, 2),
        e.note ?? '',
      ]),
    ],
    empty: 'No results.',
  };
}

export function measured({ k, c, facts, place }: Source): RecordSection {
  const lines = c.readings.map((r) => {
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
  return { title: 'Readings', lines, empty: 'No readings.' };
}

export const done = ({ c, currency }: Source, fitted: readonly Part[]): RecordSection => ({
  title: 'Repairs and parts',
  lines: [
    ...c.repairs.map((r) => [r.words, `${r.minutes} min`, `${amount(cents(r.cost))} ${currency}`]),
    ...fitted.map((p) => [
      `${p.quantity} × ${p.name}`,
      [p.number, p.source].filter(Boolean).join(', '),
      `${amount(cents(p.price) * p.quantity)} ${currency}`,
    ]),
  ],
  empty: 'No parts fitted.',
});

export const retested = ({ c, day }: Source): RecordSection => ({
  title: 'Retests',
  lines: c.retests.map((t) => [
    c.complaints.find((p) => p.id === t.complaintId)?.words ?? '',
    `after: ${c.repairs.find((r) => r.id === t.repairId)?.words ?? ''}`,
    [retestWords[t.result], circumstanceWords(t.conditions), t.note, day(t.takenAt)].filter(Boolean).join('; '),
  ]),
  empty: 'No retests.',
});

export const checked = ({ k, c }: Source): RecordSection => ({
  title: 'Checks',
  lines: k.checklists.flatMap((l) =>
    l.items.flatMap((item): string[][] => {
      const mark = (c.checks ?? []).find((m) => m.list === l.id && m.item === item.id);
      return !mark || mark.state === 'open'
        ? []
        : [[item.text, mark.state === 'done' ? 'checked' : 'N/A', [l.name, mark.note].filter(Boolean).join('; ')]];
    }),
  ),
  empty: 'No checks.',
});

export function torqued({ state, own, day }: Source, signatures: readonly Signature[]): RecordSection {
  const lines = own(list(state, 'torque')).map((t) => {
    const signed = signatures.filter((s) => s.subjectId === t.id).at(-1);
    const stages = own(list(state, 'torqueStage')).filter((s) => s.torqueId === t.id);
    const finished = stages.filter((s) => s.doneAt).length;
    return [
      `${t.name} (${t.count} × ${t.thread ?? 'thread not noted'})`,
      `${t.entered} = ${show(t.figureNm, 'N·m')} N·m`,
      signed ? `signed ${signed.signedBy}, ${day(signed.signedAt)}` : `${finished} of ${stages.length} stages, not signed`,
    ];
  });
  return { title: 'Torques', lines, empty: 'No torques.' };
}

export const accounted = ({ state, own, day }: Source): RecordSection => ({
  title: 'Pieces accounted for',
  lines: [
    ...own(list(state, 'piece')).map((p) => [
      `${p.name}: ${p.went}`,
      p.outcome ? `${p.outcome}: ${p.proof}` : 'NOT accounted for',
      p.settledAt ? `by ${p.settledBy}, ${day(p.settledAt)}` : '',
    ]),
    ...sparesOf([], own(list(state, 'part'))).map((s) => [s.what, `spare: ${s.why}`, '']),
  ],
  empty: 'No piece broke off, dropped or went missing.',
});

/** What was checked before a step was closed, and which fasteners are not whole; what was closed over stands there with the reason. */
export const closedOver = ({ state, own }: Source): RecordSection => {
  const overrules = own(list(state, 'overrule'));
  const word = (code: string) => {
    const over = overrules.find((o) => !o.endedAt && o.codes.includes(code));
    return over ? `: ${over.reason} (${over.saidBy})` : '';
  };
  const step = (id: string) => state.rows.step.get(id)?.title ?? '';
  const checks = own(list(state, 'fact')).filter((f) => f.kind === 'check');
  const troubled = own(list(state, 'fastener')).filter((f) => f.state && f.affected > 0);
  return {
    title: 'Checked before closing',
    lines: [
      ...checks.map((f) => [f.about, f.says ?? `NOT checked${word(checkCode(f))}`, step(f.stepId)]),
      ...troubled.map((f) => [`${f.size}: ${f.affected} of ${f.count}`, `${f.state}${word(fastenerCode(f))}`, step(f.stepId)]),
    ],
    empty: 'No checks were owed.',
  };
};

/** Wires, hoses and cables that were parted, joints that were measured, and pairings that were tried. */
export const connected = ({ state, own }: Source): RecordSection => {
  const all = own(list(state, 'connection'));
  const volts = (v: number | null) => (v === null ? 'not measured' : `${show(v, 'V')} V`);
  return {
    title: 'Connections',
    lines: [
      ...all
        .filter((c) => !isJoint(c))
        .map((c) => [
          [c.colour, c.fromEnd].filter(Boolean).join(', '),
          crossedWords(c) ? `on ${c.joinedTo}, NOT on ${c.toEnd}` : c.joinedAt ? `on ${c.toEnd}` : `NOT back on ${c.toEnd}`,
          [c.mark && `mark ${c.mark}`, c.route].filter(Boolean).join(', '),
        ]),
      ...all.filter(isJoint).map((c) => [c.fromEnd, `${volts(c.dropBefore)} before, ${volts(c.dropAfter)} after`, c.toEnd]),
      ...own(list(state, 'wireTry')).map((t) => ['Pairing tried', t.says, t.result]),
    ],
    empty: 'No connections were noted.',
  };
};

/** What parts were cleaned with, and how far those are that are not ready. */
export const cleaned = ({ k, state, own }: Source): RecordSection => ({
  title: 'Cleaned',
  lines: own(list(state, 'treatedPart')).map((t) => [
    t.item,
    own(list(state, 'cleaning'))
      .filter((x) => x.partId === t.id)
      .map((x) => `${k.cleaners.find((c) => c.id === x.cleaner)?.name ?? x.cleaner}${x.rounds > 1 ? ` × ${x.rounds}` : ''}`)
      .join(', ') || 'nothing yet',
    t.state === 'away' && t.at ? `away, at ${t.at}` : t.state,
  ]),
  empty: 'No part was cleaned by itself.',
});

/** Fluids that were drained and filled, as they were measured. */
export const filled = ({ k, state, own, day }: Source): RecordSection => ({
  title: 'Fluids',
  lines: own(list(state, 'fluid')).map((f) => [
    k.fluids.find((x) => x.id === f.fluid)?.name ?? f.fluid,
    [f.act, f.ml === null ? 'not measured' : `${Math.round(f.ml)} ml`, f.grade].filter(Boolean).join(', '),
    [day(f.madeAt), f.note].filter(Boolean).join(', '),
  ]),
  empty: 'No fluid was drained or filled.',
});

export const notAsTheManual = ({ k, c }: Source): RecordSection => ({
  title: 'Not as the manual has it',
  lines: (c.substitutes ?? [])
    .filter((s) => !s.endedAt)
    .map((s) => [
      `${s.item}: ${s.chosen}`,
      [s.asFound && `as found ${s.asFound}`, s.manual && `manual ${s.manual}`, s.modified && `changed to fit: ${s.modified}`, s.why]
        .filter(Boolean)
        .join('; '),
      effectsOn(k, [s])
        .flatMap((e) => [e.name, ...e.says])
        .join(' '),
    ]),
  empty: 'Nothing that is noted.',
});

export const provisional = ({ state, own }: Source): RecordSection => ({
  title: 'Temporary repairs',
  lines: own(list(state, 'provisional'))
    .filter((p) => !p.endedAt)
    .map((p) => [
      p.what,
      p.why,
      [p.until ? `until ${p.until}` : '', p.mayRide ? 'may be ridden' : 'must NOT be ridden'].filter(Boolean).join(', '),
    ]),
  empty: 'No temporary repair on the bike.',
});

export const allowed = ({ c, day }: Source): RecordSection => ({
  title: 'Allowed anyway',
  lines: (c.overrules ?? []).map((o) => [
    actNames[o.act],
    o.reason,
    [`by ${o.saidBy}, ${day(o.madeAt)}`, o.endedAt ? `withdrawn ${day(o.endedAt)}` : ''].filter(Boolean).join(', '),
  ]),
  empty: 'Nothing was overruled.',
});

export const watched = ({ state, own }: Source): RecordSection => ({
  title: 'Watch list',
  lines: own(list(state, 'watch')).map((w) => [w.what, w.due, '']),
  empty: 'Nothing.',
});

export function billed({ c, currency }: Source, fitted: readonly Part[]): RecordSection {
  const bill = billOf(fitted, c.repairs, c.job.rate);
  return {
    title: 'Bill',
    lines: [
      ['Parts and materials', '', `${amount(bill.partsCents)} ${currency}`],
      ['Work', `${bill.minutes} min at ${c.job.rate} an hour`, `${amount(bill.labourCents)} ${currency}`],
      ['Total before tax', '', `${amount(bill.totalCents)} ${currency}`],
    ],
    empty: '',
  };
}
