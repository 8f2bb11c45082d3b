import { applyChanges, changeInPlace, type JournalEntry, type State } from '../record';
import { deciding } from './decide';
import { fitness } from './fitness';
import { intake } from './intake';
import { own } from './own';
import { picture } from './picture';
import { tracing } from './tracing';
import { undoTypes } from './undo';
import { work } from './work';
import type { Command, CommandType, Outcome } from './types';
import { Refused } from './types';

export * from './types';
export type { Decision } from './decide';
export { makeCommand, schemaVersion } from './make';
export { buildsOn, dependants, undoneIn, undoTargets } from './undo';
export { upcast } from './upcast';
export type { EvidenceAdd, ReadingPart } from './tracing';
export type { StepAdd } from './work';
export type { OwnAdd, OwnChange } from './own';

const plain = [...intake, ...tracing, ...work, ...picture, ...own, ...fitness, ...deciding] as CommandType[];
const byType = new Map<string, CommandType>(plain.map((t) => [t.type, t]));

/** True if an entry of that type may be taken back. */
export const isUndoable = (type: string): boolean => byType.get(type)?.undoable ?? false;

for (const t of undoTypes(isUndoable)) byType.set(t.type, t as CommandType);

export const commandTypes: readonly CommandType[] = [...byType.values()];

export function commandType(type: string): CommandType | undefined {
  return byType.get(type);
}

/**
 * What a command does to a state: the one place where that is decided, used by the browser to show what is
 * pending and by the server before it writes. Never throws for a wrong command; it says why it is refused.
 */
export function effectOf(state: State, command: Command): Outcome {
  const type = byType.get(command.type);
  if (!type) return { ok: false, refusal: { code: 'unknown', message: `There is no command '${command.type}'.` } };
  try {
    return { ok: true, changes: type.effect(state, command as never) };
  } catch (error) {
    if (error instanceof Refused) return { ok: false, refusal: error.refusal };
    throw error;
  }
}

/** The journal line of a command that was applied. */
export function entryOf(
  state: State,
  command: Command,
  changes: JournalEntry['changes'],
  seq: number | null,
  actorId: string | null,
): JournalEntry {
  const target = (command.payload as { targetId?: string } | null)?.targetId ?? null;
  const jobId = byType.get(command.type)?.jobOf(command as never, state) ?? null;
  return { id: command.id, seq, type: command.type, jobId, madeAt: command.madeAt, actorId, targetId: target, changes };
}

/** State and journal after a command that is not refused. */
export function advance(
  state: State,
  command: Command,
  changes: JournalEntry['changes'],
  seq: number | null,
  actorId: string | null,
): State {
  const next = applyChanges(state, changes);
  return { ...next, journal: [...state.journal, entryOf(state, command, changes, seq, actorId)] };
}

/** The same on a state that nobody else holds. Answers the journal line. */
export function advanceInPlace(
  state: State,
  command: Command,
  changes: JournalEntry['changes'],
  seq: number | null,
  actorId: string | null,
): JournalEntry {
  changeInPlace(state, changes);
  const entry = entryOf(state, command, changes, seq, actorId);
  state.journal.push(entry);
  return entry;
}
