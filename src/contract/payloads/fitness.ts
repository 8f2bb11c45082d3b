import { ArrayMaxSize, ArrayMinSize, IsString, MaxLength } from 'class-validator';
import { attemptResults, fitnessActs, type AttemptResult, type FitnessAct } from '../../core/record';
import { Id, Items, MaybeFigure, MaybeId, MaybeOneOf, MaybeWhole, OneOf, Words } from '../fields';

export class OverruleBody {
  @Id() jobId!: string;
  @OneOf(fitnessActs) act!: FitnessAct;
  @Words(500) reason!: string;
  @Items()
  @ArrayMinSize(1, { message: 'Say which reasons it goes over.' })
  @ArrayMaxSize(200)
  @IsString({ each: true })
  @MaxLength(120, { each: true })
  codes!: string[];
  @Words(80) saidBy!: string;
}

export class AttemptBody {
  @Id() jobId!: string;
  @MaybeOneOf(['off', 'half', 'full']) choke!: 'off' | 'half' | 'full' | null;
  @MaybeOneOf(['shut', 'some', 'open']) throttle!: 'shut' | 'some' | 'open' | null;
  @MaybeWhole(1, 200) kicks!: number | null;
  @MaybeFigure(0, 600) seconds!: number | null;
  @MaybeFigure(0, 40) volts!: number | null;
  @OneOf(attemptResults) did!: AttemptResult;
  @MaybeId() afterRepairId!: string | null;
}
