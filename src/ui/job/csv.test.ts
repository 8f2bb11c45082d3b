import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fromCsv, toCsv } from './csv';

describe('a table that goes out', () => {
  // The characters that spreadsheets begin a formula with: OWASP, CSV injection.
  it.each(['=1+1', '+cmd', '-2+3', '@sum(a1)', '\tx', '=HYPERLINK("http://x")', "'=1+1"])('holds no formula for %j', async (cell) => {
    const csv = await toCsv([['name', cell]]);
    expect(csv.replace(/^name,"?/, '')).toMatch(/^'/);
    expect(await fromCsv(csv)).toEqual([['name', cell]]);
  });

  it.each(['-12.5', '+3', '0.004', '12,5', 'M6 x 25', "it's", '- ', ''])('leaves %j as it is', async (cell) => {
    const csv = await toCsv([['name', cell, 'end']]);
    if (cell !== '- ') expect(csv).not.toContain(`'${cell}`);
    expect(await fromCsv(csv)).toEqual([['name', cell, 'end']]);
  });

  it('comes in again unchanged, whatever is in it', async () => {
    const cell = fc.oneof(fc.string(), fc.string({ unit: fc.constantFrom("'", '=', '-', '+', '@', 'a', '1', '"', ',', '\n', '.') }));
    await fc.assert(
      fc.asyncProperty(fc.array(fc.tuple(cell, cell), { minLength: 1, maxLength: 5 }), async (rows) => {
        const kept = rows.map((r) => ['x', ...r]);
        // Line ends within a cell are one kind in a file.
        const same = (t: string[][]) => t.map((r) => r.map((c) => c.replace(/\r\n?/g, '\n')));
        expect(same(await fromCsv(await toCsv(kept)))).toEqual(same(kept));
      }),
    );
  });
});
