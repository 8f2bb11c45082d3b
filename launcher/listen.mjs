// The server process: the built application behind an HTTP server with limits of its own. Plain Node, started by serve.mjs.
import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { fileURLToPath } from 'node:url';
import compression from 'compression';
import sirv from 'sirv';
import { cleanPath, forwardedBy } from './request.mjs';

process.env.ASTRO_NODE_AUTOSTART = 'disabled';
const { handler } = await import(new URL('../dist/server/entry.mjs', import.meta.url).href);
const { HOST, PORT, SERVER_CERT_PATH, SERVER_KEY_PATH, IVREK_PROXIES } = process.env;
const secure = Boolean(SERVER_CERT_PATH && SERVER_KEY_PATH);
const proxies = (IVREK_PROXIES ?? '').split(',').filter(Boolean);

/** On every answer, also of files and of what goes wrong before a page is reached; pages add their own policy. */
const always = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'x-frame-options': 'DENY',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'geolocation=(), microphone=(), payment=(), usb=()',
  ...(secure && { 'strict-transport-security': 'max-age=31536000' }),
};
/** Files that pages are made of, packed at the build. Their names change with what they say. */
const files = sirv(fileURLToPath(new URL('../dist/client', import.meta.url)), {
  brotli: true,
  gzip: true,
  etag: true,
  setHeaders: (response, path) => {
    if (path.startsWith('/_astro/')) response.setHeader('cache-control', 'public, max-age=31536000, immutable');
  },
});

/** Answers are packed as they are made. News is not: it would wait in the packer until there is enough of it. */
const pack = compression({
  filter: (request, response) =>
    !String(response.getHeader('content-type')).startsWith('text/event-stream') && compression.filter(request, response),
});

const methods = new Set(['GET', 'HEAD', 'POST', 'PUT', 'DELETE']);

function answer(request, response) {
  for (const [name, value] of Object.entries(always)) response.setHeader(name, value);
  const turnDown = (status, code, message) => {
    response.writeHead(status, { 'content-type': 'application/json', 'cache-control': 'no-store' });
    response.end(JSON.stringify({ code, message }));
  };
  if (!methods.has(request.method)) return turnDown(405, 'bad-method', 'This is not done here.');
  const path = cleanPath(request.url ?? '/');
  if (path === null) return turnDown(400, 'bad-address', 'There is a character in this address that cannot be read.');
  request.url = path;
  forwardedBy(request, proxies);
  const made = () => pack(request, response, () => handler(request, response));
  if (request.method === 'GET' || request.method === 'HEAD') files(request, response, made);
  else made();
}

const options = {
  // Longer than any browser keeps an idle connection open: it is always the client that closes one, so none is closed under a
  // request that is just being sent.
  keepAliveTimeout: 330_000,
  headersTimeout: 20_000,
  // A large import over a slow network; smaller bodies have limits of their own.
  requestTimeout: 600_000,
};
const server = secure
  ? createSecureServer(
      { ...options, key: readFileSync(SERVER_KEY_PATH), cert: readFileSync(SERVER_CERT_PATH), minVersion: 'TLSv1.2' },
      answer,
    )
  : createServer(options, answer);
server.maxConnections = 2000;
server.on('clientError', (_error, socket) => {
  if (socket.writable) socket.end('HTTP/1.1 400 Bad Request\r\nconnection: close\r\ncontent-length: 0\r\n\r\n');
});
server.listen(Number(PORT), HOST);
