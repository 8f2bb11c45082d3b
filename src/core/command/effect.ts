import { applyChanges, changeInPlace, type JournalEntry, type State } from '../state';
import { commandType } from './all';
import type { Command, CommandOutcome } from './types';
import { Refused } from './types';

/**
 * What a command does to a state: the one place where that is decided, used by the browser to show what is
 * pending and by the server before it writes. Never throws for a wrong command; it says why it is refused.
 * @param state what is known before it
 * @param command a command that was checked
 * @returns the changes, or why it is refused, as a code with words
 */
export function effectOf(state: State, command: Command): CommandOutcome {
  const type = commandType(command.type);
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
  const jobId = commandType(command.type)?.jobOf(command as never, state) ?? null;
  return {
    id: command.id,
    seq,
    type: command.type,
    jobId,
    madeAt: command.madeAt,
    actorId,
    targetId: target,
    changes,
    groupId: command.group ?? null,
  };
}

/**
 * State and journal after a command that is not refused.
 * @param state what is known before it, left as it is
 * @param command the command that made the changes
 * @param changes what `effectOf` gave
 * @param seq its number in the workshop's journal, null while it is pending
 * @param actorId the person who gave it, null where nobody is named
 * @returns the next state
 */
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

/**
 * The same on a state that nobody else holds. Answers the journal line.
 * @param state what is known before it, changed by this
 * @param command the command that made the changes
 * @param changes what `effectOf` gave
 * @param seq its number in the workshop's journal, null while it is pending
 * @param actorId the person who gave it, null where nobody is named
 * @returns the journal line that was added
 */
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
