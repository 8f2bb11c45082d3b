import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import { checkKnowledge, comesBefore, nextUsual, usualJobs } from '.';

const facts = fc.record(
  {
    strokes: fc.constantFrom('two', 'four'),
    cooling: fc.constantFrom('air', 'liquid'),
    valvegear: fc.constantFrom('chain', 'pushrod', 'none'),
    sump: fc.constantFrom('wet', 'dry'),
    brakes: fc.constantFrom('drum', 'disc', 'both'),
    finalDrive: fc.constantFrom('chain', 'shaft'),
    starting: fc.constantFrom('kick', 'electric', 'both'),
    fuelling: fc.constantFrom('carburettor', 'injection'),
  },
  { requiredKeys: [] },
);

describe('usual jobs', () => {
  it('are proposed step by step to the end on every bike, each step after its forerunners', () => {
    fc.assert(
      fc.property(facts, (bike) => {
        for (const job of usualJobs(shipped, bike)) {
          const off = new Set<string>();
          for (let s = nextUsual(job, off); s; s = nextUsual(job, off)) {
            for (const a of comesBefore(job.steps, s.id)) expect(off).toContain(a);
            off.add(s.id);
          }
          expect(off.size).toBe(job.steps.length);
        }
      }),
    );
  });

  it('hand a step that a bike has not got on to what it stood after', () => {
    const head = usualJobs(shipped, { strokes: 'four', valvegear: 'pushrod', cooling: 'air' }).find((j) => j.id === 'head')!;
    expect(head.steps.map((s) => s.id)).not.toContain('cam-sprocket');
    // The sprocket stood after the marks, and so does the head now.
    expect(comesBefore(head.steps, 'head')).toContain('marks');
  });

  it.each<[string, (k: typeof shipped) => void, RegExp]>([
    ['a circle', (k) => (k.strips[0].steps[0].after = [k.strips[0].steps.at(-1)!.id]), /strip head: these steps wait for each other/],
    ['a step that is not there', (k) => (k.strips[1].steps[1].after = ['lid']), /strip clutch, cover: step 'lid' does not exist/],
    ['an unknown thing', (k) => (k.strips[1].steps[1].access = 'lid'), /access 'lid' does not exist/],
    ['a value no bike has', (k) => (k.strips[0].when = { strokes: 'six' }), /attribute 'strokes' has no value 'six'/],
    ['minutes that run backwards', (k) => (k.strips[0].steps[0].minutes = [9, 3]), /its minutes run backwards/],
    ['one id twice', (k) => (k.strips[1].id = 'head'), /strip head: this id is used twice/],
  ])('%s is said', (_name, change, problem) => {
    const k = structuredClone(shipped);
    change(k);
    expect(checkKnowledge(k).join('\n')).toMatch(problem);
  });
});
