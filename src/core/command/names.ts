import type { TableName } from '../state';
import { commandType, type AnyType } from './all';
import { makeCommand } from './make';
import type { Command, PayloadOf } from './types';

type ByName = { [C in AnyType as C['type']]: C };

/** The name of every command. */
export type CommandName = keyof ByName;
/** What each command carries. */
export type Payloads = { [N in CommandName]: PayloadOf<ByName[N]> };
/** The commands that set fields of one row of a table. */
export type SetName = {
  [N in CommandName]: Payloads[N] extends { set: object } ? (N extends 'tray.decide' ? never : N) : never;
}[CommandName];
/** Fields and values that such a command sets. */
export type SetOf<N extends SetName> = Payloads[N] extends { set: infer S } ? S : never;

/**
 * The table that a command is about; the given one where it may be any.
 * @param type the name of a command
 * @param otherwise the table where a command may be about any
 * @returns the name of a table
 */
export function tableOf(type: CommandName, otherwise: TableName = 'job'): TableName {
  return commandType(type)?.on ?? otherwise;
}

/** Who made a command when, and what it was based on. Ids and times are the caller's: core has neither clock nor chance. */
export interface Making {
  id: string;
  madeAt: string;
  after?: number | null;
  base?: Record<string, number>;
  /** The table of the row, for a command that may be about any. */
  kind?: TableName;
  /** The act that it is a part of, where that has several entries. */
  group?: string;
}

/**
 * A command ready to be sent; its name, its payload and what it is about go together.
 * @param type its name
 * @param entityId the row that it is about
 * @param payload what it says
 * @param making ids, time and person, from the caller
 * @returns the command
 */
export function command<N extends CommandName>(type: N, entityId: string, payload: Payloads[N], making: Making): Command<Payloads[N]> {
  const { id, madeAt, after = null, base, kind, group } = making;
  return makeCommand({ id, type, kind: tableOf(type, kind), entityId, madeAt, after, payload, base, group }) as Command<Payloads[N]>;
}
