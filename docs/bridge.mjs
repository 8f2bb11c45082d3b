// A bridge for a real instrument: figures that come in on its standard input, one a line, go to Ivrek over a WebSocket on
// this machine. Try it: (while sleep 0.1; do echo 118; done) | node docs/bridge.mjs
import { createHash } from 'node:crypto';
import { createServer } from 'node:http';
import { createInterface } from 'node:readline';

const port = Number(process.env.PORT ?? 4695);
const channels = [{ id: 'gauge', name: 'Gauge', quantity: 'compression', unit: 'psi', resolution: 1 }];
const hello = { hello: { format: 1, id: 'my-gauge', name: 'My gauge', kind: 'compression', channels, controls: [] } };
const began = Date.now();
const open = new Set();

/** One text frame of RFC 6455, for lines under 64 kB. */
function frame(message) {
  const text = Buffer.from(JSON.stringify(message));
  const size = text.length < 126 ? [text.length] : [126, text.length >> 8, text.length & 255];
  return Buffer.concat([Buffer.from([0x81, ...size]), text]);
}
const server = createServer((_request, answer) => answer.writeHead(426).end('This speaks WebSocket only.'));
server.on('upgrade', (request, socket) => {
  const key = `${request.headers['sec-websocket-key']}258EAFA5-E914-47DA-95CA-C5AB0DC85B11`;
  const accept = createHash('sha1').update(key).digest('base64');
  socket.write(`HTTP/1.1 101 Switching Protocols\r\nUpgrade: websocket\r\nConnection: Upgrade\r\nSec-WebSocket-Accept: ${accept}\r\n\r\n`);
  socket.write(frame(hello));
  open.add(socket);
  for (const end of ['close', 'error']) socket.on(end, () => open.delete(socket));
});
server.listen(port, '127.0.0.1', () =>
  console.error(`ws://127.0.0.1:${/** @type {import('node:net').AddressInfo} */ (server.address()).port}`),
);
createInterface({ input: process.stdin }).on('line', (line) => {
  if (!Number.isFinite(Number(line))) return;
  for (const socket of open) socket.write(frame({ t: (Date.now() - began) / 1000, c: 'gauge', v: Number(line) }));
});
