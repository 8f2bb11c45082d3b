import type { WaitKind } from '../../core/state';

/** What a bike waits for, as the beginning of a sentence. */
export const waitWords: Record<WaitKind, string> = {
  soaking: 'Soaking',
  curing: 'Curing',
  cooling: 'Cooling',
  part: 'Waiting for a part',
  owner: 'Waiting for the owner',
  'outside work': 'Away for outside work',
  charging: 'Charging',
};
