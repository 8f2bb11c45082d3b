import type pg from 'pg';
import { checkCommand, type ValueFault, type PersonalPart } from '../../contract';
import type { Command, Refusal } from '../../core/command';
import type { Change } from '../../core/state';
import { unknownIn, withOwn, type Knowledge, type Unknown } from '../../core/knowledge';
import { writeTransaction, type Db } from '../db/pool';
import { allRows } from '../db/rows';
import { Batch } from './batch';
import { hasBytes } from '../files/photos';
import { loadRows } from './loadRows';
import type { Speaker } from './speaker';

export type CommandResult =
  | { kind: 'applied'; id: string; seq: number; changes: Change[]; again: boolean }
  | { kind: 'malformed'; faults: ValueFault[] }
  | { kind: 'refused'; id: string; refusal: Refusal }
  /** Another entry of the same act was not taken, so this one was not applied either. */
  | { kind: 'left' };

/** One command or several that are one act, as they came in. */
interface Checked {
  command: Command;
  personal: PersonalPart[];
}

const refusing = (id: string, refusal: Refusal): CommandResult => ({ kind: 'refused', id, refusal });

/**
 * The one way in: checks, applies and journals the commands of one act in one transaction, all of them or none. Sent twice, they are
 * applied once. What they name must be in the knowledge (none given: any is taken), and who signs is who speaks.
 *
 * @returns one answer for each command; where one is refused, the others are `left`
 */
export async function handleCommands(
  from: pg.Pool,
  speaker: Speaker,
  inputs: readonly unknown[],
  shipped?: Knowledge,
): Promise<CommandResult[]> {
  const checked: Checked[] = [];
  for (const [i, input] of inputs.entries()) {
    const one = checkCommand(input);
    if (!one.ok) return others(inputs, i, { kind: 'malformed', faults: one.faults });
    checked.push(one);
  }
  return writeTransaction(from, speaker.shopId, async (db): Promise<CommandResult[]> => {
    // What is here already is answered again, whatever would be asked of it today.
    const seen = await seenBefore(
      db,
      checked.map((c) => c.command.id),
    );
    const ready: Checked[] = [];
    for (const [i, one] of checked.entries()) {
      if (seen.has(one.command.id)) continue;
      const asked = await prepare(db, speaker, one, shipped);
      if ('kind' in asked) return others(inputs, i, asked);
      ready.push(asked);
    }
    const done = ready.length ? await applyAll(db, speaker, ready) : new Map<string, CommandResult>();
    return checked.map(({ command: { id } }) => seen.get(id) ?? done.get(id)!);
  });
}

/** Everyone's answer where one of several was not taken. */
const others = (inputs: readonly unknown[], at: number, why: CommandResult): CommandResult[] =>
  inputs.map((_, i): CommandResult => (i === at ? why : { kind: 'left' }));

/** The same for one command. */
export async function handleCommand(from: pg.Pool, speaker: Speaker, input: unknown, shipped?: Knowledge): Promise<CommandResult> {
  return (await handleCommands(from, speaker, [input], shipped))[0];
}

/** What is asked of a command beside its effect, and who it is by; an answer where it cannot be. */
async function prepare(db: Db, speaker: Speaker, { command, personal }: Checked, shipped?: Knowledge): Promise<Checked | CommandResult> {
  const { id, type } = command;
  if (type === 'photo.add' && !(await hasBytes(db, (command.payload as { sha256: string }).sha256)))
    return refusing(id, { code: 'not yet', message: 'The bytes of this photo are not here yet.' });
  const unknown = shipped && (await unknownHere(db, shipped, command));
  if (unknown) return { kind: 'malformed', faults: [{ ...unknown, path: `payload.${unknown.path}` }] };
  const signed = signedField[type];
  if (!signed) return { command, personal };
  const signer = await db.query('select name from person where id = $1', [speaker.actorId]);
  if (!signer.rowCount) return refusing(id, { code: 'not yet', message: 'Choose who is working first: this needs a name.' });
  const payload = { ...(command.payload as object), [signed]: (signer.rows[0] as { name: string }).name };
  return { command: { ...command, payload }, personal };
}

/** Commands that stand in the record under a person's name, and the field that holds it: the session says who, not the device. */
const signedField: Readonly<Record<string, string>> = {
  'signature.sign': 'signedBy',
  'overrule.say': 'saidBy',
  'piece.settle': 'settledBy',
};

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

export const savePersonal = async (db: Db, shopId: string, personal: readonly PersonalPart[]): Promise<void> => {
  for (const p of personal)
    await db.query('insert into personal (shop_id, id, name, phone, email) values ($1, $2, $3, $4, $5) on conflict do nothing', [
      shopId,
      p.id,
      p.name,
      p.phone ?? null,
      p.email ?? null,
    ]);
};

/** The answers to commands that were applied before, by their ids. */
async function seenBefore(db: Db, ids: readonly string[]): Promise<Map<string, CommandResult>> {
  const { rows } = await db.query('select id, seq, changes from journal where id = any($1::uuid[])', [ids]);
  return new Map((rows as { id: string; seq: number; changes: Change[] }[]).map((r) => [r.id, { kind: 'applied', ...r, again: true }]));
}

/** Applies checked commands that are one act inside an open transaction of their shop: all of them, or none. */
async function applyAll(db: Db, speaker: Speaker, wanted: readonly Checked[]): Promise<Map<string, CommandResult>> {
  const { shopId } = speaker;
  const answers = new Map<string, CommandResult>();
  const refuse = (id: string, refusal: Refusal) => {
    for (const { command } of wanted) answers.set(command.id, command.id === id ? refusing(id, refusal) : { kind: 'left' });
    return answers;
  };
  const seq = await takeTurn(db, shopId);
  if (seq === null) return refuse(wanted[0].command.id, { code: 'missing', message: 'This workshop does not exist (any more).' });
  // Sent twice at once, the second was looked up before the first was there.
  const seen = await seenBefore(
    db,
    wanted.map((w) => w.command.id),
  );
  const fresh = wanted.filter((w) => !seen.has(w.command.id));
  for (const [id, answer] of seen) answers.set(id, answer);
  if (fresh.length === 0) return answers;
  const batch = new Batch(
    shopId,
    await loadRows(
      db,
      fresh.map((w) => w.command),
    ),
    seq,
  );
  for (const { command } of fresh) {
    const done = batch.apply(command, speaker);
    if (!done.ok) return refuse(command.id, done.refusal);
    answers.set(command.id, { kind: 'applied', id: command.id, seq: done.seq, changes: done.changes, again: false });
  }
  await savePersonal(
    db,
    shopId,
    fresh.flatMap((w) => w.personal),
  );
  await batch.write(db);
  return answers;
}

/** Applies one checked command inside an open transaction of its shop. */
export async function applyOne(db: Db, speaker: Speaker, command: Command, personal: PersonalPart[] = []): Promise<CommandResult> {
  return (await applyAll(db, speaker, [{ command, personal }])).get(command.id)!;
}
