import { fromSi, parseQuantity, unitOf } from '../quantity';
import { specOrigins, type Spec, type SpecOrigin } from '../state';

/** One limit without the bike that it belongs to. */
export type SpecEntry = Omit<Spec, 'id' | 'versions' | 'bikeId'>;

/** A specification as a file: figures in the unit that is named, as a person would write them. */
export interface SpecFile {
  format: 'ivrek-specification';
  version: 1;
  bike: string;
  entries: Record<(typeof columns)[number], string>[];
}

const columns = ['quantity', 'low', 'high', 'service_low', 'service_high', 'unit', 'source', 'origin'] as const;

/** A figure in a unit with all the digits that it takes, and no more. */
const figure = (si: number | null, unit: string): string => (si === null ? '' : String(Number(fromSi(si, unit).toPrecision(9))));

const line = (s: SpecEntry): SpecFile['entries'][number] => ({
  quantity: s.quantity,
  low: figure(s.low, s.unit),
  high: figure(s.high, s.unit),
  service_low: figure(s.serviceLow, s.unit),
  service_high: figure(s.serviceHigh, s.unit),
  unit: s.unit,
  source: s.source,
  origin: s.origin,
});

/**
 * Limits as a table, for CSV; `readSpecRows` reads it back.
 * @param specs limits of one bike
 * @returns a table whose first line names its columns, figures in the unit that they were entered in
 */
export const specRows = (specs: readonly SpecEntry[]): string[][] => [
  [...columns],
  ...specs.map(line).map((l) => columns.map((c) => l[c])),
];

/**
 * Limits as a file of their own; `readSpecJson` reads it back.
 * @param bike what the bike is called
 * @param specs limits of one bike
 * @returns plain data, to be written as JSON
 */
export const specFile = (bike: string, specs: readonly SpecEntry[]): SpecFile => ({
  format: 'ivrek-specification',
  version: 1,
  bike,
  entries: specs.map(line),
});

export type SpecRead = { ok: true; entries: SpecEntry[] } | { ok: false; problems: string[] };

/**
 * Words of a limit, as a person would say it.
 * @param low figure or empty
 * @param high figure or empty
 * @param unit sign of the unit
 * @returns "12 to 14 bar", "12 to … bar"
 */
export function enteredAs(low: string, high: string, unit: string): string {
  return `${low || '…'} to ${high || '…'} ${unit}`.trim();
}

/**
 * Reads lines of a specification. `known` says what can be limited and in which unit it is read. All of it, or nothing and
 * every line that is wrong with what is wrong in it.
 */
export function readSpecLines(
  lines: readonly Partial<Record<string, unknown>>[],
  known: (quantity: string) => { unit: string } | null,
): SpecRead {
  const problems: string[] = [];
  const entries: SpecEntry[] = [];
  lines.forEach((l, i) => {
    const wrong = (what: string) => problems.push(`Line ${i + 1}: ${what}`);
    const text = (c: (typeof columns)[number]) => (typeof l[c] === 'string' || typeof l[c] === 'number' ? String(l[c]).trim() : '');
    const quantity = text('quantity');
    const info = known(quantity);
    if (!info) return wrong(quantity ? `"${quantity}" is not a quantity that is known here.` : 'it names no quantity.');
    const unit = unitOf(text('unit') || info.unit);
    if (!unit || unit.kind !== unitOf(info.unit)!.kind) return wrong(`"${text('unit')}" is not a unit of ${quantity}.`);
    const read = (c: 'low' | 'high' | 'service_low' | 'service_high') => {
      const t = text(c);
      if (t === '') return null;
      const parsed = parseQuantity(t, unit.id);
      if (parsed.ok) return parsed.si;
      wrong(`${c.replace('_', ' ')}: ${parsed.message}`);
      return undefined;
    };
    const [low, high, serviceLow, serviceHigh] = [read('low'), read('high'), read('service_low'), read('service_high')];
    if (low === undefined || high === undefined || serviceLow === undefined || serviceHigh === undefined) return;
    if (low === null && high === null && serviceLow === null && serviceHigh === null) return wrong('it gives no value.');
    const crossed = crossing({ low, high, serviceLow, serviceHigh });
    if (crossed) return wrong(crossed);
    const source = text('source').slice(0, 200);
    if (!source) return wrong('it does not say where the value comes from.');
    const origin = (specOrigins as readonly string[]).includes(text('origin')) ? (text('origin') as SpecOrigin) : 'book';
    if (entries.some((e) => e.quantity === quantity)) return wrong(`${quantity} stands there twice.`);
    entries.push({
      quantity,
      low,
      high,
      serviceLow,
      serviceHigh,
      unit: unit.id,
      entered: enteredAs(text('low'), text('high'), unit.id).slice(0, 80),
      source,
      origin,
    });
  });
  if (lines.length === 0) problems.push('There is nothing in it.');
  return problems.length ? { ok: false, problems } : { ok: true, entries };
}

/**
 * What is wrong with the order of the bounds of a limit; null where nothing is.
 * @param spec its four bounds, SI, each null where there is none
 * @returns a sentence, or null
 */
export function crossing({
  low,
  high,
  serviceLow,
  serviceHigh,
}: Pick<SpecEntry, 'low' | 'high' | 'serviceLow' | 'serviceHigh'>): string | null {
  if (low !== null && high !== null && low > high) return 'from is over to.';
  if (serviceLow !== null && low !== null && serviceLow > low) return 'the lower service limit lies above the standard.';
  if (serviceHigh !== null && high !== null && serviceHigh < high) return 'the upper service limit lies below the standard.';
  if (serviceLow !== null && serviceHigh !== null && serviceLow > serviceHigh) return 'the service limits are crossed.';
  return null;
}

/**
 * Reads a specification from its JSON.
 * @param text the file
 * @param known quantities and their units
 * @returns limits, and for each that could not be read its place and why
 */
export function readSpecJson(text: string, known: Parameters<typeof readSpecLines>[1]): SpecRead {
  try {
    const file = JSON.parse(text) as Partial<SpecFile>;
    if (file?.format !== 'ivrek-specification' || !Array.isArray(file.entries))
      return { ok: false, problems: ['This is not a specification that was written here.'] };
    if (file.version !== 1) return { ok: false, problems: ['This was written by a newer release: update first.'] };
    return readSpecLines(file.entries, known);
  } catch {
    return { ok: false, problems: ['This is not whole: it ends or breaks off where it should not.'] };
  }
}

/**
 * The same from a table whose first line names its columns.
 * @param rows cells; the first line names the columns
 * @param known quantities and their units
 * @returns limits, and for each that could not be read its line and why
 */
export function readSpecRows([first, ...rows]: readonly (readonly string[])[], known: Parameters<typeof readSpecLines>[1]): SpecRead {
  const names = (first ?? []).map((c) => c.trim().toLowerCase());
  if (!names.includes('quantity') || !names.includes('unit'))
    return { ok: false, problems: [`Its first line has to name the columns: ${columns.join()}`] };
  return readSpecLines(
    rows.map((r) => Object.fromEntries(names.map((n, i) => [n, r[i] ?? '']))),
    known,
  );
}
