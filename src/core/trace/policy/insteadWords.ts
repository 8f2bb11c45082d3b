/**
 * One sentence for an act that is chosen; undefined is what is not known yet, null what cannot be said.
 * @param more money more than the advised act
 * @param currency ISO 4217
 * @param costs what the act itself costs
 * @returns a sentence
 */
export function insteadWords(more: number | null | undefined, currency: string, costs = 'Costs'): string {
  if (more === undefined) return 'Working out the total cost.';
  if (more === null) return '';
  return Math.round(more) > 0
    ? `${costs} about ${Math.round(more)} ${currency} more in all than the cheapest way.`
    : 'No dearer than what is advised.';
}

/**
 * What the risk of a test counts for in its cost, in a sentence; empty where that is nothing.
 * @param risk money
 * @param currency ISO 4217
 * @returns a sentence
 */
export const riskWords = (risk: number, currency: string): string =>
  Math.round(risk) > 0 ? `Its risk counts as ${Math.round(risk)} ${currency}.` : '';

/**
 * What the advised test is expected to save, in a sentence; empty where that is nothing.
 * @param saves money
 * @param currency ISO 4217
 * @returns a sentence
 */
export const savesWords = (saves: number, currency: string): string =>
  Math.round(saves) > 0 ? `Saves about ${Math.round(saves)} ${currency} over repairing the top suspect.` : '';
