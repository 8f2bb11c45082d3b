/** What inference may take, in entries of a table. Beyond it the answer is rough, and says so. */
export interface Budget {
  /** The largest table that is worked out exactly. */
  table: number;
  /** The largest table of one block of findings, where they do not fit into one. */
  block: number;
  /** How often the blocks are told what the others make of it. */
  rounds: number;
}

/**
 * Fifteen findings that hang together are still exact. Beyond, blocks of ten, eight rounds: thirty findings at once take about
 * as long as fifteen. On what both can do, blocks of six and eight rounds were within 0.01 of the exact odds of every fault.
 */
export const usualBudget: Budget = { table: 2 ** 15, block: 2 ** 10, rounds: 8 };
