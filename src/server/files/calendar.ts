import { randomBytes, timingSafeEqual } from 'node:crypto';
import { createEvents, type EventAttributes } from 'ics';
import type pg from 'pg';
import { shopTransaction } from '../db/pool';

/** Everything a workshop waits for, as an iCalendar file: waits, parts on order, provisional repairs with a day. */

interface WaitLine {
  id: string;
  kind: string;
  what: string;
  until: string | null;
  lookAgain: string | null;
  bike: string;
}
interface DayLine {
  id: string;
  kind: 'part' | 'provisional';
  what: string;
  on: string;
  bike: string;
}

type Stamp = [number, number, number, number, number];
const stamp = (iso: string): Stamp => {
  const d = new Date(iso);
  return [d.getUTCFullYear(), d.getUTCMonth() + 1, d.getUTCDate(), d.getUTCHours(), d.getUTCMinutes()];
};
const dayOf = (on: string): [number, number, number] => on.split('-').map(Number) as [number, number, number];

/** The events of a shop, in a fixed order and with ids that stay, so that a calendar changes them in place. */
export function eventsOf(waits: readonly WaitLine[], days: readonly DayLine[], name: string): EventAttributes[] {
  const timed = waits.flatMap((w) =>
    (
      [
        ['look', w.lookAgain, `${w.bike}: check again at ${w.what}`],
        ['until', w.until, `${w.bike}: ${w.what} is due (${w.kind})`],
      ] as const
    ).flatMap(([which, at, title]): EventAttributes[] =>
      at
        ? [
            {
              uid: `${w.id}-${which}@ivrek`,
              title,
              start: stamp(at),
              startInputType: 'utc',
              startOutputType: 'utc',
              duration: { minutes: 15 },
              calName: name,
              productId: 'ivrek',
              alarms: [{ action: 'display', description: title, trigger: { minutes: 0, before: true } }],
            },
          ]
        : [],
    ),
  );
  const whole = days.map((d): EventAttributes => ({
    uid: `${d.id}-${d.kind}@ivrek`,
    title: d.kind === 'part' ? `${d.bike}: ${d.what} should arrive` : `${d.bike}: make good ${d.what}`,
    start: dayOf(d.on),
    duration: { days: 1 },
    calName: name,
    productId: 'ivrek',
  }));
  return [...timed, ...whole];
}

export async function calendarOf(from: pg.Pool, shopId: string): Promise<string> {
  const { waits, days, name } = await shopTransaction(from, shopId, async (db) => {
    const ofBike = (table: string) =>
      `join job j on j.shop_id = ${table}.shop_id and j.id = ${table}.job_id join bike b on b.shop_id = j.shop_id and b.id = j.bike_id`;
    const w = await db.query(
      `select w.id, w.kind, w.what, w.until, w.look_again as "lookAgain", b.name as bike from wait w ${ofBike('w')} where w.ended_at is null order by w.id`,
    );
    const d = await db.query(
      `select p.id, 'part' as kind, p.name as what, p.due_on as "on", b.name as bike from part p ${ofBike('p')} where p.status = 'ordered' and p.due_on is not null
       union all
       select v.id, 'provisional', v.what, v.until_on, b.name from provisional v ${ofBike('v')} where v.ended_at is null and v.until_on is not null
       order by 1`,
    );
    const shop = await db.query('select name from shop where id = $1', [shopId]);
    return { waits: w.rows as WaitLine[], days: d.rows as DayLine[], name: shop.rows[0].name as string };
  });
  const { error, value } = createEvents(eventsOf(waits, days, name));
  if (error) throw error;
  // The package gives nothing for no event; a calendar without events is still a calendar.
  return value?.trim()
    ? value
    : ['BEGIN:VCALENDAR', 'VERSION:2.0', 'CALSCALE:GREGORIAN', 'PRODID:ivrek', 'METHOD:PUBLISH', 'END:VCALENDAR', ''].join('\r\n');
}

/** The secret part of a shop's calendar address; made when it is first asked for, made anew to void the old one. */
export async function calendarToken(from: pg.Pool, shopId: string, anew = false): Promise<string> {
  return shopTransaction(from, shopId, async (db) => {
    const fresh = randomBytes(24).toString('base64url');
    const { rows } = await db.query(
      `update shop set calendar_token = case when $3 or calendar_token is null then $2 else calendar_token end where id = $1 returning calendar_token as token`,
      [shopId, fresh, anew],
    );
    return (rows[0] as { token: string }).token;
  });
}

/** True if that secret opens that shop's calendar. */
export async function opensCalendar(from: pg.Pool, shopId: string, token: string): Promise<boolean> {
  const { rows } = await from.query('select calendar_token as token from shop where id = $1', [shopId]);
  const known = (rows[0] as { token: string | null } | undefined)?.token;
  if (!known) return false;
  const [a, b] = [Buffer.from(known), Buffer.from(token)];
  return a.length === b.length && timingSafeEqual(a, b);
}
