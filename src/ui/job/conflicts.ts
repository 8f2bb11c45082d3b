import type { Device } from '../device/device';
import type { OutboxItem } from '../device/types';
import type { JobStore } from './store';

/** One case for a person: a refused entry, the values on both sides, and how much waits behind it. */
export interface ConflictCase {
  item: OutboxItem;
  /** Contested fields, with the newest value that was written here. */
  fields: { field: string; theirs: unknown; yours: unknown }[];
  /** Later entries here that only set the same fields again: the decision covers them. */
  covered: OutboxItem[];
  behind: number;
}

const setOf = (item: OutboxItem) => (item.command.payload as { set?: Record<string, unknown> }).set ?? {};

/** The refused entries as cases; what is held behind each is counted with it. */
export function casesOf(conflicts: readonly OutboxItem[]): ConflictCase[] {
  return conflicts
    .filter((i) => i.state === 'refused')
    .map((item) => {
      const fields = item.refusal?.fields ?? [];
      const held = conflicts.filter((i) => i.heldBy === item.id);
      const names = fields.map((f) => f.field);
      const covered = held.filter(
        (h) =>
          h.command.type === item.command.type &&
          h.command.entity.id === item.command.entity.id &&
          Object.keys(setOf(h)).every((f) => names.includes(f)),
      );
      const newest = Object.assign({}, ...covered.map(setOf)) as Record<string, unknown>;
      return {
        item,
        fields: fields.map((f) => ({ ...f, yours: f.field in newest ? newest[f.field] : f.yours })),
        covered,
        behind: held.length - covered.length,
      };
    });
}

/** Decides a case: the value here, or the one that stands. The decision is an entry like any other and keeps both. */
export function decide(
  store: JobStore,
  device: Pick<Device, 'decide'>,
  { item, fields, covered }: ConflictCase,
  choice: 'mine' | 'theirs',
): boolean {
  const { kind, id } = item.command.entity;
  const pairs = (side: 'theirs' | 'yours') => Object.fromEntries(fields.map((f) => [f.field, f[side]]));
  const set = choice === 'mine' ? pairs('yours') : {};
  const yours = fields.length ? pairs('yours') : { ...(item.command.payload as Record<string, unknown>) };
  return store.act(
    'tray.decide',
    id,
    {
      ofJob: item.jobId,
      refusedId: item.id,
      refusedType: item.command.type,
      choice,
      set,
      theirs: pairs('theirs'),
      yours,
    },
    {
      kind,
      base: store.baseOf(kind, id, Object.keys(set)),
      keep: (d) =>
        device.decide(
          item.id,
          covered.map((c) => c.id),
          d,
        ),
    },
  ).ok;
}
