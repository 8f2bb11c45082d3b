/** Less than this left, and a day of photos may not fit. */
const shortBytes = 150 * 1024 * 1024;

export interface Room {
  short: boolean;
  freeMb: number;
}

/** How much this browser still lets us keep; null if it does not say. */
export async function roomLeft(): Promise<Room | null> {
  if (typeof navigator === 'undefined' || !navigator.storage?.estimate) return null;
  const { quota, usage } = await navigator.storage.estimate();
  if (quota === undefined || usage === undefined) return null;
  const free = quota - usage;
  return { short: free < shortBytes, freeMb: Math.max(0, Math.floor(free / 1024 / 1024)) };
}

/** Asks the browser not to clear what is kept here when its disk fills up. True if it promised. */
export async function askForPersistence(): Promise<boolean> {
  if (typeof navigator === 'undefined' || !navigator.storage?.persist) return false;
  return (await navigator.storage.persisted()) || (await navigator.storage.persist());
}
