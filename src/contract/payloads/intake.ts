import type { SymptomAnswer } from '../../core/record';
import { schoolIds } from '../../core/trace/policy/schools';
import {
  Decimal,
  Id,
  Items,
  Nested,
  MaybeDecimal,
  MaybeFigure,
  MaybeId,
  MaybeOneOf,
  MaybeWhole,
  MaybeWords,
  OneOf,
  Optional,
  Truth,
  Words,
} from '../fields';
import { ArrayMaxSize, IsString, MaxLength, ValidateIf } from 'class-validator';
import { applyDecorators } from '../decorate';
import { IsMapOf } from './common';

const symptomMap = () => IsMapOf(['present', 'absent'], 'Each symptom is picked or denied.');

export class BookInBody {
  @Id() bikeId!: string;
  @Id() newJobId!: string;
  @Id() ownerId!: string;
  @Id() personalId!: string;
  @Id() complaintId!: string;
  @Words(120) name!: string;
  @Words(2000) words!: string;
  @symptomMap() symptoms!: Record<string, SymptomAnswer>;
  @Decimal() rate!: string;
}

export class OpenJobBody {
  @Id() bikeId!: string;
  @Id() complaintId!: string;
  @Words(2000) words!: string;
  @symptomMap() symptoms!: Record<string, SymptomAnswer>;
  @Decimal() rate!: string;
}

const answers = ['yes', 'no'];

export class BikeFields {
  @Optional() @Words(120) name?: string;
  @Optional() @MaybeWhole(1885, 2100) year?: number | null;
  @Optional() @MaybeWords(60) frameNo?: string | null;
  @Optional() @MaybeWords(60) engineNo?: string | null;
  @Optional() @MaybeWhole(0, 2000000) mileageKm?: number | null;
  @Optional() @MaybeOneOf(['two', 'four']) strokes?: string | null;
  @Optional() @MaybeWhole(1, 8) cylinders?: number | null;
  @Optional() @MaybeOneOf(['air', 'liquid']) cooling?: string | null;
  @Optional() @MaybeOneOf(['points', 'electronic', 'magneto']) ignition?: string | null;
  @Optional() @MaybeOneOf(['carburettor', 'injection']) fuelling?: string | null;
  @Optional() @MaybeOneOf(['none', 'manual', 'automatic']) decompressor?: string | null;
  @Optional() @MaybeOneOf([6, 12]) voltage?: number | null;
  @Optional() @MaybeOneOf(['kick', 'electric', 'both']) starting?: string | null;
  @Optional() @MaybeOneOf(['cable', 'hydraulic', 'automatic']) clutch?: string | null;
  @Optional() @MaybeFigure(20, 150) boreMm?: number | null;
  @Optional() @MaybeFigure(20, 150) strokeMm?: number | null;
  @Optional() @MaybeFigure(4, 20) compressionRatio?: number | null;
  @Optional() @MaybeWords(60) archetype?: string | null;
  @Optional()
  @ValidateIf((_o, v) => v !== null && v !== undefined)
  @IsMapOf(/^[\w-]{1,60}$/, 'Each of these is one word by another.', 60)
  traits?: Record<string, string> | null;
}
export class BikeSetBody {
  @Nested(() => BikeFields) set!: BikeFields;
}

/** A list of ids or short words, or nothing. */
const ShortList = (most: number) =>
  applyDecorators(
    Optional(),
    ValidateIf((_o, v) => v !== null),
    Items(),
    ArrayMaxSize(most),
    IsString({ each: true }),
    MaxLength(80, { each: true }),
  );

export class JobFields {
  @Optional() @MaybeWhole(0, 1200) standingMonths?: number | null;
  @Optional() @MaybeOneOf(['dry', 'damp', 'flooded', 'outside']) storage?: string | null;
  @Optional() @MaybeOneOf(answers) fuelLeft?: string | null;
  @Optional() @MaybeOneOf(answers) crash?: string | null;
  @Optional() @MaybeOneOf(answers) ranWhenParked?: string | null;
  @ShortList(30) lastTouched?: string[] | null;
  @Optional() @MaybeWords(200) lastTouchedBy?: string | null;
  @Optional() @MaybeWords(120) lastTouchedWhen?: string | null;
  @Optional() @MaybeWords(4000) notes?: string | null;
  @ShortList(20) pinned?: string[] | null;
  @ShortList(200) pairings?: string[] | null;
  @Optional() @MaybeOneOf(['no']) counts?: 'no' | null;
  @Optional() @OneOf(schoolIds) school?: string;
  @Optional() @Decimal() rate?: string;
}
export class JobSetBody {
  @Nested(() => JobFields) set!: JobFields;
}

export class OwnerFields {
  @MaybeId() personalId!: string | null;
}
export class OwnerSetBody {
  @Nested(() => OwnerFields) set!: OwnerFields;
}

export class ComplaintAddBody {
  @Id() jobId!: string;
  @Words(2000) words!: string;
  @symptomMap() symptoms!: Record<string, SymptomAnswer>;
  @MaybeId() afterRepairId!: string | null;
}
export class ComplaintFields {
  @Optional() @Words(2000) words?: string;
  @Optional() @symptomMap() symptoms?: Record<string, SymptomAnswer>;
  @Optional() @OneOf(['open', 'gone', 'changed']) state?: string;
  @Optional() @Truth() explained?: boolean;
}
export class ComplaintSetBody {
  @Nested(() => ComplaintFields) set!: ComplaintFields;
}

export class ConsentBody {
  @Id() jobId!: string;
  @Words(1000) words!: string;
  @MaybeDecimal() upTo!: string | null;
  @MaybeId() supersedes!: string | null;
}

export class PersonBody {
  @Words(80) name!: string;
}

/** Personal data that the journal does not keep: stored in a row of its own. */
export class PersonalPart {
  @Id() id!: string;
  @MaybeWords(120) name!: string | null;
  @Optional() @MaybeWords(60) phone?: string | null;
  @Optional() @MaybeWords(200) email?: string | null;
}
