/** Values that a field may have, where there are only a few; each with its type. */

export const answers = ['yes', 'no'] as const;
export type Answer = (typeof answers)[number];

export const symptomAnswers = ['present', 'absent'] as const;
export type SymptomAnswer = (typeof symptomAnswers)[number];

/** Where a limit of a bike comes from: its manual, a measurement of what runs well, its owner's own wish, or a general value. */
export const specOrigins = ['book', 'measured', 'owner', 'general'] as const;
export type SpecOrigin = (typeof specOrigins)[number];

/** Approaches to a trace: in what order suspects are looked at. */
export const schoolIds = ['least-cost', 'motor-first', 'spark-first', 'cheapest-first', 'last-touched'] as const;
export type SchoolId = (typeof schoolIds)[number];

/** "back": it was gone for a while and came again. */
export const retestResults = ['gone', 'changed', 'same', 'back'] as const;
export type RetestResult = (typeof retestResults)[number];

export const verdicts = ['fit for use', 'clean', 'repair', 'replace', 'ask the owner', 'watch'] as const;
export type StoredVerdict = (typeof verdicts)[number];

/** How far a part is; spare is one that came and is not wanted. */
export const partStatuses = ['needed', 'ordered', 'arrived', 'fitted', 'spare'] as const;
export type PartStatus = (typeof partStatuses)[number];

/** Every unit of a torque that there is. */
export const torqueUnits = ['N·m', 'lbf·ft', 'lbf·in', 'kgf·m'] as const;
export type TorqueUnit = (typeof torqueUnits)[number];

export const waitKinds = ['soaking', 'curing', 'cooling', 'part', 'owner', 'outside work', 'charging'] as const;
export type WaitKind = (typeof waitKinds)[number];

/** What may be done with an engine or a bike, each implying the ones before it. */
export const fitnessActs = ['turn', 'crank', 'run', 'ride', 'handOver'] as const;
export type FitnessAct = (typeof fitnessActs)[number];

export const attemptResults = ['nothing', 'coughed', 'kicked back', 'ran and died', 'ran', 'would not turn'] as const;
export type AttemptResult = (typeof attemptResults)[number];

/** How a piece went: it broke off, it dropped somewhere, it was missing when it was looked for; or it was in the hand when all was back. */
export const pieceWays = ['broke off', 'dropped', 'missing', 'left over'] as const;
export type PieceWay = (typeof pieceWays)[number];

/** How a piece is accounted for: found (of one left over, its place), proved not to be inside, or spare, as it has no place. */
export const pieceOutcomes = ['found', 'not inside', 'spare'] as const;
export type PieceOutcome = (typeof pieceOutcomes)[number];

/** What is wrong with a fastener; null where nothing is. */
export const fastenerStates = ['corroded', 'rounded', 'stretched', 'snapped', 'thread pulled', 'wrong one', 'missing'] as const;
export type FastenerState = (typeof fastenerStates)[number];

/** What came of a way that was tried on a fastener. */
export const wayResults = ['worked', 'no luck', 'worse'] as const;
export type WayResult = (typeof wayResults)[number];

/** What is parted and joined again; the last two are joints that are cleaned and measured where they are. */
export const connectionKinds = ['wire', 'hose', 'cable', 'earth', 'connector'] as const;
export type ConnectionKind = (typeof connectionKinds)[number];

/** What came of a pairing of like-coloured wires. */
export const wireResults = ['cures', 'no change', 'worse'] as const;
export type WireResult = (typeof wireResults)[number];

/** How far a part is that is being made ready to go back. */
export const treatedStates = ['as removed', 'soaking', 'washed', 'dried', 'oiled', 'painted', 'machined', 'away', 'ready'] as const;
export type TreatedState = (typeof treatedStates)[number];

/** What was done with a fluid: drained and measured, what stays in, or filled. */
export const fluidActs = ['drained', 'left in', 'filled'] as const;
export type FluidAct = (typeof fluidActs)[number];

/** What a fact of a step is: which way round something stood, or what is checked before it is closed in. */
/** What the outline of a cover looks like; one that is drawn has corners of its own. */
export const outlineShapes = ['round', 'oval', 'square', 'tall', 'wide', 'drawn'] as const;
export type OutlineShape = (typeof outlineShapes)[number];

export const factKinds = ['way', 'check', 'again'] as const;
export type FactKind = (typeof factKinds)[number];

/** What a photo can hang on; a bag is known by its label, the others by their row. */
export const photoSubjects = ['step', 'finding', 'bag', 'job'] as const;
export type PhotoSubject = (typeof photoSubjects)[number];

/** The most bytes one photo may have. */
export const mostPhotoBytes = 20 * 1024 * 1024;

export const ownKinds = ['fault', 'finding', 'test', 'figure'] as const;
export type OwnKind = (typeof ownKinds)[number];

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

/** What the screen showed when a result was entered: kept as history, never read back as fact. */
export interface Shown {
  suspects: [suspect: string, probability: number][];
  next: string | null;
}
