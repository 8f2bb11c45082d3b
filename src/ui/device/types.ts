import type { Command, Refusal } from '../../core/command';
import type { Change, Heard, Personal } from '../../core/state';

export interface PersonalData {
  id: string;
  name: string | null;
  phone?: string | null;
  email?: string | null;
}

/** One entry that this device made and the server has not answered, or has refused. */
export interface OutboxItem {
  /** Its place in the outbox, given when it is kept. */
  n?: number;
  id: string;
  shopId: string;
  jobId: string | null;
  command: Command;
  personal?: PersonalData[];
  /** Who was working when it was made. */
  actorId: string | null;
  /** Photos whose bytes must be at the server before it. */
  photos: string[];
  /** What it did here: shows which later entries build on it. */
  changes: Change[];
  /** waiting: to be sent; held: builds on a refused one; refused: needs a person. */
  state: 'waiting' | 'held' | 'refused';
  heldBy?: string;
  refusal?: Refusal;
}

export type Answered =
  | { kind: 'kept'; seq: number; changes: Change[] }
  | { kind: 'refused'; refusal: Refusal }
  /** Another entry of the same act was refused, so this one was not applied either. */
  | { kind: 'left' }
  /** The server could not be reached or could not keep it: it is sent again. */
  | { kind: 'cut' }
  /** This device may not speak to the workshop any more. */
  | { kind: 'away' }
  /** This browser was taken into another workshop since: nothing was sent, and everything is kept. */
  | { kind: 'elsewhere' };

/** What the tabs of one browser tell each other. */
export type News =
  | { kind: 'added'; item: OutboxItem }
  | { kind: 'answered'; id: string; jobId: string | null; seq: number; changes: Change[] }
  | { kind: 'refused'; id: string; jobId: string | null }
  /** Refused, and there is no outbox in which it could wait for a person: it is told at once. */
  | { kind: 'turnedDown'; id: string; type: string; refusal: Refusal }
  /** Something in the outbox or among the conflicts is not as it was. */
  | { kind: 'outbox'; jobId: string | null }
  | { kind: 'entries'; entries: Heard[] }
  /** The line came back after a cut or a sleep: what was missed is to be fetched. */
  | { kind: 'catchUp' }
  | { kind: 'line'; line: Connection }
  /** How far the photo that is on its way has come, 0 to 1; null if none is. */
  | { kind: 'photoPart'; part: number | null };

/** How the server can be reached: up, cut, closed to this device, or open for another workshop only. */
export type Connection = 'up' | 'cut' | 'away' | 'elsewhere';

export type { Personal };
