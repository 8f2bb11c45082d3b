import type { TableName } from '../state';
import type { Command } from './types';

/** The version of the command payloads that this program writes. Older ones are brought up when they are read. */
export const schemaVersion = 3;

export interface CommandInput {
  id: string;
  type: string;
  kind: TableName;
  entityId: string;
  madeAt: string;
  after: number | null;
  payload: object;
  base?: Record<string, number>;
  group?: string;
}

/**
 * A command ready to be sent. Ids and times are the caller's: core has neither clock nor chance.
 * @param command its parts; `base` holds the field versions that it was made on, `after` the entry that its device had seen last
 * @returns the command, with the version that this program writes
 */
export function makeCommand({ id, type, kind, entityId, madeAt, after, payload, base = {}, group }: CommandInput): Command {
  return { id, schemaVersion, type, entity: { kind, id: entityId }, madeAt, after, base, payload, ...(group && { group }) };
}
