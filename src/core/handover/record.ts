import { factsOf, type Knowledge } from '../knowledge';
import { dayWords, groupedWords, list, placeWords, type JobSnapshot, type State } from '../state';
import { caseOf } from '../trace';
import {
  accounted,
  closedOver,
  cleaned,
  connected,
  filled,
  allowed,
  billed,
  checked,
  complaints,
  done,
  found,
  measured,
  notAsTheManual,
  provisional,
  retested,
  torqued,
  watched,
  type RecordSection,
  type Source,
} from './sections';

/** The record of a job as the owner gets it: titled sections of plain lines, the same for page and paper. */
export interface JobRecord {
  title: string;
  under: string[];
  sections: RecordSection[];
}

/** Who wrote the record, and for whom. */
export interface RecordHead {
  workshop: string;
  /** Null where nobody noted it, or where it was erased. */
  owner: string | null;
  currency: string;
  /** Time zone of the workshop (IANA name). */
  zone: string;
}

/**
 * The head of a job's record, from what a device or the server holds of the job.
 * @param snapshot of which the shop, the personal data and the job are read
 * @param state what is known, left as it is
 * @param zone an IANA time zone, for the dates that are printed
 * @returns the head, with no name in it where personal data are left out
 */
export function headOf(
  { shop, personal, jobId }: Pick<JobSnapshot, 'shop' | 'personal' | 'jobId'>,
  state: State,
  zone: string,
): RecordHead {
  const ownerId = caseOf(state, jobId).bike.ownerId;
  const personalId = ownerId && state.rows.owner.get(ownerId)?.personalId;
  return { workshop: shop.name, owner: personal.find((p) => p.id === personalId)?.name ?? null, currency: shop.currency, zone };
}

/** What stands below the name of the bike. */
function headLines({ c, day }: Source, { workshop, owner }: RecordHead, signedBy: string | undefined): string[] {
  const { bike, job } = c;
  return [
    [workshop, owner ? `for ${owner}` : ''].filter(Boolean).join(', '),
    [
      bike.year,
      bike.mileageKm !== null ? `${groupedWords(bike.mileageKm)} km` : null,
      bike.frameNo ? `frame ${bike.frameNo}` : null,
      bike.engineNo ? `engine ${bike.engineNo}` : null,
    ]
      .filter(Boolean)
      .join(' · '),
    `Booked in ${day(job.openedAt)}${job.handedOverAt ? `, handed over ${day(job.handedOverAt)}` : ', not handed over yet'}${signedBy ? `, signed ${signedBy}` : ''}`,
  ].filter(Boolean);
}

/**
 * What was found, measured, done, retested, checked, torqued, allowed and signed, and what is to be watched, from a job's rows.
 *
 * @param state what is known, left as it is
 * @param k what ships and the workshop's own knowledge
 * @param jobId the job
 * @param head whose bike and workshop it is, and in which currency sums are told; rows hold only ids
 * @returns sections in the order in which they are read; figures in the units in which they were entered
 */
export function recordOf(state: State, k: Knowledge, jobId: string, head: RecordHead): JobRecord {
  const c = caseOf(state, jobId);
  const own: Source['own'] = (rows) => rows.filter((r) => r.jobId === jobId);
  const place = (p: string | null) => {
    const words = placeWords(p, c.bike.cylinders);
    return words && `, ${words}`;
  };
  const s: Source = {
    state,
    k,
    c,
    facts: factsOf(c.bike, c.job, k),
    currency: head.currency,
    day: (iso) => dayWords(iso, head.zone),
    own,
    place,
  };
  const fitted = own(list(state, 'part')).filter((p) => p.status === 'fitted');
  const signatures = own(list(state, 'signature'));
  return {
    title: c.bike.name,
    under: headLines(s, head, signatures.filter((x) => x.kind === 'handOver').at(-1)?.signedBy),
    sections: [
      complaints(s),
      found(s),
      measured(s),
      done(s, fitted),
      notAsTheManual(s),
      retested(s),
      checked(s),
      torqued(s, signatures),
      closedOver(s),
      connected(s),
      cleaned(s),
      filled(s),
      accounted(s),
      provisional(s),
      allowed(s),
      watched(s),
      billed(s, fitted),
    ],
  };
}

/** What stands under every record. */
export const recordNotice =
  'General values are marked as such; the maker’s manual and local law come before anything written here. Brakes, steering, frame and fuel system: have them inspected where the law asks.';
