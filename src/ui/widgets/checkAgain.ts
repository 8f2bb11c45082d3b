import { daysOn } from '../controls/times';

const hours = (n: number) => new Date(Date.now() + n * 3_600_000).toISOString();

/** The usual times to check something again, and when that is, as an ISO time. */
export const checkAgainTimes: readonly [words: string, when: () => string][] = [
  ['in an hour', () => hours(1)],
  ['in four hours', () => hours(4)],
  ['tomorrow at nine', () => daysOn(1, 9)],
  ['in three days', () => daysOn(3, 9)],
];
