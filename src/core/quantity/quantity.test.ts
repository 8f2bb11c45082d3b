import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { besideSi, fromSi, parseQuantity, sameKind, show, toSi, unitOf, units } from '.';

describe('units', () => {
  // NIST SP 811 appendix B, quoted from memory; the torque and pressure factors follow from 0.45359237 kg, 9.80665 m/s², 25.4 mm.
  it.each([
    ['lbf·ft', 1.3558179],
    ['lbf·in', 0.11298483],
    ['kgf·m', 9.80665],
    ['psi', 6894.757],
    ['inHg', 3386.389],
    ['cmHg', 1333.224],
    ['US fl oz', 29.57353e-6],
    ['imp fl oz', 28.41306e-6],
    ['in', 0.0254],
  ])('one %s is %f in SI', (unit, si) => {
    expect(toSi(1, unit) / si).toBeCloseTo(1, 6);
  });

  it('go to SI and back', () => {
    fc.assert(
      fc.property(fc.constantFrom(...units.map((u) => u.id)), fc.double({ min: -1e4, max: 1e4, noNaN: true }), (unit, x) => {
        expect(fromSi(toSi(x, unit), unit)).toBeCloseTo(x, 6);
      }),
    );
  });

  it('a temperature and a difference of temperatures are not the same kind', () => {
    expect(toSi(20, '°C')).toBeCloseTo(293.15, 9);
    expect(toSi(68, '°F')).toBeCloseTo(293.15, 9);
    expect(sameKind('°C')).not.toContain('K');
  });

  it('knows the usual spellings and no others', () => {
    expect(unitOf('ft lbs')?.id).toBe('lbf·ft');
    expect(unitOf('Nm')?.id).toBe('N·m');
    expect(unitOf('in-lb')?.id).toBe('lbf·in');
    expect(unitOf('furlong')).toBeUndefined();
    expect(() => toSi(1, 'furlong')).toThrow(RangeError);
  });

  it('shows as many decimals as a unit is read to', () => {
    expect(show(toSi(118.4, 'psi'), 'psi')).toBe('118');
    expect(show(-1e-9, 'V')).toBe('0.00');
  });
});

describe('beside a unit that is not of the SI', () => {
  it('a spelling that stands for two units is read as the kind that is asked for', () => {
    expect(parseQuantity('4.7k', 'ohm')).toMatchObject({ ok: true, si: 4700, unit: 'kohm' });
    expect(parseQuantity('12 lbs', 'N')).toMatchObject({ ok: true, unit: 'lbf' });
    expect(parseQuantity('30 lbs', 'psi')).toMatchObject({ ok: true, unit: 'psi' });
  });
  // 1 US liquid quart = 0.946 352 946 l, 1 lbf = 4.448 222 N: NIST SP 811, appendix B.
  it('US quarts of oil and pounds of a spring', () => {
    expect(toSi(2, 'US qt')).toBeCloseTo(0.001892706, 9);
    expect(toSi(10, 'lbf')).toBeCloseTo(44.48222, 5);
  });
  // 1 psi = 6.894757 kPa, 1 lbf·ft = 1.355818 N·m, 1 in = 25.4 mm: NIST SP 811, appendix B.
  it('stands the value in one that is', () => {
    expect(besideSi(toSi(118, 'psi'), 'psi')).toBe('814 kPa');
    expect(besideSi(toSi(20, 'lbf·ft'), 'lbf·ft')).toBe('27.1 N·m');
    expect(besideSi(toSi(4, 'thou'), 'thou')).toBe('0.10 mm');
    expect(besideSi(toSi(68, '°F'), '°F')).toBe('20 °C');
    for (const unit of ['mm', 'kPa', 'V', 'ohm', 'N·m', '°C']) expect(besideSi(1, unit)).toBeNull();
  });
  it('is always of the same kind and of the SI itself', () => {
    for (const u of units) {
      if (!u.si) continue;
      expect(unitOf(u.si)!.kind).toBe(u.kind);
      expect(unitOf(u.si)!.si).toBeUndefined();
    }
  });
});

describe('reading what was typed', () => {
  const compression = { low: 0, high: 2.1e6 };
  it('takes a figure with or without its unit', () => {
    expect(parseQuantity('118', 'psi')).toMatchObject({ ok: true, value: 118, unit: 'psi' });
    expect(parseQuantity(' 8.1 bar', 'psi')).toMatchObject({ ok: true, unit: 'bar' });
    expect(parseQuantity('.12', 'mm')).toMatchObject({ ok: true, value: 0.12 });
  });
  it.each([
    ['11,8', 'psi', /comma: did you mean 11\.8/],
    ['1O8', 'psi', /did you mean 108/],
    ['12V4', 'V', /not a unit|not a number/],
    ['abc', 'psi', /not a number/],
    ['5 mm', 'psi', /measures length/],
    ['', 'psi', /Nothing entered/],
  ])('says what is wrong with %j', (text, unit, message) => {
    const r = parseQuantity(text, unit);
    expect(r.ok).toBe(false);
    if (!r.ok) expect(r.message).toMatch(message);
  });
  it('guesses the unit that was meant where a value is impossible', () => {
    const r = parseQuantity('170', 'bar', compression);
    expect(r).toMatchObject({ ok: false, guess: '170 psi' });
    expect(parseQuantity('170 psi', 'bar', compression)).toMatchObject({ ok: true });
  });
  it('never throws, whatever is typed', () => {
    fc.assert(fc.property(fc.string(), (t) => void parseQuantity(t, 'psi', compression)));
  });
});
