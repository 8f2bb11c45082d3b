import type { Budget } from './budget';
import type { Dimension, Prepared } from './prepare';
import { partOf, sweepPart, type SweepPart } from './sweep';

/**
 * Many findings at once. They are parted into blocks that fit the budget; each block is swept exactly, with the other blocks'
 * say in the weights of its groups, round after round: expectation propagation (Minka 2001) with independent groups between the
 * blocks. What is lost is only how findings of different blocks explain each other away beyond what each makes of a group.
 */
export interface InBlocks {
  logTotal: number;
  /** The first block, and the weights of all groups with what the other blocks say of them. */
  main: SweepPart;
  weight: Float64Array[];
}

/** How strongly two findings hang together: by the groups that can bring both, as likely as they were beforehand. */
function shared(prepared: Prepared, a: Dimension, b: Dimension): number {
  let sum = 0;
  a.touch.forEach((ta, g) => {
    const tb = b.touch[g];
    if (!ta || !tb) return;
    const weight = prepared.weight[g];
    for (let s = 1; s < weight.length; s++) sum += weight[s] * (1 - ta[s][0]) * (1 - tb[s][0]);
  });
  return sum;
}

/** Blocks of findings that hang together most, none with a larger table than `most`. The first holds those that matter most. */
function blocksOf(prepared: Prepared, { dimensions }: SweepPart, most: number, first: (d: Dimension) => boolean): Dimension[][] {
  const left = [...dimensions.filter(first), ...dimensions.filter((d) => !first(d))];
  const blocks: Dimension[][] = [];
  while (left.length) {
    const block = [left.shift()!];
    let size = block[0].size;
    for (;;) {
      const fitting = left.filter((d) => d.size * size <= most);
      if (fitting.length === 0) break;
      const wanted = fitting.some(first) ? fitting.filter(first) : fitting;
      const bond = new Map(wanted.map((d) => [d, block.reduce((sum, b) => sum + shared(prepared, b, d), 0)]));
      const next = wanted.reduce((best, d) => (bond.get(d)! > bond.get(best)! ? d : best));
      block.push(next);
      size *= next.size;
      left.splice(left.indexOf(next), 1);
    }
    blocks.push(block);
  }
  return blocks;
}

/** Part of the way that a block's say moves in a round after the first; less than all, so that two blocks do not chase each other. */
const damping = 0.6;

function normalised(x: Float64Array): Float64Array {
  let sum = 0;
  for (const y of x) sum += y;
  return sum > 0 ? x.map((y) => y / sum) : x;
}

/**
 * The posterior of a part that is too large for the budget, written into `probability`. `first` names the findings that the
 * first block should hold. The same for the same findings and groups, in whatever order they were entered.
 */
export function sweepInBlocks(
  prepared: Prepared,
  part: SweepPart,
  probability: Float64Array[],
  { block, rounds }: Budget,
  first: (d: Dimension) => boolean = () => false,
): InBlocks {
  const blocks = blocksOf(prepared, part, block, first).map(partOf);
  const say = blocks.map((b) => new Map(b.groups.map((g) => [g, new Float64Array(prepared.weight[g].length).fill(1)])));
  /** The weights with what all blocks but one say; all of them for -1. */
  const weightsFor = (but: number): Float64Array[] => {
    const weight = [...prepared.weight];
    say.forEach((own, b) => {
      if (b === but) return;
      for (const [g, m] of own) weight[g] = weight[g].map((w, s) => w * m[s]);
    });
    for (const g of part.groups) weight[g] = normalised(weight[g]);
    return weight;
  };
  let logTotal = 0;
  for (let round = 0; round < rounds; round++) {
    for (const [b, own] of blocks.entries()) {
      const weight = weightsFor(b);
      const share = sweepPart(weight, own, probability);
      if (round === 0) logTotal += share;
      if (share === -Infinity) return { logTotal: -Infinity, main: blocks[0], weight };
      for (const g of own.groups) {
        const before = say[b].get(g)!;
        let most = 0;
        const now = before.map((m, s) => {
          const fresh = weight[g][s] > 0 ? probability[g][s] / weight[g][s] : 1;
          const moved = round === 0 ? fresh : m ** (1 - damping) * fresh ** damping;
          most = Math.max(most, moved);
          return moved;
        });
        say[b].set(g, most > 0 ? now.map((m) => m / most) : before);
      }
    }
  }
  const all = weightsFor(-1);
  for (const g of part.groups) probability[g].set(all[g]);
  return { logTotal, main: blocks[0], weight: weightsFor(0) };
}
