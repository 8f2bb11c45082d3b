import { ArrayMinSize, ValidateIf } from 'class-validator';
import { partStatuses, verdicts, waitKinds, type PartStatus, type Verdict, type WaitKind } from '../../core/record';
import {
  Decimal,
  Nested,
  NestedList,
  Figure,
  Id,
  MaybeDay,
  MaybeId,
  MaybeInstant,
  MaybePosition,
  MaybeWords,
  OneOf,
  Optional,
  Truth,
  Whole,
  Words,
} from '../fields';
import { ConditionsPart, IsCounts, ReadingPartBody } from './common';

export class FastenerPart {
  @Id() id!: string;
  @Words(60) size!: string;
  @Whole(1, 999) count!: number;
  @MaybeWords(200) place!: string | null;
}
export class StepAddBody {
  @Id() jobId!: string;
  @Words(200) title!: string;
  @MaybeWords(60) access!: string | null;
  @MaybeWords(40) bag!: string | null;
  @MaybeWords(2000) note!: string | null;
  @NestedList(() => FastenerPart, 60) fasteners!: FastenerPart[];
}
export class RefitBody {
  @Id() jobId!: string;
  @IsCounts() counts!: Record<string, number>;
}

export class FindingAddBody {
  @Id() jobId!: string;
  @MaybeId() stepId!: string | null;
  @Words(120) item!: string;
  @MaybePosition() position!: string | null;
  @Words(2000) seen!: string;
  @ValidateIf((_o, v) => v !== null) @Nested(() => ReadingPartBody) reading!: ReadingPartBody | null;
  @Nested(() => ConditionsPart) conditions!: ConditionsPart;
  @OneOf(verdicts) verdict!: Verdict;
  @MaybeWords(60) faultId!: string | null;
  @MaybeId() afterRepairId!: string | null;
}

export class PartAddBody {
  @Id() jobId!: string;
  @MaybeId() findingId!: string | null;
  @Words(200) name!: string;
  @MaybeWords(80) number!: string | null;
  @MaybeWords(120) source!: string | null;
  @Whole(1, 999) quantity!: number;
  @Decimal() price!: string;
  @MaybeDay() dueOn!: string | null;
}
export class PartFields {
  @Optional() @Words(200) name?: string;
  @Optional() @MaybeWords(80) number?: string | null;
  @Optional() @MaybeWords(120) source?: string | null;
  @Optional() @Whole(1, 999) quantity?: number;
  @Optional() @Decimal() price?: string;
  @Optional() @OneOf(partStatuses) status?: PartStatus;
  @Optional() @MaybeDay() dueOn?: string | null;
}
export class PartSetBody {
  @Nested(() => PartFields) set!: PartFields;
}

export class StagePart {
  @Id() id!: string;
  @OneOf(['torque', 'angle']) kind!: 'torque' | 'angle';
  @Figure(0.1, 2000) value!: number;
}
export class TorquePlanBody {
  @Id() jobId!: string;
  @Words(120) name!: string;
  @MaybeWords(40) thread!: string | null;
  @Whole(1, 99) count!: number;
  @Figure(0.1, 2000) figureNm!: number;
  @OneOf(['N·m', 'lbf·ft', 'lbf·in', 'kgf·m']) unit!: string;
  @Words(60) entered!: string;
  @Words(200) source!: string;
  @ArrayMinSize(1) @NestedList(() => StagePart, 12) stages!: StagePart[];
}
export class TorqueStageBody {
  @Id() jobId!: string;
  @Id() torqueId!: string;
}
export class SignBody {
  @Id() jobId!: string;
  @OneOf(['torque', 'handOver']) kind!: 'torque' | 'handOver';
  @Id() subjectId!: string;
  @Words(80) signedBy!: string;
  @MaybeId() supersedes!: string | null;
}

export class CheckMarkBody {
  @Id() jobId!: string;
  @Words(60) list!: string;
  @Words(60) item!: string;
  @OneOf(['open', 'done', 'notNeeded']) state!: 'open' | 'done' | 'notNeeded';
  @MaybeWords(500) note!: string | null;
}

export class WaitStartBody {
  @Id() jobId!: string;
  @OneOf(waitKinds) kind!: WaitKind;
  @Words(200) what!: string;
  @MaybeInstant() until!: string | null;
  @MaybeInstant() lookAgain!: string | null;
}
export class WaitFields {
  @Optional() @Words(200) what?: string;
  @Optional() @MaybeInstant() until?: string | null;
  @Optional() @MaybeInstant() lookAgain?: string | null;
}
export class WaitSetBody {
  @Nested(() => WaitFields) set!: WaitFields;
}
export class JobOnlyBody {
  @Id() jobId!: string;
}

export class ProvisionalBody {
  @Id() jobId!: string;
  @Words(200) what!: string;
  @Words(500) why!: string;
  @MaybeWords(120) until!: string | null;
  @MaybeDay() untilOn!: string | null;
  @Truth() mayRun!: boolean;
  @Truth() mayRide!: boolean;
  @Truth() mayLeave!: boolean;
}
export class WatchBody {
  @Id() jobId!: string;
  @Words(200) what!: string;
  @Words(120) due!: string;
}
export class HazardBody {
  @Id() jobId!: string;
  @Words(60) hazard!: string;
  @Words(120) place!: string;
}
/** A hand-over says nothing but, perhaps, a word for the journal. */
export class HandOverBody {
  @Optional() @Words(300) note?: string;
}
export class TargetBody {
  @Id() targetId!: string;
}
