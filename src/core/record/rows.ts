/**
 * The rows of a workshop as the whole program sees them: what is stored, sent and computed with.
 * Times are ISO strings, money and other exact decimals are strings, physical figures are SI numbers.
 */

import type { Fault, FindingKind, OwnFigure, Test } from '../knowledge/types';

/** A field that a mechanic may not know (yet). */
export type Maybe<T> = T | null;
export type Answer = 'yes' | 'no';

interface Base {
  id: string;
  /** How often each field was set after the row was made; a field never set again has no entry. */
  versions: Record<string, number>;
}

export interface Person extends Base {
  name: string;
}

export interface Owner extends Base {
  personalId: Maybe<string>;
}

export interface Bike extends Base {
  ownerId: Maybe<string>;
  name: string;
  year: Maybe<number>;
  frameNo: Maybe<string>;
  engineNo: Maybe<string>;
  mileageKm: Maybe<number>;
  strokes: Maybe<'two' | 'four'>;
  cylinders: Maybe<number>;
  cooling: Maybe<'air' | 'liquid'>;
  ignition: Maybe<'points' | 'electronic' | 'magneto'>;
  fuelling: Maybe<'carburettor' | 'injection'>;
  decompressor: Maybe<'none' | 'manual' | 'automatic'>;
  voltage: Maybe<number>;
  starting: Maybe<'kick' | 'electric' | 'both'>;
  clutch: Maybe<'cable' | 'hydraulic' | 'automatic'>;
  /** Kind of bike, by the knowledge's archetypes: what is not filled in is taken from it. */
  archetype: Maybe<string>;
  /** What is so on this bike, by the knowledge's attributes, where it has no field of its own: earth, tap, sump … */
  traits: Maybe<Record<string, string>>;
  boreMm: Maybe<number>;
  strokeMm: Maybe<number>;
  compressionRatio: Maybe<number>;
}

export interface Spec extends Base {
  bikeId: string;
  quantity: string;
  /** Lower and upper limit in SI; null where the limit is one-sided. */
  low: Maybe<number>;
  high: Maybe<number>;
  /** Beyond these the part is done for; null where the book has only a standard. */
  serviceLow: Maybe<number>;
  serviceHigh: Maybe<number>;
  unit: string;
  entered: string;
  /** Where it says so: the page of the book, who measured it. */
  source: string;
  origin: SpecOrigin;
}

/** Where a limit of a bike comes from: its book, a measurement of what runs well, its owner's own wish, or a general figure. */
export const specOrigins = ['book', 'measured', 'owner', 'general'] as const;
export type SpecOrigin = (typeof specOrigins)[number];

export interface Job extends Base {
  bikeId: string;
  openedAt: string;
  standingMonths: Maybe<number>;
  storage: Maybe<'dry' | 'damp' | 'flooded' | 'outside'>;
  fuelLeft: Maybe<Answer>;
  crash: Maybe<Answer>;
  ranWhenParked: Maybe<Answer>;
  lastTouched: Maybe<string[]>;
  lastTouchedBy: Maybe<string>;
  lastTouchedWhen: Maybe<string>;
  notes: Maybe<string>;
  /** Suspects that somebody holds a theory on, by key. */
  pinned: Maybe<string[]>;
  /** Pairings of like ends that were tried and changed nothing: "test:2-1-3". */
  pairings: Maybe<string[]>;
  /** "no": the shop's own closed jobs are not counted for this one. */
  counts: Maybe<'no'>;
  school: string;
  rate: string;
  handedOverAt: Maybe<string>;
}

export type SymptomAnswer = 'present' | 'absent';

export interface Complaint extends Base {
  jobId: string;
  words: string;
  symptoms: Record<string, SymptomAnswer>;
  state: 'open' | 'gone' | 'changed';
  explained: boolean;
  linkedTo: Maybe<string>;
  afterRepairId: Maybe<string>;
}

export interface Prediction extends Base {
  jobId: string;
  testId: string;
  position: Maybe<string>;
  words: string;
  expected: Maybe<string>;
  madeAt: string;
}

/** What an instrument or a person said: a value, bounds, or why there is none. SI throughout. */
export type ReadingValue =
  | { kind: 'exact'; value: number }
  | { kind: 'interval'; low: number; high: number }
  | { kind: 'atLeast'; bound: number }
  | { kind: 'atMost'; bound: number }
  | { kind: 'none'; reason: string };

/** The circumstances a result was taken in; a result is only as good as these. */
export interface Conditions {
  temperature?: 'cold' | 'warm' | 'hot';
  battery?: 'own' | 'helped' | 'weak';
  tries?: number;
  /** Of the air around, in kelvin. */
  air?: number;
  /** Height above the sea in metres, where the air was thinner. */
  altitude?: number;
  /** What else may have mattered, in words. */
  note?: string;
}

export interface Reading extends Base {
  jobId: string;
  bikeId: string;
  quantity: string;
  position: Maybe<string>;
  value: ReadingValue;
  unit: string;
  entered: string;
  instrument: Maybe<string>;
  conditions: Conditions;
  takenAt: string;
}

/** What the screen showed when a result was entered: kept as history, never read back as fact. */
export interface Shown {
  suspects: [suspect: string, probability: number][];
  next: Maybe<string>;
}

export interface Evidence extends Base {
  jobId: string;
  testId: string;
  position: Maybe<string>;
  outcome: string;
  readingId: Maybe<string>;
  predictionId: Maybe<string>;
  held: Maybe<Answer>;
  conditions: Conditions;
  note: Maybe<string>;
  takenAt: string;
  /** The last repair that had been made when this was taken; null before any. */
  afterRepairId: Maybe<string>;
  knowledgeHash: string;
  shown: Maybe<Shown>;
  /** The reason it was withdrawn; null while it stands. */
  withdrawn: Maybe<string>;
}

export interface Cause extends Base {
  jobId: string;
  complaintId: string;
  faultId: Maybe<string>;
  position: Maybe<string>;
  words: string;
  madeAt: string;
}

export interface Repair extends Base {
  jobId: string;
  causeId: Maybe<string>;
  faultId: Maybe<string>;
  position: Maybe<string>;
  words: string;
  minutes: number;
  cost: string;
  afterRepairId: Maybe<string>;
  madeAt: string;
}

export const retestResults = ['gone', 'changed', 'same', 'back'] as const;
export type RetestResult = (typeof retestResults)[number];

export interface Retest extends Base {
  jobId: string;
  complaintId: string;
  repairId: string;
  /** "back": it was gone for a while and came again. */
  result: RetestResult;
  conditions: Conditions;
  note: Maybe<string>;
  newComplaintId: Maybe<string>;
  takenAt: string;
}

export interface Step extends Base {
  jobId: string;
  title: string;
  access: Maybe<string>;
  bag: Maybe<string>;
  note: Maybe<string>;
  madeAt: string;
  refittedAt: Maybe<string>;
}

export interface Fastener extends Base {
  jobId: string;
  stepId: string;
  size: string;
  count: number;
  place: Maybe<string>;
  refitted: number;
}

export const verdicts = ['fit for use', 'clean', 'repair', 'replace', 'ask the owner', 'watch'] as const;
export type Verdict = (typeof verdicts)[number];

export interface Finding extends Base {
  jobId: string;
  stepId: Maybe<string>;
  item: string;
  position: Maybe<string>;
  seen: string;
  readingId: Maybe<string>;
  verdict: Verdict;
  faultId: Maybe<string>;
  afterRepairId: Maybe<string>;
  takenAt: string;
}

export const partStatuses = ['needed', 'ordered', 'arrived', 'fitted'] as const;
export type PartStatus = (typeof partStatuses)[number];

export interface Part extends Base {
  jobId: string;
  findingId: Maybe<string>;
  name: string;
  number: Maybe<string>;
  source: Maybe<string>;
  quantity: number;
  price: string;
  status: PartStatus;
  dueOn: Maybe<string>;
}

export interface Torque extends Base {
  jobId: string;
  name: string;
  thread: Maybe<string>;
  count: number;
  figureNm: number;
  unit: string;
  entered: string;
  source: string;
}

export interface TorqueStage extends Base {
  jobId: string;
  torqueId: string;
  n: number;
  kind: 'torque' | 'angle';
  /** N·m for a torque stage, degrees for an angle stage. */
  value: number;
  doneAt: Maybe<string>;
}

export interface Signature extends Base {
  jobId: string;
  kind: 'torque' | 'handOver';
  subjectId: string;
  signedBy: string;
  signedAt: string;
  supersedes: Maybe<string>;
}

export interface Checkmark extends Base {
  jobId: string;
  list: string;
  item: string;
  state: 'open' | 'done' | 'notNeeded';
  note: Maybe<string>;
}

export const waitKinds = ['soaking', 'curing', 'cooling', 'part', 'owner', 'outside work', 'charging'] as const;
export type WaitKind = (typeof waitKinds)[number];

export interface Wait extends Base {
  jobId: string;
  kind: WaitKind;
  what: string;
  until: Maybe<string>;
  lookAgain: Maybe<string>;
  endedAt: Maybe<string>;
}

export interface Provisional extends Base {
  jobId: string;
  what: string;
  why: string;
  until: Maybe<string>;
  /** The day it must be gone by, where a day was named. */
  untilOn: Maybe<string>;
  mayRun: boolean;
  mayRide: boolean;
  mayLeave: boolean;
  endedAt: Maybe<string>;
}

/** What may be done with an engine or a bike, each implying the ones before it. */
export const fitnessActs = ['turn', 'crank', 'run', 'ride', 'handOver'] as const;
export type FitnessAct = (typeof fitnessActs)[number];

/** A person's word that something may be done all the same; it stands in the record. */
export interface Overrule extends Base {
  jobId: string;
  act: FitnessAct;
  reason: string;
  /** The reasons that it goes over, by their codes: a new one is not overruled. */
  codes: string[];
  saidBy: string;
  madeAt: string;
  endedAt: Maybe<string>;
}

export const attemptResults = ['nothing', 'coughed', 'kicked back', 'ran and died', 'ran', 'would not turn'] as const;
export type AttemptResult = (typeof attemptResults)[number];

/** One try to start it: how, for how long, and what it did. */
export interface StartAttempt extends Base {
  jobId: string;
  choke: Maybe<'off' | 'half' | 'full'>;
  throttle: Maybe<'shut' | 'some' | 'open'>;
  kicks: Maybe<number>;
  seconds: Maybe<number>;
  /** Battery while it was tried, in volts. */
  volts: Maybe<number>;
  did: AttemptResult;
  afterRepairId: Maybe<string>;
  madeAt: string;
}

export interface Watch extends Base {
  jobId: string;
  what: string;
  due: string;
}

export interface Consent extends Base {
  jobId: string;
  words: string;
  upTo: Maybe<string>;
  givenAt: string;
  supersedes: Maybe<string>;
}

export interface HazardAck extends Base {
  jobId: string;
  hazard: string;
  place: string;
  acknowledgedAt: string;
}

/** What a photo can hang on; a bag is known by its label, the others by their row. */
export const photoSubjects = ['step', 'finding', 'bag', 'job'] as const;
export type PhotoSubject = (typeof photoSubjects)[number];

/** One picture. Its bytes lie beside the record, addressed by their SHA-256. */
export interface Photo extends Base {
  jobId: string;
  subject: PhotoSubject;
  subjectId: Maybe<string>;
  bag: Maybe<string>;
  sha256: string;
  /** Pixels of the upright picture. */
  width: number;
  height: number;
  bytes: number;
  caption: Maybe<string>;
  takenAt: string;
}

/** A numbered pin on a photo: its place as parts of the width and the height, and what is to be seen there. */
export interface Pin extends Base {
  jobId: string;
  photoId: string;
  x: number;
  y: number;
  note: string;
}

/** Where the book of a bike is wrong: what it says, and what is right. */
export interface Erratum extends Base {
  bikeId: string;
  book: string;
  page: Maybe<string>;
  /** The quantity it is about, where it is about one that is measured. */
  quantity: Maybe<string>;
  says: string;
  right: string;
  source: string;
}

export const ownKinds = ['fault', 'finding', 'test', 'figure'] as const;
export type OwnKind = (typeof ownKinds)[number];

/** What a shop knows itself, on top of what ships: one entry as it stands in a file of knowledge. */
export type Own = Base & { retired: boolean } & (
    | { what: 'fault'; body: Fault }
    | { what: 'finding'; body: FindingKind }
    | { what: 'test'; body: Test }
    | { what: 'figure'; body: OwnFigure }
  );

/** Every table that commands may change, by its name. */
export interface Tables {
  person: Person;
  owner: Owner;
  bike: Bike;
  spec: Spec;
  job: Job;
  complaint: Complaint;
  prediction: Prediction;
  reading: Reading;
  evidence: Evidence;
  cause: Cause;
  repair: Repair;
  retest: Retest;
  step: Step;
  fastener: Fastener;
  finding: Finding;
  part: Part;
  torque: Torque;
  torqueStage: TorqueStage;
  signature: Signature;
  checkmark: Checkmark;
  wait: Wait;
  provisional: Provisional;
  overrule: Overrule;
  startAttempt: StartAttempt;
  watch: Watch;
  consent: Consent;
  hazardAck: HazardAck;
  photo: Photo;
  pin: Pin;
  erratum: Erratum;
  own: Own;
}

export type TableName = keyof Tables;
export type AnyRow = Tables[TableName];
