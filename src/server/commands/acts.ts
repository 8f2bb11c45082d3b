/** A list as acts: commands of one group, which follow each other, belong together. */
export function actsIn(wanted: readonly unknown[]): unknown[][] {
  const acts: unknown[][] = [];
  let last: unknown;
  for (const one of wanted) {
    const group = typeof one === 'object' && one !== null ? (one as { group?: unknown }).group : undefined;
    if (group !== undefined && group === last) acts.at(-1)!.push(one);
    else acts.push([one]);
    last = group;
  }
  return acts;
}
