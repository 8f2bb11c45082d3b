import 'reflect-metadata';
import type { ClassConstructor } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsNumber, IsString, Matches, Max, MaxLength, Min } from 'class-validator';
import type { Fields, FieldKind, SpecialShape } from '../core/state/kinds';
import { applyDecorators } from './decorate';
import { FaultBody, FigureBody, FindingKindBody, TestBody } from './entries';
import {
  Day,
  Decimal,
  Figure,
  Id,
  Instant,
  Items,
  Nested,
  NestedList,
  OneOf,
  Optional,
  OrNull,
  Position,
  Sheet,
  Truth,
  UnitName,
  Whole,
  Words,
} from './fields';
import { IsCounts, IsMapOf, IsReadingValue, IsShown } from './shapes';

/** Classes that check payloads, made from the kinds of their fields. */

const specials: Record<SpecialShape, () => PropertyDecorator> = {
  'counts by id': IsCounts,
  'fault entry': () => Nested(() => FaultBody),
  'value entry': () => Nested(() => FigureBody),
  'finding entry': () => Nested(() => FindingKindBody),
  'reading value': IsReadingValue,
  'shown ranking': IsShown,
  'test entry': () => Nested(() => TestBody),
  'words by word': () => IsMapOf(/^[\w-]{1,60}$/, 'Each of these is one word by another.', 60),
};

/** A list of objects is checked object by object; one of words, figures or ids, each. */
function listOf(of: FieldKind, least: number, most: number, tooFew?: string): PropertyDecorator {
  const enough = ArrayMinSize(least, tooFew ? { message: tooFew } : {});
  if (of.is === 'object') {
    const body = bodyOf(of.fields);
    return applyDecorators(
      enough,
      NestedList(() => body, most),
    );
  }
  if (of.is === 'figure') {
    const numbers = [IsNumber({ allowNaN: false, allowInfinity: false }, { each: true, message: 'One of these is not a number.' })];
    if (of.least !== undefined) numbers.push(Min(of.least, { each: true, message: `At least ${of.least}, each.` }));
    if (of.most !== undefined) numbers.push(Max(of.most, { each: true, message: `At most ${of.most}, each.` }));
    return applyDecorators(Items(), enough, ArrayMaxSize(most), ...numbers);
  }
  const longest = of.is === 'words' ? of.most : 36;
  const each =
    of.is === 'id' ? Matches(/^[\da-f-]{36}$/i, { each: true, message: 'One of these is not an id.' }) : IsString({ each: true });
  return applyDecorators(Items(), enough, ArrayMaxSize(most), IsString({ each: true }), MaxLength(longest, { each: true }), each);
}

function decoratorOf(kind: FieldKind): PropertyDecorator {
  switch (kind.is) {
    case 'id':
      return Id();
    case 'words':
      return Words(kind.most);
    case 'oneOf':
      return OneOf(kind.values);
    case 'whole':
      return Whole(kind.least, kind.most);
    case 'figure':
      return Figure(kind.least, kind.most);
    case 'decimal':
      return Decimal();
    case 'instant':
      return Instant();
    case 'day':
      return Day();
    case 'truth':
      return Truth();
    case 'position':
      return Position();
    case 'unit':
      return UnitName();
    case 'sha256':
      return Matches(/^[\da-f]{64}$/, { message: 'This is not a SHA-256.' });
    case 'sheet':
      return Sheet();
    case 'map':
      return IsMapOf(kind.values, kind.message);
    case 'object': {
      const body = bodyOf(kind.fields);
      return Nested(() => body);
    }
    case 'list':
      return listOf(kind.of, kind.least, kind.most, kind.tooFew);
    case 'special':
      return specials[kind.name]();
  }
}

/** A class whose instances have been checked, field by field, against these kinds. */
export function bodyOf(fields: Fields): ClassConstructor<object> {
  class Body {}
  for (const [name, kind] of Object.entries(fields)) {
    if (kind.optional) Optional()(Body.prototype, name);
    if (kind.maybe) OrNull()(Body.prototype, name);
    decoratorOf(kind)(Body.prototype, name);
  }
  return Body;
}
