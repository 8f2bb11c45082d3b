import type { State, TableName } from '../record';
import { Draft } from './draft';
import type { Command, CommandType, Need } from './types';
import { Refused } from './types';

interface Shape<P> {
  undoable?: boolean;
  needs?: (payload: P, command: Command<P>) => Need[];
  job?: (payload: P, state: State, command: Command<P>) => string | null;
  draft: (draft: Draft, payload: P, command: Command<P>) => void;
}

const jobField = (payload: unknown) => (payload as { jobId?: string }).jobId ?? null;

/** Writes down one command type. Unless told otherwise it is undoable and belongs to the payload's jobId. */
export function define<P>(type: string, shape: Shape<P>): CommandType<P> {
  return {
    type,
    undoable: shape.undoable ?? true,
    needs: (c) => {
      const own: Need = { table: c.entity.kind, id: c.entity.id };
      const job = jobField(c.payload);
      return [own, ...(job ? [{ table: 'job' as TableName, id: job }] : []), ...(shape.needs?.(c.payload, c) ?? [])];
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

/** The common "set some fields of one row" command, merged by field. */
export function defineSet<T extends TableName>(type: string, table: T, job: (state: State, id: string) => string | null) {
  return define<{ set: Record<string, unknown> }>(type, {
    job: (_p, state, c) => job(state, c.entity.id),
    draft: (d, p, c) => void d.setSeen(table, c.entity.id, p.set as never),
  });
}
