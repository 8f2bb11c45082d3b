import type pg from 'pg';
import { checkCommand, type Fault, type PersonalPart } from '../../contract';
import type { Command, Refusal } from '../../core/command';
import type { Change } from '../../core/record';
import { unknownIn, withOwn, type Knowledge, type Unknown } from '../../core/knowledge';
import { writeIn, type Db } from '../db/pool';
import { allRows } from '../db/rows';
import { Batch } from './batch';
import { hasBytes } from '../files/photos';
import { gather } from './gather';
import type { Speaker } from './speaker';

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
    // What is here already is answered again, whatever would be asked of it today.
    const seen = await seenBefore(db, command.id);
    if (seen) return seen;
    const unknown = shipped && (await unknownHere(db, shipped, command));
    if (unknown) return { kind: 'malformed', faults: [{ ...unknown, path: `payload.${unknown.path}` }] };
    const signed = signedField[command.type];
    if (!signed) return applyOne(db, speaker, command, personal);
    const signer = await db.query('select name from person where id = $1', [speaker.actorId]);
    if (!signer.rowCount)
      return {
        kind: 'refused',
        id: command.id,
        refusal: { code: 'not yet', message: 'Choose who is working first: this needs a name.' },
      };
    const payload = { ...(command.payload as object), [signed]: (signer.rows[0] as { name: string }).name };
    return applyOne(db, speaker, { ...command, payload }, personal);
  });
}

/** Commands that stand in the record under a person's name, and the field that holds it: the session says who, not the device. */
const signedField: Readonly<Record<string, string>> = { 'signature.sign': 'signedBy', 'overrule.say': 'saidBy' };

/** What a command names that neither ships nor is the shop's own. */
async function unknownHere(db: Db, shipped: Knowledge, { type, payload }: Command): Promise<Unknown | null> {
  const unknown = unknownIn(shipped, type, payload as object);
  return unknown && unknownIn(withOwn(shipped, await allRows(db, 'own')), type, payload as object);
}

/** Locks a shop's row and tells its last number: writers of one shop come one after the other, so numbers follow commits without gaps. */
export async function takeTurn(db: Db, shopId: string): Promise<number | null> {
  const { rows } = await db.query('select seq from shop where id = $1 for update', [shopId]);
  return rows[0] ? (rows[0] as { seq: number }).seq : null;
}

export const keepPersonal = async (db: Db, shopId: string, personal: readonly PersonalPart[]): Promise<void> => {
  for (const p of personal)
    await db.query('insert into personal (shop_id, id, name, phone, email) values ($1, $2, $3, $4, $5) on conflict do nothing', [
      shopId,
      p.id,
      p.name,
      p.phone ?? null,
      p.email ?? null,
    ]);
};

/** The answer to a command that was applied before; null if it was not. */
async function seenBefore(db: Db, id: string): Promise<Answer | null> {
  const { rows } = await db.query('select seq, changes from journal where id = $1', [id]);
  const line = rows[0] as { seq: number; changes: Change[] } | undefined;
  return line ? { kind: 'applied', id, ...line, again: true } : null;
}

/** Applies one checked command inside an open transaction of its shop. */
export async function applyOne(db: Db, speaker: Speaker, command: Command, personal: PersonalPart[] = []): Promise<Answer> {
  const { shopId } = speaker;
  const seq = await takeTurn(db, shopId);
  if (seq === null)
    return { kind: 'refused', id: command.id, refusal: { code: 'missing', message: 'This workshop does not exist (any more).' } };
  const seen = await seenBefore(db, command.id);
  if (seen) return seen;
  const batch = new Batch(shopId, await gather(db, [command]), seq);
  const done = batch.apply(command, speaker);
  if (!done.ok) return { kind: 'refused', id: command.id, refusal: done.refusal };
  await keepPersonal(db, shopId, personal);
  await batch.write(db);
  return { kind: 'applied', id: command.id, seq: done.seq, changes: done.changes, again: false };
}
