import { describe, expect, it } from 'vitest';
import { besideSi, fromSi, parseQuantity, sameKind, show, toSi, unitOf, units, type Unit } from '.';

/** Every unit as it is written down, spoken and typed, what it measures, one of it in the SI, and the decimals it is read to. */
const sheet: [id: string, kind: Unit['kind'], si: number, decimals: number, spellings: string][] = [
  // Exact by definition: lb = 0.45359237 kg, g = 9.80665 m/s², in = 25.4 mm.
  ['N·m', 'torque', 1, 1, 'Nm nm N.m newtonmetre newtonmeters newtonmetres newtonmeter'],
  ['lbf·ft', 'torque', 0.45359237 * 9.80665 * 0.3048, 1, 'lbfft ftlb ftlbs lbft footpound footpounds foot-pounds poundfeet poundsfeet'],
  ['lbf·ft', 'torque', 0.45359237 * 9.80665 * 0.3048, 1, 'poundfoot ft-lb ft-lbs lb-ft FT.LBS'],
  ['lbf·in', 'torque', 0.45359237 * 9.80665 * 0.0254, 0, 'lbfin inlb inlbs lbin inchpound inchpounds inch-pounds in-lb in-lbs lb-in'],
  ['kgf·m', 'torque', 9.80665, 2, 'kgfm kgm mkg mkp'],
  ['psi', 'pressure', (0.45359237 * 9.80665) / 0.0254 ** 2, 0, 'PSI lb/in2 lbs pounds poundspersquareinch poundpersquareinch psig'],
  ['bar', 'pressure', 1e5, 1, 'Bar bars'],
  ['kPa', 'pressure', 1e3, 0, 'kpa kilopascal kilopascals'],
  // Conventional columns at 0 °C: NIST SP 811, appendix B, quoted from memory.
  ['inHg', 'pressure', 3386.389, 1, 'inhg'],
  ['cmHg', 'pressure', 1333.224, 1, 'cmhg'],
  ['mm', 'length', 0.001, 2, 'millimetre millimetres millimeter millimeters mms'],
  ['thou', 'length', 0.0000254, 1, 'thousandth thousandths mil thous thousandthsofaninch'],
  ['in', 'length', 0.0254, 3, 'inch inches "'],
  ['ml', 'volume', 1e-6, 0, 'cc cm3'],
  ['l', 'volume', 1e-3, 2, 'litre litres liter'],
  ['US fl oz', 'volume', 29.57353e-6, 1, 'usfloz'],
  ['imp fl oz', 'volume', 28.41306e-6, 1, 'impfloz'],
  ['US qt', 'volume', 0.946352946e-3, 2, 'usqt qt quart quarts usquart usquarts'],
  ['°C', 'temperature', 274.15, 0, 'c celsius degc'],
  ['°F', 'temperature', 255.928, 0, 'f fahrenheit degf'],
  ['ohm', 'resistance', 1, 1, 'ohms ω r'],
  ['kohm', 'resistance', 1e3, 1, 'kohms kω kilohm kilohms kiloohm kiloohms thousandohms'],
  ['V', 'voltage', 1, 2, 'v volt volts'],
  ['mV', 'voltage', 1e-3, 0, 'mv millivolt millivolts'],
  ['rpm', 'rotation', 1 / 60, 0, 'revs /min rev/min revolutions revsaminute revolutionsaminute r/min'],
  ['°', 'angle', Math.PI / 180, 0, 'deg degree degrees'],
  ['min', 'time', 60, 0, 'minute minutes'],
  ['h', 'time', 3600, 1, 'hour hours'],
  ['s', 'time', 1, 0, 'sec second seconds'],
  ['A', 'current', 1, 2, 'amp amps ampere amperes'],
  ['mA', 'current', 1e-3, 0, 'milliamp milliamps'],
  ['A h', 'charge', 3600, 1, 'ah'],
  ['µF', 'capacitance', 1e-6, 2, 'uf mfd microfarad microfarads'],
  ['N', 'force', 1, 0, 'newton newtons'],
  ['kgf', 'force', 9.80665, 1, 'kg kp'],
  ['lbf', 'force', 0.45359237 * 9.80665, 1, 'lb pound poundforce'],
  ['Hz', 'frequency', 1, 1, 'hertz /s asecond'],
  ['%', 'share', 0.01, 1, 'percent'],
  ['m/s', 'speed', 1, 1, ''],
  ['to 1', 'ratio', 1, 2, ':1'],
  ['m', 'distance', 1, 0, 'metre metres meter meters'],
  ['km', 'distance', 1e3, 0, 'kilometre kilometres'],
  ['mi', 'distance', 1609.344, 0, 'mile miles'],
  ['turns', 'turns', 1, 2, 'turn'],
];

describe('each unit', () => {
  it.each(sheet)('%s measures %s: one is %f in SI, read to %i decimals', (id, kind, si, decimals, spellings) => {
    expect(unitOf(id)).toMatchObject({ id, kind, decimals });
    expect(toSi(1, id) / si).toBeCloseTo(1, 5);
    expect(fromSi(si, id)).toBeCloseTo(1, 2);
    for (const text of spellings.split(' ').filter(Boolean)) expect(`${text}: ${unitOf(text, kind)?.id}`).toBe(`${text}: ${id}`);
    expect(show(toSi(0.4, id), id)).toBe((0.4).toFixed(decimals));
  });

  it('stands in the sheet above, and no spelling beside them', () => {
    const listed = new Map<string, string[]>();
    for (const [id, , , , words] of sheet)
      listed.set(id, [...(listed.get(id) ?? []), ...words.split(' ').map((w) => w.toLowerCase().replace(/\./g, ''))]);
    // Kelvin and pieces stand for themselves; what reads both ways is looked at below.
    const both = new Set(['k', 'lbs', 'pounds', 'kelvin']);
    for (const u of units) {
      if (u.id === '' || u.id === 'K') continue;
      expect(listed.has(u.id)).toBe(true);
      expect(`${u.id}: ${u.also.filter((a) => !both.has(a) && !listed.get(u.id)!.includes(a)).join()}`).toBe(`${u.id}: `);
    }
  });

  it('that is not of the SI stands beside one that is', () => {
    const beside = Object.fromEntries(units.filter((u) => u.si).map((u) => [u.id, u.si]));
    expect(beside).toEqual({
      'lbf·ft': 'N·m',
      'lbf·in': 'N·m',
      'kgf·m': 'N·m',
      psi: 'kPa',
      bar: 'kPa',
      inHg: 'kPa',
      cmHg: 'kPa',
      thou: 'mm',
      in: 'mm',
      'US fl oz': 'ml',
      'imp fl oz': 'ml',
      'US qt': 'l',
      '°F': '°C',
      kgf: 'N',
      lbf: 'N',
      mi: 'km',
    });
    expect(besideSi(toSi(3, 'mi'), 'mi')).toBe('5 km');
  });

  it('a word that stands for two is the kind that is asked for, else the first', () => {
    expect([unitOf('k', 'resistance')?.id, unitOf('K')?.id, unitOf('kelvin')?.kind]).toEqual(['kohm', 'K', 'temperature difference']);
    expect([unitOf('lbs', 'force')?.id, unitOf('lbs', 'pressure')?.id, unitOf('lbs')?.id]).toEqual(['lbf', 'psi', 'psi']);
    expect([unitOf('pounds', 'force')?.id, unitOf('pounds')?.id]).toEqual(['lbf', 'psi']);
    // Case parts only what it must.
    expect([unitOf('mV')?.id, unitOf('MV')?.id, unitOf('V', 'torque')?.id]).toEqual(['mV', 'mV', 'V']);
    expect(unitOf('', 'count')?.kind).toBe('count');
  });

  it('offers others of its kind, itself first', () => {
    expect(sameKind('bar')).toEqual(['bar', 'psi', 'kPa', 'inHg', 'cmHg']);
    expect(sameKind('Nm')).toEqual(['N·m', 'lbf·ft', 'lbf·in', 'kgf·m']);
    expect(sameKind('K')).toEqual(['K']);
    for (const f of [fromSi, show, toSi]) expect(() => f(1, 'furlong')).toThrow("'furlong' is not a unit");
    expect(() => sameKind('furlong')).toThrow(RangeError);
  });
});

describe('what was typed', () => {
  const said = (text: string, unit: string, low?: number, high?: number) => {
    const r = parseQuantity(text, unit, low === undefined ? undefined : { low, high: high! });
    return r.ok ? `${r.value} ${r.unit} = ${Number(r.si.toPrecision(6))}` : `${r.message}${r.guess ? ` [${r.guess}]` : ''}`;
  };
  it.each([
    ['  12.4  ', 'V', '12.4 V = 12.4'],
    ['-3', '°C', '-3 °C = 270.15'],
    ['+3', 'mm', '3 mm = 0.003'],
    ['-.5', 'mm', '-0.5 mm = -0.0005'],
    ['25', 'lbf·ft', '25 lbf·ft = 33.8954'],
    ['25 Nm', 'lbf·ft', '25 N·m = 25'],
    ['   ', 'psi', 'Nothing entered yet.'],
    ['-11,8', 'psi', 'A comma: did you mean -11.8? [-11.8]'],
    ['1,234,5', 'psi', 'A comma: did you mean 1.234,5? [1.234,5]'],
    ['O.5', 'mm', "'O.5' is not a number: did you mean 0.5? [0.5]"],
    ['o8', 'mm', "'o8' is not a number: did you mean 08? [08]"],
    ['12o', 'psi', "'12o' is not a number: did you mean 120? [120]"],
    ['l18', 'psi', "'l18' is not a number: did you mean 118? [118]"],
    ['1l8', 'psi', "'1l8' is not a number: did you mean 118? [118]"],
    ['11I', 'psi', "'11I' is not a number: did you mean 111? [111]"],
    ['about 12', 'psi', "'about 12' is not a number. Write it like 118 or 12.4."],
    ['12 furlongs', 'bar', "'furlongs' is not a unit I know here. Use bar, psi, kPa, inHg, cmHg."],
    ['12 mm', 'V', "'mm' measures length, but this is voltage. Use V, mV."],
  ])('%j in %s: %s', (text, unit, expected) => expect(said(text, unit)).toBe(expected));

  it('its bounds are allowed; beyond them the unit that was meant is named, or another look is asked for', () => {
    expect(said('1', 'bar', 1e5, 2e5)).toBe('1 bar = 100000');
    expect(said('2', 'bar', 1e5, 2e5)).toBe('2 bar = 200000');
    expect(said('0.9', 'bar', 1e5, 2e5)).toBe('0.9 bar cannot be right here. Look again.');
    expect(said('170', 'bar', 0, 2.1e6)).toBe('170 bar cannot be right here. Did you mean 170 psi? [170 psi]');
    expect(said('12 bar', 'psi', 0, 1e4)).toBe('12 bar cannot be right here. Look again.');
    expect(said('1', 'psi', 1e5, 1e5)).toBe('1 psi cannot be right here. Did you mean 1 bar? [1 bar]');
  });
});
