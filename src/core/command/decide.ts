import { define } from './define';

/**
 * What a person decided about an entry of theirs that was refused. The journal keeps both values and what was refused,
 * so nothing that was written is lost, whichever of the two is chosen.
 */
export interface Decision {
  /** The job it belongs to, if any; not named jobId so that it can also be decided after a hand-over. */
  ofJob: string | null;
  refusedId: string;
  refusedType: string;
  choice: 'mine' | 'theirs';
  /** Fields to set now; empty where nothing changes. */
  set: Record<string, unknown>;
  theirs: Record<string, unknown>;
  yours: Record<string, unknown>;
}

const trayDecide = define<Decision>('tray.decide', {
  job: (p) => p.ofJob,
  draft: (d, p, c) => {
    if (Object.keys(p.set).length) d.setSeen(c.entity.kind, c.entity.id, p.set as never);
  },
});

export const deciding = [trayDecide];
