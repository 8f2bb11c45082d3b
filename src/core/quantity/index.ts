export { besideSi, fromSi, sameKind, show, toSi, unitOf, units, type Unit } from './units';
export { parseQuantity, type Parsed, type Plausible } from './parse';
