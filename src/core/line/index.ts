import { bikePhrases } from './phrases/bike';
import { fitnessPhrases } from './phrases/fitness';
import { stripPhrases } from './phrases/strip';
import { tracingPhrases } from './phrases/tracing';
import { checksPhrases } from './phrases/checks';
import { measurePhrases } from './phrases/measure';
import { partsPhrases } from './phrases/parts';
import { piecePhrases } from './phrases/pieces';
import { provisionalPhrases } from './phrases/provisional';
import { torquePhrases } from './phrases/torque';
import { waitsPhrases } from './phrases/waits';
import { tokensOf } from './tokens';
import type { LineContext, Meaning, Phrase, SpokenReading, Slot } from './types';

export type { LineAct, LineContext, LineResult, Meaning } from './types';
export { numbersAt } from './numbers';
export { tokensOf } from './tokens';

/** Everything that can be said on the bench line, by subject. */
export const subjects: readonly { name: string; phrases: readonly Phrase[] }[] = [
  { name: 'Trace', phrases: tracingPhrases },
  { name: 'May it run', phrases: fitnessPhrases },
  { name: 'Strip and rebuild', phrases: stripPhrases },
  {
    name: 'Measure, parts, torque, waits',
    phrases: [
      ...measurePhrases,
      ...partsPhrases,
      ...torquePhrases,
      ...checksPhrases,
      ...waitsPhrases,
      ...provisionalPhrases,
      ...piecePhrases,
    ],
  },
  { name: 'Bike, owner, way back', phrases: bikePhrases },
];
const phrases = subjects.flatMap((s) => s.phrases);

export interface Understanding {
  /** The ways to understand the line; with more than one, nothing is kept until one is chosen. */
  meanings: Meaning[];
  /** The line as it could go on, with this bike's own words. */
  offers: string[];
  /** Why it is not understood, and what was probably meant. */
  problem: string | null;
  /** "?" was asked. */
  help: boolean;
}

/** Meanings this much more far-fetched than the best are not worth a question. */
const farFetched = 0.3;
const mostMeanings = 6;
const mostOffers = 8;

interface Edge {
  at: number;
  slot: Slot<unknown>;
  before: unknown[];
  cost: number;
}

/** Walks through the parts of a phrase in every way that fits. */
function walk(line: SpokenReading, phrase: Phrase, edges: Edge[]): Meaning[] {
  const found: Meaning[] = [];
  const step = (k: number, at: number, values: unknown[], cost: number) => {
    if (k === phrase.slots.length) {
      if (at === line.tokens.length) found.push(...phrase.mean(values, line).map((m) => ({ ...m, cost: m.cost + cost })));
      return;
    }
    const slot = phrase.slots[k];
    // Where the words end, this is what could come next; so it is where the last word is not finished.
    if (at >= line.tokens.length - 1) edges.push({ at, slot, before: values, cost });
    for (const f of slot.read(line, at, values)) step(k + 1, f.next, [...values, f.value], cost + (f.cost ?? 0));
  };
  step(0, 0, [], 0);
  return found;
}

/**
 * Understands a line as a mechanic says it. Pure: it depends on the words and on the job as it stands. Never keeps
 * anything; where there are several meanings it gives them all.
 * @param source the line as it was typed or spoken
 * @param context the job, the knowledge and where the line was typed
 * @returns what was meant, in order of likelihood, or what to ask back
 */
export function understand(source: string, context: LineContext): Understanding {
  const text = source.trim();
  if (text === '' || text === '?') return { meanings: [], offers: [], problem: null, help: text === '?' };
  const line: SpokenReading = { source, tokens: tokensOf(source), context, problems: [] };
  const edges: Edge[] = [];
  const all = phrases.flatMap((p) => walk(line, p, edges));
  const bySense = new Map<string, Meaning>();
  for (const m of all.sort((a, b) => a.cost - b.cost)) if (!bySense.has(m.words)) bySense.set(m.words, m);
  const sorted = [...bySense.values()];
  const meanings = sorted.filter((m) => m.cost <= sorted[0].cost + farFetched).slice(0, mostMeanings);
  const offers = offersFrom(line, edges);
  const problem = meanings.length ? null : whyNot(line, edges);
  return { meanings, offers, problem, help: false };
}

/** The line completed with what could stand next: whole words after a blank, or the word that was begun. */
function offersFrom(line: SpokenReading, edges: readonly Edge[]): string[] {
  const { source, tokens, context } = line;
  const open = /\s$/.test(source);
  const last = tokens.at(-1);
  const offers = new Set<string>();
  for (const { at, slot, before } of [...edges].sort((a, b) => a.cost - b.cost)) {
    if (!slot.offers) continue;
    const begun = at === tokens.length - 1 && !open && last ? last.low : '';
    if (!(at === tokens.length && open) && begun === '') continue;
    const head = begun ? source.slice(0, last!.from) : source;
    for (const word of slot.offers(context, before)) {
      const low = word.toLowerCase();
      if (low.startsWith(begun) && low !== begun) offers.add(head + word);
    }
  }
  return [...offers].slice(0, mostOffers);
}

function whyNot({ tokens, source, problems }: SpokenReading, edges: readonly Edge[]): string {
  const told = [...problems].sort((a, b) => b.at - a.at)[0];
  if (told) return told.message;
  const furthest = Math.max(-1, ...edges.map((e) => e.at));
  const hints = [...new Set(edges.filter((e) => e.at === tokens.length && e.before.length > 0).map((e) => e.slot.hint))].filter(
    (h) => !/^[:;,]$/.test(h),
  );
  if (furthest === tokens.length && hints.length) return `Then ${hints.slice(0, 4).join(', or ')}.`;
  return `“${source.trim()}” not understood. Type ? for help.`;
}
