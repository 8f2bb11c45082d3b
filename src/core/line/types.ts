import type { Knowledge } from '../knowledge';
import type { CommandName, Payloads, SetName, SetOf } from '../command';
import type { Conditions, JobSnapshot, Personal, ReadingValue, State } from '../state';
import type { Case } from '../trace';
import type { Token } from './tokens';

/** What a line can be about: this bike as it stands, and what the trade knows. */
export interface LineContext {
  state: State;
  knowledge: Knowledge;
  traced: Case;
  jobId: string;
  /** The test that is recommended at the moment, so that "next" can be answered. */
  next: { testId: string; position: string | null } | null;
  /** Now, and how many minutes local time is ahead of UTC: times are said in local time. */
  now: string;
  aheadMinutes: number;
  /** The workshop's, behind every sum. */
  currency: string;
  actor: JobSnapshot['actor'];
  personal: JobSnapshot['personal'];
}

/** A result for the tracer, as the screen's own test card would hand it over. */
export interface LineResult {
  testId: string;
  position: string | null;
  outcome: string;
  reading: { quantity: string; value: ReadingValue; unit: string; entered: string } | null;
  conditions: Conditions;
  note: string | null;
}

/** A part of a payload that is a new row, or a list of them, before each has its id. */
type BeforeId<P> = P extends { id: string } ? Omit<P, 'id'> : P extends (infer R extends { id: string })[] ? Omit<R, 'id'>[] : P;
type NewRows<P> = { [K in keyof P]: BeforeId<P[K]> };

interface Doing<N extends CommandName> {
  do: 'act';
  type: N;
  /** The row it is about; null for a new one. */
  id: string | null;
  payload: NewRows<Payloads[N]>;
  /** The parts of the payload that are new rows, each of which needs an id. */
  needIds?: (keyof Payloads[N] & string)[];
  /** A torque whose stages are all done already. */
  allDone?: boolean;
}

/** One thing that keeping a line does. Ids of new rows are made by whoever keeps it. */
export type LineAct =
  | { do: 'result'; result: LineResult }
  | { [N in CommandName]: Doing<N> }[CommandName]
  | { [N in SetName]: { do: 'set'; type: N; id: string; set: SetOf<N> } }[SetName]
  /** New personal data of an owner: a row of its own that the owner then points to. */
  | { do: 'owner'; id: string; personal: Omit<Personal, 'id'> }
  | { do: 'undo' | 'redo'; id: string };

/** One way to understand a line: in words for the person, and what keeping it would do. */
export interface Meaning {
  phrase: string;
  words: string;
  acts: LineAct[];
  /** For a reading: what it is held against, to be drawn before it is kept. */
  reading?: { quantity: string; value: ReadingValue; unit: string };
  /** How far-fetched it is; of the meanings of a line only the least far-fetched are shown. */
  cost: number;
}

/** A line that is being read. */
export interface SpokenReading {
  source: string;
  tokens: Token[];
  context: LineContext;
  /** What a part of the line almost is, and what was probably meant; the furthest one is told if nothing else fits. */
  problems: { at: number; message: string }[];
}

export interface Found<T> {
  value: T;
  next: number;
  cost?: number;
}

/** A part of a phrase: reads itself from a place in the line, in every way that it can. */
export interface Slot<T> {
  /** What is expected here, for the person. */
  hint: string;
  /** `before` holds what the parts before it were read as. */
  read(line: SpokenReading, at: number, before: readonly unknown[]): Found<T>[];
  /** Words of this bike that could stand here. */
  offers?(context: LineContext, before: readonly unknown[]): string[];
}

/** One kind of thing that can be said. */
export interface Phrase {
  id: string;
  /** What it is for, in a few words. */
  does: string;
  example: string;
  slots: Slot<unknown>[];
  /** Null where the parts do not go together. */
  mean(values: unknown[], line: SpokenReading): Meaning[];
}
