/** Does something when the browser has nothing else to do, within some seconds at the latest. Returns what calls it off. */
export function whenIdle(work: () => void): () => void {
  if (!('requestIdleCallback' in window)) {
    const timer = setTimeout(work, 1000);
    return () => clearTimeout(timer);
  }
  const asked = requestIdleCallback(work, { timeout: 5000 });
  return () => cancelIdleCallback(asked);
}
