/** How long after an installation that failed the next is tried: long enough for a shop's network to have come back. */
const againMs = 20_000;

/**
 * Lays every screen on the device, so that it opens without a server. An installation that a bad line broke off is tried
 * again while the page stands. A page that was on its way while the worker took over belongs to no worker: it asks to be
 * taken over. Returns the end of trying.
 */
export function registerServiceWorker(container: ServiceWorkerContainer): () => void {
  let over = false;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const again = () => {
    if (!over) timer = setTimeout(lay, againMs);
  };
  const lay = () => {
    container.register('/sw.js').then((registration: ServiceWorkerRegistration | undefined) => {
      // A browser that blocks workers may answer with nothing.
      const worker = registration?.installing;
      worker?.addEventListener('statechange', () => {
        if (worker.state === 'redundant' && !registration?.active) again();
      });
    }, again);
  };

  lay();
  void container.ready.then((registration) => {
    if (!over && !container.controller) registration.active?.postMessage('claim');
  });
  return () => {
    over = true;
    clearTimeout(timer);
  };
}
