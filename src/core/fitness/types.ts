import type { FitnessAct, Overrule } from '../state';

/** Where a reason is lifted. */
export type WayView = 'look' | 'trace' | 'strip' | 'parts' | 'rebuild' | 'start' | 'tune' | 'handover' | 'decide';

/** One thing that stands against an act, and what lifts it. */
export interface FitnessReason {
  /** Names it: the same thing has the same code, a new thing another. */
  code: string;
  /** The least act that it shuts; every further one is shut with it. */
  act: FitnessAct;
  because: string;
  lift: string;
  view: WayView;
  /** Tests that can lift it, by id. */
  tests: readonly string[];
  /** Faults whose repair lifts it. */
  faults: readonly string[];
  /** For something that is off: its step, so that a test that wants it off is not shut by it. */
  access?: string;
}

/** Whether one thing may be done. */
export interface FitnessVerdict {
  act: FitnessAct;
  may: boolean;
  /** What stands against it. Those that a person overruled are in `overruled`. */
  reasons: FitnessReason[];
  overruled: { reason: FitnessReason; by: Overrule }[];
}

export interface Fitness {
  turn: FitnessVerdict;
  crank: FitnessVerdict;
  run: FitnessVerdict;
  ride: FitnessVerdict;
  handOver: FitnessVerdict;
  /** What shuts nothing but is to be thought of first. */
  advice: string[];
}
