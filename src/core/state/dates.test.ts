import { describe, expect, it } from 'vitest';
import { countWords, dayTimeWords, dayWords, groupedWords } from './dates';

describe('dates and numbers in words', () => {
  it('are those of the workshop, wherever the browser is', () => {
    expect(dayTimeWords('2026-10-22T23:30:00Z', 'Europe/Berlin')).toBe('23 Oct 2026, 01:30');
    expect(dayWords('2026-10-22T23:30:00Z', 'America/New_York')).toBe('22 Oct 2026');
    expect(dayTimeWords('2026-03-01T00:05:00Z', 'UTC')).toBe('1 Mar 2026, 00:05');
  });
  it('a plain date is the same day everywhere', () => {
    expect(dayWords('2026-09-01', 'Pacific/Kiritimati')).toBe('1 Sep 2026');
    expect(dayWords('2026-09-01', 'Pacific/Pago_Pago')).toBe('1 Sep 2026');
  });
  it('thousands are grouped, and one is one', () => {
    expect(groupedWords(52110)).toBe('52,110');
    expect(groupedWords(12.5)).toBe('12.5');
    expect([0, 1, 2].map((n) => countWords(n, 'entry', 'entries'))).toEqual(['0 entries', '1 entry', '2 entries']);
  });
});
