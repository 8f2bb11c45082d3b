import type { Attribute, Knowledge, When } from './types';

/** What is known of a bike and its history, by attribute; an attribute not in it is unknown. */
export type Facts = Record<string, string | number>;

/**
 * What follows from other facts where nothing is filled in. Common practice: a magneto makes its own current; injection, a dynamo
 * and points on an alternator are fed by the battery.
 */
function derived(f: Facts): Facts {
  const out: Facts = {};
  if (f.ignitionFeed === undefined) {
    if (f.ignition === 'magneto') out.ignitionFeed = 'generator';
    else if (f.fuelling === 'injection' || (f.ignition === 'points' && f.charging !== 'flywheel')) out.ignitionFeed = 'battery';
  }
  if (f.layout === undefined && Number(f.cylinders) === 1) out.layout = 'single';
  if (f.tap === undefined && f.fuelling === 'injection') out.tap = 'pump';
  if (f.strokes === 'two') Object.assign(out, { sump: 'none', valvegear: 'none', oilLight: f.oilLight ?? 'no' });
  if (f.clutch === 'automatic' && f.gearbox === undefined) out.gearbox = 'auto';
  if (f.fuelling === 'injection' && f.carburettor === undefined) out.carburettor = 'other';
  return out;
}

/** What is filled in for a bike that says something of how it is built; null where nobody said. */
export interface BikeSaid {
  archetype: string | null;
  strokes: string | null;
  cylinders: number | null;
  cooling: string | null;
  ignition: string | null;
  fuelling: string | null;
  decompressor: string | null;
  voltage: number | string | null;
  starting: string | null;
  clutch: string | null;
  /** Anything else, by attribute. */
  traits: Readonly<Record<string, string | number>> | null;
}

/** What is filled in for a job that says how the bike came: null where nobody said. */
export interface JobSaid {
  standingMonths: number | null;
  storage: string | null;
  fuelLeft: string | null;
  crash: string | null;
  ranWhenParked: string | null;
}

/**
 * What is filled in for the bike and the job; where the bike has nothing of its own, what is usual on its kind, and what follows.
 * @param bike what is filled in for the bike
 * @param job what is filled in for the job
 * @param knowledge of which the kinds of bike are read
 * @returns values by attribute
 */
export function factsOf(bike: BikeSaid, job: JobSaid, { archetypes }: Pick<Knowledge, 'archetypes'>): Facts {
  const { strokes, cylinders, cooling, ignition, fuelling, decompressor, voltage, starting, clutch } = bike;
  const { standingMonths, storage, fuelLeft, crash, ranWhenParked } = job;
  const all = {
    strokes,
    cylinders,
    cooling,
    ignition,
    fuelling,
    decompressor,
    voltage,
    starting,
    clutch,
    standingMonths,
    storage,
    fuelLeft,
    crash,
    ranWhenParked,
  };
  const own = Object.fromEntries(Object.entries({ ...bike.traits, ...all }).filter(([, v]) => v !== null)) as Facts;
  const known: Facts = { ...archetypes.find((a) => a.id === bike.archetype)?.attributes, ...own };
  // A two-stroke that is told on a kind that may be either has none of a four-stroke's things.
  return { ...known, ...derived(known), ...bike.traits };
}

/**
 * How many cylinders a bike has, by what is filled in or by its kind; null where neither says.
 * @param bike what is filled in for the bike
 * @param knowledge of which the kinds of bike are read
 * @returns a count
 */
export function cylindersOf(bike: Pick<BikeSaid, 'cylinders' | 'archetype'>, { archetypes }: Pick<Knowledge, 'archetypes'>): number | null {
  const usual = archetypes.find((a) => a.id === bike.archetype)?.attributes.cylinders;
  return bike.cylinders ?? (usual === undefined ? null : Number(usual));
}

function holds(condition: When[string], value: string | number): boolean {
  if (Array.isArray(condition)) return condition.some((c) => String(c) === String(value));
  if (typeof condition === 'object') {
    const x = Number(value);
    return x >= (condition.atLeast ?? -Infinity) && x <= (condition.atMost ?? Infinity);
  }
  return String(condition) === String(value);
}

/**
 * True only if every attribute of the condition is known and fits.
 * @param when a condition on attributes
 * @param facts what is known of the bike
 * @returns false also where an attribute is unknown
 */
export function isMet(when: When, facts: Facts): boolean {
  return Object.entries(when).every(([a, c]) => facts[a] !== undefined && holds(c, facts[a]));
}

/**
 * How far a thing applies to this bike: 1 if it does, 0 if it cannot, and in between the share of bikes it applies to
 * where an attribute is unknown.
 * @param when a condition on attributes, or none
 * @param facts what is known of the bike
 * @param attributes what is known of each attribute, its usual shares among them
 * @returns 0 to 1
 */
export function applicability(when: When | undefined, facts: Facts, attributes: readonly Attribute[]): number {
  let share = 1;
  for (const [a, c] of Object.entries(when ?? {})) {
    if (facts[a] !== undefined) {
      if (!holds(c, facts[a])) return 0;
      continue;
    }
    const known = attributes.find((x) => x.id === a);
    share *= known ? Object.entries(known.share).reduce((s, [v, p]) => s + (holds(c, v) ? p : 0), 0) : 0.5;
  }
  return share;
}
