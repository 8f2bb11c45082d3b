import { kindsOf, type FieldsOf, type State, type TableName, type Tables } from '../state';
import { object, optional, type Fields, type FieldKind, type ObjectOf } from '../state/kinds';
import { Draft } from './draft';
import type { Command, CommandType, Need } from './types';
import { Refused } from './types';

/** One command, described once: what it is called, what it is about, what it carries, and what it does. */
interface Shape<T extends string, K extends TableName, F extends Fields> {
  type: T;
  /** The table of the row that it is about. */
  on: K;
  /** What an entry of it is called in the log. */
  says: string;
  /** The fields of its payload. */
  payload: F;
  /** False for what is superseded and never taken back: signatures, consents. */
  undoable?: boolean;
  /** True for what is pointed at, taken or filled in: it has no form at the bench line. */
  byHand?: boolean;
  /** Rows that it must see besides the one that it is about and its job. */
  needs?: (payload: ObjectOf<F>, command: Command<ObjectOf<F>>) => Need[];
  /** The job that it belongs to; the payload's jobId unless this says otherwise. */
  job?: (payload: ObjectOf<F>, state: State, command: Command<ObjectOf<F>>) => string | null;
  draft: (draft: Draft, payload: ObjectOf<F>, command: Command<ObjectOf<F>>) => void;
}

const jobField = (payload: unknown) => (payload as { jobId?: string }).jobId ?? null;

/** Writes down one command type. Unless told otherwise it is undoable and belongs to the payload's jobId. */
export function define<const T extends string, K extends TableName, const F extends Fields>(
  shape: Shape<T, K, F>,
): CommandType<ObjectOf<F>, T, K> {
  const { type, on, says, payload } = shape;
  return {
    type,
    on,
    says,
    payload,
    undoable: shape.undoable ?? true,
    byHand: shape.byHand ?? false,
    needs: (c) => {
      const own: Need = { table: c.entity.kind, id: c.entity.id };
      const job = jobField(c.payload);
      return [own, ...(job ? [{ table: 'job' as const, id: job }] : []), ...(shape.needs?.(c.payload, c) ?? [])];
    },
    jobOf: (c, state) => (shape.job ? shape.job(c.payload, state, c) : jobField(c.payload)),
    effect: (state, c) => {
      const draft = new Draft(state, c as Command);
      const job = jobField(c.payload);
      if (job && draft.need('job', job).handedOverAt)
        throw new Refused({ code: 'closed', message: 'This job is handed over. Undo the hand-over first, or open a new job.' });
      shape.draft(draft, c.payload, c);
      return draft.changes;
    },
  };
}

/** Fields of a table as fields of a payload. */
export const from = <T extends TableName, const N extends (keyof FieldsOf<T> & string)[]>(table: T, ...names: N) =>
  Object.fromEntries(names.map((n) => [n, kindsOf(table)[n]])) as Pick<FieldsOf<T>, N[number]>;

/** The common "set some fields of one row" command, merged by field. It belongs to the job of its row, if that has one. */
export function defineSet<const T extends string, K extends TableName, const N extends (keyof FieldsOf<K> & string)[]>(
  type: T,
  on: K,
  says: string,
  names: N,
  { byHand = false } = {},
) {
  const each = Object.fromEntries(names.map((n) => [n, optional(kindsOf(on)[n])]));
  const set = object(each) as FieldKind as FieldKind<Partial<Pick<Tables[K], N[number] & keyof Tables[K]>>>;
  return define({
    type,
    on,
    says,
    payload: { set },
    byHand,
    job: (_p, state, c) =>
      on === 'job' ? c.entity.id : ((state.rows[on].get(c.entity.id) as { jobId?: string } | undefined)?.jobId ?? null),
    draft: (d, p, c) => void d.setSeen(on, c.entity.id, p.set as Partial<Tables[K]>),
  });
}
