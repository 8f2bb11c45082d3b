import type { WorkshopContext } from '../../core/state';

/** Who was picked on this device, until the server knows. */
export type Picked = WorkshopContext['actor'];

const key = (shopId: string) => `ivrek-picked:${shopId}`;
/** Where the browser keeps nothing, for as long as this page lives. */
const unkept = new Map<string, string>();

/** Written down before the tap returns, so not even leaving the page in the next instant loses it. */
export function savePick(shopId: string, person: Picked): void {
  const text = JSON.stringify({ person });
  unkept.set(shopId, text);
  try {
    localStorage.setItem(key(shopId), text);
  } catch {
    // Full or switched off.
  }
}

/** What was picked here and is not told yet, as it was written down; null if there is nothing to tell. */
function readText(shopId: string): string | null {
  try {
    return localStorage.getItem(key(shopId)) ?? unkept.get(shopId) ?? null;
  } catch {
    return unkept.get(shopId) ?? null;
  }
}

/** Someone was picked whom the server does not know of yet. */
export function readPick(shopId: string): { person: Picked; told(): void } | null {
  const text = readText(shopId);
  if (!text) return null;
  try {
    const { person } = JSON.parse(text) as { person: Picked };
    return { person, told: () => drop(shopId, text) };
  } catch {
    drop(shopId, text);
    return null;
  }
}

/** Someone else may have been picked while the server was told. */
function drop(shopId: string, text: string): void {
  if (readText(shopId) !== text) return;
  unkept.delete(shopId);
  try {
    localStorage.removeItem(key(shopId));
  } catch {
    // Nothing stands there then.
  }
}
