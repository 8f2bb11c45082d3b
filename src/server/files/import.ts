import { createHash } from 'node:crypto';
import type pg from 'pg';
import { command, type Command } from '../../core/command';
import type { AnyRow, Photo, State } from '../../core/state';
import { Batch } from '../commands/batch';
import { savePersonal, takeTurn } from '../commands/handle';
import type { Speaker } from '../commands/speaker';
import { loadRows } from '../commands/loadRows';
import { patiently, writeTransaction, type Db } from '../db/pool';
import { Busy } from '../db/turns';
import type { ImportChoice, ImportConflict, ImportReport } from '../../wire';
import type { FiledEntry } from './jobFile';
import { inspectPhoto } from './photos';
import type { ReadJob } from './readJobFile';

export type ImportChoices = Readonly<Record<string, ImportChoice>>;

/** An id that is always the same for the same words, so that a file brought in twice decides once. */
function idFrom(words: string): string {
  const h = createHash('sha256').update(words).digest('hex');
  return `${h.slice(0, 8)}-${h.slice(8, 12)}-5${h.slice(13, 16)}-a${h.slice(17, 20)}-${h.slice(20, 32)}`;
}

interface Contested {
  entry: FiledEntry;
  command: Command;
  conflict: ImportConflict;
}

/** How an import goes: hears how far it has come, 0 to 1, and may be stopped as long as nothing is kept. */
export interface Going {
  onPart?: (part: number) => void;
  signal?: AbortSignal;
}

/** A large file is written in a few seconds; this is where something must be wrong. */
const patienceMs = 120_000;

/**
 * Brings a job into a workshop: entries that are known are left alone, new ones are applied as everything else is, and where both
 * sides changed the same thing a person chooses. All of it or nothing: with `check`, or with a conflict that is not chosen yet,
 * nothing is kept. Throws for a photo that is not what its name says.
 */
export async function importJob(
  from: pg.Pool,
  shopId: string,
  job: ReadJob,
  choices: ImportChoices,
  check: boolean,
  { onPart = () => undefined, signal }: Going = {},
): Promise<ImportReport> {
  const photos: { sha256: string; mediaType: string; bytes: Buffer; thumb: Buffer }[] = [];
  for (const [sha256, data] of job.photos) {
    signal?.throwIfAborted();
    const bytes = Buffer.from(data.buffer, data.byteOffset, data.byteLength);
    const seen = await inspectPhoto(sha256, bytes);
    if (!seen.ok)
      throw new BadPhoto(
        `A photo in this file cannot be kept. ${seen.status === 400 ? 'It is not what was written there.' : seen.message}`,
      );
    photos.push({ sha256, bytes, mediaType: seen.mediaType, thumb: seen.thumb });
    onPart((0.4 * photos.length) / job.photos.size);
  }
  const named = [...new Set(((job.file.rows.photo ?? []) as Photo[]).map((p) => p.sha256))];
  return writeTransaction(from, shopId, async (db) => {
    await patiently(db, patienceMs);
    const { report, batch } = await bringIn(db, shopId, job, choices);
    const kept = !check && report.done;
    if (kept) {
      const stopped = (part: number) => {
        signal?.throwIfAborted();
        onPart(0.4 + 0.5 * part);
      };
      await savePersonal(db, shopId, job.file.personal);
      await batch.write(db, stopped);
      for (const p of photos) {
        signal?.throwIfAborted();
        await db.query(
          `insert into blob (shop_id, sha256, media_type, bytes, thumb) values ($1, $2, $3, $4, $5) on conflict (shop_id, sha256) do nothing`,
          [shopId, p.sha256, p.mediaType, p.bytes, p.thumb],
        );
      }
    }
    const there = await db.query('select sha256 from blob where sha256 = any($1)', [named]);
    const have = new Set([...there.rows.map((r) => r.sha256 as string), ...photos.map((p) => p.sha256)]);
    return { ...report, photos: named.length, missingPhotos: named.filter((sha) => !have.has(sha)).length, done: kept };
  });
}

export class BadPhoto extends Error {}

/** What the file brings, worked out in memory: the batch that would be written, and what a person has to choose. */
async function bringIn(
  db: Db,
  shopId: string,
  { file, commands }: ReadJob,
  choices: ImportChoices,
): Promise<{ report: ImportReport; batch: Batch }> {
  const bike = (file.rows.bike?.[0] as { name?: string } | undefined)?.name ?? '';
  const report: ImportReport = { jobId: file.jobId, bike, fresh: 0, known: 0, photos: 0, missingPhotos: 0, conflicts: [], done: true };
  const seq = await takeTurn(db, shopId);
  if (seq === null) throw new Busy();
  const ids = commands.map((c) => c.command.id);
  const known = await db.query(
    `select id, seq from journal where id = any($1::uuid[])
     union all select (payload ->> 'refusedId')::uuid, seq from journal where type = 'tray.decide' and payload ->> 'refusedId' = any($1::text[])`,
    [ids],
  );
  const knownSeq = new Map(known.rows.map((r) => [r.id as string, r.seq as number]));
  const fresh = commands.filter(({ command }) => !knownSeq.has(command.id));
  const state = await loadRows(
    db,
    fresh.map((c) => c.command),
  );
  const batch = new Batch(shopId, state, seq);
  const places: [theirs: number, ours: number][] = [];
  const placeOf = (after: number | null) => {
    if (after === null) return null;
    // The last of theirs that is not later; numbers rise.
    let [low, high] = [0, places.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (places[middle][0] <= after) low = middle + 1;
      else high = middle;
    }
    return low > 0 ? places[low - 1][1] : null;
  };
  const contested: Contested[] = [];
  const fought = new Map<string, ImportConflict>();

  for (const { entry, command } of commands) {
    const here = knownSeq.get(command.id);
    if (here !== undefined) {
      report.known++;
      places.push([entry.seq, here]);
      continue;
    }
    const { free, held } = part(command, fought);
    for (const conflict of held) contested.push({ entry, command, conflict });
    if (!free) continue;
    const speaker: Speaker = { shopId, actorId: entry.actorId, deviceId: entry.deviceId, receivedAt: entry.receivedAt };
    const wish = { ...free, after: placeOf(command.after) };
    let answer = batch.apply(wish, speaker);
    if (!answer.ok && answer.refusal.fields) {
      for (const f of answer.refusal.fields) {
        const key = `${command.entity.kind} ${command.entity.id} ${f.field}`;
        const conflict: ImportConflict = { key, table: command.entity.kind, field: f.field, here: f.theirs, file: f.yours, message: null };
        fought.set(key, conflict);
        contested.push({ entry, command, conflict });
      }
      const rest = part(wish, fought).free;
      if (!rest) continue;
      answer = batch.apply(rest, speaker);
    }
    if (answer.ok) {
      report.fresh++;
      places.push([entry.seq, answer.seq]);
    } else {
      const conflict: ImportConflict = {
        key: command.id,
        table: command.entity.kind,
        field: null,
        here: null,
        file: command.payload,
        message: answer.refusal.message,
      };
      contested.push({ entry, command, conflict });
    }
  }
  report.conflicts = [...new Map(contested.map((c) => [c.conflict.key, c.conflict])).values()];
  report.done = decideAll(batch, state, shopId, file.jobId, contested, choices);
  return { report, batch };
}

/** A command that sets fields in two: what nobody fought over, and what was fought over before. */
function part(command: Command, fought: ReadonlyMap<string, ImportConflict>): { free: Command | null; held: ImportConflict[] } {
  const set = (command.payload as { set?: Record<string, unknown> }).set;
  if (!set || fought.size === 0) return { free: command, held: [] };
  const held: ImportConflict[] = [];
  const free: Record<string, unknown> = {};
  for (const [field, value] of Object.entries(set)) {
    const conflict = fought.get(`${command.entity.kind} ${command.entity.id} ${field}`);
    if (!conflict) {
      free[field] = value;
      continue;
    }
    // The newest word of the file is the one to choose against.
    conflict.file = value;
    held.push(conflict);
  }
  return { free: Object.keys(free).length ? { ...command, payload: { set: free } } : null, held };
}

/** Writes every decision down, with both values. False where one is not made yet. */
function decideAll(
  batch: Batch,
  state: State,
  shopId: string,
  jobId: string,
  contested: readonly Contested[],
  choices: ImportChoices,
): boolean {
  if (contested.some((c) => !choices[c.conflict.key])) return false;
  for (const [i, { entry, command: refused, conflict }] of contested.entries()) {
    const { kind, id } = refused.entity;
    const last = contested.findLastIndex((c) => c.conflict.key === conflict.key) === i;
    const mine = choices[conflict.key] === 'file' && last && conflict.field !== null;
    const field = conflict.field;
    const version = (state.rows[kind].get(id) as AnyRow | undefined)?.versions[field ?? ''] ?? 0;
    const decision = command(
      'tray.decide',
      id,
      {
        ofJob: jobId,
        refusedId: refused.id,
        refusedType: refused.type,
        choice: choices[conflict.key] === 'file' ? 'mine' : 'theirs',
        set: mine ? { [field!]: conflict.file } : {},
        theirs: field ? { [field]: conflict.here } : {},
        yours: field ? { [field]: conflict.file } : { ...(refused.payload as Record<string, unknown>) },
      },
      { id: idFrom(`decide ${refused.id} ${conflict.key}`), madeAt: entry.madeAt, kind, base: mine ? { [field!]: version } : {} },
    );
    const answer = batch.apply(decision, { shopId, actorId: entry.actorId, deviceId: entry.deviceId });
    if (!answer.ok) throw new Error(`a decision was not taken: ${JSON.stringify(answer)}`);
  }
  return true;
}
