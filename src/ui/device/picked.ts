import type { WorkshopContext } from '../../core/state';

/** Who was picked on this device. */
export type Picked = WorkshopContext['actor'];

interface Kept {
  person: Picked;
  /** The server has answered that it knows. */
  told: boolean;
}

const key = (shopId: string) => `ivrek-picked:${shopId}`;
/** Where the browser keeps nothing, for as long as this page lives. */
const unkept = new Map<string, string>();

function write(shopId: string, kept: Kept): void {
  const text = JSON.stringify(kept);
  unkept.set(shopId, text);
  try {
    localStorage.setItem(key(shopId), text);
  } catch {
    // Full or switched off.
  }
}

/** Written down before the tap returns, so not even leaving the page in the next instant loses it. */
export const savePick = (shopId: string, person: Picked): void => write(shopId, { person, told: false });

function readText(shopId: string): string | null {
  try {
    return localStorage.getItem(key(shopId)) ?? unkept.get(shopId) ?? null;
  } catch {
    return unkept.get(shopId) ?? null;
  }
}

/** Who was picked last on this device, as long as a page may not know of it yet. */
export function readPick(shopId: string): (Kept & { markTold(): void }) | null {
  const text = readText(shopId);
  if (!text) return null;
  try {
    const { person, told } = JSON.parse(text) as Kept;
    // Someone else may have been picked while the server was told.
    const markTold = () => readText(shopId) === text && write(shopId, { person, told: true });
    return { person, told, markTold };
  } catch {
    forgetPick(shopId);
    return null;
  }
}

/** A page has shown it, or the workshop was entered anew. */
export function forgetPick(shopId: string): void {
  unkept.delete(shopId);
  try {
    localStorage.removeItem(key(shopId));
  } catch {
    // Nothing stands there then.
  }
}
