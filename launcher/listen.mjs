// The server process: the built application behind an HTTP server with limits of its own. Plain Node, started by serve.mjs.
import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { cleanPath, forwardedBy } from './request.mjs';

process.env.ASTRO_NODE_AUTOSTART = 'disabled';
const { handler } = await import('../dist/server/entry.mjs');
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
  handler(request, response);
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
