import type pg from 'pg';
import { upcast, type Command } from '../../core/command';
import { shopTransaction } from '../db/pool';
import { applyOne } from './handle';

/** One journal line as it is stored, enough to do it again. */
export interface StoredCommand extends Command {
  actorId: string | null;
  deviceId: string | null;
}

/** Every command of a shop, oldest first. */
export async function readJournal(from: pg.Pool, shopId: string): Promise<StoredCommand[]> {
  return shopTransaction(from, shopId, async (db) => {
    const { rows } = await db.query(
      `select id, schema_version as "schemaVersion", type, entity_kind, entity_id, made_at as "madeAt", after, base, payload, group_id as "group", actor_id as "actorId", device_id as "deviceId" from journal order by seq`,
    );
    return rows.map(
      ({ entity_kind, entity_id, group, ...r }) =>
        ({ ...r, entity: { kind: entity_kind, id: entity_id }, ...(group && { group }) }) as StoredCommand,
    );
  });
}

/** Does every command of any version again, in order, into another (empty) shop. Throws at the first that is refused there. */
export async function replay(into: pg.Pool, shopId: string, commands: readonly StoredCommand[]): Promise<void> {
  for (const { actorId, deviceId, ...command } of commands) {
    const answer = await shopTransaction(into, shopId, (db) => applyOne(db, { shopId, actorId, deviceId }, upcast(command)));
    if (answer.kind !== 'applied') throw new Error(`replay stopped at ${command.type} ${command.id}: ${JSON.stringify(answer)}`);
  }
}
