import type { Conditions, ReadingValue } from '../../state';
import type { GaugeError, Limit } from '../judge';

/** What a panel asks for at one place. */
export type Field = FigureField | ListField | ChoiceField | TextField;

interface Asked {
  /** Unique in its panel; a place is appended to it, as in `dry#2`. */
  id: string;
  label: string;
  hint?: string;
  /** Where a reading of it is taken, as its position in the record; filled in from its table by `fieldsOf`. */
  where?: string | null;
}

export interface FigureField extends Asked {
  kind: 'figure';
  unit: string;
  /** Bounds in SI beyond which a slip is likelier than the figure. */
  plausible?: { low: number; high: number };
  /** Kept as a reading of this quantity. */
  quantity?: string;
  /** A feeler gauge's answer is taken as well: `0.10-0.15` goes and does not go. */
  bracket?: boolean;
  /** Which of several figures at one place it is, as a word of its position: `top ring`, `across`. */
  at?: string;
}

export interface ChoiceField extends Asked {
  kind: 'choice';
  options: readonly { value: string; label: string }[];
}

/** Figures of one kind in a line, as many as there are: sizes at hand. */
export interface ListField extends Asked {
  kind: 'list';
  unit: string;
  plausible: { low: number; high: number };
}

export interface TextField extends Asked {
  kind: 'text';
}

/** Fields in their order, or a table of the same fields for several places. */
export type Block = { title: string; fields: readonly Field[]; note?: string } | Grid;

export interface Grid {
  title: string;
  places: readonly { id: string; label: string }[];
  columns: readonly Field[];
  /** Its places are cylinders, which the record numbers; otherwise they are named. */
  cylinders?: boolean;
  /** The one cylinder that all of it belongs to, where that is asked for. */
  cylinder?: string | null;
  note?: string;
}

export const isGrid = (b: Block): b is Grid => 'places' in b;

/** The bike and the shop as a panel sees them. */
export interface PanelSubject {
  cylinders: readonly string[];
  strokes: 'two' | 'four' | null;
  voltage: number;
  cooling: 'air' | 'liquid' | null;
  decompressor: boolean;
  /** How the cylinders stand; null where it is not known. */
  layout?: string | null;
  /** What stands in for a plain bearing or a roller at the big end; null where it is not known. */
  bigEnd?: string | null;
  /** What works the clutch, and what kind of battery there is. */
  clutch?: string | null;
  battery?: string | null;
  /** How something stood when it came off, as the strip has it; null where nobody noted it. */
  noted?(about: string): string | null;
  /** This bike's own limit of a quantity, or the general value, marked as such. */
  limit(quantity: string): Limit | null;
  error(quantity: string): GaugeError;
  /** What a quantity is called, and the unit it is usually given in. */
  quantity(id: string): { name: string; unit: string };
}

/** What was typed, read. */
export interface Values {
  /** SI; null where nothing that can be read stands there. The middle of a bracket. */
  figure(id: string): number | null;
  /** The reading with its bounds, null as above. */
  reading(id: string): ReadingValue | null;
  /** Every figure of a list, in SI; none while one of them cannot be read. */
  figures(id: string): readonly number[];
  choice(id: string): string | null;
  text(id: string): string;
}

/** One figure that was worked out, on its bar. */
export interface PanelLine {
  label: string;
  value: ReadingValue;
  unit: string;
  limit?: Limit | null;
  error?: GaugeError;
  note?: string;
  /** Kept as a reading of this quantity, though it was worked out and not read off a gauge. */
  keep?: { quantity: string; position: string | null };
}

/** A result for the tracer: an outcome of one of its tests, with the field whose figure goes with it. */
export interface Handed {
  testId: string;
  position: string | null;
  outcome: string;
  fieldId?: string;
}

export type Tone = 'good' | 'watch' | 'bad' | 'open';

export type Drawing =
  | { kind: 'curve'; x: string; y: string; points: { x: number; y: number }[]; band: { x: number; low: number; high: number }[] }
  | { kind: 'bore'; depths: readonly { depthMm: number; alongMm: number; acrossMm: number }[]; standardMm: number | null }
  | { kind: 'columns'; columns: { label: string; value: number }[]; unit: string; limit: number | null };

export interface Result {
  tone: Tone;
  /** The verdict, for arm's length. */
  words: string;
  lines: PanelLine[];
  /** What to do, one after the other. */
  steps: string[];
  warnings: string[];
  handed: Handed[];
  /** The circumstances that its figures were taken in. */
  conditions?: Conditions;
  drawing?: Drawing;
  /** How it stood or is to go back, for the step that it came off with. */
  notes?: readonly { about: string; says: string }[];
  /** What that step owes before it is closed; what the check showed, null where it failed, left out where it is only owed. */
  checks?: readonly { about: string; says?: string | null }[];
}

export type PanelGroup = 'engine' | 'valves' | 'ignition' | 'electrics' | 'fuel' | 'oil' | 'drive' | 'noise';

/** Which fields of a panel give the limits of a quantity. */
export interface BookField {
  quantity: string;
  low?: string;
  high?: string;
  /** A choice that says whether the figure is the owner's own and not the manual's. */
  owner?: { field: string; is: string };
}

export interface Panel {
  id: string;
  group: PanelGroup;
  name: string;
  /** What it is for, in a line. */
  about: string;
  /** Ids of hazards that belong to the step. */
  hazards: readonly string[];
  /** Whether it has a use on this bike; on every one where it does not say. */
  suits?(s: PanelSubject): boolean;
  /** Quantities it holds against this bike's limits without asking for them in fields of its own. */
  limits?: readonly string[];
  /** Fields that hold figures of the manual: kept on the bike's specification, and not asked again. */
  book?: readonly BookField[];
  blocks(s: PanelSubject, v: Values): readonly Block[];
  /** Its fields as the strip's notes fill them in; none where nothing is noted. */
  recall?(s: PanelSubject): Readonly<Record<string, string>>;
  work(v: Values, s: PanelSubject): Result;
}

export const nothing: Result = { tone: 'open', words: 'Nothing to work out yet.', lines: [], steps: [], warnings: [], handed: [] };

/** A result with what is not said left out. */
export const result = (r: Partial<Result>): Result => ({ ...nothing, ...r });

export const exact = (value: number): ReadingValue => ({ kind: 'exact', value });
