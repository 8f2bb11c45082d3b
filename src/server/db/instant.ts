/** The first and the last instant that a screen can show; what lies outside stands at the edge. */
const first = '0001-01-01T00:00:00.000Z';
const last = '9999-12-31T23:59:59.999Z';

/** What the database writes of any time that is in a calendar: there is no need to work it out, in a long job 10,000 times. */
const usually = /^(\d{4}-\d\d-\d\d) (\d\d:\d\d:\d\d)(?:\.(\d{1,6}))?\+00$/;

/**
 * An instant as PostgreSQL writes it, in UTC, as ISO text. Never throws: one row with a time that no calendar has
 * ("infinity", a year before our era) must not take the whole page with it.
 */
export function isoOf(text: string): string {
  const usual = usually.exec(text);
  if (usual) return `${usual[1]}T${usual[2]}.${(usual[3] ?? '').padEnd(3, '0').slice(0, 3)}Z`;
  if (text === 'infinity') return last;
  if (text === '-infinity' || text.endsWith(' BC')) return first;
  const time = Date.parse(text.replace(' ', 'T').replace(/([+-]\d\d)$/, '$1:00'));
  if (Number.isNaN(time)) return /^\d{5,}/.test(text) ? last : first;
  return new Date(time).toISOString();
}
