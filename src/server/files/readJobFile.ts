import { strFromU8, unzipSync } from 'fflate';
import { Ajv } from 'ajv';
import { checkCommand, isInstant, unstorableIn } from '../../contract';
import { advanceInPlace, effectOf, type Command } from '../../core/command';
import { emptyState, fields, mostPhotoBytes, type AnyRow, type State, type TableName } from '../../core/state';
import { digestOf, jobFileVersions, type FiledEntry, type JobFile, type JobFileVersion } from './jobFile';
import { jobSchema } from './jobSchema';

export interface ReadJob {
  file: JobFile;
  /** The entries as this program writes them, in their order. */
  commands: { entry: FiledEntry; command: Command }[];
  /** Bytes by SHA-256, not yet looked at. */
  photos: Map<string, Uint8Array>;
}

export type ReadResult = { ok: true; job: ReadJob } | { ok: false; message: string };

/** What one job can be. Said before anything is unpacked. */
const mostFiles = 5000;
const mostJson = 64 * 1024 * 1024;
const mostEntries = 100_000;
/** A journal packs twenty or thirty times; more was made to be unpacked. Pictures hardly pack at all. */
const mostJsonRatio = 100;
const mostPhotoRatio = 4;
const no = (message: string): ReadResult => ({ ok: false, message });

function unpack(bytes: Buffer): { text: string; photos: Map<string, Buffer> } | string {
  if (bytes.subarray(0, 2).toString('latin1') !== 'PK')
    return bytes.length > mostJson ? tooMuch : { text: bytes.toString('utf8'), photos: new Map() };
  let count = 0;
  let over = false;
  try {
    const files = unzipSync(new Uint8Array(bytes), {
      // What it would unpack to is known before it is unpacked, and it is unpacked to no more than that.
      filter: ({ name, size, originalSize }) => {
        const isJob = name === 'job.json';
        if (!isJob && !/^photos\/[\da-f]{64}\.\w{2,4}$/.test(name)) return false;
        over ||= ++count > mostFiles;
        over ||= originalSize > (isJob ? mostJson : mostPhotoBytes);
        over ||= originalSize > 4096 && originalSize > size * (isJob ? mostJsonRatio : mostPhotoRatio);
        return !over;
      },
    });
    if (over) return tooMuch;
    if (!files['job.json']) return 'There is no job in this ZIP (no job.json).';
    const photos = new Map(
      Object.entries(files).flatMap(([name, data]) =>
        name.startsWith('photos/') ? [[name.slice(7, 71), Buffer.from(data.buffer, data.byteOffset, data.byteLength)] as const] : [],
      ),
    );
    return { text: strFromU8(files['job.json']), photos };
  } catch {
    return 'This ZIP is damaged and cannot be opened.';
  }
}

const tooMuch = 'This file unpacks to more than a job can be.';
const ajv = new Ajv({ allErrors: false, allowUnionTypes: true });
const shapes = { 1: ajv.compile(jobSchema(1, true)), 2: ajv.compile(jobSchema(2, true)), 3: ajv.compile(jobSchema(3, true)) };

/** Where a file is not as the schema has it, in words. */
function wrongShape(file: object, version: JobFileVersion): string | null {
  const valid = shapes[version];
  if (valid(file)) return null;
  const { instancePath, message, params } = valid.errors![0];
  const extra = (params as { additionalProperty?: string; missingProperty?: string }).additionalProperty;
  const [list, n, ...rest] = instancePath.split('/').slice(1);
  const place =
    list === 'journal' && n
      ? `entry ${Number(n) + 1}${rest.length ? `, ${rest.join('.')}` : ''}`
      : [list, n, ...rest].filter(Boolean).join('.');
  return `${place || 'the file'} ${message}${extra ? ` (${extra.slice(0, 60)})` : ''}`;
}

/** Reads a job from a JSON or ZIP file and checks that it is whole. Says why not in words; never throws for a bad file. */
export function readJobFile(bytes: Buffer): ReadResult {
  if (bytes.length === 0) return no('This file is empty.');
  const opened = unpack(bytes);
  if (typeof opened === 'string') return no(opened);
  let file: JobFile;
  try {
    file = JSON.parse(opened.text) as JobFile;
  } catch {
    return no('This file is damaged, or it is no job of Ivrek (it is not JSON).');
  }
  if (typeof file !== 'object' || file === null || file.format !== 'ivrek-job') return no('This file is no job of Ivrek.');
  if (!jobFileVersions.includes(file.version)) return no('This file was made by a newer Ivrek. Bring it in there.');
  // First of all what cannot be stored at all, and what is too much.
  if (Array.isArray(file.journal) && file.journal.length > mostEntries) return no(tooMuch);
  const unfit = unstorableIn(file);
  if (unfit) return no(`This file is damaged: ${unfit.path.slice(0, 120)}: ${unfit.message}`);
  const wrong = wrongShape(file, file.version);
  if (wrong) return no(`This file is damaged: ${wrong}.`);
  if (file.version > 1) {
    const { digest, ...rest } = file;
    if (digest !== digestOf(rest)) return no('This file is damaged: what is in it is not what was written.');
  }
  const commands: ReadJob['commands'] = [];
  for (const [i, entry] of file.journal.entries()) {
    const { id, schemaVersion, type, entity, madeAt, after, base, payload, group } = entry;
    const checked = checkCommand({ id, schemaVersion, type, entity, madeAt, after, base, payload, ...(group && { group }) });
    if (!checked.ok)
      return no(`This file is damaged: entry ${i + 1} cannot be read (${checked.faults[0].path}: ${checked.faults[0].message}).`);
    if (!isInstant(entry.receivedAt)) return no(`This file is damaged: entry ${i + 1} was received at no time there is.`);
    commands.push({ entry, command: checked.command });
  }
  const ids = new Set(commands.map((c) => c.command.id));
  if (ids.size !== commands.length) return no('This file is damaged: an entry stands in it twice.');
  const replayed = replayIn(commands.map((c) => c.command));
  if (typeof replayed === 'string') return no(`This file is damaged: ${replayed}`);
  if (!replayed.rows.job.has(file.jobId)) return no('This file is damaged: its own job is not in its journal.');
  const odd = firstOdd(file.rows, replayed);
  if (odd) return no(`This file is damaged: its ${odd} is not what its journal says.`);
  return { ok: true, job: { file, commands, photos: opened.photos } };
}

/** The state that a journal leads to from nothing, or why it leads nowhere. */
function replayIn(commands: readonly Command[]): State | string {
  const state = emptyState();
  for (const [i, c] of commands.entries()) {
    const outcome = effectOf(state, c);
    if (!outcome.ok) return `entry ${i + 1} does not follow from the ones before it (${outcome.refusal.message})`;
    advanceInPlace(state, c, outcome.changes, i + 1, null);
  }
  return state;
}

/** The table of the first row that its journal does not lead to; null if all agree. Fields that came later are empty. */
function firstOdd(rows: JobFile['rows'], state: State): string | null {
  for (const [table, list] of Object.entries(rows) as [TableName, AnyRow[] | undefined][]) {
    // A first-release file lists everyone who works there, but not the entries that brought them.
    if (table === 'person') continue;
    if (!Object.hasOwn(fields, table)) return table;
    for (const row of list ?? []) {
      const known = state.rows[table].get(row.id) as unknown as Record<string, unknown> | undefined;
      const said = row as unknown as Record<string, unknown>;
      const same = (f: string) => JSON.stringify(known?.[f] ?? null) === JSON.stringify(said[f] ?? null);
      const exact = (f: string) => Number(known?.[f] ?? NaN) === Number(said[f] ?? NaN);
      if (!known || !fields[table].every((f) => same(f) || exact(f))) return table;
    }
  }
  return null;
}
