import { registerDecorator } from 'class-validator';
import type { ReadingValue, Shown } from '../core/state';

/** Checks of values that are more than a few bounds, as decorators. */

const isSheet = (v: unknown): v is Record<string, unknown> => typeof v === 'object' && v !== null && !Array.isArray(v);

const checked =
  (name: string, validate: (v: unknown) => boolean, message: string): PropertyDecorator =>
  (target, key) =>
    registerDecorator({
      name,
      target: target.constructor,
      propertyName: String(key),
      validator: { validate, defaultMessage: () => message },
    });

const parts: Record<ReadingValue['kind'], string[]> = {
  exact: ['value'],
  interval: ['low', 'high'],
  atLeast: ['bound'],
  atMost: ['bound'],
  none: ['reason'],
};

function isReadingValue(v: unknown): v is ReadingValue {
  if (!isSheet(v)) return false;
  const wanted = parts[v.kind as ReadingValue['kind']];
  if (!wanted || Object.keys(v).length !== wanted.length + 1) return false;
  if (v.kind === 'none') return typeof v.reason === 'string' && v.reason.trim() !== '' && v.reason.length <= 500;
  if (!wanted.every((k) => typeof v[k] === 'number' && Number.isFinite(v[k]))) return false;
  return v.kind !== 'interval' || (v.low as number) <= (v.high as number);
}
/** A reading's value: exactly the shape its kind asks for. */
export const IsReadingValue = () => checked('isReadingValue', isReadingValue, 'This is not a reading.');

/** A map from a short key to one of some values, such as symptoms picked and denied. */
export function IsMapOf(values: readonly string[] | RegExp, message: string, most = 200) {
  const known = (x: unknown) => typeof x === 'string' && (values instanceof RegExp ? values.test(x) : values.includes(x));
  const isMap = (v: unknown) =>
    isSheet(v) && Object.keys(v).length <= most && Object.entries(v).every(([k, x]) => /^[\w-]{1,60}$/.test(k) && known(x));
  return checked('isMapOf', isMap, message);
}

const isCount = (x: unknown) => Number.isInteger(x) && (x as number) >= 0 && (x as number) <= 999;
const isCounts = (v: unknown) => isSheet(v) && Object.entries(v).every(([k, x]) => /^[\da-f-]{36}$/i.test(k) && isCount(x));
export const IsCounts = () => checked('isCounts', isCounts, 'Give a whole number for each fastener.');

const isName = (v: unknown) => typeof v === 'string' && v.length < 200;
const isSuspect = (s: unknown) => Array.isArray(s) && s.length === 2 && isName(s[0]) && typeof s[1] === 'number' && s[1] >= 0 && s[1] <= 1;
function isShown(v: unknown): v is Shown {
  if (!isSheet(v) || Object.keys(v).length !== 2 || !(v.next === null || isName(v.next))) return false;
  return Array.isArray(v.suspects) && v.suspects.length <= 40 && v.suspects.every(isSuspect);
}
export const IsShown = () => checked('isShown', isShown, 'This is not a snapshot of a ranking.');
