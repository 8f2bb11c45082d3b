import type { Dimension } from './prepare';

/**
 * An order of groups that keeps a sweep's table small: always the groups of the finding that wants the fewest more, so that
 * it can leave the table soon; among them the one that brings the fewest new findings into it. Greedy, as is usual for
 * elimination orders: the best one is as hard to find as the sweep itself. Deterministic for the same findings and groups.
 */
export function eliminationOrder(dimensions: readonly Dimension[], groups: readonly number[]): number[] {
  const touched = new Map(groups.map((g) => [g, [...dimensions.keys()].filter((k) => dimensions[k].touch[g])]));
  const waiting = dimensions.map((d) => new Set(groups.filter((g) => d.touch[g])));
  const opened = new Set<number>();
  const placed = new Set<number>();
  const order: number[] = [];
  const fresh = (g: number) => touched.get(g)!.reduce((n, k) => n + (opened.has(k) ? 0 : 1), 0);
  for (;;) {
    let next = -1;
    for (let k = 0; k < waiting.length; k++) if (waiting[k].size > 0 && (next < 0 || waiting[k].size < waiting[next].size)) next = k;
    if (next < 0) break;
    while (waiting[next].size > 0) {
      let best = -1;
      for (const g of waiting[next]) if (best < 0 || fresh(g) < fresh(best)) best = g;
      order.push(best);
      placed.add(best);
      for (const k of touched.get(best)!) {
        opened.add(k);
        waiting[k].delete(best);
      }
    }
  }
  for (const g of groups) if (!placed.has(g)) order.push(g);
  return order;
}
