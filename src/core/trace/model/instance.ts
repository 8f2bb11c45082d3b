import type { Conditions } from '../../state';

/** A finding taken at one time under one set of circumstances: after which repairs, how warm, with whose battery. */
export interface Instance {
  /** Finding id, "varies:<id>" for "it comes and goes", or "seen:<suspect>" for a part that was looked at. */
  kind: string;
  position: string | null;
  repairs: ReadonlySet<string>;
  /** Stands for `repairs` in ids. */
  epoch: string;
  conditions: Conditions;
  bypasses: readonly string[];
}

export const instanceId = (i: Instance) =>
  `${i.kind}#${i.position ?? ''}@${i.epoch}~${i.conditions.temperature ?? ''}${i.conditions.battery === 'helped' ? '+helped' : ''}${i.bypasses.length ? `-${[...i.bypasses].sort().join()}` : ''}`;
