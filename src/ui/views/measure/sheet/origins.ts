import type { SpecOrigin } from '../../../../core/state';

/** Where a limit comes from, in words. */
export const originWords: Readonly<Record<SpecOrigin, string>> = {
  book: 'the manual',
  measured: 'measured on one that runs well',
  owner: 'the owner’s own setting',
  general: 'a general value',
};
