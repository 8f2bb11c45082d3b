import dayjs from 'dayjs';
import utc from 'dayjs/plugin/utc';

dayjs.extend(utc);

/** Times are shown the same by the server and the page: in UTC, until a workshop has a time zone of its own. */
export const dayTime = (iso: string) => dayjs.utc(iso).format('D MMM, HH:mm');
export const day = (iso: string) => dayjs.utc(iso).format('D MMM YYYY');

/** "in 3 days", "2 hours ago", seen from `now`. */
export function fromNow(iso: string, now: string): string {
  const minutes = dayjs.utc(iso).diff(dayjs.utc(now), 'minute');
  const abs = Math.abs(minutes);
  const [n, unit] = abs < 90 ? [abs, 'minute'] : abs < 36 * 60 ? [Math.round(abs / 60), 'hour'] : [Math.round(abs / 1440), 'day'];
  const words = `${n} ${unit}${n === 1 ? '' : 's'}`;
  return minutes >= 0 ? `in ${words}` : `${words} ago`;
}
