import type pg from 'pg';
import {
  bikeTables,
  jobTables,
  type AnyRow,
  type Fact,
  type Fastener,
  type Step,
  type JobSnapshot,
  type JournalEntry,
  type Personal,
  type Reading,
  type TableName,
} from '../../core/state';
import { entryColumns } from '../commands/loadRows';
import { isoOf } from '../db/instant';
import { readTransaction, type Db } from '../db/pool';
import { inOneStatement, rowFrom, type Wanted } from '../db/rows';
import { isUuid } from '../http/uuid';
import { experienceOf, experienceSql } from './experience';

/** Readings of other jobs that come along: as many as a small chart can show. */
const mostEarlier = 400;

/**
 * A job as it stands, for one who works with it.
 * @param from the pool
 * @param shopId the workshop
 * @param jobId the job
 * @param actorId who asks, if that is known
 * @param lines how many lines of its journal at most, the newest; all where it is left out
 * @returns the job, or null where there is none
 */
export async function jobSnapshot(
  from: pg.Pool,
  shopId: string,
  jobId: string,
  actorId: string | null,
  lines: number | null = null,
): Promise<JobSnapshot | null> {
  return readTransaction(from, shopId, (db) => snapshotIn(db, shopId, jobId, actorId, lines));
}

const bike = '(select bike_id from job where id = $1)';
const owner = `(select owner_id from bike where id = ${bike})`;

/** The rows of a job: its own, its bike's, and what belongs to the whole workshop. */
const rowsOfJob: readonly Wanted[] = [
  { table: 'job', where: 'id = $1' },
  { table: 'bike', where: `id = ${bike}` },
  { table: 'owner', where: `id = ${owner}` },
  { table: 'person', where: 'true', order: 'name' },
  { table: 'own', where: 'true' },
  ...bikeTables.map((table): Wanted => ({ table, where: `bike_id = ${bike}` })),
  ...jobTables.map((table): Wanted => ({ table, where: 'job_id = $1' })),
];
const earlierReadings: Wanted = { table: 'reading', where: `bike_id = ${bike} and job_id <> $1` };

/** The last of the bike's other jobs in which something came off. */
const lastStripped = `(select j.id from job j where j.bike_id = ${bike} and j.id <> $1
  and exists (select 1 from step s where s.job_id = j.id) order by j.opened_at desc, j.id limit 1)`;
const lastStrip = (['step', 'fastener', 'fact'] as const).map((table): Wanted => ({ table, where: `job_id = ${lastStripped}` }));

/** Everything at once: rows, journal and numbers in one statement and one answer. */
const wholeJob = `select ${inOneStatement([...rowsOfJob, earlierReadings, ...lastStrip])},
  (select row_to_json(s) from (select id, name, rate::text, currency, seq from shop where id = $2) s) as shop,
  (select row_to_json(p) from (select id, name from person where id = $3) p) as actor,
  (select coalesce(json_agg(p), '[]') from (
     select id, name, phone, email from personal where id = (select personal_id from owner where id = ${owner})) p) as personal,
  (select coalesce(json_agg(e order by e.seq), '[]') from (
     select ${entryColumns.replace('made_at as', 'made_at::text as')} from journal
     where job_id = $1 or (job_id is null and bike_id = ${bike}) order by seq desc limit $4) e) as journal,
  (${experienceSql}) as experience`;

interface Whole {
  shop: JobSnapshot['shop'] | null;
  actor: JobSnapshot['actor'];
  personal: Personal[];
  journal: JournalEntry[];
  experience: Record<string, number>;
}

/** The same inside a transaction that is open already. */
export async function snapshotIn(
  db: Db,
  shopId: string,
  jobId: string,
  actorId: string | null,
  lines: number | null = null,
): Promise<JobSnapshot | null> {
  if (!isUuid(jobId)) return null;
  const answer = (await db.query({ name: 'whole job', text: wholeJob, values: [jobId, shopId, actorId, lines] })).rows[0] as Whole &
    Record<string, AnyRow[]>;
  const listed = (i: number, table: TableName) => answer[`t${i}`].map((row) => rowFrom(table, row));
  const rows = Object.fromEntries(rowsOfJob.map(({ table }, i) => [table, listed(i, table)])) as JobSnapshot['rows'];
  if (!answer.shop || rows.job!.length === 0) return null;
  const after = rowsOfJob.length;
  const journal = wholeActs(answer.journal, answer.journal.length === lines);
  const steps = listed(after + 1, 'step') as Step[];
  return {
    shop: answer.shop,
    actor: answer.actor,
    jobId,
    rows,
    personal: answer.personal,
    journal: journal.map((e) => ({ ...e, madeAt: isoOf(e.madeAt) })),
    ...(answer.journal.length === lines && { journalFrom: journal[0].seq! }),
    experience: experienceOf(answer.experience),
    earlier: (listed(after, 'reading') as Reading[]).slice(-mostEarlier),
    ...(steps.length > 0 && {
      lastStrip: { steps, fasteners: listed(after + 2, 'fastener') as Fastener[], facts: listed(after + 3, 'fact') as Fact[] },
    }),
  };
}

/** Of a journal that may begin in the middle of an act the part where whole acts begin: half of one must not be taken back. */
function wholeActs(journal: JournalEntry[], cut: boolean): JournalEntry[] {
  const first = journal.at(0)?.groupId;
  if (!cut || !first) return journal;
  const whole = journal.findIndex((e) => e.groupId !== first);
  return whole < 0 ? journal : journal.slice(whole);
}
