import type { Fastener, Step } from '../state';
import { inOrder } from './order';

/** What is off the bike and where: bags that are out, and fasteners that are not back. */
export interface StripAccount {
  /** Steps whose parts are off, the last that came off first: the order they go back on. */
  off: Step[];
  bagsOut: string[];
  fastenersOut: number;
}

/**
 * What came off and is not back.
 * @param steps those of one job
 * @param fasteners those of one job
 * @returns steps, the next one to refit first; bags that are out; how many fasteners are out
 */
export function accountOf(steps: readonly Step[], fasteners: readonly Fastener[]): StripAccount {
  const off = inOrder(steps)
    .filter((s) => !s.refittedAt)
    .reverse();
  const ids = new Set(off.map((s) => s.id));
  const fastenersOut = fasteners.filter((f) => ids.has(f.stepId)).reduce((n, f) => n + f.count - f.refitted, 0);
  return { off, bagsOut: [...new Set(off.flatMap((s) => (s.bag ? [s.bag] : [])))], fastenersOut };
}

export interface ParsedFastener {
  count: number;
  size: string;
  place: string | null;
}

/**
 * Reads fasteners as they are spoken, comma between kinds: "4x M6x25 left cover, 2 M6x40, 1 dowel". A number before
 * the size is the count; what follows the size is the place.
 * @param text what was typed
 * @returns kinds with counts, lengths in mm, or a message
 */
export function parseFasteners(text: string): { ok: true; fasteners: ParsedFastener[] } | { ok: false; message: string } {
  const fasteners: ParsedFastener[] = [];
  for (const piece of text.split(/[,;\n]/).map((p) => p.trim())) {
    if (piece === '') continue;
    const m = /^(?:(\d+)\s*(?:[x×*]\s*|\s))?(m\d+(?:\.\d)?(?:\s*[x×*]\s*\d+(?:\.\d+)?)*|\S+)\s*(.*)$/i.exec(piece);
    if (!m) return { ok: false, message: `I cannot read '${piece}'. Write it like 4x M6x25 left cover.` };
    const count = m[1] ? Number(m[1]) : 1;
    if (count < 1 || count > 999) return { ok: false, message: `'${piece}': between 1 and 999 of a kind.` };
    if (/^\d+$/.test(m[2])) return { ok: false, message: `'${piece}': what size? Write it like 4x M6x25.` };
    fasteners.push({ count, size: m[2].replace(/\s*[x×*]\s*/gi, 'x').replace(/^m(?=\d)/, 'M'), place: m[3] === '' ? null : m[3] });
  }
  return { ok: true, fasteners };
}
