const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const;

const formats = new Map<string, Intl.DateTimeFormat>();

function partsOf(iso: string, zone: string): Record<string, string> {
  let format = formats.get(zone);
  if (!format) {
    format = new Intl.DateTimeFormat('en-GB', {
      timeZone: zone,
      year: 'numeric',
      month: 'numeric',
      day: 'numeric',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
    });
    formats.set(zone, format);
  }
  return Object.fromEntries(format.formatToParts(new Date(iso)).map((p) => [p.type, p.value]));
}

const isDay = /^\d{4}-\d\d-\d\d$/;

/**
 * A day as it is read on screen and on paper: "22 Oct 2026".
 *
 * @param iso an instant, or a plain date, which is the same day everywhere
 * @param zone time zone of the workshop (IANA name)
 */
export function dayWords(iso: string, zone: string): string {
  const p = partsOf(iso, isDay.test(iso) ? 'UTC' : zone);
  return `${Number(p.day)} ${months[Number(p.month) - 1]} ${p.year}`;
}

/**
 * An instant as it is read on screen and on paper: "22 Oct 2026, 14:30".
 *
 * @param iso an instant
 * @param zone time zone of the workshop (IANA name)
 */
export function dayTimeWords(iso: string, zone: string): string {
  const p = partsOf(iso, zone);
  return `${dayWords(iso, zone)}, ${p.hour}:${p.minute}`;
}

const grouped = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 6 });

/**
 * A number with its thousands grouped: "52,110".
 * @param n a whole number
 * @returns text
 */
export const groupedWords = (n: number): string => grouped.format(n);

const plurals = new Intl.PluralRules('en-GB');

/**
 * So many of something, in words: "1 step", "3 steps", "2 entries".
 *
 * @param n how many
 * @param one what one of it is called
 * @param more what several are called, where an s does not make it
 */
export const countWords = (n: number, one: string, more = `${one}s`): string =>
  `${groupedWords(n)} ${plurals.select(n) === 'one' ? one : more}`;
