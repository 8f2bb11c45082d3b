import { createHash } from 'node:crypto';
import type pg from 'pg';
import { makeCommand, type Command } from '../../core/command';
import type { Photo, TableName } from '../../core/record';
import { applyOne, type Speaker } from '../commands/door';
import { inShop, type Db } from '../db/pool';
import type { FiledEntry } from './export';
import { inspectPhoto } from './photos';
import type { ReadJob } from './readJobFile';

/** One thing that the file and this workshop say differently. */
export interface ImportConflict {
  key: string;
  table: TableName;
  field: string | null;
  here: unknown;
  file: unknown;
  /** For what cannot be brought in as it is: why. */
  message: string | null;
}

export interface ImportReport {
  jobId: string;
  bike: string;
  fresh: number;
  known: number;
  photos: number;
  missingPhotos: number;
  conflicts: ImportConflict[];
  /** True if everything in it is here now. */
  done: boolean;
}

export type Choices = Readonly<Record<string, 'file' | 'here'>>;

class Undone extends Error {
  constructor(readonly report: ImportReport) {
    super('nothing was kept');
  }
}

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

/**
 * Brings a job into a workshop: entries that are known are left alone, new ones go through the same door as everything
 * else, and where both sides changed the same thing a person chooses. All of it or nothing: with `check`, or with a
 * conflict that is not chosen yet, nothing is kept. Throws for a photo that is not what its name says.
 */
export async function importJob(from: pg.Pool, shopId: string, job: ReadJob, choices: Choices, check: boolean): Promise<ImportReport> {
  const photos: { sha256: string; mediaType: string; bytes: Buffer; thumb: Buffer }[] = [];
  for (const [sha256, bytes] of job.photos) {
    const seen = await inspectPhoto(sha256, bytes);
    if (!seen.ok)
      throw new BadPhoto(
        `A photo in this file cannot be kept. ${seen.status === 400 ? 'It is not what was written there.' : seen.message}`,
      );
    photos.push({ sha256, bytes, mediaType: seen.mediaType, thumb: seen.thumb });
  }
  try {
    return await inShop(from, shopId, async (db) => {
      const report = await bringIn(db, shopId, job, choices);
      for (const p of photos) {
        await db.query(
          `insert into blob (shop_id, sha256, media_type, bytes, thumb) values ($1, $2, $3, $4, $5) on conflict (shop_id, sha256) do nothing`,
          [shopId, p.sha256, p.mediaType, p.bytes, p.thumb],
        );
      }
      const named = [...new Set(((job.file.rows.photo ?? []) as Photo[]).map((p) => p.sha256))];
      const there = await db.query('select count(*)::int as n from blob where sha256 = any($1)', [named]);
      report.photos = named.length;
      report.missingPhotos = named.length - (there.rows[0] as { n: number }).n;
      if (check || !report.done) throw new Undone({ ...report, done: false });
      return report;
    });
  } catch (error) {
    if (error instanceof Undone) return error.report;
    throw error;
  }
}

export class BadPhoto extends Error {}

async function bringIn(db: Db, shopId: string, { file, commands }: ReadJob, choices: Choices): Promise<ImportReport> {
  const bike = (file.rows.bike?.[0] as { name?: string } | undefined)?.name ?? '';
  const report: ImportReport = { jobId: file.jobId, bike, fresh: 0, known: 0, photos: 0, missingPhotos: 0, conflicts: [], done: true };
  for (const p of file.personal) {
    await db.query('insert into personal (shop_id, id, name, phone, email) values ($1, $2, $3, $4, $5) on conflict do nothing', [
      shopId,
      p.id,
      p.name,
      p.phone ?? null,
      p.email ?? null,
    ]);
  }
  const places: [theirs: number, ours: number][] = [];
  const placeOf = (after: number | null) => (after === null ? null : (places.findLast(([theirs]) => theirs <= after)?.[1] ?? null));
  const contested: Contested[] = [];
  const fought = new Map<string, ImportConflict>();

  for (const { entry, command } of commands) {
    const seen = await db.query('select seq from journal where id = $1', [command.id]);
    const decided = await db.query(`select seq from journal where type = 'tray.decide' and payload ->> 'refusedId' = $1`, [command.id]);
    if (seen.rowCount || decided.rowCount) {
      report.known++;
      places.push([entry.seq, (seen.rows[0] ?? decided.rows[0]).seq as number]);
      continue;
    }
    const { free, held } = part(command, fought);
    for (const conflict of held) contested.push({ entry, command, conflict });
    if (!free) continue;
    const speaker: Speaker = { shopId, actorId: entry.actorId, deviceId: entry.deviceId, receivedAt: entry.receivedAt };
    const wish = { ...free, after: placeOf(command.after) };
    let answer = await applyOne(db, speaker, wish);
    if (answer.kind === 'refused' && answer.refusal.fields) {
      for (const f of answer.refusal.fields) {
        const key = `${command.entity.kind} ${command.entity.id} ${f.field}`;
        const conflict: ImportConflict = { key, table: command.entity.kind, field: f.field, here: f.theirs, file: f.yours, message: null };
        fought.set(key, conflict);
        contested.push({ entry, command, conflict });
      }
      const rest = part(wish, fought).free;
      if (!rest) continue;
      answer = await applyOne(db, speaker, rest);
    }
    if (answer.kind === 'applied') {
      report.fresh++;
      places.push([entry.seq, answer.seq]);
    } else if (answer.kind === 'refused') {
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
  report.done = await decideAll(db, shopId, file.jobId, contested, choices);
  return report;
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
async function decideAll(db: Db, shopId: string, jobId: string, contested: readonly Contested[], choices: Choices): Promise<boolean> {
  if (contested.some((c) => !choices[c.conflict.key])) return false;
  for (const [i, { entry, command, conflict }] of contested.entries()) {
    const { kind, id } = command.entity;
    const last = contested.findLastIndex((c) => c.conflict.key === conflict.key) === i;
    const mine = choices[conflict.key] === 'file' && last && conflict.field !== null;
    const field = conflict.field;
    const { rows } = mine
      ? await db.query(`select versions from "${kind.replace(/[A-Z]/g, (c) => `_${c.toLowerCase()}`)}" where id = $1`, [id])
      : { rows: [] };
    const version = (rows[0] as { versions: Record<string, number> } | undefined)?.versions[field ?? ''] ?? 0;
    const decision = makeCommand({
      id: idFrom(`decide ${command.id} ${conflict.key}`),
      type: 'tray.decide',
      kind,
      entityId: id,
      madeAt: entry.madeAt,
      after: null,
      base: mine ? { [field!]: version } : {},
      payload: {
        ofJob: jobId,
        refusedId: command.id,
        refusedType: command.type,
        choice: choices[conflict.key] === 'file' ? 'mine' : 'theirs',
        set: mine ? { [field!]: conflict.file } : {},
        theirs: field ? { [field]: conflict.here } : {},
        yours: field ? { [field]: conflict.file } : { ...(command.payload as Record<string, unknown>) },
      },
    });
    const answer = await applyOne(db, { shopId, actorId: entry.actorId, deviceId: entry.deviceId }, decision);
    if (answer.kind !== 'applied') throw new Error(`a decision was not taken: ${JSON.stringify(answer)}`);
  }
  return true;
}
