import dayjs from 'dayjs';
import timezone from 'dayjs/plugin/timezone';
import utc from 'dayjs/plugin/utc';
import { countWords, dayTimeWords, dayWords, isYearOfUse, yearWords } from '../../core/state';

dayjs.extend(utc);
dayjs.extend(timezone);

/** This computer's own; asking for it anew took a twenty-fifth of a page's time on the server. */
let own: string | undefined;

/** The workshop's time zone: the one of the computer that Ivrek runs on, which every page carries. */
export const zone = (): string =>
  (typeof document === 'undefined' ? undefined : document.documentElement.dataset.zone) ??
  (own ??= Intl.DateTimeFormat().resolvedOptions().timeZone);

export const dayTime = (iso: string) => dayTimeWords(iso, zone());
/** A day, or the day of a time; a plain date is the same day everywhere. */
export const day = (iso: string) => dayWords(iso, zone());

/** A time of the workshop's clock, as a field holds it ("2030-06-01T09:00"), as an ISO time. */
export const fromClock = (text: string): string | null => (text && !wrongDate(text) ? dayjs.tz(text, zone()).toISOString() : null);

/** An ISO time on the workshop's clock, in the form of a field. */
export const toClock = (iso: string): string => dayjs(iso).tz(zone()).format('YYYY-MM-DDTHH:mm');

/** Stands for a date that is begun and not whole. */
export const unfinished = 'unfinished';

/** What is wrong with a date that was typed; null where there is none or it may be meant. */
export function wrongDate(typed: string): string | null {
  if (typed === unfinished) return 'Not a whole date: complete it or clear it.';
  return typed && !isYearOfUse(typed) ? yearWords : null;
}

/** Minutes that the workshop's clock is ahead of UTC now. */
export const aheadMinutes = (): number => dayjs().tz(zone()).utcOffset();

/** Some days from now, at an hour of the workshop's clock. */
export const daysOn = (days: number, hour: number): string =>
  dayjs().tz(zone()).add(days, 'day').hour(hour).minute(0).second(0).millisecond(0).toISOString();

/** "in 3 days", "2 hours ago", seen from `now`. */
export function fromNow(iso: string, now: string): string {
  const minutes = dayjs.utc(iso).diff(dayjs.utc(now), 'minute');
  const abs = Math.abs(minutes);
  const [n, unit] = abs < 90 ? [abs, 'minute'] : abs < 36 * 60 ? [Math.round(abs / 60), 'hour'] : [Math.round(abs / 1440), 'day'];
  const words = countWords(n, unit);
  return minutes >= 0 ? `in ${words}` : `${words} ago`;
}
