import { describe, expect, it } from 'vitest';
import { run, subject } from '../../../../test/fixtures/panel';
import { cases } from '../../../../test/fixtures/panelCases';
import { emptyDraft, fieldsOf, valuesOf } from '../panel';
import { panelById, panels } from '.';

describe('a part in service by the bike’s own limits', () => {
  // A maker's standard and service figures: between them a part is fit for use and is watched (common practice).
  const own: Record<string, { low: number | null; high: number | null; serviceLow: number | null; serviceHigh: number | null }> = {
    'plate-thickness': { low: 3e-3, high: null, serviceLow: 2.6e-3, serviceHigh: null },
    'plate-warp': { low: null, high: 0.1e-3, serviceLow: null, serviceHigh: 0.2e-3 },
    'spring-length': { low: 34e-3, high: null, serviceLow: 32e-3, serviceHigh: null },
    'clutch-stack': { low: 40e-3, high: null, serviceLow: 38e-3, serviceHigh: null },
    'clutch-lift': { low: 2e-3, high: null, serviceLow: 1.6e-3, serviceHigh: null },
  };
  const s = subject({ limit: (q) => (own[q] ? { ...own[q], source: 'manual of this bike', general: false } : null) });
  it.each([
    ['clutch', { 'thick#1': '2.8' }, 'clutch-thickness good'],
    ['clutch', { 'thick#1': '2.5' }, 'clutch-thickness bad'],
    ['clutch', { 'thick#1': '3.1', 'warp#1': '0.15' }, 'clutch-flat good'],
    ['clutch', { 'thick#1': '3.1', 'warp#1': '0.25' }, 'clutch-flat bad'],
    ['clutch', { 'thick#1': '3.1', spring: '33' }, 'clutch-spring-length good'],
    ['clutch', { 'thick#1': '3.1', spring: '31' }, 'clutch-spring-length bad'],
    ['clutch-release', { lift: '1.8' }, 'clutch-lift good'],
    ['clutch-release', { lift: '1.5' }, 'clutch-lift bad'],
  ])('%s %j: %s', (panel, typed, told) => {
    const r = run(panel, typed as Record<string, string>, s);
    expect(r.handed.map((h) => `${h.testId} ${h.outcome}`)).toContain(told);
    expect(r.tone === 'bad').toBe(told.endsWith('bad'));
  });
});

describe('every panel, case by case', () => {
  it.each(cases)('%s (%s)', (_what, panel, typed, tone, words, handed) => {
    const r = run(panel, typed);
    expect(r.words).toMatch(words);
    expect(r.tone).toBe(tone);
    if (handed) expect(r.handed.map((h) => `${h.testId} ${h.position} ${h.outcome}`)).toEqual(handed);
  });

  it('has its cases here or beside it', () => {
    const elsewhere = [
      'compression',
      'first-movement',
      'pipes',
      'valves-screws',
      'valves-shims',
      'voltage-drop',
      'balance',
      'mix',
      'clutch-order',
    ];
    const here = new Set([...cases.map((c) => c[1]), ...elsewhere]);
    expect(panels.map((p) => p.id).filter((id) => !here.has(id))).toEqual([]);
  });
});

describe('screws', () => {
  const band = { 'in-low': '0.05', 'in-high': '0.10', 'ex-low': '0.10', 'ex-high': '0.15' };
  const one = subject({ cylinders: ['1'] });
  it('says how far to turn each, and leaves what is right', () => {
    const r = run('valves-screws', { ...band, 'found#in-1': '0.15', 'found#ex-1': '0.12', layout: 'single', pitch: '0.75' }, one);
    // From 0.15 to the middle, 0.075: a tenth of 0.75 mm, 36 degrees in.
    expect(r.steps).toContain('In 1: 36 degrees in, to 0.075 mm.');
    expect(r.steps).toContain('Ex 1: leave it.');
    expect(r.words).toBe('1 of 2 to set.');
    // Wide, not tight: only the test that asks for that hears of it.
    expect(r.handed).toEqual([{ testId: 'clearance-measure', position: '1', outcome: 'bad' }]);
  });
  it('the loose end is aimed at where that is wanted', () => {
    expect(
      run('valves-screws', { ...band, aim: 'loose', 'found#in-1': '0.02', 'found#ex-1': '0.12', pitch: '0.75' }, one).steps.join(),
    ).toMatch(/In 1: 32 degrees out, to 0\.08[78] mm/);
  });
  it('warns of a decompressor, and of a layout with another number of cylinders', () => {
    const r = run(
      'valves-screws',
      { ...band, 'found#in-1': '0.08', layout: 'four-1243' },
      subject({ cylinders: ['1'], decompressor: true }),
    );
    expect(r.warnings.join()).toMatch(/decompressor/);
    expect(r.steps.join()).toMatch(/has 4 cylinders, the bike 1/);
  });
});

describe('where a reading is taken', () => {
  const whereOf = (id: string, text: Record<string, string> = {}, s = subject()) => {
    const panel = panelById(id)!;
    return Object.fromEntries(
      fieldsOf(valuesOf(panel, s, { ...emptyDraft, text }).blocks).flatMap((f) =>
        f.kind === 'figure' && f.quantity ? [[f.id, f.where ?? null]] : [],
      ),
    );
  };
  it('cylinders are numbered, rings and directions are told apart', () => {
    expect(whereOf('compression')).toMatchObject({ 'dry#1': '1', 'dry#2': '2', 'wet#2': '2', speed: null });
    expect(whereOf('rings')['second#2']).toBe('2 second ring');
    expect(whereOf('bore', { cylinder: '2' })).toMatchObject({ 'across#top': '2 top across', 'along#bottom': '2 bottom along' });
  });
  it('a bolt, a plate or a reading is no cylinder', () => {
    expect(whereOf('first-movement')['moves#2']).toBe('bolt 2');
    expect(whereOf('clutch')['thick#1']).toBe('plate 1');
    expect(whereOf('charging')['volts#2']).toBe('reading 2');
    expect(whereOf('valves-shims', { each: '4' })['found#ex-2b']).toBe('ex 2b');
    expect(whereOf('forks')['gap#l']).toBe('left');
    expect(whereOf('battery').rest).toBeNull();
    expect(whereOf('bore', { cylinder: '2' }).piston).toBe('2');
    expect(whereOf('charging').bc).toBe('b to c');
  });
  it('no position is longer than the record takes', () => {
    for (const p of panels)
      for (const where of Object.values(whereOf(p.id, { cylinder: '2', each: '4' }, subject({ cylinders: ['1', '2', '3', '4'] }))))
        expect((where ?? '').length).toBeLessThanOrEqual(20);
  });
});

describe('limits of this bike in the place of the general value', () => {
  const own = (quantity: string, low: number | null, high: number | null) =>
    subject({ limit: (q) => (q === quantity ? { low, high, source: 'page 30', general: false } : subject().limit(q)) });
  it('squish, port, crankcase, sag, starter, release, float: the manual wins', () => {
    const squish = { bore: '64', stroke: '54', head: '18', gasket: '1', 'gasket-bore': '65', deck: '0' };
    expect(run('volumes', squish).tone).toBe('good');
    expect(run('volumes', squish, own('squish', 1.2e-3, null)).tone).toBe('bad');
    expect(run('carbon-port', { port: '30', open: '85' }).tone).toBe('good');
    expect(run('carbon-port', { port: '30', open: '85' }, own('port-open', 0.9, null)).tone).toBe('watch');
    const fall = { start: '6', end: '5.2', seconds: '60' };
    expect(run('crankcase', fall).tone).toBe('good');
    expect(run('crankcase', fall, own('crankcase-loss', null, 3000)).tone).toBe('bad');
    expect(run('starter', { bench: '80' }).tone).toBe('bad');
    expect(run('starter', { bench: '80' }, own('starter-bench', null, 90)).handed).toMatchObject([{ outcome: 'free' }]);
    expect(run('clutch-release', { play: '4' }, own('clutch-free-play', 0.002, 0.003)).words).toMatch(/Too much/);
    expect(run('clutch-release', { lift: '1' }, own('clutch-lift', 0.0015, null)).words).toMatch(/does not lift enough/);
    expect(run('belt', { torque: '10', arm: '100' }, own('belt-tension', 40, 60)).tone).toBe('good');
    const float = run('jets', { 'found#float': '21' }, own('float-height', 0.019, 0.019));
    expect(float.steps.join()).toMatch(/Float 2\.0 mm high/);
    const rad = (d: number) => (d * Math.PI) / 180;
    expect(run('static-timing', { opens: '10' }, own('timing-static', rad(5), rad(5))).words).toMatch(/5\.0 degrees too early/);
    const dwell = { gap: '0.35', dwell: '90', gap2: '0.40', dwell2: '85' };
    expect(run('points', dwell, own('dwell', rad(93), rad(97))).words).toMatch(/Set 0\.30 mm/);
    const cam = { io: '10', ic: '50', eo: '50', ec: '10', teeth: '36' };
    expect(run('valve-timing', cam, own('lobe-centre-inlet', rad(120), rad(120))).words).toMatch(/inlet cam is/);
    expect(run('jets', { 'found#screw': '4' }, own('mixture-screw', 1.5, 1.5)).steps.join()).toMatch(/more than a turn/);
  });
});

describe('needle, groove and slide', () => {
  const steps = (text: Record<string, string>) => run('jets', text).steps.join(' ');
  it('says what a groove or a slide that differs does; what was chosen counts, not what was found', () => {
    expect(steps({ 'was#groove': '4', 'says#groove': '3' })).toMatch(/Groove, from the top: 4, .*manual says 3\. Richer from a quarter/);
    expect(steps({ 'was#groove': '2nd', 'says#groove': '3rd' })).toMatch(/Leaner from a quarter/);
    expect(steps({ 'was#slide': '3.5', 'says#slide': '3.0' })).toMatch(/Leaner just off idle/);
    expect(steps({ 'was#groove': '4', 'now#groove': '3', 'says#groove': '3' })).toBe('');
    expect(steps({ 'was#needle': 'N4', 'says#needle': 'N5' })).toBe('Needle: N4, where the manual says N5.');
  });
});
