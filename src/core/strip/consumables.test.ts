import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import type { Fact, Part, Step, Torque } from '../state';
import { consumableOf, planOf, torquesOf, usedAgain, type RefitRows } from '.';

const cover = shipped.strips.find((j) => j.id === 'clutch')!.steps.find((s) => s.fresh?.includes('Clutch cover gasket'))!;
const step = {
  id: 's1',
  jobId: 'job',
  title: 'Clutch cover',
  usual: `clutch/${cover.id}`,
  before: null,
  refittedAt: null,
  access: null,
} as Step;
const fact = (about: string, says: string | null): Fact => ({ id: about, stepId: 's1', kind: 'again', about, says }) as Fact;
const part = { id: 'p1', name: 'Clutch cover gasket', status: 'ordered' } as Part;
const plan = (facts: Fact[]) => {
  const rows: RefitRows = {
    steps: [step],
    facts,
    fasteners: [],
    connections: [],
    overrules: [],
    pieces: [],
    parts: [part],
    treated: [],
  };
  return planOf(shipped, rows, null).steps[0];
};

describe('what goes back new', () => {
  it('is waited for while it is on order, and not once it is decided that the old one goes back again', () => {
    expect(plan([])).toMatchObject({ ready: false, waitsFor: [{ kind: 'part', words: 'Clutch cover gasket' }] });
    expect(plan([fact('Clutch cover gasket', 'a film of grease')])).toMatchObject({ ready: true, waitsFor: [] });
    // Decided otherwise again.
    expect(plan([fact('Clutch cover gasket', null)]).ready).toBe(false);
    expect(usedAgain([fact('Clutch cover gasket', 'x')], 'Head gasket')).toBeNull();
  });

  it('is known by the longest word that stands in its name', () => {
    expect(consumableOf(shipped.consumables, 'Head gasket')?.id).toBe('head-gasket');
    expect(consumableOf(shipped.consumables, 'Left cover gasket')?.id).toBe('cover-gasket');
    expect(consumableOf(shipped.consumables, 'A bolt')).toBeNull();
  });
});

it('torques of a step are those that are named after it', () => {
  const torque = (name: string) => ({ name }) as Torque;
  const list = ['Generator cover, rim', 'Generator covering plate', 'Head nuts', 'Head'].map(torque);
  expect(torquesOf(list, { title: 'Generator cover' })).toEqual([list[0]]);
  expect(torquesOf(list, { title: 'Head nuts' })).toEqual([list[2], list[3]]);
  expect(torquesOf(list, { title: 'Exhaust' })).toEqual([]);
});
