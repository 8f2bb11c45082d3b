import { describe, expect, it } from 'vitest';
import { CaseMaker } from '../../../../test/fixtures/case';
import { shipped } from '../../../../test/fixtures/knowledge';
import { changedTogether, trailMarkdown, trailOf, trailSvg } from '.';

const made = () =>
  new CaseMaker({ 'no-start': 'present' })
    .test('spark-look', 'none', { position: '1', conditions: { temperature: 'cold', tries: 3 } })
    .test('flick-points', 'none', { predictionId: 'p1', held: 'no' })
    .repair('points-dirty')
    .retest('same', { note: 'not <even> a cough' })
    .test('coil-volts', 'low')
    .repair('supply-bad')
    .retest('gone');

describe('the trail', () => {
  it('is in the order in which one thing came after another, withdrawn results left out', () => {
    const { c } = made();
    c.evidence[2].withdrawn = { at: 'x', why: 'slip' } as never;
    expect(trailOf(shipped, c).map((s) => s.kind)).toEqual(['complaint', 'result', 'result', 'repair', 'retest', 'repair', 'retest']);
  });

  it('says circumstances, predictions and notes with each step', () => {
    const steps = trailOf(shipped, made().c, [{ id: 'p1', words: 'it will spark' }]);
    expect(steps[1].more).toEqual(['cold', '3 tries']);
    expect(steps[2].more).toEqual(['expected “it will spark”: did not hold']);
    expect(steps[4].words).toBe('Retest: the same');
  });

  it('goes out as Markdown and as a picture in which nothing can be smuggled', () => {
    const steps = trailOf(shipped, made().c);
    const text = trailMarkdown('Old twin', steps, 'UTC');
    expect(text.split('\n')[0]).toBe('# Old twin');
    expect(text).toMatch(/^2\. Spark, cylinder 1: No spark {2}$/m);
    const svg = trailSvg('Old <twin>', steps, 'UTC');
    expect(svg).not.toMatch(/<twin>|<even>/);
    expect(svg.match(/<circle/g)).toHaveLength(steps.length);
    expect(svg.trim().endsWith('</svg>')).toBe(true);
  });
});

describe('two things changed at once', () => {
  it('are named together; one thing with its retest is not', () => {
    expect(changedTogether(made().c)).toEqual([]);
    const both = new CaseMaker().repair('breather-pinched').repair('guide-seals', '1').retest('gone').c;
    expect(changedTogether(both)).toEqual([both.repairs.map((r) => r.id)]);
  });
});
