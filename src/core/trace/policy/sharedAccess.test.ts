import { describe, expect, it } from 'vitest';
import { CaseMaker } from '../../../../test/fixtures/case';
import { shipped } from '../../../../test/fixtures/knowledge';
import { accessOf } from '../../knowledge';
import { buildModel } from '../model';
import { rank } from './rank';
import { missingMinutes, stripOf } from './strip';

const bike = {
  archetype: 'faired-four',
  cylinders: 4,
  cooling: 'liquid',
  ignition: 'electronic',
  voltage: 12,
  starting: 'electric',
} as const;
const of = (m: CaseMaker) => rank(buildModel(shipped, m.c));
const test = (key: string) => shipped.tests.find((t) => t.id === key.split('#')[0])!;

describe('one strip, more looks', () => {
  it('nothing is cheap while everything is on; with the fairing off what it hid is', () => {
    expect(of(new CaseMaker({ overheats: 'present' }, bike)).whileOpen).toEqual([]);
    const open = of(new CaseMaker({ overheats: 'present' }, bike).step({ access: 'fairing' })).whileOpen;
    expect(open.length).toBeGreaterThan(0);
    for (const key of open) expect(test(key).access).toEqual(['fairing']);
  });

  it('offers what needs no more than the next act’s own strip', () => {
    // Done everything that needs no strip, so that something has to come off.
    const m = new CaseMaker({ 'leaks-coolant': 'present' }, bike).test('pressure-pump', 'bad').test('cap-test', 'good');
    // Whatever needs nothing off comes out well, until the next act does.
    const nextOf = (r: ReturnType<typeof of>) => r.tests.find((t) => t.key === (r.next as { key: string }).key);
    let r = of(m);
    for (let t = nextOf(r); t && t.accessMinutes === 0; t = nextOf(r)) {
      const { outcomes } = shipped.tests.find((x) => x.id === t!.testId)!;
      m.test(t.testId, outcomes.find((o) => o.normal)!.id, t.position ? { position: t.position } : {});
      r = of(m);
    }
    expect(r.next.kind).toBe('test');
    const next = nextOf(r)!;
    expect(next.accessMinutes).toBeGreaterThan(0);
    for (const key of r.sameStrip) expect(r.tests.find((t) => t.key === key)!.accessMinutes).toBeGreaterThan(0);
  });
});

describe('the steps of this kind of bike', () => {
  it('are those that the strip log can name, so that what is off counts as off', () => {
    const steps = accessOf(shipped, 'faired-four').map((a) => a.id);
    expect(steps).toContain('air-box');
    expect(accessOf(shipped, 'air-twin').map((a) => a.id)).not.toContain('fairing');
    expect(accessOf(shipped, null).map((a) => a.id)).not.toContain('fairing');
    const plugs = (m: CaseMaker) => missingMinutes(stripOf(buildModel(shipped, m.c)), ['plugs']);
    const on = plugs(new CaseMaker({}, bike));
    expect(plugs(new CaseMaker({}, bike).step({ access: 'air-box' }).step({ access: 'tank' }))).toBeLessThan(on - 20);
  });
});

describe('the three questions', () => {
  it('start open and are answered by what is found', () => {
    const [compression, spark] = of(
      new CaseMaker({ 'no-start': 'present' }).test('flick-points', 'none').test('bridge-points', 'spark'),
    ).questions;
    expect(spark.chance).toBeGreaterThan(0.8);
    expect(compression.chance).toBeLessThan(0.05);
    expect(compression.answered).toBeGreaterThan(0.7);
    const start = of(new CaseMaker({ 'no-start': 'present' })).questions;
    expect(Math.min(...start.map((q) => q.answered))).toBeLessThan(0.3);
  });
});

describe('suspects', () => {
  it('what cannot have to do with it stands behind what can', () => {
    const { suspects } = of(new CaseMaker({ overheats: 'present' }, bike));
    const last = suspects.findLastIndex((s) => s.bears);
    expect(suspects.slice(0, last + 1).every((s) => s.bears)).toBe(true);
    expect(suspects.find((s) => s.key === 'clutch-worn')!.bears).toBe(false);
  });
});
