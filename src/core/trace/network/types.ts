/**
 * The bare network under the tracer: groups of faults, findings they cause, and what was observed.
 * It knows nothing of motorcycles; ids are opaque.
 */

/** One joint mode of a group: which fault instances are there together, with its prior probability. */
export interface GroupState {
  prior: number;
  /** Ids of the fault instances that are present in this mode; empty for "nothing wrong here". */
  members: readonly string[];
}

/** An independent variable: exclusive joint modes whose priors sum to 1. State 0 is "nothing wrong". At most 64 states. */
export interface Group {
  id: string;
  states: readonly GroupState[];
}

/** What one mode of one group does to one finding: the distribution of the level that it alone would reach. */
export interface NetworkLink {
  group: number;
  state: number;
  /** Probability of each level, level 0 = "not at all"; sums to 1. */
  levels: readonly number[];
}

/**
 * Something that can be noticed, in levels 0..n-1. The level is the maximum of what the leak and each linked mode
 * reach independently (noisy-MAX; with two levels this is noisy-OR).
 */
export interface NetworkFinding {
  id: string;
  /** The test's own error: distribution of the level with no fault at all. */
  leak: readonly number[];
  links: readonly NetworkLink[];
}

export interface Network {
  groups: readonly Group[];
  findings: readonly NetworkFinding[];
}

/** What was seen of one finding: the likelihood of what was seen at each level. [1,0] is absent, [0,1] present. */
export interface Observation {
  finding: number;
  weights: readonly number[];
}
