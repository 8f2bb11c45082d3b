import 'reflect-metadata';
import { Type, type ClassConstructor } from 'class-transformer';
import { unitOf } from '../core/quantity';
import { isYearOfUse, yearWords } from '../core/state';
import { applyDecorators } from './decorate';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsISO8601,
  IsInt,
  IsNumber,
  IsObject,
  ValidateNested,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateBy,
  ValidateIf,
} from 'class-validator';

/** Decorators that say what a field may hold, each with a message a mechanic can act on. */

/** The field may be null. */
export const OrNull = () => ValidateIf((_o, v) => v !== null);

export const Id = () => applyDecorators(IsUUID('all', { message: '$property is not an id' }));

/** Words that must be there. */
export const Words = (most = 2000) =>
  applyDecorators(
    IsString({ message: 'This must be text.' }),
    Matches(/\S/, { message: 'Write something here.' }),
    MinLength(1, { message: 'Write something here.' }),
    MaxLength(most, { message: `This is too long: at most ${most} characters.` }),
  );
export const MaybeWords = (most = 2000) => applyDecorators(OrNull(), Words(most));

export const OneOf = (values: readonly unknown[]) =>
  applyDecorators(IsIn([...values], { message: `Choose one of: ${values.join(', ')}.` }));

/** Exact decimals travel as strings. */
export const Decimal = () => applyDecorators(Matches(/^(0|[1-9]\d{0,8})(\.\d{1,2})?$/, { message: 'Write an amount like 12 or 12.50.' }));

export const Whole = (least: number, most: number) =>
  applyDecorators(
    IsInt({ message: 'Write a whole number.' }),
    Min(least, { message: `At least ${least}.` }),
    Max(most, { message: `At most ${most}.` }),
  );
export const MaybeWhole = (least: number, most: number) => applyDecorators(OrNull(), Whole(least, most));

export const Figure = (least = -1e12, most = 1e12) =>
  applyDecorators(
    IsNumber({ allowNaN: false, allowInfinity: false }, { message: 'Write a number.' }),
    Min(least, { message: `At least ${least}.` }),
    Max(most, { message: `At most ${most}.` }),
  );

/** A date or instant in a year that a workshop has to do with. */
const YearOfUse = () =>
  ValidateBy({
    name: 'isYearOfUse',
    validator: { validate: (v) => typeof v === 'string' && isYearOfUse(v), defaultMessage: () => yearWords },
  });
const instant = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}\.\d{3}Z$/;

/** Exactly the form of Date.toISOString(), so that what is stored reads back as it was sent. */
export const Instant = () =>
  applyDecorators(
    Matches(instant, { message: 'This is not a time in UTC.' }),
    YearOfUse(),
    IsISO8601({ strict: true }, { message: 'There is no such time.' }),
  );
/**
 * The same for what is no field of a class.
 * @param text anything that came over the wire
 * @returns true for an ISO instant in UTC of a year of use
 */
export const isInstant = (text: unknown): text is string =>
  typeof text === 'string' &&
  instant.test(text) &&
  isYearOfUse(text) &&
  !Number.isNaN(Date.parse(text)) &&
  new Date(text).toISOString() === text;
export const Day = () =>
  applyDecorators(
    Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'This is not a date.' }),
    YearOfUse(),
    IsISO8601({ strict: true }, { message: 'There is no such date.' }),
  );

/** A unit that there is, by its id or one of its spellings. */
export const UnitName = () =>
  applyDecorators(
    IsString({ message: 'This must be text.' }),
    ValidateBy({
      name: 'isUnit',
      validator: {
        validate: (v) => typeof v === 'string' && unitOf(v) !== undefined,
        defaultMessage: () => 'This is not a unit that is known here.',
      },
    }),
  );
/** Where on a bike: a cylinder, a side, a number, or a few plain words. */
export const Position = () =>
  applyDecorators(
    Matches(/^[\p{L}\p{N}][\p{L}\p{N} .,/()'’-]{0,19}$/u, { message: 'Say where in a few plain words, such as 2, left or top ring.' }),
  );

export const Truth = () => applyDecorators(IsBoolean({ message: 'Yes or no.' }));
export const Items = () => applyDecorators(IsArray({ message: 'A list is wanted here.' }));
export const Sheet = () => applyDecorators(IsObject({ message: 'An object is wanted here.' }));

/** The field may be left out altogether, as in a set of changed fields. */
export const Optional = () => ValidateIf((_o, v) => v !== undefined);

/** One object of a class of its own: there, not a list, and sound itself. */
export const Nested = (cls: () => ClassConstructor<object>) =>
  applyDecorators(IsObject({ message: 'Something is missing here.' }), ValidateNested(), Type(cls));

/** A list of such objects. That each is an object is asked first: a list inside the list would slip through. */
export const NestedList = (cls: () => ClassConstructor<object>, most: number) =>
  applyDecorators(
    Items(),
    ArrayMaxSize(most, { message: `At most ${most} of these.` }),
    IsObject({ each: true, message: 'One of these is no object.' }),
    ValidateNested({ each: true }),
    Type(cls),
  );
