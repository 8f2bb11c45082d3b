/**
 * Units a mechanic meets, with what one of them is in SI. Factors from NIST SP 811 appendix B unless they are exact by
 * definition. Gauge and absolute pressure are different kinds, so are a temperature and a difference of temperatures.
 */
export type QuantityKind =
  | 'torque'
  | 'pressure'
  | 'length'
  | 'volume'
  | 'temperature'
  | 'temperature difference'
  | 'resistance'
  | 'voltage'
  | 'rotation'
  | 'angle'
  | 'time'
  | 'current'
  | 'charge'
  | 'capacitance'
  | 'force'
  | 'frequency'
  | 'share'
  | 'distance'
  | 'speed'
  | 'ratio'
  | 'turns'
  | 'count';

export interface Unit {
  id: string;
  kind: QuantityKind;
  /** SI value of one unit (and of zero, where the scale is shifted). */
  factor: number;
  offset?: number;
  /** The unit of the SI in which it is shown beside, for one that is not of the SI. */
  si?: string;
  /** Decimals that make sense when shown. */
  decimals: number;
  /** Other spellings, lower case, without blanks or dots. */
  also: string[];
}

const lbf = 4.4482216152605; // exact: 0.45359237 kg × 9.80665 m/s²
const inch = 0.0254; // exact

export const units: readonly Unit[] = [
  { id: 'N·m', kind: 'torque', factor: 1, decimals: 1, also: ['nm', 'newtonmetre', 'newtonmeter', 'newtonmetres', 'newtonmeters'] },
  {
    id: 'lbf·ft',
    si: 'N·m',
    kind: 'torque',
    factor: lbf * 12 * inch,
    decimals: 1,
    also: [
      'lbfft',
      'ftlb',
      'ftlbs',
      'lbft',
      'footpound',
      'footpounds',
      'foot-pounds',
      'poundfeet',
      'poundsfeet',
      'poundfoot',
      'ft-lb',
      'ft-lbs',
      'lb-ft',
    ],
  },
  {
    id: 'lbf·in',
    si: 'N·m',
    kind: 'torque',
    factor: lbf * inch,
    decimals: 0,
    also: ['lbfin', 'inlb', 'inlbs', 'lbin', 'inchpound', 'inchpounds', 'inch-pounds', 'in-lb', 'in-lbs', 'lb-in'],
  },
  { id: 'kgf·m', si: 'N·m', kind: 'torque', factor: 9.80665, decimals: 2, also: ['kgfm', 'kgm', 'mkg', 'mkp'] },
  {
    id: 'psi',
    si: 'kPa',
    kind: 'pressure',
    factor: lbf / (inch * inch),
    decimals: 0,
    also: ['lb/in2', 'lbs', 'pounds', 'poundspersquareinch', 'poundpersquareinch', 'psig'],
  },
  { id: 'bar', si: 'kPa', kind: 'pressure', factor: 1e5, decimals: 1, also: ['bars'] },
  { id: 'kPa', kind: 'pressure', factor: 1e3, decimals: 0, also: ['kpa', 'kilopascal', 'kilopascals'] },
  { id: 'inHg', si: 'kPa', kind: 'pressure', factor: 3386.389, decimals: 1, also: ['inhg'] },
  { id: 'cmHg', si: 'kPa', kind: 'pressure', factor: 1333.224, decimals: 1, also: ['cmhg'] },
  { id: 'mm', kind: 'length', factor: 1e-3, decimals: 2, also: ['millimetre', 'millimetres', 'millimeter', 'millimeters', 'mms'] },
  {
    id: 'thou',
    si: 'mm',
    kind: 'length',
    factor: inch / 1000,
    decimals: 1,
    also: ['thousandth', 'thousandths', 'mil', 'thous', 'thousandthsofaninch'],
  },
  { id: 'in', si: 'mm', kind: 'length', factor: inch, decimals: 3, also: ['inch', 'inches', '"'] },
  { id: 'ml', kind: 'volume', factor: 1e-6, decimals: 0, also: ['cc', 'cm3'] },
  { id: 'l', kind: 'volume', factor: 1e-3, decimals: 2, also: ['litre', 'litres', 'liter'] },
  { id: 'US fl oz', si: 'ml', kind: 'volume', factor: 29.57353e-6, decimals: 1, also: ['usfloz'] },
  { id: 'imp fl oz', si: 'ml', kind: 'volume', factor: 28.41306e-6, decimals: 1, also: ['impfloz'] },
  {
    id: 'US qt',
    si: 'l',
    kind: 'volume',
    factor: 0.946352946e-3,
    decimals: 2,
    also: ['usqt', 'qt', 'quart', 'quarts', 'usquart', 'usquarts'],
  },
  { id: '°C', kind: 'temperature', factor: 1, offset: 273.15, decimals: 0, also: ['c', 'celsius', 'degc'] },
  { id: '°F', si: '°C', kind: 'temperature', factor: 5 / 9, offset: 459.67, decimals: 0, also: ['f', 'fahrenheit', 'degf'] },
  { id: 'K', kind: 'temperature difference', factor: 1, decimals: 0, also: ['kelvin'] },
  { id: 'ohm', kind: 'resistance', factor: 1, decimals: 1, also: ['ohms', 'ω', 'r'] },
  {
    id: 'kohm',
    kind: 'resistance',
    factor: 1e3,
    decimals: 1,
    also: ['kohms', 'kω', 'k', 'kilohm', 'kilohms', 'kiloohm', 'kiloohms', 'thousandohms'],
  },
  { id: 'V', kind: 'voltage', factor: 1, decimals: 2, also: ['v', 'volt', 'volts'] },
  { id: 'mV', kind: 'voltage', factor: 1e-3, decimals: 0, also: ['mv', 'millivolt', 'millivolts'] },
  {
    id: 'rpm',
    kind: 'rotation',
    factor: 1 / 60,
    decimals: 0,
    also: ['revs', '/min', 'rev/min', 'revolutions', 'revsaminute', 'revolutionsaminute', 'r/min'],
  },
  { id: '°', kind: 'angle', factor: Math.PI / 180, decimals: 0, also: ['deg', 'degree', 'degrees'] },
  { id: 'min', kind: 'time', factor: 60, decimals: 0, also: ['minute', 'minutes'] },
  { id: 'h', kind: 'time', factor: 3600, decimals: 1, also: ['hour', 'hours'] },
  { id: 's', kind: 'time', factor: 1, decimals: 0, also: ['sec', 'second', 'seconds'] },
  { id: 'A', kind: 'current', factor: 1, decimals: 2, also: ['amp', 'amps', 'ampere', 'amperes'] },
  { id: 'mA', kind: 'current', factor: 1e-3, decimals: 0, also: ['milliamp', 'milliamps'] },
  { id: 'A h', kind: 'charge', factor: 3600, decimals: 1, also: ['ah'] },
  { id: 'µF', kind: 'capacitance', factor: 1e-6, decimals: 2, also: ['uf', 'mfd', 'microfarad', 'microfarads'] },
  { id: 'N', kind: 'force', factor: 1, decimals: 0, also: ['newton', 'newtons'] },
  { id: 'kgf', si: 'N', kind: 'force', factor: 9.80665, decimals: 1, also: ['kg', 'kp'] },
  { id: 'lbf', si: 'N', kind: 'force', factor: lbf, decimals: 1, also: ['lb', 'lbs', 'pound', 'pounds', 'poundforce'] },
  { id: 'Hz', kind: 'frequency', factor: 1, decimals: 1, also: ['hertz', '/s', 'asecond'] },
  { id: '%', kind: 'share', factor: 0.01, decimals: 1, also: ['percent'] },
  // Not a length of a part: nothing on a motorcycle is measured in these.
  { id: 'm/s', kind: 'speed', factor: 1, decimals: 1, also: [] },
  { id: 'to 1', kind: 'ratio', factor: 1, decimals: 2, also: [':1'] },
  { id: 'm', kind: 'distance', factor: 1, decimals: 0, also: ['metre', 'metres', 'meter', 'meters'] },
  { id: 'km', kind: 'distance', factor: 1e3, decimals: 0, also: ['kilometre', 'kilometres'] },
  { id: 'mi', si: 'km', kind: 'distance', factor: 1609.344, decimals: 0, also: ['mile', 'miles'] },
  { id: 'turns', kind: 'turns', factor: 1, decimals: 2, also: ['turn'] },
  { id: '', kind: 'count', factor: 1, decimals: 0, also: [] },
];

const plain = (text: string) => text.toLowerCase().replace(/[\s.·]/g, '');

/**
 * The unit of that id or spelling; undefined if it is not known. Case decides only where it must (mV, MV). Where a spelling
 * stands for several (k for kelvin and kilohm, lbs for pressure and force), the one of the wanted kind is meant.
 * @param text an id or a spelling
 * @param kind what is measured, which settles a spelling of two units
 * @returns the unit, or undefined
 */
export function unitOf(text: string, kind?: QuantityKind): Unit | undefined {
  const spelt = (u: Unit) => plain(u.id) === plain(text) || u.also.includes(plain(text));
  const wanted = kind && (units.find((u) => u.id === text && u.kind === kind) ?? units.find((u) => u.kind === kind && spelt(u)));
  return wanted ?? units.find((u) => u.id === text) ?? units.find(spelt);
}

function known(id: string): Unit {
  const u = unitOf(id);
  if (!u) throw new RangeError(`'${id}' is not a unit`);
  return u;
}

/**
 * SI value of `value` in `unitId`.
 * @param value a figure in `unitId`
 * @param unitId id of a unit of the same kind
 * @returns the figure in the SI unit of its kind
 * @throws {RangeError} for an unknown unit
 */
export function toSi(value: number, unitId: string): number {
  const u = known(unitId);
  return (value + (u.offset ?? 0)) * u.factor;
}

/**
 * Value in `unitId` of an SI value.
 * @param si a figure in the SI unit of its kind
 * @param unitId id of a unit of the same kind
 * @returns the figure in `unitId`
 * @throws {RangeError} for an unknown unit
 */
export function fromSi(si: number, unitId: string): number {
  const u = known(unitId);
  return si / u.factor - (u.offset ?? 0);
}

/**
 * An SI value as text in a unit, with as many decimals as that unit is read to.
 * @param si a figure in the SI unit of its kind
 * @param unitId id of a unit of the same kind
 * @returns the number alone
 */
export function show(si: number, unitId: string): string {
  const u = known(unitId);
  const text = fromSi(si, unitId).toFixed(u.decimals);
  return Number(text) === 0 ? Number(0).toFixed(u.decimals) : text;
}

/**
 * An SI value beside a unit that is not of the SI, as text with its unit, e.g. `814 kPa`; null where the unit already is.
 * @param si a figure in the SI unit of its kind
 * @param unitId id of a unit of the same kind
 * @returns number, blank and the SI unit's sign, or null
 */
export function besideSi(si: number, unitId: string): string | null {
  const own = known(unitId).si;
  return own ? `${show(si, own)} ${own}` : null;
}

/**
 * Units of the same kind, the given one first.
 * @param unitId id of a unit
 * @returns ids of units
 */
export function sameKind(unitId: string): string[] {
  const { kind, id } = known(unitId);
  return [id, ...units.filter((u) => u.kind === kind && u.id !== id).map((u) => u.id)];
}
