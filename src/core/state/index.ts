export {
  attemptResults,
  fitnessActs,
  mostPhotoBytes,
  partStatuses,
  fastenerStates,
  wayResults,
  type FactKind,
  type FastenerState,
  type WayResult,
  pieceOutcomes,
  connectionKinds,
  wireResults,
  type ConnectionKind,
  type WireResult,
  pieceWays,
  retestResults,
  schoolIds,
  specOrigins,
  verdicts,
  waitKinds,
  type Answer,
  type AttemptResult,
  type Conditions,
  type FitnessAct,
  type OwnKind,
  type PartStatus,
  type PieceOutcome,
  type PieceWay,
  type PhotoSubject,
  type ReadingValue,
  type RetestResult,
  type SchoolId,
  type Shown,
  type SpecOrigin,
  type StoredVerdict,
  type SymptomAnswer,
  type TorqueUnit,
  type WaitKind,
} from './values';
export {
  type AnyRow,
  type Bike,
  type Cause,
  type Checkmark,
  type Complaint,
  type Evidence,
  type Fastener,
  type Finding,
  type Job,
  type Overrule,
  type Own,
  type Part,
  type Connection,
  type WireTry,
  type FastenerAttempt,
  type Fact,
  type Piece,
  type Photo,
  type Pin,
  type Provisional,
  type Reading,
  type Repair,
  type Retest,
  type Signature,
  type Spec,
  type StartAttempt,
  type Step,
  type TableName,
  type Tables,
  type Torque,
  type TorqueStage,
  type Wait,
} from './rows';
export { bikeTables, fields, firstOf, hasField, jobTables, kindsOf, tableNames } from './fields';
export { tables, type FieldsOf } from './tables';
export { emptyState, list, put, type Change, type Experience, type JournalEntry, type State } from './state';
export { noTool, tellsSomething } from './told';
export { applyChanges, bump, changeInPlace, invert } from './change';
export { circumstanceWords } from './circumstances';
export { enteredBy } from './enteredBy';
export { groupBy } from './groupBy';
export { placeWords } from './place';
export { belongs, stateOf, type Heard, type JobSnapshot, type Personal, type WorkshopContext } from './snapshot';
export { type Backup } from './backup';
export { isYearOfUse, yearWords } from './years';
export { countWords, dayTimeWords, dayWords, groupedWords } from './dates';
