import { spawn } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { Stop } from './say.mjs';

const taken = 99;

/**
 * Takes a lock that the kernel holds for as long as this process lives and lets go when it dies, however it dies: flock (of
 * Debian's util-linux, which every system has) keeps it open in a child that ends with our end of its pipe. Answers how to let
 * go, or null if another process has it; with `wait` it waits for it.
 */
export function lock(file, { wait = false } = {}) {
  mkdirSync(dirname(file), { recursive: true });
  return new Promise((done, fail) => {
    const args = [...(wait ? [] : ['-n', '-E', String(taken)]), file, 'sh', '-c', 'echo held; exec cat >/dev/null'];
    // A process group of its own: Ctrl-C must not let go before everything is stopped.
    const child = spawn('flock', args, { detached: true, stdio: ['pipe', 'pipe', 'ignore'] });
    child.on('error', () => fail(new Stop("'flock' was not found", 'It is part of the package util-linux: apt-get install util-linux', 3)));
    child.stdin.on('error', () => undefined);
    child.on('exit', (code) =>
      code === taken ? done(null) : fail(new Stop(`${file} could not be locked (flock ended with ${code})`, '')),
    );
    child.stdout.once('data', () => {
      child.removeAllListeners('exit');
      // It must not keep this process from ending.
      child.unref();
      for (const pipe of [child.stdin, child.stdout]) /** @type {import('node:net').Socket} */ (pipe).unref?.();
      done(
        () =>
          new Promise((gone) => {
            if (child.exitCode !== null || child.signalCode !== null) return gone();
            child.ref();
            child.once('exit', gone);
            child.stdin.end();
          }),
      );
    });
  });
}

/** Runs `work` while nobody else does the same on this file. */
export async function alone(file, work) {
  const release = await lock(file, { wait: true });
  try {
    return await work();
  } finally {
    await release();
  }
}

export const dataLock = (base) => `${base}/lock`;
