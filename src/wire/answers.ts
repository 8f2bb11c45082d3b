import type { Refusal } from '../core/command';
import type { Change, Heard } from '../core/state';
import type { ErrorBody } from './errorBody';

/** A command that was kept; `again` says that it was kept before. */
export interface KeptCommand {
  status: 200;
  id: string;
  seq: number;
  changes: Change[];
  again: boolean;
}

/** What becomes of one command. */
export type CommandAnswer =
  | KeptCommand
  | ({
      status: 400 | 401 | 409 | 413 | 415 | 421 | 422 | 429 | 500 | 503;
      refusal?: Refusal;
      faults?: { path: string; message: string }[];
    } & ErrorBody);

/** What becomes of several: one answer for each that was dealt with, in their order. */
export interface CommandAnswers {
  answers: CommandAnswer[];
}

/** Journal lines after a number. */
export interface JournalPage {
  entries: Heard[];
  /** Everything up to this number has been looked at; entries of other jobs are left out. */
  upTo: number;
  more: boolean;
}
