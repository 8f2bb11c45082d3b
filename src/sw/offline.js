/* The service worker: lets what was opened be opened again without a server. Two lines are put before this when it is
   served: `build`, the mark of this build, and `files`, everything that screens are made of. */
/* global caches, fetch, URL, Response, AbortController, setTimeout, clearTimeout, build, files */

const sw = /** @type {ServiceWorkerGlobalScope} */ (/** @type {unknown} */ (globalThis));

const shell = '/offline';
const kept = `ivrek-${build}`;
const photos = 'ivrek-photos';
const mostPhotos = 600;
/* Longer than this without an answer, and a screen from the device is better than waiting. */
const patienceMs = 5000;

sw.addEventListener('install', (event) => {
  event.waitUntil(
    (async () => {
      const cache = await caches.open(kept);
      await cache.addAll([shell, ...files]);
      await sw.skipWaiting();
    })(),
  );
});

sw.addEventListener('activate', (event) => {
  event.waitUntil(
    (async () => {
      // A screen of the last build may still be open and fetch a part of itself, so that build stays until the next.
      const builds = (await caches.keys()).filter((k) => k.startsWith('ivrek-') && k !== photos && k !== kept);
      await Promise.all(builds.slice(0, -1).map((k) => caches.delete(k)));
      await sw.clients.claim();
    })(),
  );
});

/* A page that was on its way when this worker began belongs to none until it asks. */
sw.addEventListener('message', (event) => {
  if (event.data === 'claim') event.waitUntil(sw.clients.claim());
});

/** From the device if it is there, else from the server. */
async function deviceFirst(request) {
  return (await caches.match(request)) ?? fetch(request);
}

/** The server's page; if the server is away, broken or too slow, the page that draws from the device. */
async function page(request) {
  const stop = new AbortController();
  const timer = setTimeout(() => stop.abort(), patienceMs);
  try {
    const response = await fetch(request, { signal: stop.signal });
    if (response.status < 500) return response;
  } catch {
    // drawn from the device below
  } finally {
    clearTimeout(timer);
  }
  return (await caches.match(shell)) ?? Response.error();
}

/** Photos never change: once seen, they are kept, the oldest going first when there are many. */
async function photo(request) {
  const cache = await caches.open(photos);
  const known = await cache.match(request);
  if (known) return known;
  const response = await fetch(request);
  if (response.ok) {
    await cache.put(request, response.clone());
    const all = await cache.keys();
    if (all.length > mostPhotos) await Promise.all(all.slice(0, all.length - mostPhotos).map((k) => cache.delete(k)));
  }
  return response;
}

sw.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== sw.location.origin) return;
  if (request.mode === 'navigate') {
    // Files and feeds are the server's alone.
    if (!url.pathname.startsWith('/api/') && !url.pathname.startsWith('/calendar/')) event.respondWith(page(request));
  } else if (url.pathname.startsWith('/api/photos/')) event.respondWith(photo(request));
  else if (files.includes(url.pathname)) event.respondWith(deviceFirst(request));
});
