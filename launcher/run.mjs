import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { createServer } from 'node:net';

/** Runs a command to its end and returns { code, out, err } without throwing. */
export function quietly(cmd, args, options = {}) {
  const r = spawnSync(cmd, args, { encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'], ...options });
  return { code: r.status ?? 1, out: r.stdout ?? '', err: r.stderr ?? String(r.error ?? '') };
}

/** Runs a command whose output the person should see; resolves with its exit code. Its stdout goes to ours unless told. */
export function visibly(cmd, args, options = {}) {
  return new Promise((resolve) => {
    const child = spawn(cmd, args, { stdio: ['ignore', 'inherit', 'inherit'], ...options });
    child.on('error', () => resolve(127));
    child.on('close', (code, signal) => resolve(code ?? (signal ? 130 : 1)));
  });
}

/** Runs a command beside others; resolves with its exit code and everything it said, to be shown in one piece. */
export function aside(cmd, args, options = {}) {
  return new Promise((resolve) => {
    let said = '';
    const child = spawn(cmd, args, { stdio: ['ignore', 'pipe', 'pipe'], ...options });
    for (const stream of [child.stdout, child.stderr]) stream?.setEncoding('utf8').on('data', (text) => (said += text));
    child.on('error', (e) => resolve({ code: 127, said: `${said}${e}\n` }));
    child.on('close', (code, signal) => resolve({ code: code ?? (signal ? 130 : 1), said }));
  });
}

/** True if nothing listens on that loopback port. */
export function portIsFree(port) {
  return new Promise((resolve) => {
    const s = createServer();
    s.once('error', () => resolve(false));
    s.listen({ port, host: '127.0.0.1', exclusive: true }, () => s.close(() => resolve(true)));
  });
}

/** A loopback port that nobody uses at the moment, from `first` upward. */
export async function freePort(first) {
  for (let port = first; port < first + 400; port++) if (await portIsFree(port)) return port;
  throw new Error(`no free port between ${first} and ${first + 399}`);
}

/** True if that process is there and at work; one that was killed and not yet buried (a zombie) is not. */
export const alive = (pid) => {
  try {
    process.kill(pid, 0);
  } catch (e) {
    if (e.code !== 'EPERM') return false;
  }
  const stat = `/proc/${pid}/stat`;
  return !existsSync(stat) || !/\) Z /.test(readFileSync(stat, 'utf8'));
};
