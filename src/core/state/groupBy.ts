/**
 * Items by key, in the order in which the keys first came. (Node 20 has no Map.groupBy.)
 * @param items anything
 * @param key what an item goes under
 * @returns lists that keep the order of the items
 */
export function groupBy<T, K>(items: Iterable<T>, key: (item: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const item of items) {
    const k = key(item);
    const group = groups.get(k);
    if (group) group.push(item);
    else groups.set(k, [item]);
  }
  return groups;
}
