import { sweepInBlocks } from './blocks';
import { usualBudget, type Budget } from './budget';
import { prepare } from './prepare';
import { connectedParts, sweepPart, tableOf } from './sweep';
import type { Network, Observation } from './types';

export interface Posterior {
  /** Natural logarithm of the probability of all the evidence. -Infinity if the evidence is impossible. */
  logEvidence: number;
  /** probability[g][s]: each group's modes given the evidence. */
  probability: Float64Array[];
  /** Largest table that was needed, in entries. */
  tableSize: number;
  /** The connected parts of the evidence, each independent of the others. */
  parts: readonly SweptPart[];
  /** True if some part was too large for the budget; the others are exact all the same. */
  rough: boolean;
}

/** One connected part: the groups and findings in it, and the natural logarithm of its share of the evidence. */
export interface SweptPart {
  groups: readonly number[];
  findings: readonly number[];
  logTotal: number;
  /** True if it was worked out in blocks, because its table is too large. */
  rough: boolean;
}

/**
 * Posterior of every group mode: exact for every connected part whose table fits the budget, by one forward and one backward
 * sweep. A finding is in the table from the first group that can bring it to the last, and the groups are taken in an order
 * that keeps the table small. Only sums of positive terms, so no precision is lost however many findings there are. Time:
 * groups × modes × table; the table has at most 2^m entries for m present findings of one connected part. A larger part is
 * worked out in blocks (see blocks.ts) and marked as rough.
 * @param network groups and findings
 * @param observations what was seen
 * @param prepared the order of the sweep, where it is worked out already
 * @param budget how large a table may grow
 * @returns probability of each mode of each group, and of the evidence
 */
export function infer(
  network: Network,
  observations: readonly Observation[],
  prepared = prepare(network, observations),
  budget: Budget = usualBudget,
): Posterior {
  const probability = prepared.weight.map((w) => Float64Array.from(w));
  let logEvidence = prepared.logScale;
  let tableSize = 1;
  const parts: SweptPart[] = [];
  if (logEvidence === -Infinity) return { logEvidence, probability, tableSize, parts, rough: false };
  for (const part of connectedParts(prepared)) {
    const size = tableOf(part);
    const rough = size > budget.table;
    const logTotal = rough ? sweepInBlocks(prepared, part, probability, budget).logTotal : sweepPart(prepared.weight, part, probability);
    logEvidence += logTotal;
    parts.push({ groups: part.groups, findings: part.dimensions.map((d) => d.finding), logTotal, rough });
    tableSize = Math.max(tableSize, rough ? budget.block : size);
  }
  return { logEvidence, probability, tableSize, parts, rough: parts.some((p) => p.rough) };
}
