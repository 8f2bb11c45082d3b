import type { Item } from './types';

/**
 * What is in hand between a tap and the moment the outbox has it on disk. The browser writes this down before the tap
 * returns, so not even a reload in the next instant loses it.
 */
const prefix = (shopId: string) => `ivrek-hand:${shopId}:`;
let count = 0;

/** Takes an entry in hand at once; the answer puts it down again. */
export function takeInHand(item: Item): () => void {
  const place = `${String(Date.now()).padStart(14, '0')}-${String(count++).padStart(6, '0')}`;
  const key = `${prefix(item.shopId)}${place}:${item.id}`;
  try {
    localStorage.setItem(key, JSON.stringify(item));
  } catch {
    // Full or switched off: the outbox alone has to do.
    return () => undefined;
  }
  return () => localStorage.removeItem(key);
}

/** What was in hand when a screen went away, in the order in which it was made, each with how to put it down. */
export function leftInHand(shopId: string): { item: Item; putDown: () => void }[] {
  if (typeof localStorage === 'undefined') return [];
  const keys = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i)!).filter((k) => k.startsWith(prefix(shopId)));
  return keys.sort().flatMap((key) => {
    const putDown = () => localStorage.removeItem(key);
    try {
      return [{ item: JSON.parse(localStorage.getItem(key)!) as Item, putDown }];
    } catch {
      putDown();
      return [];
    }
  });
}
