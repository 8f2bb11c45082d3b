import type { OutboxItem } from './types';

/**
 * What is in hand between a tap and the moment the outbox has it on disk. The browser writes this down before the tap
 * returns, so not even a reload in the next instant loses it.
 */
const prefix = (shopId: string) => `ivrek-hand:${shopId}:`;
let count = 0;

/** Takes the entries of one act in hand at once, as one piece; the answer puts them down again. */
export function writeAhead(items: readonly OutboxItem[]): () => void {
  const place = `${String(Date.now()).padStart(14, '0')}-${String(count++).padStart(6, '0')}`;
  const key = `${prefix(items[0].shopId)}${place}:${items[0].id}`;
  try {
    localStorage.setItem(key, JSON.stringify(items));
  } catch {
    // Full or switched off: the outbox alone has to do.
    return () => undefined;
  }
  return () => localStorage.removeItem(key);
}

/** The entries of one act that are in hand, and how to put them down. */
export interface AheadEntry {
  items: OutboxItem[];
  putDown: () => void;
}

/** What was in hand when a screen went away, in the order in which it was made. An earlier version wrote one entry by itself. */
export function readAhead(shopId: string): AheadEntry[] {
  if (typeof localStorage === 'undefined') return [];
  const keys = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i)!).filter((k) => k.startsWith(prefix(shopId)));
  return keys.sort().flatMap((key) => {
    const putDown = () => localStorage.removeItem(key);
    try {
      const kept = JSON.parse(localStorage.getItem(key)!) as OutboxItem | OutboxItem[];
      return [{ items: Array.isArray(kept) ? kept : [kept], putDown }];
    } catch {
      putDown();
      return [];
    }
  });
}
