/** One sentence for an act that is chosen; undefined is what is not known yet, null what cannot be said. */
export function insteadWords(more: number | null | undefined, currency: string, costs = 'Costs'): string {
  if (more === undefined) return 'Working out what it costs in all.';
  if (more === null) return '';
  return Math.round(more) > 0
    ? `${costs} about ${Math.round(more)} ${currency} more in all than the cheapest way on.`
    : 'As cheap in all as what is advised.';
}
