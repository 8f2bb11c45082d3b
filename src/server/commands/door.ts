import type pg from 'pg';
import { checkCommand, type Fault, type PersonalPart } from '../../contract';
import { effectOf, entryOf, type Command, type Refusal } from '../../core/command';
import { applyChanges, bump, type AnyRow, type Change, type State } from '../../core/record';
import { unknownIn, withOwn, type Knowledge, type Unknown } from '../../core/knowledge';
import { writeIn, type Db } from '../db/pool';
import { allRows, deleteRow, insertRow, updateRow, type Place } from '../db/rows';
import { hasBytes } from '../files/photos';
import { gather } from './gather';

/** Who speaks; set from the session, never by the command. */
export interface Speaker {
  shopId: string;
  actorId: string | null;
  deviceId: string | null;
  /** When another installation received it, for an entry that is brought in from there. */
  receivedAt?: string;
}

export type Answer =
  | { kind: 'applied'; id: string; seq: number; changes: Change[]; again: boolean }
  | { kind: 'malformed'; faults: Fault[] }
  | { kind: 'refused'; id: string; refusal: Refusal };

/**
 * The one way in: checks, applies and journals one command in one transaction. Sent twice, it is applied once. What it names
 * must be in the knowledge (none given: any is taken), and who signs is who speaks.
 */
export async function receive(from: pg.Pool, speaker: Speaker, input: unknown, shipped?: Knowledge): Promise<Answer> {
  const checked = checkCommand(input);
  if (!checked.ok) return { kind: 'malformed', faults: checked.faults };
  const { command, personal } = checked;
  return writeIn(from, speaker.shopId, async (db): Promise<Answer> => {
    if (command.type === 'photo.add' && !(await hasBytes(db, (command.payload as { sha256: string }).sha256)))
      return { kind: 'refused', id: command.id, refusal: { code: 'not yet', message: 'The bytes of this photo are not here yet.' } };
    const unknown = shipped && (await unknownHere(db, shipped, command));
    if (unknown) return { kind: 'malformed', faults: [{ ...unknown, path: `payload.${unknown.path}` }] };
    if (command.type !== 'signature.sign') return applyOne(db, speaker, command, personal);
    const signer = await db.query('select name from person where id = $1', [speaker.actorId]);
    if (!signer.rowCount)
      return { kind: 'refused', id: command.id, refusal: { code: 'not yet', message: 'Choose who is working first: a signature needs a name.' } };
    const payload = { ...(command.payload as object), signedBy: (signer.rows[0] as { name: string }).name };
    return applyOne(db, speaker, { ...command, payload }, personal);
  });
}

/** What a command names that neither ships nor is the shop's own. */
async function unknownHere(db: Db, shipped: Knowledge, { type, payload }: Command): Promise<Unknown | null> {
  const unknown = unknownIn(shipped, type, payload as object);
  return unknown && unknownIn(withOwn(shipped, await allRows(db, 'own')), type, payload as object);
}

/** Applies one checked command inside an open transaction of its shop. */
export async function applyOne(
  db: Db,
  { shopId, actorId, deviceId, receivedAt }: Speaker,
  command: Command,
  personal: PersonalPart[] = [],
): Promise<Answer> {
  // The shop's row is the queue: writers of one shop come one after the other, so numbers follow commits without gaps.
  const shop = await db.query('select seq from shop where id = $1 for update', [shopId]);
  if (shop.rowCount === 0)
    return { kind: 'refused', id: command.id, refusal: { code: 'missing', message: 'This workshop does not exist (any more).' } };
  const seen = await db.query('select seq, changes from journal where id = $1', [command.id]);
  if (seen.rowCount)
    return { kind: 'applied', id: command.id, seq: seen.rows[0].seq as number, changes: seen.rows[0].changes as Change[], again: true };

  const state = await gather(db, command);
  const outcome = effectOf(state, command);
  if (!outcome.ok) return { kind: 'refused', id: command.id, refusal: outcome.refusal };

  for (const p of personal) {
    await db.query('insert into personal (shop_id, id, name, phone, email) values ($1, $2, $3, $4, $5) on conflict do nothing', [
      shopId,
      p.id,
      p.name,
      p.phone ?? null,
      p.email ?? null,
    ]);
  }
  const seq = (shop.rows[0].seq as number) + 1;
  // A device cannot have known more than there was; one that claims so has a journal of another installation.
  const after = command.after === null ? null : Math.min(command.after, seq - 1);
  await write(db, shopId, state, outcome.changes, { after, seq });
  const { jobId } = entryOf(state, command, outcome.changes, seq, actorId);
  await db.query(
    `insert into journal (shop_id, seq, id, schema_version, type, entity_kind, entity_id, job_id, bike_id, made_at, after, base, payload, changes, actor_id, device_id, received_at)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, $15, $16, coalesce($17, clock_timestamp()))`,
    [
      shopId,
      seq,
      command.id,
      command.schemaVersion,
      command.type,
      command.entity.kind,
      command.entity.id,
      jobId,
      await bikeOf(db, state, outcome.changes),
      command.madeAt,
      after,
      JSON.stringify(command.base),
      JSON.stringify(command.payload),
      JSON.stringify(outcome.changes),
      actorId,
      deviceId,
      receivedAt ?? null,
    ],
  );
  await db.query('update shop set seq = $2 where id = $1', [shopId, seq]);
  await db.query(`select pg_notify('ivrek_journal', $1)`, [String(seq)]);
  return { kind: 'applied', id: command.id, seq, changes: outcome.changes, again: false };
}

async function write(db: Db, shopId: string, before: State, changes: readonly Change[], place: Place): Promise<void> {
  let state = before;
  for (const c of changes) {
    if (c.op === 'insert') await insertRow(db, shopId, c.table, c.row, place);
    else if (c.op === 'delete') await deleteRow(db, shopId, c.table, c.row.id);
    else {
      const row = state.rows[c.table].get(c.id) as AnyRow;
      await updateRow(db, shopId, c.table, c.id, c.set, bump(row.versions, Object.keys(c.set)));
    }
    state = applyChanges(state, [c]);
  }
}

/** The bike that an entry without a job belongs to, so that the bike's own changes stand in its jobs' logs. */
async function bikeOf(db: Db, state: State, changes: readonly Change[]): Promise<string | null> {
  for (const c of changes) {
    const id = c.op === 'update' ? c.id : c.row.id;
    if (c.table === 'bike') return id;
    if (c.table === 'spec' || c.table === 'erratum')
      return state.rows[c.table].get(id)?.bikeId ?? (c.op === 'update' ? null : (c.row as { bikeId: string }).bikeId);
    if (c.table === 'owner')
      return ((await db.query('select id from bike where owner_id = $1 limit 1', [id])).rows[0]?.id as string | undefined) ?? null;
  }
  return null;
}
