import type { Fault, FindingKind, OwnFigure, Test } from '../knowledge/types';
import {
  day,
  decimal,
  figure,
  first,
  id,
  instant,
  list,
  mapOf,
  maybe,
  object,
  oneOf,
  optional,
  position,
  sha256,
  special,
  truth,
  unit,
  whole,
  words,
} from './kinds';
import type { Fields, FieldKind } from './kinds';
import {
  answers,
  attemptResults,
  fitnessActs,
  mostPhotoBytes,
  ownKinds,
  partStatuses,
  photoSubjects,
  outlineShapes,
  factKinds,
  fastenerStates,
  wayResults,
  pieceOutcomes,
  connectionKinds,
  fluidActs,
  treatedStates,
  pieceWays,
  wireResults,
  retestResults,
  schoolIds,
  specOrigins,
  symptomAnswers,
  torqueUnits,
  verdicts,
  waitKinds,
  type Conditions,
  type ReadingValue,
  type Shown,
} from './values';

/** What rows of a table belong to: one job, one bike in all its jobs, or the workshop. */
export type Scope = 'job' | 'bike' | 'workshop';

interface Table<F extends Fields, S extends Scope> {
  scope: S;
  fields: F;
  /** The fields that the search looks into. */
  sought: readonly (keyof F & string)[];
}

const table = <S extends Scope, const F extends Fields, const W extends (keyof F & string)[] = []>(
  scope: S,
  fields: F,
  ...sought: W
): Table<F, S> & { sought: W } => ({ scope, fields, sought });

const symptoms = mapOf(symptomAnswers, 'Each symptom is picked or denied.');
/** Circumstances of a result. */
export const conditions: FieldKind<Conditions> = object({
  temperature: optional(oneOf('cold', 'warm', 'hot')),
  battery: optional(oneOf('own', 'helped', 'weak')),
  tries: optional(whole(1, 999)),
  air: optional(figure(150, 400)),
  altitude: optional(figure(-500, 9000)),
  note: optional(words(200)),
});
const value = special<ReadingValue>('reading value');
const shortWords = (most: number) => maybe(list(words(80), most));

/**
 * Every table of the record, described once. Order counts: tables come after those that they point into, and fields stand in the order
 * in which the record lists them. Times are ISO strings, money and other exact decimals strings, physical figures SI numbers unless a
 * name ends with a unit. What is to be erased one day (names, numbers, addresses) stands in none of them: `personalId` points to it.
 * SQL columns are the fields in snake case; the migrations are held to this by test/db/described.test.ts.
 */
export const tables = {
  person: table('workshop', { name: words(80) }),
  owner: table('bike', { personalId: maybe(id()) }),
  bike: table(
    'bike',
    {
      ownerId: maybe(id('owner')),
      name: words(120),
      year: maybe(whole(1885, 2100)),
      colour: maybe(words(60)),
      frameNo: maybe(words(60)),
      engineNo: maybe(words(60)),
      mileageKm: maybe(whole(0, 2_000_000)),
      strokes: maybe(oneOf('two', 'four')),
      cylinders: maybe(whole(1, 8)),
      cooling: maybe(oneOf('air', 'liquid')),
      ignition: maybe(oneOf('points', 'electronic', 'magneto')),
      fuelling: maybe(oneOf('carburettor', 'injection')),
      decompressor: maybe(oneOf('none', 'manual', 'automatic')),
      voltage: maybe(oneOf(6, 12)),
      starting: maybe(oneOf('kick', 'electric', 'both')),
      clutch: maybe(oneOf('cable', 'hydraulic', 'automatic')),
      boreMm: maybe(figure(20, 150)),
      strokeMm: maybe(figure(20, 150)),
      compressionRatio: maybe(figure(4, 20)),
      /** Kind of bike, by the knowledge's archetypes: what is not filled in is taken from it. */
      archetype: maybe(words(60)),
      /** What is so on this bike, by the knowledge's attributes, where it has no field of its own: earth, tap, sump … */
      traits: maybe(special<Record<string, string>>('words by word')),
    },
    'name',
    'year',
    'frameNo',
    'engineNo',
    'colour',
  ),
  spec: table(
    'bike',
    {
      bikeId: id('bike'),
      quantity: words(60),
      /** Lower and upper limit in SI; null where the limit is one-sided. */
      low: maybe(figure()),
      high: maybe(figure()),
      /** Beyond these the part is done for; null where the manual has only a standard. */
      serviceLow: maybe(figure()),
      serviceHigh: maybe(figure()),
      unit,
      entered: words(80),
      /** Its source: a page of the manual, or who measured it. */
      source: words(200),
      origin: oneOf(...specOrigins),
    },
    'quantity',
    'entered',
    'source',
  ),
  job: table(
    'job',
    {
      bikeId: id('bike'),
      openedAt: instant,
      standingMonths: maybe(whole(0, 1200)),
      storage: maybe(oneOf('dry', 'damp', 'flooded', 'outside')),
      fuelLeft: maybe(oneOf(...answers)),
      crash: maybe(oneOf(...answers)),
      ranWhenParked: maybe(oneOf(...answers)),
      lastTouched: shortWords(30),
      lastTouchedBy: maybe(words(200)),
      lastTouchedWhen: maybe(words(120)),
      notes: maybe(words(4000)),
      /** Suspects that somebody holds a theory on, by key. */
      pinned: shortWords(20),
      /** Pairings of like ends that were tried and changed nothing: "test:2-1-3". */
      pairings: shortWords(200),
      /** "no": the shop's own closed jobs are not counted for this one. */
      counts: maybe(oneOf('no')),
      school: first(oneOf(...schoolIds), 'least-cost'),
      rate: decimal,
      handedOverAt: maybe(instant),
    },
    'notes',
    'lastTouchedBy',
    'lastTouchedWhen',
  ),
  complaint: table(
    'job',
    {
      jobId: id('job'),
      words: words(2000),
      symptoms,
      state: first(oneOf('open', 'gone', 'changed'), 'open'),
      explained: first(truth, false),
      linkedTo: maybe(id('complaint')),
      afterRepairId: maybe(id()),
    },
    'words',
  ),
  prediction: table(
    'job',
    { jobId: id('job'), testId: words(60), position: maybe(position), words: words(500), expected: maybe(words(60)), madeAt: instant },
    'words',
  ),
  reading: table(
    'job',
    {
      jobId: id('job'),
      bikeId: id(),
      quantity: words(60),
      position: maybe(position),
      value,
      unit,
      entered: words(60),
      instrument: maybe(words(80)),
      conditions,
      takenAt: instant,
    },
    'quantity',
    'position',
    'entered',
    'unit',
  ),
  evidence: table(
    'job',
    {
      jobId: id('job'),
      testId: words(60),
      position: maybe(position),
      outcome: words(60),
      readingId: maybe(id('reading')),
      predictionId: maybe(id('prediction')),
      held: maybe(oneOf(...answers)),
      conditions,
      note: maybe(words(1000)),
      takenAt: instant,
      /** The last repair that had been made when this was taken; null before any. */
      afterRepairId: maybe(id('repair')),
      knowledgeHash: words(64),
      shown: maybe(special<Shown>('shown ranking')),
      /** The reason it was withdrawn; null while it stands. */
      withdrawn: maybe(words(300)),
    },
    'testId',
    'position',
    'outcome',
    'note',
  ),
  cause: table(
    'job',
    {
      jobId: id('job'),
      complaintId: id('complaint'),
      faultId: maybe(words(60)),
      position: maybe(position),
      words: words(300),
      madeAt: instant,
    },
    'words',
  ),
  repair: table(
    'job',
    {
      jobId: id('job'),
      causeId: maybe(id('cause')),
      faultId: maybe(words(60)),
      position: maybe(position),
      words: words(500),
      minutes: whole(0, 100_000),
      cost: decimal,
      afterRepairId: maybe(id('repair')),
      madeAt: instant,
    },
    'words',
  ),
  retest: table(
    'job',
    {
      jobId: id('job'),
      complaintId: id('complaint'),
      repairId: id('repair'),
      result: oneOf(...retestResults),
      conditions,
      note: maybe(words(1000)),
      newComplaintId: maybe(id('complaint')),
      takenAt: instant,
    },
    'result',
    'note',
  ),
  step: table(
    'job',
    {
      jobId: id('job'),
      title: words(200),
      access: maybe(words(60)),
      bag: maybe(words(40)),
      note: maybe(words(2000)),
      /** The step of a usual job that it followed: "clutch/cover". */
      usual: maybe(words(80)),
      /** The step before which it came off, where it was logged later; null for the order of the log. */
      before: maybe(id('step')),
      madeAt: instant,
      refittedAt: maybe(instant),
    },
    'title',
    'bag',
    'note',
  ),
  fastener: table(
    'job',
    {
      jobId: id('job'),
      stepId: id('step'),
      size: words(60),
      count: whole(1, 999),
      place: maybe(words(200)),
      refitted: first(whole(0, 999), 0),
      /** What is wrong with some of them, and with how many. */
      state: maybe(oneOf(...fastenerStates)),
      affected: first(whole(0, 999), 0),
    },
    'size',
    'place',
  ),
  /** A way that was tried on a fastener in trouble, and what came of it. */
  fastenerAttempt: table(
    'job',
    {
      jobId: id('job'),
      fastenerId: id('fastener'),
      way: words(60),
      result: oneOf(...wayResults),
      note: maybe(words(500)),
      madeAt: instant,
    },
    'note',
  ),
  /** What is known of a step and comes back at its refit: which way round, and what is checked before it is closed. */
  fact: table(
    'job',
    {
      jobId: id('job'),
      stepId: id('step'),
      kind: oneOf(...factKinds),
      about: words(200),
      /** How it stood, or what the check showed; null while nobody said. */
      says: maybe(words(500)),
      madeAt: instant,
      saidAt: maybe(instant),
    },
    'about',
    'says',
  ),
  /** The outline of a cover, on which its holes are marked. */
  outline: table('job', {
    jobId: id('job'),
    stepId: id('step'),
    shape: oneOf(...outlineShapes),
    /** Corners of a drawn one: x and y in turn, as parts of the width and the height. */
    corners: list(figure(0, 1), 160),
    madeAt: instant,
  }),
  /** A hole of such a cover, with the kind of screw that goes into it. */
  hole: table('job', { jobId: id('job'), outlineId: id('outline'), x: figure(0, 1), y: figure(0, 1), fastenerId: maybe(id('fastener')) }),
  /** A wire, hose or cable that was parted, from where to where; or an earth or connector with the voltage lost at it. */
  connection: table(
    'job',
    {
      jobId: id('job'),
      stepId: maybe(id('step')),
      kind: oneOf(...connectionKinds),
      fromEnd: words(120),
      toEnd: words(120),
      colour: maybe(words(40)),
      mark: maybe(words(40)),
      route: maybe(words(300)),
      /** V with its load on. */
      dropBefore: maybe(figure(-50, 50)),
      dropAfter: maybe(figure(-50, 50)),
      madeAt: instant,
      joinedAt: maybe(instant),
      /** Where it stands, if that is not where it came from. */
      joinedTo: maybe(words(120)),
    },
    'fromEnd',
    'toEnd',
    'colour',
    'mark',
    'route',
  ),
  /** A part that is being made ready to go back: what it is made of, how far it is, and where. */
  treatedPart: table(
    'job',
    {
      jobId: id('job'),
      stepId: maybe(id('step')),
      item: words(120),
      materials: list(words(60), 12),
      state: oneOf(...treatedStates),
      /** At whom it is, where it is away. */
      at: maybe(words(120)),
      madeAt: instant,
      changedAt: instant,
    },
    'item',
    'at',
  ),
  /** One cleaning of such a part. */
  cleaning: table(
    'job',
    {
      jobId: id('job'),
      partId: id('treatedPart'),
      cleaner: words(60),
      /** Of the bath, where there was one. */
      litres: maybe(figure(0, 1000)),
      rounds: whole(1, 99),
      note: maybe(words(500)),
      madeAt: instant,
    },
    'note',
  ),
  /** A fluid that was drained, stays in or was filled, measured. */
  fluid: table(
    'job',
    {
      jobId: id('job'),
      stepId: maybe(id('step')),
      fluid: words(60),
      act: oneOf(...fluidActs),
      /** Null where it was not measured. */
      ml: maybe(figure(0, 100_000)),
      grade: maybe(words(80)),
      note: maybe(words(500)),
      madeAt: instant,
    },
    'grade',
    'note',
  ),
  /** A pairing of like-coloured wires that was tried: which wire on the end of which, and what came of it. */
  wireTry: table(
    'job',
    { jobId: id('job'), pairing: words(2000), says: words(500), result: oneOf(...wireResults), madeAt: instant },
    'says',
  ),
  /** A piece that broke off, dropped, is missing or left over; open until it is found, proved not to be inside, or spare, by somebody. */
  piece: table(
    'job',
    {
      jobId: id('job'),
      stepId: maybe(id('step')),
      name: words(120),
      went: oneOf(...pieceWays),
      note: maybe(words(500)),
      outcome: maybe(oneOf(...pieceOutcomes)),
      /** Where it was found, or how it is proved not to be inside. */
      proof: maybe(words(500)),
      settledBy: maybe(words(80)),
      madeAt: instant,
      settledAt: maybe(instant),
    },
    'name',
    'note',
    'proof',
  ),
  finding: table(
    'job',
    {
      jobId: id('job'),
      stepId: maybe(id('step')),
      item: words(120),
      position: maybe(position),
      seen: words(2000),
      readingId: maybe(id('reading')),
      verdict: oneOf(...verdicts),
      /** The word of wear it was seen by. */
      wear: maybe(words(60)),
      /** The sign of the last hand or of a crash that it is. */
      past: maybe(words(60)),
      faultId: maybe(words(60)),
      afterRepairId: maybe(id()),
      takenAt: instant,
    },
    'item',
    'seen',
    'verdict',
  ),
  part: table(
    'job',
    {
      jobId: id('job'),
      findingId: maybe(id()),
      name: words(200),
      number: maybe(words(80)),
      source: maybe(words(120)),
      quantity: whole(1, 999),
      price: decimal,
      status: first(oneOf(...partStatuses), 'needed'),
      dueOn: maybe(day),
    },
    'name',
    'number',
    'source',
    'status',
  ),
  torque: table(
    'job',
    {
      jobId: id('job'),
      name: words(120),
      thread: maybe(words(40)),
      count: whole(1, 99),
      figureNm: figure(0.1, 2000),
      unit: oneOf(...torqueUnits),
      entered: words(60),
      source: words(200),
    },
    'name',
    'thread',
    'entered',
    'source',
  ),
  torqueStage: table('job', {
    jobId: id('job'),
    torqueId: id('torque'),
    n: whole(1, 99),
    kind: oneOf('torque', 'angle'),
    /** N·m for a torque stage, degrees for an angle stage. */
    value: figure(0.1, 2000),
    doneAt: maybe(instant),
  }),
  signature: table('job', {
    jobId: id('job'),
    kind: oneOf('torque', 'handOver'),
    subjectId: id(),
    signedBy: words(80),
    signedAt: instant,
    supersedes: maybe(id()),
  }),
  checkmark: table(
    'job',
    { jobId: id('job'), list: words(60), item: words(60), state: oneOf('open', 'done', 'notNeeded'), note: maybe(words(500)) },
    'note',
  ),
  wait: table(
    'job',
    {
      jobId: id('job'),
      kind: oneOf(...waitKinds),
      what: words(200),
      until: maybe(instant),
      lookAgain: maybe(instant),
      endedAt: maybe(instant),
    },
    'kind',
    'what',
  ),
  provisional: table(
    'job',
    {
      jobId: id('job'),
      what: words(200),
      why: words(500),
      until: maybe(words(120)),
      /** The day it must be gone by, where a day was named. */
      untilOn: maybe(day),
      mayRun: truth,
      mayRide: truth,
      mayLeave: truth,
      endedAt: maybe(instant),
    },
    'what',
    'why',
  ),
  /** A person's word that something may be done all the same; it stands in the record. */
  overrule: table(
    'job',
    {
      jobId: id('job'),
      act: oneOf(...fitnessActs),
      reason: words(500),
      /** The reasons that it goes over, by their codes: a new one is not overruled. */
      codes: list(words(120), 200, 1, 'Say which reasons it goes over.'),
      saidBy: words(80),
      madeAt: instant,
      endedAt: maybe(instant),
    },
    'act',
    'reason',
  ),
  /** One try to start it: how, for how long, and what it did. */
  startAttempt: table(
    'job',
    {
      jobId: id('job'),
      choke: maybe(oneOf('off', 'half', 'full')),
      throttle: maybe(oneOf('shut', 'some', 'open')),
      kicks: maybe(whole(1, 200)),
      seconds: maybe(figure(0, 600)),
      /** Battery while it was tried, in volts. */
      volts: maybe(figure(0, 40)),
      did: oneOf(...attemptResults),
      afterRepairId: maybe(id('repair')),
      madeAt: instant,
    },
    'did',
  ),
  watch: table('job', { jobId: id('job'), what: words(200), due: words(120) }, 'what', 'due'),
  consent: table('job', { jobId: id('job'), words: words(1000), upTo: maybe(decimal), givenAt: instant, supersedes: maybe(id()) }, 'words'),
  hazardAck: table('job', { jobId: id('job'), hazard: words(60), place: words(120), acknowledgedAt: instant }),
  /** One picture. Its bytes lie beside the record, addressed by their SHA-256. */
  photo: table(
    'job',
    {
      jobId: id('job'),
      subject: oneOf(...photoSubjects),
      subjectId: maybe(id()),
      bag: maybe(words(40)),
      sha256,
      /** Pixels of the upright picture. */
      width: whole(1, 30_000),
      height: whole(1, 30_000),
      bytes: whole(1, mostPhotoBytes),
      caption: maybe(words(500)),
      takenAt: instant,
    },
    'caption',
  ),
  /** A numbered pin on a photo: its place as parts of the width and the height, and what is to be seen there. */
  pin: table('job', { jobId: id('job'), photoId: id('photo'), x: figure(0, 1), y: figure(0, 1), note: words(500) }, 'note'),
  /** A part or setting that is not as the manual has it, with what it brings; it stays with the bike. */
  substitute: table(
    'bike',
    {
      bikeId: id('bike'),
      item: words(120),
      asFound: maybe(words(200)),
      manual: maybe(words(200)),
      chosen: words(200),
      why: maybe(words(300)),
      /** What had to be changed so that it fits. */
      modified: maybe(words(300)),
      /** Ids of side effects. */
      effects: list(words(60), 12),
      fittedAt: instant,
      /** When it was taken out again. */
      endedAt: maybe(instant),
    },
    'item',
    'chosen',
    'modified',
  ),
  /** A correction of a bike's manual: what it says, and what is right. */
  erratum: table(
    'bike',
    {
      bikeId: id('bike'),
      book: words(200),
      page: maybe(words(40)),
      /** The quantity it is about, where it is about one that is measured. */
      quantity: maybe(words(60)),
      says: words(500),
      right: words(500),
      source: words(200),
    },
    'book',
    'page',
    'says',
    'right',
  ),
  /** What a shop knows itself, on top of what ships: one entry as it stands in a file of knowledge. */
  own: table('workshop', {
    what: oneOf(...ownKinds),
    body: special<Fault | FindingKind | Test | OwnFigure>('fault entry'),
    retired: first(truth, false),
  }),
};

export type TableName = keyof typeof tables;
export type FieldsOf<T extends TableName> = (typeof tables)[T]['fields'];
