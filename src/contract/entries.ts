import { ArrayMaxSize, ArrayMinSize, registerDecorator, IsString, Matches, MaxLength } from 'class-validator';
import { places, systems, type Fault, type FindingKind, type OwnFigure, type Strength, type Test, type When } from '../core/knowledge';
import { applyDecorators } from './decorate';
import { Figure, Items, Nested, NestedList, OneOf, Optional, Truth, Whole, Words } from './fields';

/** Entries of knowledge as they stand in a file: the same shapes as knowledge/schema/knowledge.schema.json. */

const word = /^[a-z0-9][a-z0-9-]{0,59}$/;
const Word = () => Matches(word, { message: 'An id: small letters, digits and hyphens, at most 60.' });
const WordList = () =>
  applyDecorators(
    Optional(),
    Items(),
    ArrayMaxSize(30),
    IsString({ each: true }),
    Matches(word, { each: true, message: 'One of these is no id.' }),
  );
const WordsList = () => applyDecorators(Optional(), Items(), ArrayMaxSize(30), IsString({ each: true }), MaxLength(120, { each: true }));

const isChance = (x: unknown) => typeof x === 'number' && x >= 0 && x <= 1;
const isSheet = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x);
const isScalar = (x: unknown) => (typeof x === 'string' && x.length <= 60) || (typeof x === 'number' && Number.isFinite(x));

/** Keys and values of a map, each checked; at least one where it must not be empty. */
function MapOf(value: (v: unknown) => boolean, message: string, { least = 1, most = 120 } = {}) {
  return (target: object, key: string | symbol) =>
    registerDecorator({
      name: 'mapOf',
      target: target.constructor,
      propertyName: String(key),
      validator: {
        validate: (v: unknown) => {
          if (!isSheet(v)) return false;
          const entries = Object.entries(v);
          return entries.length >= least && entries.length <= most && entries.every(([k, x]) => /^[\w-]{1,60}$/.test(k) && value(x));
        },
        defaultMessage: () => message,
      },
    });
}

/** One chance, or one for each grade. */
const isStrength = (v: unknown): v is Strength =>
  isChance(v) || (isSheet(v) && Object.keys(v).length > 0 && Object.keys(v).length <= 8 && Object.values(v).every(isChance));

function IsStrength() {
  return (target: object, propertyName: string) =>
    registerDecorator({
      name: 'isStrength',
      target: target.constructor,
      propertyName,
      validator: { validate: isStrength, defaultMessage: () => 'A chance between 0 and 1 is wanted here.' },
    });
}

const isBounds = (v: unknown) =>
  isSheet(v) && Object.keys(v).length > 0 && Object.entries(v).every(([k, x]) => ['atLeast', 'atMost'].includes(k) && Number.isFinite(x));
const When = () =>
  MapOf(
    (v) => isScalar(v) || isBounds(v) || (Array.isArray(v) && v.length > 0 && v.length <= 20 && v.every(isScalar)),
    'This is not a condition.',
  );
const Sets = () =>
  applyDecorators(
    Optional(),
    MapOf((v) => v === 'yes' || v === 'no', 'Yes or no for each.'),
  );

class OtherRepair {
  @Words(300) do!: string;
  @Figure(0, 100000) minutes!: number;
  @Figure(0, 1000000) parts!: number;
}

class RemedyBody {
  @Words(500) do!: string;
  @Figure(1, 100000) minutes!: number;
  @Figure(0, 1000000) parts!: number;
  @WordList() access?: string[];
  @WordList() hazards?: string[];
  @Optional() @Truth() spoils?: boolean;
  @Optional() @Words(500) sideEffects?: string;
  @Optional() @NestedList(() => OtherRepair, 6) others?: OtherRepair[];
}

class Raised {
  @When() when!: When;
  @Figure(0.001, 20) times!: number;
  @Words(200) because!: string;
}
class Intermittent {
  @Figure(0, 1) share!: number;
  @Figure(0.001, 1) duty!: number;
}
class Shows {
  @OneOf(['cold', 'hot']) only!: 'cold' | 'hot';
  @Figure(0, 1) otherwise!: number;
}

export class FaultBody implements Fault {
  @Word() id!: string;
  @Words(120) name!: string;
  @OneOf(systems) system!: Fault['system'];
  @Optional() @OneOf(Object.keys(places)) place?: Fault['place'];
  @Optional() @OneOf(['cylinder']) per?: 'cylinder';
  @Figure(0.00001, 0.5) prior!: number;
  @Optional() @When() applies?: When;
  @Optional() @NestedList(() => Raised, 12) raised?: Raised[];
  @WordList() area?: string[];
  @Optional() @Figure(1, 20) touchedTimes?: number;
  @Optional() @Nested(() => Intermittent) intermittent?: Intermittent;
  @Optional() @Nested(() => Shows) shows?: Shows;
  @Optional() @Truth() helpedBattery?: boolean;
  @MapOf(isStrength, 'Say at least one thing that it brings, each with a chance.') causes!: Record<string, Strength>;
  @Nested(() => RemedyBody) remedy!: RemedyBody;
  @Words(500) origin!: string;
  @Optional() @Truth() retired?: boolean;
  @Optional() @Word() replacedBy?: string;
}

class SymptomPart {
  @Word() family!: string;
  @Words(500) words!: string;
  @Sets() sets?: Record<string, 'yes' | 'no'>;
}

export class FindingKindBody implements FindingKind {
  @Word() id!: string;
  @Words(120) name!: string;
  @Optional() @OneOf(['cylinder']) per?: 'cylinder';
  @Optional() @Items() @ArrayMinSize(2) @ArrayMaxSize(8) @IsString({ each: true }) @MaxLength(40, { each: true }) grades?: string[];
  @IsStrength() leak!: Strength;
  @Optional() @Nested(() => SymptomPart) symptom?: SymptomPart;
}

class OutcomeBody {
  @Word() id!: string;
  @Words(200) says!: string;
  @MapOf((v) => typeof v === 'string' && v.length <= 40, 'Say what this outcome shows.') find!: Record<string, string>;
  @Sets() sets?: Record<string, 'yes' | 'no'>;
  @Optional() @Truth() normal?: boolean;
}
class BandBody {
  @Word() outcome!: string;
  @Optional() @Figure() below?: number;
}
class ErrorPart {
  @Figure(0, 10) relative!: number;
  @Figure(0) absolute!: number;
}
class LimitPart {
  @Optional() @Figure() low?: number;
  @Optional() @Figure() high?: number;
}
class MeasureBody {
  @Optional() @Words(120) name?: string;
  @Word() quantity!: string;
  @Words(20) unit!: string;
  @NestedList(() => BandBody, 8) @ArrayMinSize(2) bands!: BandBody[];
  @Nested(() => ErrorPart) error!: ErrorPart;
  @Figure(0, 10) spread!: number;
  @Nested(() => LimitPart) limit!: LimitPart;
  @Optional() @Truth() for12V?: boolean;
}

const kinds = ['look', 'feel', 'sound', 'smell', 'measure', 'swap', 'substitute', 'remove', 'isolate', 'ask'] as const;

export class TestBody implements Test {
  @Word() id!: string;
  @Words(160) name!: string;
  @Optional() @Words(160) heading?: string;
  @OneOf(systems) system!: Test['system'];
  @OneOf(kinds) kind!: Test['kind'];
  @Optional() @Words(200) moves?: string;
  @Optional() @Whole(2, 4) ends?: number;
  @Optional() @OneOf(['cylinder']) per?: 'cylinder';
  @Optional() @When() applies?: When;
  @Words(2000) how!: string;
  @WordsList() tools?: string[];
  @WordList() hazards?: string[];
  @Figure(1, 100000) minutes!: number;
  @WordList() access?: string[];
  @WordList() needs?: string[];
  @WordList() bypasses?: string[];
  @NestedList(() => OutcomeBody, 12) @ArrayMinSize(2, { message: 'A test has at least two outcomes.' }) outcomes!: OutcomeBody[];
  @Optional() @NestedList(() => OutcomeBody, 6) couldNot?: OutcomeBody[];
  @Optional() @Nested(() => MeasureBody) measure?: MeasureBody;
  @Optional() @OneOf(['worst', 'mean']) repeat?: 'worst' | 'mean';
  @Optional() @Figure(0, 1000) firstLook?: number;
  @WordList() area?: string[];
  @Optional() @Truth() retired?: boolean;
}

export class FigureBody implements OwnFigure {
  @Optional() @Word() fault?: string;
  @Optional() @Word() test?: string;
  @Optional() @Figure(0.00001, 0.5) prior?: number;
  @Optional() @Figure(1, 100000) minutes?: number;
  @Optional() @Figure(0, 1000000) parts?: number;
}
