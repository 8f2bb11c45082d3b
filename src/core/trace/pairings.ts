/**
 * Every way to join `n` ends on one side to `n` on the other, the one they have now left out: permutations in the order
 * in which the fewest ends are moved first.
 *
 * @param n number of like ends, 2 to 6
 * @returns each as the far ends in the order of the near ones: [2, 1, 3] joins 1 to 2, 2 to 1 and leaves 3
 */
export function pairingsOf(n: number): number[][] {
  const all: number[][] = [];
  const grow = (done: number[], left: number[]) => {
    if (left.length === 0) all.push(done);
    else left.forEach((x, i) => grow([...done, x], [...left.slice(0, i), ...left.slice(i + 1)]));
  };
  grow(
    [],
    Array.from({ length: n }, (_x, i) => i + 1),
  );
  const moved = (p: number[]) => p.filter((x, i) => x !== i + 1).length;
  return all.filter((p) => moved(p) > 0).sort((a, b) => moved(a) - moved(b));
}

/** How a pairing that was tried is written into the job. */
export const pairingKey = (testId: string, p: readonly number[]): string => `${testId}:${p.join('-')}`;
