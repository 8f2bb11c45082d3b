import { Ajv } from 'ajv';
import { isMap, isScalar, isSeq, parseDocument } from 'yaml';
import schema from '../../../knowledge/schema/knowledge.schema.json';
import type { Fault, FindingKind, OwnFigure, Test } from '../../core/knowledge';
import type { OwnKind } from '../../core/state';

export interface Filed {
  what: OwnKind;
  body: Fault | FindingKind | Test | OwnFigure;
  retired: boolean;
}

/** More than a workshop ever knows itself; what is larger was not written by hand. */
const mostLines = 20_000;
const mostEntries = 2000;

const lists = { faults: 'fault', findings: 'finding', tests: 'test', figures: 'figure' } as const;
const valid = new Ajv({ allErrors: true, allowUnionTypes: true }).compile(schema);

/** Reads a file of a shop's own; what is wrong is named by its line or by its place. */
export function readOwnYaml(text: string): { entries: Filed[]; problems: string[] } {
  const lines = text.split('\n').length;
  if (lines > mostLines) return { entries: [], problems: [`It has ${lines} lines; at most ${mostLines} are read.`] };
  // The package looks for a key that stands twice by comparing each with each; it is looked for below, once through.
  const document = parseDocument(text, { uniqueKeys: false });
  const twice = keyTwice(document.contents);
  if (twice !== null) return { entries: [], problems: [`'${twice}' stands twice in the same place.`] };
  if (document.errors.length) return { entries: [], problems: document.errors.slice(0, 20).map((e) => e.message.split('\n')[0]) };
  let content: Record<string, unknown>;
  try {
    content = (document.toJS({ maxAliasCount: 50 }) ?? {}) as Record<string, unknown>;
  } catch {
    // A small file whose aliases unfold into an enormous one.
    return { entries: [], problems: ['It refers to itself too often to be read.'] };
  }
  const empty = { entries: [], problems: ['There is no fault, finding, test or figure in it.'] };
  if (typeof content === 'object' && Object.keys(content).length === 0) return empty;
  if (!valid(content))
    return {
      entries: [],
      problems: (valid.errors ?? []).slice(0, 20).map((e) => {
        const extra = (e.params as { additionalProperty?: string }).additionalProperty;
        return `${placeIn(content, e.instancePath)}: ${e.message}${extra ? ` (${extra})` : ''}`;
      }),
    };
  const beside = Object.keys(content).filter((k) => k !== 'label' && !Object.hasOwn(lists, k));
  if (beside.length) return { entries: [], problems: beside.map((k) => `'${k}' ships with Ivrek and cannot be a shop's own`) };
  const entries = Object.entries(lists).flatMap(([list, what]) =>
    ((content[list] ?? []) as Record<string, unknown>[]).map(({ retired, ...body }) => ({
      what,
      body: body as unknown as Filed['body'],
      retired: retired === true,
    })),
  );
  if (entries.length > mostEntries)
    return { entries: [], problems: [`It has ${entries.length} entries; at most ${mostEntries} are read at once.`] };
  return entries.length ? { entries, problems: [] } : empty;
}

/** A key that stands twice in one map of a document; null if there is none. */
function keyTwice(top: unknown): string | null {
  const waiting: unknown[] = [top];
  for (let node = waiting.pop(); waiting.length || node; node = waiting.pop()) {
    if (isSeq(node)) for (const item of node.items) waiting.push(item);
    if (!isMap(node)) continue;
    const seen = new Set<string>();
    for (const { key, value } of node.items) {
      const name = String(isScalar(key) ? key.value : key);
      if (seen.has(name)) return name.slice(0, 60);
      seen.add(name);
      waiting.push(value);
    }
  }
  return null;
}

/** "/faults/0/prior" as "faults, entry 1 (own-worn-fork), prior". */
function placeIn(content: unknown, pointer: string): string {
  const [list, n, ...rest] = pointer.split('/').slice(1);
  if (!list) return 'the file';
  const entry = (content as Record<string, { id?: string }[]>)[list]?.[Number(n)];
  return [n === undefined ? list : `${list}, entry ${Number(n) + 1}${entry?.id ? ` (${entry.id})` : ''}`, ...rest].join(', ');
}
