/** The first and the last instant that a screen can show; what lies outside stands at the edge. */
const first = '0001-01-01T00:00:00.000Z';
const last = '9999-12-31T23:59:59.999Z';

/**
 * An instant as PostgreSQL writes it, in UTC, as ISO text. Never throws: one row with a time that no calendar has
 * ("infinity", a year before our era) must not take the whole page with it.
 */
export function isoOf(text: string): string {
  if (text === 'infinity') return last;
  if (text === '-infinity' || text.endsWith(' BC')) return first;
  const time = Date.parse(text.replace(' ', 'T').replace(/([+-]\d\d)$/, '$1:00'));
  if (Number.isNaN(time)) return /^\d{5,}/.test(text) ? last : first;
  return new Date(time).toISOString();
}
