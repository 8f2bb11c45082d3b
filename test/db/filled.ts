import type pg from 'pg';
import type { Command } from '../../src/core/command';
import type { JobSnapshot } from '../../src/core/state';
import { applyOne, handleCommand } from '../../src/server/commands/handle';
import { shopTransaction } from '../../src/server/db/pool';
import { id, script } from '../fixtures/commands';

/** Sends commands through the door, as the person of the script; stops at the first that is not taken. */
export async function sendAll(
  pool: pg.Pool,
  shopId: string,
  commands: readonly Command[],
  actorId: string | null = id.person,
): Promise<void> {
  for (const c of commands) {
    const answer = await handleCommand(pool, { shopId, actorId, deviceId: null }, c);
    if (answer.kind !== 'applied') throw new Error(`${c.type}: ${JSON.stringify(answer)}`);
  }
}

/** The script of every command type, but for the hand-over and what comes after it, so that work can go on. */
export const openScript = (): Command[] => script().filter((c) => c.type !== 'job.handOver' && c.type !== 'job.open');

/** Someone else's work on the same job, in one transaction. */
export async function sendOne(pool: pg.Pool, shopId: string, c: Command): Promise<void> {
  const answer = await shopTransaction(pool, shopId, (db) => applyOne(db, { shopId, actorId: null, deviceId: null }, c));
  if (answer.kind !== 'applied') throw new Error(JSON.stringify(answer));
}

/** A snapshot without what differs between installations by nature: numbers of the journal and what hangs on them. */
export function withoutNumbers(s: JobSnapshot): unknown {
  return {
    rows: { ...s.rows, person: null, own: null },
    personal: s.personal,
    journal: s.journal.map((e) => ({ ...e, seq: null, after: null })),
  };
}
