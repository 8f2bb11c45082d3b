import type { OwnEntry } from '../knowledge/types';
import type { ObjectOf } from './kinds';
import type { FieldsOf, TableName as Name } from './tables';

/** The rows of a workshop as the whole program sees them: what is stored, sent and computed with. Their fields stand in tables.ts. */

/** A field that a mechanic may not know (yet). */
export type Maybe<T> = T | null;

interface Base {
  id: string;
  /** How often each field was set after the row was made; a field never set again has no entry. */
  versions: Record<string, number>;
}

export type TableName = Name;

/** A row of a table. */
type RowOf<T extends TableName> = Base & ObjectOf<FieldsOf<T>>;

export type Person = RowOf<'person'>;
export type Owner = RowOf<'owner'>;
export type Bike = RowOf<'bike'>;
export type Spec = RowOf<'spec'>;
export type Job = RowOf<'job'>;
export type Complaint = RowOf<'complaint'>;
export type Prediction = RowOf<'prediction'>;
export type Reading = RowOf<'reading'>;
export type Evidence = RowOf<'evidence'>;
export type Cause = RowOf<'cause'>;
export type Repair = RowOf<'repair'>;
export type Retest = RowOf<'retest'>;
export type Step = RowOf<'step'>;
export type Fastener = RowOf<'fastener'>;
export type Piece = RowOf<'piece'>;
export type Fact = RowOf<'fact'>;
export type Outline = RowOf<'outline'>;
export type Hole = RowOf<'hole'>;
export type FastenerAttempt = RowOf<'fastenerAttempt'>;
export type TreatedPart = RowOf<'treatedPart'>;
export type Cleaning = RowOf<'cleaning'>;
/** A line of the ledger of fluids; what a fluid is stands in the knowledge. */
export type FluidRow = RowOf<'fluid'>;
export type Connection = RowOf<'connection'>;
export type WireTry = RowOf<'wireTry'>;
export type Finding = RowOf<'finding'>;
export type Part = RowOf<'part'>;
export type Torque = RowOf<'torque'>;
export type TorqueStage = RowOf<'torqueStage'>;
export type Signature = RowOf<'signature'>;
export type Checkmark = RowOf<'checkmark'>;
export type Wait = RowOf<'wait'>;
export type Provisional = RowOf<'provisional'>;
export type Overrule = RowOf<'overrule'>;
export type StartAttempt = RowOf<'startAttempt'>;
export type Watch = RowOf<'watch'>;
export type Consent = RowOf<'consent'>;
export type HazardAck = RowOf<'hazardAck'>;
export type Photo = RowOf<'photo'>;
export type Pin = RowOf<'pin'>;
export type Erratum = RowOf<'erratum'>;
export type Substitute = RowOf<'substitute'>;

/** What a shop knows itself: the body is what `what` says. */
export type Own = Base & OwnEntry;

/** The row type of every table that commands may change, by its name. */
export type Tables = { [T in TableName]: T extends 'own' ? Own : RowOf<T> };
export type AnyRow = Tables[TableName];
