import { isYearOfUse } from '../state';
import { numbersAt } from './numbers';
import type { Found, Slot } from './types';

const days = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];
const minute = 60_000;

/** "9:00", "9", "half past" is not understood: a clock time, or nothing. */
function clock(low: string | undefined): number | null {
  const m = /^(\d{1,2})(?::(\d\d))?(am|pm)?$/.exec(low ?? '');
  if (!m || (!m[2] && !m[3])) return null;
  const hour = (Number(m[1]) % 12 === 0 && m[3] ? 0 : Number(m[1])) + (m[3] === 'pm' ? 12 : 0);
  return hour < 24 && Number(m[2] ?? 0) < 60 ? hour * 60 + Number(m[2] ?? 0) : null;
}

/**
 * A time to come, as it is said in the shed: "in 2 hours", "in three days", "tomorrow 9:00", "friday 14:00", "2030-06-01
 * 10:00". A day without a clock time means eight in the morning. The value is an ISO time in UTC.
 */
export const time: Slot<string> = {
  hint: 'when: in 2 hours, tomorrow 9:00, friday, 2030-06-01',
  offers: () => ['in 2 hours', 'tomorrow 9:00'],
  read({ tokens, context }, at) {
    const low = (i: number) => tokens[i]?.low;
    const now = Date.parse(context.now);
    const ahead = context.aheadMinutes * minute;
    const midnight = Math.floor((now + ahead) / 86_400_000) * 86_400_000 - ahead;
    const found: Found<string>[] = [];
    const give = (ms: number, next: number) => {
      // A number that is out of all reason is no time at all.
      const when = new Date(ms);
      if (!Number.isNaN(when.getTime()) && isYearOfUse(when.toISOString())) found.push({ value: when.toISOString(), next });
    };
    const day = (start: number, next: number) => {
      const j = low(next) === 'at' ? next + 1 : next;
      const c = clock(low(j));
      give(start + (c ?? 8 * 60) * minute, c === null ? next : j + 1);
    };
    if (low(at) === 'in') {
      for (const n of numbersAt(tokens, at + 1).concat(
        low(at + 1) === 'an' || low(at + 1) === 'a' ? [{ value: 1, text: '1', next: at + 2 }] : [],
      )) {
        const unit = /^(min(ute)?|hour|h|day|week)s?$/.exec(low(n.next) ?? '')?.[1];
        const size = unit && { min: 1, minute: 1, hour: 60, h: 60, day: 1440, week: 10080 }[unit];
        if (size) give(now + n.value * size * minute, n.next + 1);
      }
      return found;
    }
    if (low(at) === 'today' || low(at) === 'tonight') {
      const j = low(at + 1) === 'at' ? at + 2 : at + 1;
      const c = clock(low(j));
      if (low(at) === 'tonight') give(midnight + (c ?? 20 * 60) * minute, c === null ? at + 1 : j + 1);
      else if (c !== null) give(midnight + c * minute, j + 1);
      return found;
    }
    if (low(at) === 'tomorrow') {
      day(midnight + 86_400_000, at + 1);
      return found;
    }
    const named = days.indexOf(low(at) ?? '');
    if (named >= 0) {
      const today = new Date(now + ahead).getUTCDay();
      day(midnight + ((named - today + 7) % 7 || 7) * 86_400_000, at + 1);
      return found;
    }
    const date = /^(\d{4})-(\d\d)-(\d\d)$/.exec(low(at) ?? '');
    if (date) {
      const start = Date.UTC(Number(date[1]), Number(date[2]) - 1, Number(date[3])) - ahead;
      if (new Date(start + ahead).toISOString().startsWith(date[0])) day(start, at + 1);
      return found;
    }
    const c = clock(low(at));
    if (c !== null) give(midnight + c * minute + (midnight + c * minute <= now ? 86_400_000 : 0), at + 1);
    return found;
  },
};

/** A day to come; the value is a plain date. */
export const date: Slot<string> = {
  hint: 'a day: tomorrow, friday, 2030-06-01',
  offers: () => ['tomorrow'],
  read: (line, at) =>
    time.read(line, at, []).map((f) => ({
      ...f,
      value: new Date(Date.parse(f.value) + line.context.aheadMinutes * minute).toISOString().slice(0, 10),
    })),
};
