import type { Place } from './places';

/** What the trade knows, as read from knowledge/*.yaml. All figures in it are trade judgement. */

/** A condition on the bike or its history: attribute → value, one of several values, or bounds. */
export type When = Record<string, string | number | (string | number)[] | { atLeast?: number; atMost?: number }>;

export const systems = [
  'starting',
  'mechanical',
  'compression',
  'spark',
  'fuel',
  'exhaust',
  'cooling',
  'lubrication',
  'clutch',
  'gearbox',
  'electrics',
  'brakes',
] as const;
export type System = (typeof systems)[number];

export interface Remedy {
  do: string;
  /** What is done to the bike on the way (cranks, opens fuel, lifts …): cautions follow from it. */
  does?: string[];
  doesNot?: string[];
  minutes: number;
  /** Rough cost of parts, in the shop's currency. */
  parts: number;
  access?: string[];
  hazards?: string[];
  /** Chance that the fault is still there afterwards; 0.08 where nothing is said. */
  residual?: number;
  /** It spoils something if the suspicion is wrong, so it is never used as a test. */
  spoils?: boolean;
  /** What else it changes, to be told before the owner says yes. */
  sideEffects?: string;
  /** Other schools of the same repair. */
  others?: { do: string; minutes: number; parts: number }[];
}

/** Strength of a link: chance that the fault alone brings the finding; for graded findings one chance a grade. */
export type Strength = number | Record<string, number>;

export interface Fault {
  id: string;
  name: string;
  /** Other words for it, as they are said. */
  words?: string;
  system: System;
  /** Where it sits, where neither what is undone for it nor its system says so. */
  place?: Place;
  per?: 'cylinder';
  /** Chance that a bike of unknown history has it, before anything is known. */
  prior: number;
  applies?: When;
  raised?: { when: When; times: number; because: string }[];
  /** Areas of the bike: if one of them was touched last, the fault is more likely. */
  area?: string[];
  touchedTimes?: number;
  intermittent?: { share: number; duty: number };
  shows?: { only: 'cold' | 'hot'; otherwise: number };
  /** A good battery or jump pack put in its place goes round it. */
  helpedBattery?: boolean;
  causes: Record<string, Strength>;
  remedy: Remedy;
  origin: string;
  /** Findings that it does not bring on some bikes. */
  unless?: { when: When; not: string[] }[];
  /** What must not be done while it is there: it would be done for, or somebody hurt. */
  stops?: EngineAct;
  /** Faults that it brings in time, with the chance: repaired without it, they come again. */
  leads?: Record<string, number>;
  /** Money that is lost if it is run in spite of it. */
  harm?: number;
  retired?: boolean;
  replacedBy?: string;
}

/** What is done with an engine: each act implies the ones before it. */
export const engineActs = ['turn', 'crank', 'run', 'ride'] as const;
export type EngineAct = (typeof engineActs)[number];

/** What must not be done while something is so, and what lifts that. */
export interface Stop {
  /** The least act that is shut; every further one is shut with it. */
  act: EngineAct;
  /** From this grade on; the first above nothing where it is not given. */
  from?: string;
  because: string;
  lift: string;
  /** What lifts it besides its own opposite: any of these seen since. */
  liftedBy?: Record<string, string>[];
}

export interface FindingKind {
  id: string;
  name: string;
  per?: 'cylinder';
  /** From "nothing to see" upward; default [no, yes]. */
  grades?: string[];
  leak: Strength;
  stops?: Stop;
  /** Not asked for any more; what was noted with it stands. */
  retired?: boolean;
  replacedBy?: string;
  /** Set for what an owner complains of. */
  symptom?: { family: string; words: string; sets?: Record<string, 'yes' | 'no'> };
}

/** Ids of results that every test has besides its own. */
export const comesAndGoes = 'comes-and-goes';
export const couldNot = 'could-not';

export interface TestOutcome {
  id: string;
  says: string;
  /** Other words for it, as they are said. */
  words?: string;
  /** Findings that are well while what the test exchanges is exchanged: a cure is the retest. */
  cures?: Record<string, string>;
  /** Finding → grade that this outcome shows; "good|low" where it leaves several. */
  find: Record<string, string>;
  sets?: Record<string, 'yes' | 'no'>;
  /** Worse outcomes win when a test is repeated; order of the list if absent. */
  normal?: boolean;
}

export interface Measure {
  /** Name of the quantity where the test's own name will not do. */
  name?: string;
  quantity: string;
  unit: string;
  /** From low to high: an outcome, and the value below which it ends (SI once assembled); the last has no end. */
  bands: { outcome: string; below?: number }[];
  /** Standard deviation of the gauge: relative and absolute (SI). */
  error: { relative: number; absolute: number };
  /** Standard deviation of the general limits themselves, relative: wider than a book's. */
  spread: number;
  limit: { low?: number; high?: number };
  /** Other bands and limits, for the first of these that the bike is known to be. */
  variants?: { when: When; bands: Measure['bands']; limit: Measure['limit'] }[];
  /** Bands and limits are written for 12 V and scale with the bike's voltage. */
  for12V?: boolean;
}

export interface Test {
  id: string;
  /** What to do: "Look at the spark". */
  name: string;
  /** What its result stands under: "Spark". The name where that is a noun already. */
  heading?: string;
  /** Other words for it, as they are said. */
  words?: string;
  system: System;
  kind: 'look' | 'feel' | 'sound' | 'smell' | 'measure' | 'swap' | 'substitute' | 'remove' | 'isolate' | 'ask';
  /** For a swap: what moves with the part if the part is bad. */
  moves?: string;
  /** For a swap of like ends: how many there usually are, 2 to 4; every pairing is tried, with a table. */
  ends?: number;
  per?: 'cylinder';
  applies?: When;
  how: string;
  tools?: string[];
  /** What is done to the bike: cautions, engine states and the price of risk follow from it. */
  does?: string[];
  /** Doings that its words seem to tell of and that are none here. */
  doesNot?: string[];
  hazards?: string[];
  minutes: number;
  access?: string[];
  /** Engine states it needs; a state known to be "no" gates it. */
  needs?: string[];
  /** Faults of the parts that it exchanges or takes away. */
  exchanges?: string[];
  /** Faults that cannot show in this test because it goes round them. */
  bypasses?: string[];
  outcomes: TestOutcome[];
  couldNot?: { id: string; says: string; find: Record<string, string>; sets?: Record<string, 'yes' | 'no'> }[];
  measure?: Measure;
  repeat?: 'worst' | 'mean';
  /** Part of the first look, in this place. */
  firstLook?: number;
  /** Only where this is so: in the first look of a bike that stood, that was crashed … */
  lookWhen?: When;
  /** Tests whose result must be there first, at the same place. */
  after?: string[];
  /** Only for an engine that does not run. */
  onlyDead?: boolean;
  area?: string[];
  /** No longer offered; what was found with it stands. */
  retired?: boolean;
}

/** Another figure for something that is there already: what a shop knows better for itself. */
export interface OwnFigure {
  fault?: string;
  test?: string;
  prior?: number;
  minutes?: number;
  parts?: number;
}

/** An entry that a shop adds to the knowledge for itself: the body is what `what` says. One that is taken out stays, retired. */
export type OwnEntry = { id: string; retired: boolean } & (
  | { what: 'fault'; body: Fault }
  | { what: 'finding'; body: FindingKind }
  | { what: 'test'; body: Test }
  | { what: 'figure'; body: OwnFigure }
);

export interface FaultGroup {
  id: string;
  modes: { faults: string[]; prior: number }[];
}

/** One step of taking apart. Minutes are ranges; a bike's archetype may say something else of the same step. */
export interface Access {
  id: string;
  name: string;
  /** What comes off, where it is one thing: "Tank". */
  thing?: string;
  /** Minutes to take off and to put back, from and to. */
  off: [number, number];
  on: [number, number];
  /** What comes off first. */
  after?: string[];
  /** Other ways to it, each in place of `after`. */
  or?: string[][];
  /** What may snap on the way, how likely, and what mending that takes. */
  breaks?: { chance: number; what: string; minutes: number; parts: number };
  /** What may drop where it should not. */
  fallsIn?: string;
  /** While it is off or out, this and what follows must not be done; run, where nothing is said. */
  shuts?: EngineAct | 'none';
  /** It is something that is drained and filled. */
  fluid?: boolean;
  /** Faults that putting it back mends with it: bolts, gasket, dowels of that cover. */
  refits?: string[];
  /** Doings that belong to it: their cautions stand with it, and with everything that wants it open. */
  does?: string[];
}

/** A kind of bike: what is usual on it, and how one gets at things there. */
export interface Archetype {
  id: string;
  name: string;
  attributes: Record<string, string | number>;
  /** Steps that do not exist on this kind: nothing is in the way. */
  absent?: string[];
  access: Access[];
}

/** Complaints that belong together. */
export interface Family {
  id: string;
  name: string;
}

export interface Hazard {
  id: string;
  /** What to look out for, in a word or two: what is left in sight once the whole was understood. */
  name: string;
  text: string;
  /** The bikes that it can happen on; all of them where this is absent. */
  when?: When;
}

/** Something that is done to a bike, with what follows from it. */
export interface Procedure {
  id: string;
  name: string;
  /** What it does with the engine, if it does. */
  act?: EngineAct;
  /** Engine states that it cannot do without. */
  needs?: string[];
  /** Doings that it includes. */
  with?: string[];
  /** Cautions that stand with it. */
  hazards: string[];
  /** Words that tell of it: where they stand, it must be declared. */
  told?: string;
  /** Words with which a mechanic writes it down at a step, a torque, a wait or a temporary repair. */
  work?: string;
  /** Words that only sound like it there. */
  notWork?: string;
  /** Kinds of waits that mean it. */
  waits?: string[];
  /** Stands also where fasteners are only torqued, and nothing is opened. */
  tightened?: boolean;
  /** Price of the risk, in money: of two tests that tell the same the safer comes first. */
  price: number;
}

export interface EngineState {
  id: string;
  name: string;
  hidden: string;
}

export interface School {
  id: string;
  name: string;
  says: string;
}

export interface Area {
  id: string;
  name: string;
}

/** One attribute of a bike or its history that conditions may name; `share` = how common each value is where unknown. */
export interface Attribute {
  id: string;
  /** As it is asked for; empty for what is only told by the kind of bike. */
  name?: string;
  /** Words for its values, where the value is none. */
  says?: Record<string, string>;
  share: Record<string, number>;
  /** The bikes of which it is asked; all where this is absent. */
  asked?: When;
}

/** One step of a usual job: what comes off, how, and what is owed on the way back. See knowledge/strips.yaml. */
export interface UsualStep {
  id: string;
  /** What comes off. */
  part: string;
  /** Only on bikes that are so. */
  when?: When;
  /** Steps of the same job that come before it. */
  after?: string[];
  /** What it opens the way to. */
  access?: string;
  /** Minutes off and on together, from and to. */
  minutes: [number, number];
  how: string;
  /** What goes wrong there. */
  trap?: string;
  tools?: string[];
  /** What is written down while it can still be seen. */
  note?: string[];
  /** What to do on the way back. */
  back?: string[];
  /** What is measured, set or seen before it is closed in. */
  check?: string[];
  /** What goes back new. */
  fresh?: string[];
  does?: string[];
}

/** A way to free or mend a fastener in trouble. Trade judgement. */
export interface FastenerWay {
  id: string;
  name: string;
  /** States of a fastener that it is for. */
  for: string[];
  how: string;
  minutes: number;
  /** Chance that it does. */
  works: number;
  /** Hours before it can be tried. */
  wait?: number;
  /** Price of what is used up, in the shop's currency. */
  parts?: number;
  /** What it may make worse, and what mending that takes. */
  breaks?: { chance: number; what: string; minutes: number; parts: number };
  /** Ways that come first where they are open too. */
  after?: string[];
  fresh?: string[];
  does?: string[];
}

/** What an end of a wire is, by the words it is called by. Trade judgement. */
export interface WireEnd {
  id: string;
  /** The class that it belongs to, where that has another id. */
  is?: string;
  /** As it stands in a sentence; a class has one. */
  name?: string;
  when?: When;
  words: string[];
  /** How bad it is where an end of another class meets it, 0 to 10. */
  harm?: Record<string, number>;
  /** What is done while pairings are tried that touch it. */
  meanwhile?: string;
}

/** An earth or a connector that is cleaned and measured in its turn. */
export interface Joint {
  id: string;
  name: string;
  kind: 'earth' | 'connector';
  /** What is on while the voltage lost at it is read. */
  load: string;
  when?: When;
}

export type Touch = 'yes' | 'careful' | 'no';

/** What a part is cleaned with. Trade judgement; the maker's sheet of the product wins. */
export interface Cleaner {
  id: string;
  name: string;
  /** What it is, said exactly: an alkali that is called an acid has hurt people. */
  kind: 'mild' | 'solvent' | 'alkali' | 'acid' | 'abrasive';
  for: string[];
  /** Whether it may touch a material; what is not named is careful. */
  on: Record<string, Touch>;
  /** How much a litre of water takes. */
  dose?: { per: number; unit: 'g' | 'ml' };
  how: string;
  /** Minutes of work a round. */
  minutes: number;
  /** Hours that it lies a round. */
  soak?: number;
  rounds: number;
  /** What follows, in this order. */
  after: string[];
  disposal?: string;
  does?: string[];
}

/** A fluid of a bike. Trade judgement. */
export interface Fluid {
  id: string;
  name: string;
  when?: When;
  /** The quantity that says how much goes in. */
  capacity?: string;
  /** What is not done while it is out. */
  shuts: EngineAct | 'handOver' | 'none';
  /** Findings after which it is changed. */
  spoiledBy?: string[];
  /** It carries grit: changed after abrasive work. */
  grit?: boolean;
  /** How it is filled, in stages. */
  fill: string;
  does?: string[];
}

/** A word for how a part is worn; the interface has a drawing of each. Trade judgement. */
export interface Wear {
  id: string;
  /** As it stands in a sentence: "pitted". */
  name: string;
  /** What it is called, its name among them. */
  words: string[];
  /** What makes it this word and no other. */
  looks: string;
  /** What is usually done with it. */
  verdict: WearVerdict;
}

export type WearVerdict = 'clean' | 'repair' | 'replace' | 'watch';

/** A part that is known by the words it is called by, and what it speaks of when it is worn. Trade judgement. */
export interface WornPart {
  id: string;
  name: string;
  when?: When;
  words: string[];
  /** By the word of wear: the faults that it speaks of; the first that a bike can have counts. */
  wears: Record<string, string[]>;
  /** What is done with this part where it is not what is usual for the word. */
  verdicts?: Record<string, WearVerdict>;
  /** Consumables that go back new with it when it is replaced or mended. */
  renews?: string[];
}

/** What a strip shows of the last hand or of a crash. */
export interface PastSign {
  id: string;
  name: string;
  of: 'hand' | 'crash';
}

/** What a part that is not the maker's brings with it. Trade judgement. */
export interface SideEffect {
  id: string;
  name: string;
  when?: When;
  /** What the bike is from then on, by attribute. */
  sets?: Record<string, string>;
  /** Faults that it makes likelier, so many times. */
  raises?: Record<string, number>;
  /** What is done with it; cautions follow. */
  does?: string[];
  says: string[];
}

/** What goes back new, and whether it may go back again. Practitioners differ; trade judgement. */
export interface Consumable {
  id: string;
  name: string;
  words: string[];
  /** How it goes back again where it may; where it does not stand it never does. */
  again?: string;
  /** Why it is new. */
  why: string;
}

/** A usual job of strip and refit. */
export interface UsualJob {
  id: string;
  name: string;
  when?: When;
  steps: UsualStep[];
}

/** Words as mechanics say them; see knowledge/vocabulary.yaml. */
export interface Vocabulary {
  /** Words that mean the same; the first of each line stands for all. */
  alike: string[][];
  /** Endings that are cut off before words are compared, the longest first. */
  endings: string[];
  /** Words that say nothing about a bike. */
  ignored: string[];
  /** Verbs that a test's name begins with when it says what to do. */
  orders: string[];
  /** Words of doing that every test has. */
  doing: string[];
  good: string[];
  bad: string[];
  /** Turns of phrase that stand for one word. */
  phrases: { stands: string; for: string[] }[];
  /** What denies. */
  denies: string[];
  /** What says of a circuit or a reading that it is bad. */
  broken: string[];
  /** What says that it comes and goes. */
  intermittent: string[];
}

export interface Knowledge {
  hash: string;
  label: string;
  faults: Fault[];
  findings: FindingKind[];
  tests: Test[];
  groups: FaultGroup[];
  access: Access[];
  archetypes: Archetype[];
  families: Family[];
  hazards: Hazard[];
  doings: Procedure[];
  states: EngineState[];
  schools: School[];
  areas: Area[];
  attributes: Attribute[];
  quantities: { id: string; name: string; unit: string; limit?: { low?: number; high?: number }; source?: string }[];
  checklists: { id: string; name: string; items: { id: string; text: string; hazards?: string[]; gate?: boolean }[] }[];
  vocabulary: Vocabulary;
  /** Usual jobs of strip and refit. */
  strips: UsualJob[];
  fastenerWays: FastenerWay[];
  /** Classes of the ends of wires. */
  wireEnds: WireEnd[];
  /** Earths and connectors of bikes. */
  joints: Joint[];
  /** What a part may be made of, as far as a cleaner minds. */
  materials: { id: string; name: string }[];
  /** What follows a cleaning. */
  afterCleaning: { id: string; says: string }[];
  cleaners: Cleaner[];
  fluids: Fluid[];
  wears: Wear[];
  wornParts: WornPart[];
  past: PastSign[];
  effects: SideEffect[];
  consumables: Consumable[];
}
