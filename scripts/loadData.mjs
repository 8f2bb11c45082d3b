// Takes the data, and only the data, out of a dump of pg_dump and puts it into a database that the migrations made.
import { spawn } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { finished } from 'node:stream/promises';
import pg from 'pg';
import { from as copyFrom } from 'pg-copy-streams';

/** Tables of a dump that are passed over: what the migrations write themselves, and what is made anew or worth nothing. */
const passedOver = new Set(['migrations', 'find_line', 'pairing', 'attempt', 'refusal']);

export class BadDump extends Error {}

export const migrations = () =>
  readdirSync('db/migrations')
    .filter((f) => f.endsWith('.sql'))
    .map((f) => f.replace(/\.sql$/, ''))
    .sort();

/** Runs `work` on a connection that is closed afterwards. */
export async function onMaintenance(url, work) {
  const db = new pg.Client(url);
  await db.connect();
  try {
    return await work(db);
  } finally {
    await db.end();
  }
}

const header = /^COPY public\.([a-z_]+) \((("?[a-z_][a-z0-9_]*"?)(, "?[a-z_][a-z0-9_]*"?)*)\) FROM stdin;$/;
const endOfData = Buffer.from('\\.\n');
const longestHeader = 100_000;

/**
 * Reads the blocks of data in a dump as pg_restore writes them out. Everything that is not the head of a block, word for word
 * as it must be, is passed over. Calls `begin(table, columns)`, which answers a sink or null, then sink.write and sink.end.
 */
export async function readBlocks(chunks, begin) {
  let rest = Buffer.alloc(0);
  let sink;
  let inside = false;
  for await (const chunk of chunks) {
    rest = rest.length ? Buffer.concat([rest, chunk]) : chunk;
    for (;;) {
      if (!inside) {
        const end = rest.indexOf(10);
        if (end < 0) {
          // A line that is no head of a block may be as long as it likes.
          if (rest.length > longestHeader) rest = rest.subarray(rest.length - 1);
          break;
        }
        const found = end < longestHeader ? header.exec(rest.subarray(0, end).toString('latin1')) : null;
        rest = rest.subarray(end + 1);
        if (found) {
          sink = await begin(found[1], found[2].split(', '));
          inside = true;
        }
        continue;
      }
      // Whole lines only: the mark at the end is a line of its own.
      let at = 0;
      let ended = false;
      for (;;) {
        const end = rest.indexOf(10, at);
        if (end < 0) break;
        if (end - at === 2 && rest.compare(endOfData, 0, 3, at, end + 1) === 0) {
          ended = true;
          break;
        }
        at = end + 1;
      }
      if (at > 0) await sink?.write(rest.subarray(0, at));
      rest = rest.subarray(ended ? at + 3 : at);
      if (!ended) break;
      await sink?.end();
      inside = false;
    }
  }
  if (inside) throw new BadDump('it ends in the middle of a table');
}

/** The data of a dump as text, as pg_restore tells it; `tables` names some. Throws if it cannot be read. */
async function eachBlock(bin, file, tables, begin) {
  const args = ['--data-only', '--no-owner', '--no-privileges', ...tables.flatMap((t) => ['-t', t]), '-f', '-', file];
  const child = spawn(`${bin.dir}/pg_restore`, args, { stdio: ['ignore', 'pipe', 'pipe'] });
  let said = '';
  child.stderr.setEncoding('utf8').on('data', (text) => (said = (said + text).slice(-2000)));
  const code = new Promise((done, fail) => child.on('error', fail).on('close', done));
  try {
    await readBlocks(child.stdout, begin);
  } catch (error) {
    child.kill('SIGKILL');
    await code.catch(() => undefined);
    throw error;
  }
  if ((await code) !== 0) throw new BadDump(`it cannot be read: ${said.trim().split('\n')[0]}`);
}

/** How many of our migrations had run where a dump was made. Throws if it is none of ours, or of a newer Ivrek. */
export async function levelOf(bin, file) {
  let text = '';
  let column = -1;
  await eachBlock(bin, file, ['migrations'], (table, columns) => {
    if (table !== 'migrations') return null;
    column = columns.indexOf('name');
    return { write: (data) => void (text += data.toString('utf8')), end: () => undefined };
  });
  const names = text
    .split('\n')
    .filter(Boolean)
    .map((line) => line.split('\t')[column])
    .sort();
  if (names.length === 0) throw new BadDump('it is no dump of Ivrek');
  const ours = migrations();
  const ahead = names.filter((n) => !ours.includes(n));
  if (ahead.length) throw new BadDump(`it was made by a newer Ivrek (it has ${ahead.map((n) => n.slice(0, 60)).join(', ')})`);
  if (names.some((n, i) => n !== ours[i])) throw new BadDump('its migrations are not in their order');
  return names.length;
}

/** Columns by table, of what the migrations made. */
async function shapeOf(db) {
  const { rows } = await db.query(
    `select table_name, column_name from information_schema.columns where table_schema = 'public' and is_generated = 'NEVER'`,
  );
  const shape = new Map();
  for (const { table_name, column_name } of rows) shape.set(table_name, (shape.get(table_name) ?? new Set()).add(column_name));
  return shape;
}

/**
 * Loads the data as the application's own role. Its tables are opened to it for that long (row-level security, triggers), in a
 * database that nobody else knows yet. Answers how many entries came.
 */
export async function loadData(bin, { owner: ownerUrl, app: appUrl }, file) {
  const owner = new pg.Client(ownerUrl);
  const app = new pg.Client(appUrl);
  await owner.connect();
  try {
    await app.connect();
    const shape = await shapeOf(owner);
    const { rows: bound } = await owner.query(
      `select c.relname from pg_class c join pg_namespace n on n.oid = c.relnamespace where n.nspname = 'public' and c.relkind = 'r' and c.relrowsecurity`,
    );
    const each = async (sql) => {
      for (const { relname } of bound) await owner.query(sql(pg.escapeIdentifier(relname)));
    };
    await each((t) => `alter table ${t} disable row level security, disable trigger user`);
    // Tables come in the order of their names, and old rows may name what is not there: what refers to what is held again at the end.
    const { rows: links } = await owner.query(
      `select c.relname, k.conname, pg_get_constraintdef(k.oid) as says from pg_constraint k join pg_class c on c.oid = k.conrelid
       join pg_namespace n on n.oid = c.relnamespace where n.nspname = 'public' and k.contype = 'f'`,
    );
    const alter = (link, how) =>
      owner.query(`alter table ${pg.escapeIdentifier(link.relname)} ${how.replace('$', pg.escapeIdentifier(link.conname))}`);
    for (const link of links) await alter(link, 'drop constraint $');
    await app.query('begin');
    const missing = new Set([...shape.keys()].filter((t) => !passedOver.has(t)));
    await eachBlock(bin, file, [], async (table, columns) => {
      if (passedOver.has(table)) return null;
      const known = shape.get(table);
      const plain = columns.map((c) => c.replaceAll('"', ''));
      if (!known || !plain.every((c) => known.has(c)))
        throw new BadDump(`it has a table or a column that is not Ivrek's (${table.slice(0, 60)})`);
      if (!missing.delete(table)) throw new BadDump(`it has ${table} twice`);
      const stream = app.query(
        copyFrom(`copy ${pg.escapeIdentifier(table)} (${plain.map((c) => pg.escapeIdentifier(c)).join(', ')}) from stdin`),
      );
      let failed;
      stream.on('error', (error) => (failed = error));
      return {
        async write(data) {
          if (failed) throw new BadDump(`${table}: ${failed.message}`);
          if (!stream.write(Buffer.from(data))) await new Promise((go) => stream.once('drain', go).once('error', go));
        },
        async end() {
          stream.end();
          await finished(stream).catch((error) => {
            throw new BadDump(`${table}: ${error.message}`);
          });
        },
      };
    });
    if (missing.size) throw new BadDump(`there is no ${[...missing].join(', ')} in it`);
    const { rows: odd } = await app.query(
      `select s.name from shop s where s.seq <> (select count(*) from journal j where j.shop_id = s.id)
         or s.seq <> (select coalesce(max(j.seq), 0) from journal j where j.shop_id = s.id)`,
    );
    if (odd.length) throw new BadDump(`the journal of ${odd.map((r) => r.name).join(', ')} is not whole`);
    const { rows } = await app.query('select count(*)::int as n from journal');
    await app.query('commit').catch((error) => {
      throw new BadDump(error.message);
    });
    for (const link of links) {
      // Whose workshop a row is in must be known; what one row says of another may be older than the rule that it must be there.
      const strict = / REFERENCES shop\(/.test(link.says);
      const says = link.says.replace(/ NOT VALID$/, '');
      await alter(link, `add constraint $ ${says} not valid`);
      await alter(link, 'validate constraint $').catch((error) => {
        if (strict || error.code !== '23503') throw new BadDump(error.message);
      });
    }
    await each((t) => `alter table ${t} enable row level security, no force row level security, enable trigger user`);
    // Dumps of the first release know no search.
    if ((await owner.query(`select to_regprocedure('find_rebuild()') is not null as there`)).rows[0].there)
      await owner.query('select find_rebuild()');
    await each((t) => `alter table ${t} force row level security`);
    await owner.query('analyze');
    return { entries: rows[0].n };
  } finally {
    await app.end().catch(() => undefined);
    await owner.end();
  }
}
