import { randomUUID } from 'node:crypto';
import type pg from 'pg';
import { stringify } from 'yaml';
import { checkCommand } from '../../contract';
import { command as commandOf, type Command, type CommandName, type OwnAdd, type OwnChange, type Payloads } from '../../core/command';
import { ownFile, ownProblems, type Knowledge } from '../../core/knowledge';
import { sameData } from '../../core/data';
import type { Own, OwnKind } from '../../core/state';
import { applyOne } from '../commands/handle';
import type { Speaker } from '../commands/speaker';
import { readTransaction, patiently, writeTransaction } from '../db/pool';
import { allRows } from '../db/rows';
import type { BroughtIn } from '../../wire';
import { work } from '../work/pool';
import type { Filed } from './readOwnYaml';

/** What a shop knows itself as a file: the same YAML that ships in knowledge/ and that `./ivrek knowledge --own` takes. */

export const ownRows = (from: pg.Pool, shopId: string): Promise<Own[]> => readTransaction(from, shopId, (db) => allRows(db, 'own'));

/** The file, with a line on top that says what it is. */
export function ownYaml(rows: readonly Own[], shop: string): string {
  const content = ownFile(rows);
  const head = `# What ${shop.replace(/\s+/g, ' ')} knows itself, on top of what ships with Ivrek. Every figure in it is judgement.\n`;
  return Object.keys(content).length ? head + stringify(content, { lineWidth: 120 }) : `${head}{}\n`;
}

export type OwnImport = { ok: true; brought: BroughtIn } | { ok: false; problems: string[] };

const subject = (what: OwnKind, body: Filed['body']) => {
  const { id, fault, test } = body as { id?: string; fault?: string; test?: string };
  return what === 'figure' ? `figure ${fault ?? ''} ${test ?? ''}` : `${what} ${id}`;
};

/** Brings a file in: all of it or nothing. What is here under the same id is changed to what the file says. */
export async function bringIn(from: pg.Pool, speaker: Speaker, shipped: Knowledge, text: string): Promise<OwnImport> {
  const { entries, problems } = await work(speaker.shopId, 'readOwn', text);
  if (problems.length) return { ok: false, problems };
  return writeTransaction(from, speaker.shopId, async (db): Promise<OwnImport> => {
    await patiently(db, 60_000);
    const here = await allRows(db, 'own');
    const known = new Map(here.map((r) => [subject(r.what, r.body), r]));
    const wanted = entries.map((e) => ({ ...e, row: known.get(subject(e.what, e.body)) }));
    const after = [
      ...here.filter((r) => !wanted.some((w) => w.row === r)),
      ...wanted.map(({ what, body, retired, row }) => ({ id: row?.id ?? randomUUID(), versions: {}, what, body, retired }) as Own),
    ];
    // What was left out before for a reason of its own does not stand in the way of a file that does not speak of it.
    const before = new Set(ownProblems(shipped, here).map((p) => p.rowId));
    const wrong = ownProblems(shipped, after).filter((p) => !p.idle && (!before.has(p.rowId) || wanted.some((w) => w.row?.id === p.rowId)));
    if (wrong.length) return { ok: false, problems: wrong.map((p) => `${name(after.find((r) => r.id === p.rowId)!)}: ${p.says}`) };
    const fresh = after.filter((r) => !here.some((h) => h.id === r.id));
    const changed = wanted.filter((w) => w.row && !sameData(w.row.body, w.body));
    const commands = [...addOf(fresh), ...changed.map((w) => changeOf(w.row!, w.body)), ...retireOf(wanted, after)];
    for (const command of commands) {
      const checked = checkCommand(command);
      const answer = checked.ok ? await applyOne(db, speaker, checked.command) : null;
      if (!checked.ok || answer?.kind !== 'applied')
        throw new Error(checked.ok ? `refused: ${JSON.stringify(answer)}` : `${checked.faults[0].path}: ${checked.faults[0].message}`);
    }
    const same = wanted.length - fresh.length - changed.length;
    return { ok: true, brought: { added: fresh.length, changed: changed.length, same, rows: await allRows(db, 'own') } };
  });
}

const name = (r: Own) => (r.what === 'figure' ? `figure for ${r.body.fault ?? r.body.test}` : `${r.what} ${r.body.id}`);

const command = <N extends CommandName>(type: N, id: string, payload: Payloads[N], base: Record<string, number> = {}): Command =>
  commandOf(type, id, payload, { id: randomUUID(), madeAt: new Date().toISOString(), base });

function addOf(rows: readonly Own[]): Command[] {
  if (rows.length === 0) return [];
  const of = (what: OwnKind) => rows.filter((r) => r.what === what).map(({ id, body }) => ({ id, body }));
  const payload = { faults: of('fault'), findings: of('finding'), tests: of('test'), figures: of('figure') };
  return [command('own.add', rows[0].id, payload as OwnAdd)];
}

function changeOf(row: Own, body: Filed['body']): Command {
  const none: OwnChange = { fault: null, finding: null, test: null, figure: null };
  return command('own.change', row.id, { ...none, [row.what]: body }, { body: row.versions.body ?? 0 });
}

/** What the file takes out, and what it puts back. */
function retireOf(wanted: readonly { retired: boolean; row?: Own }[], after: readonly Own[]): Command[] {
  const out = after.filter((r) => r.retired && !wanted.some((w) => w.row?.id === r.id && w.row.retired)).map((r) => r.id);
  const back = wanted.flatMap((w) => (w.row?.retired && !w.retired ? [w.row.id] : []));
  return [
    ...(out.length ? [command('own.retire', out[0], { ids: out, retired: true })] : []),
    ...(back.length ? [command('own.retire', back[0], { ids: back, retired: false })] : []),
  ];
}
