import { describe, expect, it } from 'vitest';
import { outlineShapes, type Fastener, type Hole, type Outline } from '../../core/state';
import { outlinePdf } from './outlinePdf';

describe('the card of a cover', () => {
  const screws = [
    { id: 'a', size: 'M6x25', count: 4, place: 'rim' },
    { id: 'b', size: 'M6x45', count: 1, place: null },
  ] as Fastener[];
  const holes = Array.from({ length: 40 }, (_x, i) => ({
    id: `h${i}`,
    x: (i % 8) / 7,
    y: Math.floor(i / 8) / 4,
    fastenerId: ['a', 'b', 'gone', null][i % 4],
  })) as Hole[];

  it.each(outlineShapes)('%s is one page, with everything on it', async (shape) => {
    const outline = { shape, corners: shape === 'drawn' ? [0, 0, 1, 0.1, 0.7, 1, 0.1, 0.8] : [] } as unknown as Outline;
    const pdf = await outlinePdf({ bike: 'Osprane 650 & sons <b>', title: 'Generator cover', outline, holes, screws });
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
    expect(pdf.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(1);
  });
});
