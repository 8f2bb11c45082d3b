import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { StripLabel } from '../../core/strip';
import { labelsPdf, type LabelSize } from './labelsPdf';

const pages = async (labels: StripLabel[], size: LabelSize) => {
  const pdf = await labelsPdf(
    labels,
    'Osprane 650 of the long name',
    () => `https://workshop.test:4681/job/${'a'.repeat(36)}/strip?bag=12`,
    size,
  );
  return pdf.toString('latin1').match(/\/Type \/Page\b/g)!.length;
};
const label = (head: string, lines: string[]): StripLabel => ({ head, lines, opens: { bag: '12' } });

describe('labels on paper', () => {
  it('are one a page on a label printer, whatever is written on them', async () => {
    const words = fc.string({ minLength: 1, maxLength: 200 });
    await fc.assert(
      fc.asyncProperty(fc.array(fc.tuple(words, fc.array(words, { maxLength: 8 })), { minLength: 1, maxLength: 4 }), async (drawn) => {
        expect(
          await pages(
            drawn.map(([h, l]) => label(h, l)),
            'label',
          ),
        ).toBe(drawn.length);
      }),
      { numRuns: 15 },
    );
  });

  it('are twenty-four a sheet of A4', async () => {
    const many = (n: number) =>
      Array.from({ length: n }, (_x, i) => label(`Bag ${i}`, ['Generator cover', '7 × M6x30 rim, 2 × M6x45 lower edge, 2 × dowel']));
    expect(await pages(many(1), 'a4')).toBe(1);
    expect(await pages(many(24), 'a4')).toBe(1);
    expect(await pages(many(25), 'a4')).toBe(2);
  });
});
