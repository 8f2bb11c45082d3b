import { ValidateIf } from 'class-validator';
import {
  retestResults,
  specOrigins,
  type RetestResult,
  type Answer,
  type Shown,
  type SpecOrigin,
  type SymptomAnswer,
} from '../../core/record';
import {
  Decimal,
  Nested,
  Id,
  MaybeFigure,
  MaybeId,
  MaybeOneOf,
  MaybePosition,
  MaybeWords,
  OneOf,
  Optional,
  UnitName,
  Whole,
  Words,
} from '../fields';
import { ConditionsPart, IsMapOf, IsShown, ReadingPartBody } from './common';

const present = () => ValidateIf((_o, v) => v !== null);

export class EvidenceAddBody {
  @Id() jobId!: string;
  @Words(60) testId!: string;
  @MaybePosition() position!: string | null;
  @Words(60) outcome!: string;
  @present() @Nested(() => ReadingPartBody) reading!: ReadingPartBody | null;
  @MaybeId() predictionId!: string | null;
  @MaybeOneOf(['yes', 'no']) held!: Answer | null;
  @Nested(() => ConditionsPart) conditions!: ConditionsPart;
  @MaybeWords(1000) note!: string | null;
  @MaybeId() afterRepairId!: string | null;
  @Words(64) knowledgeHash!: string;
  @IsShown() shown!: Shown | null;
}

export class WithdrawBody {
  @Id() jobId!: string;
  @Words(300) reason!: string;
}

export class PredictionBody {
  @Id() jobId!: string;
  @Words(60) testId!: string;
  @MaybePosition() position!: string | null;
  @Words(500) words!: string;
  @MaybeWords(60) expected!: string | null;
}

export class ReadingAddBody {
  @Id() jobId!: string;
  @MaybePosition() position!: string | null;
  @Nested(() => ConditionsPart) conditions!: ConditionsPart;
  @Nested(() => ReadingPartBody) reading!: ReadingPartBody;
}

export class SpecAddBody {
  @Id() bikeId!: string;
  @Words(60) quantity!: string;
  @MaybeFigure() low!: number | null;
  @MaybeFigure() high!: number | null;
  @MaybeFigure() serviceLow!: number | null;
  @MaybeFigure() serviceHigh!: number | null;
  @UnitName() unit!: string;
  @Words(80) entered!: string;
  @Words(200) source!: string;
  @OneOf(specOrigins) origin!: SpecOrigin;
}
export class SpecFields {
  @Optional() @MaybeFigure() low?: number | null;
  @Optional() @MaybeFigure() high?: number | null;
  @Optional() @MaybeFigure() serviceLow?: number | null;
  @Optional() @MaybeFigure() serviceHigh?: number | null;
  @Optional() @UnitName() unit?: string;
  @Optional() @Words(80) entered?: string;
  @Optional() @Words(200) source?: string;
  @Optional() @OneOf(specOrigins) origin?: SpecOrigin;
}
export class SpecSetBody {
  @Nested(() => SpecFields) set!: SpecFields;
}

export class CauseBody {
  @Id() jobId!: string;
  @Id() complaintId!: string;
  @MaybeWords(60) faultId!: string | null;
  @MaybePosition() position!: string | null;
  @Words(300) words!: string;
}

export class RepairBody {
  @Id() jobId!: string;
  @MaybeId() causeId!: string | null;
  @MaybeWords(60) faultId!: string | null;
  @MaybePosition() position!: string | null;
  @Words(500) words!: string;
  @Whole(0, 100000) minutes!: number;
  @Decimal() cost!: string;
  @MaybeId() afterRepairId!: string | null;
}

export class ChangedPart {
  @Id() id!: string;
  @Words(2000) words!: string;
  @IsMapOf(['present', 'absent'], 'Each symptom is picked or denied.') symptoms!: Record<string, SymptomAnswer>;
}
export class RetestBody {
  @Id() jobId!: string;
  @Id() complaintId!: string;
  @Id() repairId!: string;
  @OneOf(retestResults) result!: RetestResult;
  @Nested(() => ConditionsPart) conditions!: ConditionsPart;
  @MaybeWords(1000) note!: string | null;
  @present() @Nested(() => ChangedPart) changed!: ChangedPart | null;
}
