import type { Change, JournalEntry, State } from '../state';
import { invert } from '../state';
import { id, type ObjectOf } from '../state/kinds';
import type { CommandType } from './types';
import { Refused } from './types';

/**
 * Entries whose effect does not stand: each was undone, and that undo was not redone. One look at each entry.
 * @param journal entries, oldest first
 * @returns ids of the entries
 */
export function undoneIn(journal: readonly JournalEntry[]): ReadonlySet<string> {
  const undone = new Set<string>();
  // What takes an entry back comes after it: seen from the end, it is known already whether that stands itself.
  for (let i = journal.length - 1; i >= 0; i--) {
    const entry = journal[i];
    if (entry.targetId !== null && !undone.has(entry.id)) undone.add(entry.targetId);
  }
  return undone;
}

/** What one press did: an entry, or several that belong together, oldest first. */
export interface EntryGroup {
  /** The newest of its entries stands for it. */
  id: string;
  entries: JournalEntry[];
}

/**
 * The journal as acts, oldest first; one that came in several pieces stands where its newest entry does.
 * @param journal entries, oldest first
 * @returns one group for each act
 */
export function actsOf(journal: readonly JournalEntry[]): EntryGroup[] {
  const groups = new Map<string, JournalEntry[]>();
  for (const e of journal) if (e.groupId) groups.set(e.groupId, [...(groups.get(e.groupId) ?? []), e]);
  return journal.flatMap((e): EntryGroup[] => {
    const entries = (e.groupId && groups.get(e.groupId)) || [e];
    return entries.at(-1) === e ? [{ id: e.id, entries }] : [];
  });
}

/**
 * The entries of the act that an entry belongs to, oldest first; none where there is no such entry.
 * @param journal entries, oldest first
 * @param id any entry of the act
 * @returns the entries, or an empty list
 */
export function actOf(journal: readonly JournalEntry[], id: string): JournalEntry[] {
  const entry = journal.find((e) => e.id === id);
  if (!entry) return [];
  return entry.groupId ? journal.filter((e) => e.groupId === entry.groupId) : [entry];
}

const touched = (changes: readonly Change[]) =>
  new Set(
    changes.flatMap((c) => (c.op === 'update' ? Object.keys(c.set).map((f) => `${c.table}:${c.id}:${f}`) : [`${c.table}:${c.row.id}`])),
  );

/** Tells of later changes whether they build on these: set the same field, change a row made there, or name one. */
function buildingOn(changes: readonly Change[]): (later: readonly Change[]) => boolean {
  const mine = touched(changes);
  const made = changes.flatMap((c) => (c.op === 'insert' ? [c.row.id] : []));
  return (later) =>
    later.some((c) => {
      if (c.op === 'update' && Object.keys(c.set).some((f) => mine.has(`${c.table}:${c.id}:${f}`))) return true;
      const text = JSON.stringify(c.op === 'update' ? [c.id, c.set] : c.row);
      return made.some((id) => text.includes(id));
    });
}

/**
 * True if `later` builds on what `changes` did.
 * @param later changes of a later entry
 * @param changes changes of an earlier one
 * @returns true where both touch the same field of a row, or the row that was made
 */
export const buildsOn = (later: readonly Change[], changes: readonly Change[]): boolean => buildingOn(changes)(later);

/** Entries after `id` whose effect stands and which build on it, oldest first. */
export function dependants(journal: readonly JournalEntry[], id: string): JournalEntry[] {
  const at = journal.findIndex((e) => e.id === id);
  if (at < 0) return [];
  const undone = undoneIn(journal);
  const builds = buildingOn(journal[at].changes);
  return journal.slice(at + 1).filter((e) => !e.targetId && !undone.has(e.id) && builds(e.changes));
}

function takeBack(state: State, targetId: string, undoable: (type: string) => boolean, wantUndo: boolean): Change[] {
  const target = state.journal.find((e) => e.id === targetId);
  if (!target) throw new Refused({ code: 'missing', message: 'There is no such entry in the journal.' });
  if (wantUndo ? target.targetId !== null : target.type !== 'undo')
    throw new Refused({ code: 'not undoable', message: wantUndo ? 'Redo an undo instead.' : 'Only an undo can be redone.' });
  if (wantUndo && !undoable(target.type))
    throw new Refused({ code: 'not undoable', message: 'Signatures and agreements can’t be undone. Add a new one.' });
  if (undoneIn(state.journal).has(targetId))
    throw new Refused({ code: 'not undoable', message: wantUndo ? 'Already undone.' : 'Already redone.' });
  const later = dependants(state.journal, targetId);
  if (later.length) {
    const entries = later.map(({ id, type, madeAt }) => ({ id, type, madeAt }));
    throw new Refused({
      code: 'depended on',
      message: `${later.length === 1 ? '1 later entry depends' : `${later.length} later entries depend`} on this: undo ${later.length === 1 ? 'it' : 'those'} first.`,
      entries,
    });
  }
  return invert(target.changes, state);
}

const target = { targetId: id() };
type Target = ObjectOf<typeof target>;

function takingBack<T extends 'undo' | 'redo'>(type: T, says: string, undoable: (type: string) => boolean): CommandType<Target, T, 'job'> {
  return {
    type,
    on: 'job',
    says,
    payload: target,
    undoable: false,
    byHand: false,
    needs: (c) => [{ journal: c.payload.targetId }],
    jobOf: (c, state) => state.journal.find((e) => e.id === c.payload.targetId)?.jobId ?? null,
    effect: (state, c) => takeBack(state, c.payload.targetId, undoable, type === 'undo'),
  };
}

export const undoTypes = (undoable: (type: string) => boolean) => [
  takingBack('undo', 'Undone', undoable),
  takingBack('redo', 'Redone', undoable),
];

/**
 * What "Undo" and "Redo" would act on now: the newest entry that stands, and the newest undo with nothing after it.
 * @param journal entries, oldest first
 * @param undoable which names of commands may be taken back
 * @returns both may be null
 */
export function undoTargets(
  journal: readonly JournalEntry[],
  undoable: (type: string) => boolean,
): { undo: JournalEntry | null; redo: JournalEntry | null } {
  const undone = undoneIn(journal);
  const undo = journal.findLast((e) => !e.targetId && undoable(e.type) && !undone.has(e.id)) ?? null;
  const lastPlain = journal.findLastIndex((e) => !e.targetId);
  const redo = journal.findLast((e) => e.type === 'undo' && !undone.has(e.id)) ?? null;
  return { undo, redo: redo && journal.indexOf(redo) > lastPlain ? redo : null };
}
