import { existsSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { alive } from './run.mjs';

/** What runs on a data folder: who launched it, the servers, and where they answer. */

const file = (base) => `${base}/running.json`;

/** When a process began, in ticks since the machine did: with it a number that was given to another process is told apart. */
function begun(pid) {
  const stat = `/proc/${pid}/stat`;
  if (!existsSync(stat)) return null;
  // Field 22; the name in brackets may hold blanks.
  return readFileSync(stat, 'utf8')
    .replace(/^.*\) /s, '')
    .split(' ')[19];
}

export const who = (pid) => ({ pid, begun: begun(pid) });

/** True while it is that very process. A bare number is what earlier versions wrote down. */
export function still(process) {
  if (!process) return false;
  const { pid, begun: then } = typeof process === 'number' ? { pid: process } : process;
  return alive(pid) && (then === undefined || then === null || begun(pid) === then);
}

export const pidOf = (process) => (typeof process === 'number' ? process : process?.pid);

/** The note as it stands; null where there is none, or none that can be read. */
export function readNote(base) {
  try {
    return JSON.parse(readFileSync(file(base), 'utf8'));
  } catch {
    return null;
  }
}

export function writeNote(base, note) {
  writeFileSync(`${file(base)}.part`, JSON.stringify(note), { mode: 0o600 });
  renameSync(`${file(base)}.part`, file(base));
}

export const removeNote = (base) => rmSync(file(base), { force: true });

export const isRunning = (base) => still(readNote(base)?.launcher);

const pause = (ms) => new Promise((later) => setTimeout(later, ms));

/** Ends servers whose launcher was killed hard and could not take them along, and waits until they are gone. */
export async function killOrphan(note, patienceMs = 10_000) {
  const left = [note?.server, note?.lan].filter(still);
  const tell = (process, signal) => {
    try {
      globalThis.process.kill(-pidOf(process), signal);
    } catch {
      // it is gone already
    }
  };
  for (const p of left) tell(p, 'SIGTERM');
  const until = Date.now() + patienceMs;
  while (left.some(still) && Date.now() < until) await pause(50);
  for (const p of left.filter(still)) tell(p, 'SIGKILL');
  while (left.some(still)) await pause(20);
}
