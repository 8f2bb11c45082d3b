import { registerDecorator } from 'class-validator';
import type { Conditions, ReadingValue, Shown } from '../../core/record';
import { Figure, Id, MaybeWords, OneOf, Optional, UnitName, Whole, Words } from '../fields';

/** Circumstances of a result. */
export class ConditionsPart implements Conditions {
  @Optional() @OneOf(['cold', 'warm', 'hot']) temperature?: 'cold' | 'warm' | 'hot';
  @Optional() @OneOf(['own', 'helped', 'weak']) battery?: 'own' | 'helped' | 'weak';
  @Optional() @Whole(1, 999) tries?: number;
  @Optional() @Figure(150, 400) air?: number;
  @Optional() @Words(200) note?: string;
}

/** A reading's value: exactly the shape its kind asks for. */
function IsReadingValue() {
  return (target: object, propertyName: string) =>
    registerDecorator({
      name: 'isReadingValue',
      target: target.constructor,
      propertyName,
      validator: {
        validate: (v: unknown) => isReadingValue(v),
        defaultMessage: () => 'This is not a reading.',
      },
    });
}

const shapes: Record<ReadingValue['kind'], string[]> = {
  exact: ['value'],
  interval: ['low', 'high'],
  atLeast: ['bound'],
  atMost: ['bound'],
  none: ['reason'],
};

function isReadingValue(v: unknown): v is ReadingValue {
  if (typeof v !== 'object' || v === null) return false;
  const o = v as Record<string, unknown>;
  const wanted = shapes[o.kind as ReadingValue['kind']];
  if (!wanted || Object.keys(o).length !== wanted.length + 1) return false;
  if (o.kind === 'none') return typeof o.reason === 'string' && o.reason.trim() !== '' && o.reason.length <= 500;
  if (!wanted.every((k) => typeof o[k] === 'number' && Number.isFinite(o[k]))) return false;
  return o.kind !== 'interval' || (o.low as number) <= (o.high as number);
}

export class ReadingPartBody {
  @Id() id!: string;
  @Id() bikeId!: string;
  @Words(60) quantity!: string;
  @IsReadingValue() value!: ReadingValue;
  @UnitName() unit!: string;
  @Words(60) entered!: string;
  @MaybeWords(80) instrument!: string | null;
}

/** A map from a short key to one of some values, such as symptoms picked and denied. */
export function IsMapOf(values: readonly string[] | RegExp, message: string, most = 200) {
  const known = (x: unknown) => typeof x === 'string' && (values instanceof RegExp ? values.test(x) : values.includes(x));
  return (target: object, propertyName: string) =>
    registerDecorator({
      name: 'isMapOf',
      target: target.constructor,
      propertyName,
      validator: {
        validate: (v: unknown) =>
          typeof v === 'object' &&
          v !== null &&
          !Array.isArray(v) &&
          Object.keys(v).length <= most &&
          Object.entries(v).every(([k, x]) => /^[\w-]{1,60}$/.test(k) && known(x)),
        defaultMessage: () => message,
      },
    });
}

export function IsCounts() {
  return (target: object, propertyName: string) =>
    registerDecorator({
      name: 'isCounts',
      target: target.constructor,
      propertyName,
      validator: {
        validate: (v: unknown) =>
          typeof v === 'object' &&
          v !== null &&
          !Array.isArray(v) &&
          Object.entries(v).every(
            ([k, x]) => /^[\da-f-]{36}$/i.test(k) && Number.isInteger(x) && (x as number) >= 0 && (x as number) <= 999,
          ),
        defaultMessage: () => 'Give a whole number for each fastener.',
      },
    });
}

export function IsShown() {
  return (target: object, propertyName: string) =>
    registerDecorator({
      name: 'isShown',
      target: target.constructor,
      propertyName,
      validator: {
        validate: (v: unknown) => {
          if (v === null) return true;
          const o = v as Shown;
          return (
            typeof o === 'object' &&
            Object.keys(o).length === 2 &&
            (o.next === null || (typeof o.next === 'string' && o.next.length < 200)) &&
            Array.isArray(o.suspects) &&
            o.suspects.length <= 40 &&
            o.suspects.every(
              (s) =>
                Array.isArray(s) &&
                s.length === 2 &&
                typeof s[0] === 'string' &&
                s[0].length < 200 &&
                typeof s[1] === 'number' &&
                s[1] >= 0 &&
                s[1] <= 1,
            )
          );
        },
        defaultMessage: () => 'This is not a snapshot of a ranking.',
      },
    });
}
