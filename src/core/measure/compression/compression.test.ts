import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fromSi, toSi } from '../../quantity';
import { densityAt, standardPressurePa } from '../air';
import { atHeightPa, compressionVerdict, expectedPeakPa, leakShare, leakWords, type CompressionLimits, type CylinderPressure } from '.';

const psi = (x: number) => toSi(x, 'psi');
const limits: CompressionLimits = { lowPa: psi(130), highPa: psi(200), spread: 0.15 };
const kinds = (c: CylinderPressure[], conditions = {}) => compressionVerdict(c, limits, conditions).findings.map((f) => f.kind);

describe('the air', () => {
  // ISO 2533, standard atmosphere; figures quoted from memory.
  it.each([
    [0, 101.325, 1.225],
    [1500, 84.556, 1.0581],
    [3000, 70.109, 0.9091],
  ])('at %d m is %f kPa and %f kg/m³', (h, kPa, density) => {
    expect(standardPressurePa(h) / 1000).toBeCloseTo(kPa, 2);
    expect(densityAt(h)).toBeCloseTo(density, 3);
  });
  it('thins with height', () => {
    const height = fc.double({ min: 0, max: 9000, noNaN: true });
    fc.assert(
      fc.property(height, fc.double({ min: 1, max: 2000, noNaN: true }), (h, up) => standardPressurePa(h + up) < standardPressurePa(h)),
    );
    expect(() => standardPressurePa(20000)).toThrow(RangeError);
  });
});

describe('expected compression', () => {
  it('a usual small engine of 9 to 1 comes to 150 to 180 psi at the sea (common practice)', () => {
    const p = fromSi(expectedPeakPa(9, 0).value, 'psi');
    expect(p).toBeGreaterThan(150);
    expect(p).toBeLessThan(180);
  });
  it('goes up with the ratio and down with height; a sea-level figure falls with the pressure of the air', () => {
    const ratio = fc.double({ min: 5, max: 14, noNaN: true });
    fc.assert(
      fc.property(ratio, fc.double({ min: 0, max: 4000, noNaN: true }), (r, h) => {
        expect(expectedPeakPa(r + 0.1, h).value).toBeGreaterThan(expectedPeakPa(r, h).value);
        expect(expectedPeakPa(r, h + 100).value).toBeLessThan(expectedPeakPa(r, h).value);
      }),
    );
    expect(atHeightPa(1e6, 1500)).toBeCloseTo(1e6 * (84556 / 101325), -2);
    expect(() => expectedPeakPa(1, 0)).toThrow(RangeError);
  });
});

describe('a set of compression readings', () => {
  it('170 and 180 psi on one small twin are a good pair (common practice)', () => {
    expect(
      kinds([
        { cylinder: '1', dryPa: psi(170) },
        { cylinder: '2', dryPa: psi(180) },
      ]),
    ).toEqual(['sound']);
  });
  it('oil that brings it up is rings, oil that does not is valves or gasket (common practice)', () => {
    expect(kinds([{ cylinder: '1', dryPa: psi(90), wetPa: psi(130) }])).toEqual(['rings']);
    expect(kinds([{ cylinder: '1', dryPa: psi(90), wetPa: psi(94) }])).toEqual(['valves or gasket']);
    expect(kinds([{ cylinder: '1', dryPa: psi(90) }])).toEqual(['low']);
    expect(kinds([{ cylinder: '1', dryPa: psi(10) }])).toEqual(['none']);
  });
  it('two neighbours that stay low with oil are the gasket between them', () => {
    const low = (cylinder: string) => ({ cylinder, dryPa: psi(70), wetPa: psi(72) });
    const good = (cylinder: string) => ({ cylinder, dryPa: psi(165) });
    expect(kinds([good('1'), low('2'), low('3'), good('4')])).toEqual(['gasket between', 'spread']);
    expect(kinds([low('1'), good('2'), low('3'), good('4')])).toEqual(['valves or gasket', 'valves or gasket', 'spread']);
  });
  it('a decompressor, a shut throttle or a weak battery makes a low reading say nothing yet', () => {
    const one = [{ cylinder: '1', dryPa: psi(60) }];
    for (const conditions of [{ decompressor: true }, { throttle: 'shut' as const }, { battery: 'weak' as const }]) {
      const v = compressionVerdict(one, limits, conditions);
      expect(v.words).toMatch(/^Not to be judged yet/);
      expect(v.warnings.length).toBe(1);
    }
    expect(compressionVerdict(one, limits, { engine: 'cold' }).words).not.toMatch(/^Not to be judged/);
  });
  it('cranked too slowly it reads low, and says nothing yet', () => {
    const low = [{ cylinder: '1', dryPa: toSi(85, 'psi') }];
    const limits = { lowPa: toSi(110, 'psi'), highPa: null, spread: 0.15 };
    // Common practice: a starter turns an engine at 200 to 300 a minute.
    expect(compressionVerdict(low, limits, { rpm: 90 }).warnings.join()).toMatch(/Cranked at 90 a minute: too slowly/);
    expect(compressionVerdict(low, limits, { rpm: 90 }).words).toMatch(/^Not to be judged/);
    expect(compressionVerdict(low, limits, { rpm: 240 }).warnings).toEqual([]);
    expect(compressionVerdict(low, limits, {}).words).not.toMatch(/^Not to be judged/);
  });
  it('weak at first and then good: it builds up', () => {
    expect(kinds([{ cylinder: '1', firstPa: psi(50), dryPa: psi(150) }])).toEqual(['builds up slowly']);
  });
  it('over the figure is carbon or another engine; nothing measured is said so', () => {
    expect(kinds([{ cylinder: '1', dryPa: psi(230) }])).toEqual(['high']);
    expect(compressionVerdict([], limits, {}).words).toMatch(/Nothing measured/);
  });
  it('what is found hangs on no order but that of neighbours', () => {
    const reading = fc.record({ dryPa: fc.double({ min: psi(40), max: psi(210), noNaN: true }), wetPa: fc.constant(null) });
    fc.assert(
      fc.property(fc.array(reading, { minLength: 1, maxLength: 4 }), (all) => {
        const named = all.map((r, i) => ({ ...r, cylinder: String(i + 1) }));
        const found = (c: CylinderPressure[]) =>
          compressionVerdict(c, limits, {})
            .findings.map((f) => JSON.stringify(f))
            .sort();
        expect(found([...named].reverse())).toEqual(found(named));
      }),
    );
  });
});

describe('leak-down', () => {
  it('is the share between the two gauges, and where it is heard says what leaks (common practice)', () => {
    expect(leakShare(100, 92)).toBeCloseTo(0.08, 12);
    expect(leakWords({ cylinder: '1', loss: 0.08, heardAt: ['breather'] })).toBe('8 % lost: tight.');
    expect(leakWords({ cylinder: '1', loss: 0.4, heardAt: ['exhaust'] })).toMatch(/bad.*exhaust valve/);
    expect(leakWords({ cylinder: '1', loss: 0.4, heardAt: [] })).toMatch(/Listen where it goes/);
    expect(() => leakShare(100, 101)).toThrow(RangeError);
  });
});
