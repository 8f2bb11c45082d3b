import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parse } from 'yaml';
import { fromSi, parseQuantity, toSi } from '../../src/core/quantity';
import { quantityInfo } from '../../src/core/measure';
import { shipped } from '../fixtures/knowledge';

interface Value {
  what: string;
  source: string;
  in: string;
  has: string[];
}

const { values } = parse(readFileSync('test/checks/values.yaml', 'utf8')) as { values: Value[] };

/** A test's text without what is only said about it. */
const asserted = (file: string) =>
  readFileSync(file, 'utf8')
    .split('\n')
    .filter((l) => !/^\s*(\/\/|#|\*)/.test(l))
    .join('\n');

describe('every value that must be asserted', () => {
  it.each(values.map((v) => [v.what, v] as const))('%s', (_what, v) => {
    expect(v.source).not.toBe('');
    const text = v.in.endsWith('.yaml') || /Williams/.test(v.source) ? readFileSync(v.in, 'utf8') : asserted(v.in);
    expect(v.has.filter((piece) => !text.includes(piece))).toEqual([]);
  });
  it('stands in the list once', () => expect(new Set(values.map((v) => v.what)).size).toBe(values.length));
});

describe('values of the trade that stand in the knowledge', () => {
  it('one large trail single, 0.004 in and 0.005 in cold, is read as 0.10 and 0.13 mm, and is no default (common practice)', () => {
    const read = ['0.004 in', '0.005 in'].map((t) => parseQuantity(t, 'mm'));
    expect(read.map((r) => (r.ok ? fromSi(r.si, 'mm').toFixed(2) : r.message))).toEqual(['0.10', '0.13']);
    for (const side of ['inlet', 'exhaust']) expect(quantityInfo(shipped, `valve-clearance-${side}`, {})?.general ?? null).toBeNull();
  });
  it('30 to 60 ml of penetrant go into each cylinder (common practice)', () => {
    const soaking = shipped.faults.find((f) => f.id === 'rings-rusted')!;
    expect(soaking.remedy.do).toContain('30 to 60 ml of penetrant in each cylinder');
  });
  it('a middleweight twin idles at about 1100 to balance it (common practice)', () => {
    const { low, high } = quantityInfo(shipped, 'idle-speed', {})!.general!;
    expect(low!).toBeLessThanOrEqual(toSi(1100, 'rpm'));
    expect(high!).toBeGreaterThanOrEqual(toSi(1100, 'rpm'));
  });
});

describe('what a how-to asks for (common practice)', () => {
  const test = (id: string) => shipped.tests.find((t) => t.id === id)!;
  it.each([
    ['crank-side', 'a worn main bearing lets the crank end up and down, not along', /up and down/],
    ['rod-feel', 'a big end is felt along the rod, not sideways', /straight up and down, not sideways/],
    ['relay-closed', 'a welded relay is only measured with the battery off', /^Battery off first/],
    ['tank-look', 'no flame at an open tank', /never a flame/],
    ['oil-gauge', 'an engine without oil pressure is not run', /do not run it/],
  ])('%s: %s', (id, _why, words) => expect(test(id).how).toMatch(words));
  it.each([
    ['detent-feel', 'chain'],
    ['disc-clock', 'chain'],
    ['wet-low', 'exhaust-gas'],
    ['wash-run-look', 'exhaust-gas'],
  ])('%s stands with its caution: %s', (id, hazard) => expect(test(id).hazards).toContain(hazard));
  it('the results of a wheel, a scream and a valve read by themselves', () => {
    const says = (id: string) => test(id).outcomes.map((o) => o.says);
    expect(says('cover-scream')).toEqual(['No scream', 'Scream']);
    expect(says('rotor-idle')).toEqual(['No such knock', 'Knocks at idle, goes on load']);
    expect(says('breather-valve')).toEqual(['One way', 'Stuck open or shut']);
  });
});
