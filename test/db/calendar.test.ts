import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeCommand, type Command } from '../../src/core/command';
import { calendarOf, calendarToken, opensCalendar } from '../../src/server/files/calendar';
import { id, uid } from '../fixtures/commands';
import { freshDatabase, openBoth, shopA, shopB, type TestDatabase } from './database';
import { openScript, sendAll } from './filled';

let t: TestDatabase;
let n = 50_000;
const make = (type: string, kind: 'wait' | 'provisional', payload: object, entityId = uid(n++)): Command =>
  makeCommand({ id: uid(n++), type, kind, entityId, madeAt: '2030-02-01T08:00:00.000Z', after: null, payload });
beforeAll(async () => {
  t = await freshDatabase();
  await openBoth(t.pool);
  await sendAll(t.pool, shopA, openScript());
});
afterAll(() => t.drop());

/** Lines as RFC 5545, 3.1 unfolds them: a line break and a blank are no break. */
const unfolded = (text: string): string[] =>
  text
    .replace(/\r\n[ \t]/g, '')
    .split('\r\n')
    .filter(Boolean);

describe('the calendar', () => {
  it('keeps RFC 5545: line ends, lengths, nesting, what every event must have, text escaped', async () => {
    const wait = uid(n++);
    await sendAll(t.pool, shopA, [
      make(
        'wait.start',
        'wait',
        {
          jobId: id.job,
          kind: 'curing',
          what: 'Paint; frame, two coats, and a long sentence about it that does not fit one line of seventy-five octets',
          until: '2030-02-03T12:00:00.000Z',
          lookAgain: '2030-02-02T09:30:00.000Z',
        },
        wait,
      ),
      make('provisional.add', 'provisional', {
        jobId: id.job,
        what: 'Wire on the peg',
        why: 'peg bent',
        until: null,
        untilOn: '2030-03-09',
        mayRun: true,
        mayRide: false,
        mayLeave: false,
      }),
    ]);
    const text = await calendarOf(t.pool, shopA);
    // 3.1: lines end with CRLF and are no longer than 75 octets
    expect(text.replace(/\r\n/g, '')).not.toMatch(/[\r\n]/);
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    const lines = unfolded(text);
    // 3.4 and 3.6: one calendar object with version and product
    expect(lines[0]).toBe('BEGIN:VCALENDAR');
    expect(lines.at(-1)).toBe('END:VCALENDAR');
    expect(lines).toContain('VERSION:2.0');
    expect(lines.some((l) => l.startsWith('PRODID:'))).toBe(true);
    const open: string[] = [];
    for (const l of lines) {
      if (l.startsWith('BEGIN:')) open.push(l.slice(6));
      if (l.startsWith('END:')) expect(open.pop()).toBe(l.slice(4));
    }
    expect(open).toEqual([]);
    // 3.6.1: UID and DTSTAMP, once each; a time in UTC or a day
    const events = lines.join('\n').split('BEGIN:VEVENT').slice(1);
    expect(events).toHaveLength(4); // look again, until, the part on order, the provisional repair
    for (const e of events) {
      expect(e.match(/^UID:/gm)).toHaveLength(1);
      expect(e.match(/^DTSTAMP:\d{8}T\d{6}Z$/gm)).toHaveLength(1);
      expect(e).toMatch(/^DTSTART(:\d{8}T\d{6}Z|;VALUE=DATE:\d{8})$/m);
    }
    expect(lines).toContain(`UID:${wait}-look@ivrek`);
    expect(lines).toContain('DTSTART:20300202T093000Z');
    expect(lines).toContain('DTSTART;VALUE=DATE:20300309');
    // 3.3.11: commas and semicolons of a text are escaped
    expect(text.replace(/\r\n[ \t]/g, '')).toContain('Paint\\; frame\\, two coats');
    // the same again: ids stay, so that a calendar changes events in place
    const uids = (x: string) => unfolded(x).filter((l) => l.startsWith('UID:'));
    expect(uids(await calendarOf(t.pool, shopA))).toEqual(uids(text));
    await sendAll(t.pool, shopA, [make('wait.end', 'wait', { jobId: id.job }, wait)]);
    expect(uids(await calendarOf(t.pool, shopA))).toHaveLength(2);
  });

  it('of a workshop that waits for nothing is still a calendar', async () => {
    const lines = unfolded(await calendarOf(t.pool, shopB));
    expect([lines[0], lines.at(-1)]).toEqual(['BEGIN:VCALENDAR', 'END:VCALENDAR']);
  });

  it('has a secret address; a new one voids the old; no other opens it', async () => {
    expect(await opensCalendar(t.pool, shopA, '')).toBe(false);
    const first = await calendarToken(t.pool, shopA);
    expect(await calendarToken(t.pool, shopA)).toBe(first);
    expect(await opensCalendar(t.pool, shopA, first)).toBe(true);
    expect(await opensCalendar(t.pool, shopB, first)).toBe(false);
    const second = await calendarToken(t.pool, shopA, true);
    expect(second).not.toBe(first);
    expect(await opensCalendar(t.pool, shopA, first)).toBe(false);
    expect(await opensCalendar(t.pool, shopA, second)).toBe(true);
  });
});
