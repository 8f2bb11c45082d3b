import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CaseMaker } from '../../../../test/fixtures/case';
import { shipped } from '../../../../test/fixtures/knowledge';
import { snapshotAfter } from '../../../../test/fixtures/snapshot';
import { buildModel, rank } from '../../../core/trace';
import { pageJson, type PageData } from './pageData';

const page = (patch: Partial<PageData> = {}): PageData => ({ snapshot: snapshotAfter('step.add'), ranking: null, standing: 3, ...patch });

describe('what a page carries', () => {
  it('is read as it was written, advice and all', () => {
    const { c } = new CaseMaker({ 'no-start': 'present' }).test('spark-look', 'none');
    const ranking = rank(buildModel(shipped, c));
    const whole = page({ ranking });
    expect(JSON.parse(pageJson(whole))).toEqual(JSON.parse(JSON.stringify(whole)));
    // Nothing of the advice is of a kind that plain JSON loses.
    expect((JSON.parse(pageJson(whole)) as PageData).ranking).toEqual(ranking);
  });

  it('never ends the element that it stands in, whatever somebody typed', () => {
    fc.assert(
      fc.property(fc.string(), (typed) => {
        const data = page();
        data.snapshot.shop.name = `</script><!--${typed}`;
        const json = pageJson(data);
        expect(json).not.toContain('<');
        expect(JSON.parse(json)).toEqual(JSON.parse(JSON.stringify(data)));
      }),
    );
  });
});
