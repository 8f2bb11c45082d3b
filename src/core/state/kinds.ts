/**
 * Kinds of fields: what a value may be, said once. Row types, columns, the schema of a job file and the checks of what arrives follow
 * from them. Plain data: nothing here checks anything.
 */

declare const valueType: unique symbol;

/** Shapes that are more than a few bounds, by name; each is checked in the contract and described in the schema of a job file. */
export type SpecialShape =
  'counts by id' | 'fault entry' | 'value entry' | 'finding entry' | 'reading value' | 'shown ranking' | 'test entry' | 'words by word';

export type Shape =
  /** A UUID. `of` names the table that it points into where the way in sees to it that the row is there. */
  | { is: 'id'; of?: string }
  | { is: 'words'; most: number }
  | { is: 'oneOf'; values: readonly (string | number)[] }
  | { is: 'whole'; least: number; most: number }
  /** A physical figure in SI, or in the unit that its name ends with. */
  | { is: 'figure'; least?: number; most?: number }
  /** An exact decimal, which travels as a string: money. */
  | { is: 'decimal' }
  /** ISO 8601 in UTC, as Date.toISOString() writes it. */
  | { is: 'instant' }
  | { is: 'day' }
  | { is: 'truth' }
  /** Where on a bike: a cylinder, a side, a few plain words. */
  | { is: 'position' }
  /** A unit by its id or one of its spellings. */
  | { is: 'unit' }
  /** Bytes by their SHA-256. */
  | { is: 'sha256' }
  | { is: 'list'; of: FieldKind; least: number; most: number; tooFew?: string }
  | { is: 'object'; fields: Fields }
  /** A map from a short key to one of some values. */
  | { is: 'map'; values: readonly string[]; message: string }
  /** Fields of any table, of whatever kind they are there. */
  | { is: 'sheet' }
  | { is: 'special'; name: SpecialShape };

/** The kind of one field. `maybe`: null where it is not known; `optional`: may be left out; `first`: what a new row has. */
export type FieldKind<T = unknown> = Shape & { maybe?: true; optional?: true; first?: unknown; readonly [valueType]?: () => T };
export type Fields = { readonly [name: string]: FieldKind };

/** The type of a value of a kind. */
export type ValueOf<K> = K extends { readonly [valueType]?: () => infer T } ? T : never;

type OptionalNames<F> = { [N in keyof F]: F[N] extends { optional: true } ? N : never }[keyof F];
/** The type of an object with such fields. */
export type ObjectOf<F> = { [N in Exclude<keyof F, OptionalNames<F>>]: ValueOf<F[N]> } & { [N in OptionalNames<F>]?: ValueOf<F[N]> };

const kind = <T>(shape: Shape): FieldKind<T> => shape;

export const id = (of?: string) => kind<string>({ is: 'id', ...(of && { of }) });
export const words = (most = 2000) => kind<string>({ is: 'words', most });
export const oneOf = <const V extends string | number>(...values: V[]) => kind<V>({ is: 'oneOf', values });
export const whole = (least: number, most: number) => kind<number>({ is: 'whole', least, most });
export const figure = (least?: number, most?: number) => kind<number>({ is: 'figure', least, most });
export const decimal = kind<string>({ is: 'decimal' });
export const instant = kind<string>({ is: 'instant' });
export const day = kind<string>({ is: 'day' });
export const truth = kind<boolean>({ is: 'truth' });
export const position = kind<string>({ is: 'position' });
export const unit = kind<string>({ is: 'unit' });
export const sha256 = kind<string>({ is: 'sha256' });
export const sheet = kind<Record<string, unknown>>({ is: 'sheet' });
export const mapOf = <const V extends string>(values: readonly V[], message: string) =>
  kind<Record<string, V>>({ is: 'map', values, message });
export const list = <K extends FieldKind>(of: K, most: number, least = 0, tooFew?: string) =>
  kind<ValueOf<K>[]>({ is: 'list', of, least, most, ...(tooFew && { tooFew }) });
export const object = <const F extends Fields>(fields: F) => kind<ObjectOf<F>>({ is: 'object', fields });
export const special = <T>(name: SpecialShape) => kind<T>({ is: 'special', name });

/** Null where it is not known (yet). A new row has null. */
export const maybe = <T>(of: FieldKind<T>): FieldKind<T | null> & { first: null } =>
  ({ ...of, maybe: true, first: null }) as FieldKind<T | null> & { first: null };
/** The same for what may be left out. */
export const optional = <T>(of: FieldKind<T>): FieldKind<T> & { optional: true } => ({ ...of, optional: true });
/** What a new row has where nothing else is said. */
export const first = <T, const V extends T>(of: FieldKind<T>, value: V): FieldKind<T> & { first: V } => ({ ...of, first: value });
