import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import { factRow, stepRow } from '../../../test/fixtures/strip';
import { nextUsual } from '../knowledge';
import type { Fastener, Step } from '../state';
import { inOrder, parseFasteners, templateOf, usualKey } from '.';

const step = (i: number, patch: Partial<Step> = {}) => stepRow(i, { refittedAt: '2030-02-01T08:00:00.000Z', ...patch });
const fastener = (stepId: string, i: number, count: number, place: string | null): Fastener => ({
  id: `${stepId}-f${i}`,
  jobId: 'job',
  stepId,
  size: `M6x${20 + 5 * i}`,
  count,
  place,
  refitted: 0,
  state: null,
  affected: 0,
  versions: {},
});
describe('the last strip as a template', () => {
  it('proposes every step once, in the order in which they came off, wherever one was put in later', () => {
    const drawn = fc.array(fc.record({ before: fc.option(fc.nat()) }), { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(drawn, (list) => {
        const steps = list.map((d, i) => step(i, { before: d.before !== null && i > 0 ? `s${d.before % i}` : null }));
        const { job } = templateOf(shipped, { steps, fasteners: [], facts: [] }, 'Last time')!;
        const done = new Set<string>();
        for (let next = nextUsual(job, done); next; next = nextUsual(job, done)) done.add(next.id);
        expect([...done]).toEqual(inOrder(steps).map((s) => s.id));
      }),
    );
  });

  it('types the fasteners as they can be read again', () => {
    const counts = fc.array(fc.tuple(fc.integer({ min: 1, max: 99 }), fc.constantFrom(null, 'rim', 'lower edge')), { maxLength: 6 });
    fc.assert(
      fc.property(counts, (list) => {
        const fasteners = list.map(([n, place], i) => fastener('s0', i, n, place));
        const { last } = templateOf(shipped, { steps: [step(0)], fasteners, facts: [] }, 'Last time')!;
        const read = parseFasteners(last.get('s0')!.fasteners);
        expect(read).toEqual({ ok: true, fasteners: fasteners.map(({ count, size, place }) => ({ count, size, place })) });
      }),
    );
  });

  it('knows what the usual job knew, how things stood, and what is checked', () => {
    const cover = shipped.strips.find((j) => j.id === 'clutch')!.steps.find((s) => s.check?.length)!;
    const steps = [step(0, { usual: `clutch/${cover.id}`, note: 'one screw is longer' }), step(1)];
    const facts = [factRow('s0', 'way', 'Washer', 'thick one outside'), factRow('s1', 'check', 'Nothing left inside', 'looked')];
    const template = templateOf(shipped, { steps, fasteners: [], facts }, 'Last time')!;
    const [first, second] = template.job.steps;
    expect(first).toMatchObject({ part: 'Part 0', check: cover.check, minutes: cover.minutes });
    expect(first.how).toBe(`${cover.how} Last time: one screw is longer`);
    expect(first.note).toContain('Washer');
    expect(template.last.get('s0')!.stood).toEqual({ Washer: 'thick one outside' });
    expect(second).toMatchObject({ how: 'As last time.', check: ['Nothing left inside'] });
    expect(usualKey(template.job, first, template)).toBe(`clutch/${cover.id}`);
    expect(usualKey(template.job, second, template)).toBe('last-strip/s1');
    expect(usualKey({ id: 'clutch' }, cover, template)).toBe(`clutch/${cover.id}`);
  });

  it('is none where nothing came off', () => {
    expect(templateOf(shipped, { steps: [], fasteners: [], facts: [] }, 'Last time')).toBeNull();
  });
});
