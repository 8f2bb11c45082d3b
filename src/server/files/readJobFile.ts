import { strFromU8, unzipSync } from 'fflate';
import { checkCommand } from '../../contract';
import { advance, effectOf, type Command } from '../../core/command';
import { emptyState, fields, type AnyRow, type State, type TableName } from '../../core/record';
import { digestOf, type FiledEntry, type JobFile } from './export';

export interface ReadJob {
  file: JobFile;
  /** The entries as this program writes them, in their order. */
  commands: { entry: FiledEntry; command: Command }[];
  /** Bytes by SHA-256, not yet looked at. */
  photos: Map<string, Buffer>;
}

export type ReadResult = { ok: true; job: ReadJob } | { ok: false; message: string };

const mostFiles = 5000;
const mostUnpacked = 800 * 1024 * 1024;
const no = (message: string): ReadResult => ({ ok: false, message });

function unpack(bytes: Buffer): { text: string; photos: Map<string, Buffer> } | string {
  if (bytes.subarray(0, 2).toString('latin1') !== 'PK') return { text: bytes.toString('utf8'), photos: new Map() };
  let count = 0;
  let size = 0;
  let tooMuch = false;
  try {
    const files = unzipSync(new Uint8Array(bytes), {
      // What it would unpack to is known before it is unpacked.
      filter: ({ name, originalSize }) => {
        count++;
        size += originalSize;
        tooMuch ||= count > mostFiles || size > mostUnpacked;
        return !tooMuch && (name === 'job.json' || /^photos\/[\da-f]{64}\.\w{2,4}$/.test(name));
      },
    });
    if (tooMuch) return 'This file unpacks to more than a job can be.';
    if (!files['job.json']) return 'There is no job in this ZIP (no job.json).';
    const photos = new Map(
      Object.entries(files).flatMap(([name, data]) =>
        name.startsWith('photos/') ? [[name.slice(7, 71), Buffer.from(data)] as const] : [],
      ),
    );
    return { text: strFromU8(files['job.json']), photos };
  } catch {
    return 'This ZIP is damaged and cannot be opened.';
  }
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
  if (file.version !== 1 && file.version !== 2) return no('This file was made by a newer Ivrek. Bring it in there.');
  if (
    typeof file.jobId !== 'string' ||
    !Array.isArray(file.journal) ||
    !Array.isArray(file.personal) ||
    typeof file.rows !== 'object' ||
    !file.rows
  )
    return no('This file is damaged: a part of it is missing.');
  if (file.version === 2) {
    const { digest, ...rest } = file;
    if (digest !== digestOf(rest)) return no('This file is damaged: what is in it is not what was written.');
  }
  const commands: ReadJob['commands'] = [];
  for (const [i, entry] of file.journal.entries()) {
    const wrong = typeof entry !== 'object' || entry === null ? 'it is no entry' : null;
    const { id, schemaVersion, type, entity, madeAt, after, base, payload } = wrong ? ({} as FiledEntry) : entry;
    const checked = checkCommand({ id, schemaVersion, type, entity, madeAt, after, base, payload });
    if (wrong || !checked.ok || !Number.isSafeInteger(entry.seq))
      return no(`This file is damaged: entry ${i + 1} cannot be read${!wrong && !checked.ok ? ` (${checked.faults[0].message})` : ''}.`);
    commands.push({ entry, command: checked.command });
  }
  const replayed = replayIn(commands.map((c) => c.command));
  if (typeof replayed === 'string') return no(`This file is damaged: ${replayed}`);
  if (!replayed.rows.job.has(file.jobId)) return no('This file is damaged: its own job is not in its journal.');
  const odd = firstOdd(file.rows, replayed);
  if (odd) return no(`This file is damaged: its ${odd} is not what its journal says.`);
  return { ok: true, job: { file, commands, photos: opened.photos } };
}

/** The state that a journal leads to from nothing, or why it leads nowhere. */
function replayIn(commands: readonly Command[]): State | string {
  let state = emptyState();
  for (const [i, c] of commands.entries()) {
    const outcome = effectOf(state, c);
    if (!outcome.ok) return `entry ${i + 1} does not follow from the ones before it (${outcome.refusal.message})`;
    state = advance(state, c, outcome.changes, i + 1, null);
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
