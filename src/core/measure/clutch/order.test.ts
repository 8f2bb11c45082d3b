import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { run } from '../../../../test/fixtures/panel';
import { orderVerdict, type Plate } from '.';

// Common practice: linings and plain plates take turns, a lining at either end.
describe('the order of clutch plates', () => {
  const sound: Plate[] = ['lining', 'plain', 'lining', 'plain', 'lining'];
  it('counts and finds nothing odd in a stack that takes turns', () => {
    expect(orderVerdict(sound)).toMatchObject({ linings: 3, plains: 2, odd: [] });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9 }), (n) => {
        const stack = Array.from({ length: 2 * n + 1 }, (_x, i): Plate => (i % 2 ? 'plain' : 'lining'));
        expect(orderVerdict(stack)).toMatchObject({ linings: n + 1, plains: n, odd: [] });
      }),
    );
  });
  it('a plate that is missing anywhere in the middle is noticed', () => {
    for (let i = 1; i < sound.length - 1; i++)
      expect(orderVerdict(sound.filter((_p, k) => k !== i))!.odd.join()).toMatch(/lie on each other/);
    expect(orderVerdict(sound.slice(1))!.odd).toEqual(['A steel plate lies outermost: usually it is a friction plate.']);
    expect(orderVerdict(sound.slice(0, -1))!.odd).toEqual(['A steel plate lies innermost: usually it is a friction plate.']);
  });
  it('a judder spring lies with its seat in a narrow lining and counts for nothing', () => {
    const judder: Plate[] = ['lining', 'plain', 'narrow lining', 'spring', 'seat'];
    expect(orderVerdict(judder)).toMatchObject({ linings: 2, plains: 1, odd: [] });
    expect(orderVerdict(judder.slice(0, -1))!.odd.join()).toMatch(/its seat/);
    expect(orderVerdict(['lining', 'plain', 'lining', 'spring', 'seat'])!.odd.join()).toMatch(/narrow friction/);
    expect(orderVerdict(['lining'])).toBeNull();
  });
});

describe('the panel of the order', () => {
  const stack = { 'plate#1': 'lining', 'turn#1': 'slot', 'plate#2': 'plain', 'note#2': 'sharp edge out', 'plate#3': 'lining' };
  it('says how they go back: the last that came off first', () => {
    const r = run('clutch-order', stack);
    expect(r.tone).toBe('good');
    expect(r.steps).toEqual([
      'friction (came off as number 3)',
      'steel: sharp edge out (came off as number 2)',
      'friction: tabs one slot round (came off as number 1)',
    ]);
  });
  it('asks after a place that was left empty', () => {
    const r = run('clutch-order', { 'plate#1': 'lining', 'plate#2': 'plain', 'plate#4': 'lining' });
    expect(r).toMatchObject({ tone: 'watch', warnings: ['A place in the list is empty: is a plate missing there?'] });
    expect(run('clutch-order', { 'plate#1': 'lining' })).toMatchObject({ tone: 'open', words: 'On with the next one.' });
  });
});
