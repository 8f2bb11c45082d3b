import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { isoOf } from './instant';

describe('an instant as PostgreSQL writes it', () => {
  it.each([
    ['2026-11-27 13:40:00.123456+00', '2026-11-27T13:40:00.123Z'],
    ['2026-11-27 13:40:00+00', '2026-11-27T13:40:00.000Z'],
    ['2026-11-27 15:10:00+01:30', '2026-11-27T13:40:00.000Z'],
    ['0202-01-01 00:00:00+00', '0202-01-01T00:00:00.000Z'],
    ['1880-01-01 00:00:00+00', '1880-01-01T00:00:00.000Z'],
    // an offset that once had seconds
    ['1880-01-01 00:53:28+00:53:28', '0001-01-01T00:00:00.000Z'],
    ['infinity', '9999-12-31T23:59:59.999Z'],
    ['-infinity', '0001-01-01T00:00:00.000Z'],
    ['0044-03-15 12:00:00+00 BC', '0001-01-01T00:00:00.000Z'],
    ['12026-01-01 00:00:00+00', '9999-12-31T23:59:59.999Z'],
    ['', '0001-01-01T00:00:00.000Z'],
  ])('%s', (text, iso) => expect(isoOf(text)).toBe(iso));

  it('tells any time of a calendar as the platform does', () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date('0001-01-01T00:00:00Z'), max: new Date('9999-12-31T23:59:59Z'), noInvalidDate: true }),
        fc.integer({ min: 0, max: 999 }),
        (date, micros) => {
          const iso = date.toISOString();
          const [day, time] = [iso.slice(0, 10), iso.slice(11, 23)];
          expect(isoOf(`${day} ${time}${String(micros).padStart(3, '0')}+00`)).toBe(iso);
          expect(isoOf(`${day} ${`${time}000`.replace(/\.?0+$/, '')}+00`)).toBe(iso);
        },
      ),
    );
  });
});
