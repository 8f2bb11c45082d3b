import { id, maybe, oneOf, sheet, words } from '../state/kinds';
import type { CommandType } from './types';
import { define } from './define';
import type { PayloadOf } from './types';

/**
 * What a person decided about an entry of theirs that was refused. The journal keeps both values and what was refused,
 * so nothing that was written is lost, whichever of the two is chosen.
 */
const described = define({
  type: 'tray.decide',
  on: 'job',
  says: 'Decided between two values',
  byHand: true,
  payload: {
    /** The job it belongs to, if any; not named jobId so that it can also be decided after a hand-over. */
    ofJob: maybe(id()),
    refusedId: id(),
    refusedType: words(60),
    choice: oneOf('mine', 'theirs'),
    /** Fields to set now; empty where nothing changes. */
    set: sheet,
    theirs: sheet,
    yours: sheet,
  },
  job: (p) => p.ofJob,
  draft: (d, p, c) => {
    if (Object.keys(p.set).length) d.setSeen(c.entity.kind, c.entity.id, p.set);
  },
});
export type Decision = PayloadOf<typeof described>;

/** It may be about a row of any table. */
const conflictDecide: Omit<typeof described, 'on'> & Pick<CommandType, 'on'> = { ...described, on: null };

export const deciding = [conflictDecide];
