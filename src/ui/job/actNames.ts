import { commandType } from '../../core/command';
import type { JournalEntry } from '../../core/state';

const told = ['title', 'words', 'name', 'item', 'what', 'testId', 'status', 'note', 'caption', 'says'];

/** What an act was, in few words: one entry with what it was about, several counted by their kind. */
export function actsName(entries: readonly JournalEntry[]): string {
  if (entries.length === 1) return actName(entries[0]);
  const counts = new Map<string, number>();
  for (const e of entries) counts.set(e.type, (counts.get(e.type) ?? 0) + 1);
  const said = [...counts].map(([type, n]) => `${actName({ type })}${n > 1 ? ` (${n})` : ''}`).join(', ');
  return said.charAt(0) + said.slice(1).toLowerCase();
}

/** What an entry of the log was, in few words. */
export function actName(entry: Pick<JournalEntry, 'type'> & Partial<JournalEntry>): string {
  const first = entry.changes?.[0];
  const row = (first ? (first.op === 'update' ? first.set : first.row) : {}) as unknown as Record<string, unknown>;
  const detail = entry.targetId ? undefined : told.map((k) => row[k]).find((v) => typeof v === 'string');
  const name = commandType(entry.type)?.says ?? entry.type;
  return detail ? `${name}: ${String(detail).slice(0, 60)}` : name;
}
