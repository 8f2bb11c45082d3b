import fc from 'fast-check';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { makeCommand, type Command } from '../../src/core/command';
import { exportJob, exportZip } from '../../src/server/files/export';
import { digestOf, type JobFile } from '../../src/server/files/jobFile';
import { BadPhoto, importJob, type ImportChoices } from '../../src/server/files/import';
import { storePhoto, readPhoto } from '../../src/server/files/photos';
import { readJobFile, type ReadJob } from '../../src/server/files/readJobFile';
import { jobSnapshot } from '../../src/server/queries/job';
import { id, photoHash, uid } from '../fixtures/commands';
import { freshDatabase, openBoth, shopA, shopB, type TestDatabase } from './database';
import { openScript, sendAll, withoutNumbers } from './filled';
import { picture } from './pictures';
import { tablesOf } from './tables';

let home: TestDatabase;
let other: TestDatabase;
let zip: Uint8Array;
let photo: { sha: string; bytes: Buffer };
let n = 30_000;
const set = (type: 'bike.set' | 'job.set', entityId: string, fields: Record<string, unknown>, base: Record<string, number>) =>
  makeCommand({
    id: uid(n++),
    type,
    kind: type === 'bike.set' ? 'bike' : 'job',
    entityId,
    madeAt: '2030-03-01T08:00:00.000Z',
    after: null,
    payload: { set: fields },
    base,
  });
const note = (what: string) =>
  makeCommand({
    id: uid(n++),
    type: 'watch.add',
    kind: 'watch',
    entityId: uid(n++),
    madeAt: '2030-03-01T08:00:00.000Z',
    after: null,
    payload: { jobId: id.job, what, due: 'soon' },
  });

beforeAll(async () => {
  home = await freshDatabase();
  await openBoth(home.pool);
  photo = await picture('#336699');
  await storePhoto(home.pool, shopA, photo.sha, photo.bytes);
  const commands = JSON.parse(JSON.stringify(openScript()).replaceAll(photoHash, photo.sha)) as Command[];
  await sendAll(home.pool, shopA, commands, id.person);
  zip = (await exportZip(home.pool, shopA, id.job))!;
});
afterAll(() => home.drop());
beforeEach(async () => {
  other = await freshDatabase();
  await openBoth(other.pool);
  return () => other.drop();
});

const read = (bytes: Uint8Array): ReadJob => {
  const r = readJobFile(Buffer.from(bytes));
  if (!r.ok) throw new Error(r.message);
  return r.job;
};
const bring = (bytes: Uint8Array, choices: ImportChoices = {}, check = false) => importJob(other.pool, shopB, read(bytes), choices, check);
const count = async (t: TestDatabase, shopId: string) =>
  Number((await t.owner.query('select count(*) as n from journal where shop_id = $1', [shopId])).rows[0].n);

describe('a job brought in', () => {
  it('loses nothing between two installations: rows, journal, people, who and when, photos', async () => {
    const report = await bring(zip);
    expect(report).toMatchObject({ done: true, conflicts: [], known: 0, bike: 'Quillon 350' });
    expect(report.fresh).toBe(read(zip).commands.length);
    const there = (await jobSnapshot(home.pool, shopA, id.job, null))!;
    const here = (await jobSnapshot(other.pool, shopB, id.job, null))!;
    expect(withoutNumbers(here)).toEqual(withoutNumbers(there));
    expect((await readPhoto(other.pool, shopB, photo.sha, 'full'))!.bytes.equals(photo.bytes)).toBe(true);
    const [mine, theirs] = [(await exportJob(other.pool, shopB, id.job))!, (await exportJob(home.pool, shopA, id.job))!];
    const plain = (f: JobFile) => f.journal.map(({ seq, after, ...e }) => (void seq, void after, e));
    expect(plain(mine)).toEqual(plain(theirs));
    expect(mine.rows).toEqual(theirs.rows);
    // and back again: nothing is new there
    const back = (await exportZip(other.pool, shopB, id.job))!;
    expect(await importJob(home.pool, shopA, read(back), {}, false)).toMatchObject({ fresh: 0, conflicts: [], done: true });
  });

  it('of a bike that was here before brings its earlier visit along, and finds it where it is known', async () => {
    const back = uid(n++);
    const open = makeCommand({
      id: uid(n++),
      type: 'job.open',
      kind: 'job',
      entityId: back,
      madeAt: '2031-04-02T08:00:00.000Z',
      after: null,
      payload: { bikeId: id.bike, complaintId: uid(n++), words: 'Smokes', symptoms: {}, rate: '38.00' },
    });
    const visited = await freshDatabase();
    try {
      await openBoth(visited.pool);
      await importJob(visited.pool, shopA, read(zip), {}, false);
      await sendAll(visited.pool, shopA, [open], id.person);
      const second = (await exportZip(visited.pool, shopA, back))!;
      // Where nothing is known of it, all of it comes.
      expect(await bring(second)).toMatchObject({ done: true, conflicts: [], bike: 'Quillon 350', photos: 1, missingPhotos: 0 });
      for (const job of [id.job, back])
        expect(withoutNumbers((await jobSnapshot(other.pool, shopB, job, null))!)).toEqual(
          withoutNumbers((await jobSnapshot(visited.pool, shopA, job, null))!),
        );
      // Where the first visit is known, only the second is new.
      expect(await importJob(home.pool, shopA, read(second), {}, true)).toMatchObject({ fresh: 1, conflicts: [] });
    } finally {
      await visited.drop();
    }
  });

  it('twice changes nothing the second time', async () => {
    await bring(zip);
    const before = await tablesOf(other.pool, shopB);
    const lines = await count(other, shopB);
    expect(await bring(zip)).toMatchObject({ fresh: 0, done: true });
    expect(await tablesOf(other.pool, shopB)).toEqual(before);
    expect(await count(other, shopB)).toBe(lines);
  });

  it('with check only says what would happen', async () => {
    expect(await bring(zip, {}, true)).toMatchObject({ done: false, conflicts: [], bike: 'Quillon 350', photos: 1, missingPhotos: 0 });
    expect(await count(other, shopB)).toBe(0);
    expect(await jobSnapshot(other.pool, shopB, id.job, null)).toBeNull();
  });

  it('as JSON alone comes without the bytes and says how many photos are missing', async () => {
    const job = unzipSync(zip)['job.json'];
    expect(await bring(job)).toMatchObject({ done: true, photos: 1, missingPhotos: 1 });
  });

  it('that was edited on both sides since: what agrees goes on, what does not is chosen, nothing is dropped', async () => {
    await bring(zip);
    const at = async (t: TestDatabase, shopId: string) =>
      (await jobSnapshot(t.pool, shopId, id.job, null))!.rows.bike![0] as {
        versions: Record<string, number>;
        year: number;
        frameNo: string;
      };
    const v = (await at(other, shopB)).versions;
    const f = (name: string) => v[name] ?? 0;
    await sendAll(other.pool, shopB, [set('bike.set', id.bike, { year: 1971 }, { year: f('year') }), note('seen here')]);
    await sendAll(home.pool, shopA, [
      set('bike.set', id.bike, { year: 1974, frameNo: 'QU-1' }, { year: f('year'), frameNo: f('frameNo') }),
      note('seen there'),
    ]);
    const newer = (await exportZip(home.pool, shopA, id.job))!;
    const before = await tablesOf(other.pool, shopB);
    const asked = await bring(newer);
    expect(asked.done).toBe(false);
    expect(asked.conflicts).toEqual([{ key: `bike ${id.bike} year`, table: 'bike', field: 'year', here: 1971, file: 1974, message: null }]);
    expect(await tablesOf(other.pool, shopB)).toEqual(before);
    for (const [choice, year] of [
      ['here', 1971],
      ['file', 1974],
    ] as const) {
      const place = await freshDatabase();
      try {
        await openBoth(place.pool);
        await importJob(place.pool, shopB, read(zip), {}, false);
        await sendAll(place.pool, shopB, [set('bike.set', id.bike, { year: 1971 }, { year: f('year') }), note('seen here')]);
        const choices = { [`bike ${id.bike} year`]: choice };
        const done = await importJob(place.pool, shopB, read(newer), choices, false);
        expect(done).toMatchObject({ done: true });
        expect(await at(place, shopB)).toMatchObject({ year, frameNo: 'QU-1' });
        const snapshot = (await jobSnapshot(place.pool, shopB, id.job, null))!;
        expect((snapshot.rows.watch as { what: string }[]).map((w) => w.what)).toEqual(expect.arrayContaining(['seen here', 'seen there']));
        // both values stand in the journal, and the same file asks nothing more
        const decision = (await exportJob(place.pool, shopB, id.job))!.journal.findLast((e) => e.type === 'tray.decide')!;
        expect(decision.payload).toMatchObject({ theirs: { year: 1971 }, yours: { year: 1974 } });
        expect(await importJob(place.pool, shopB, read(newer), {}, false)).toMatchObject({ fresh: 0, done: true, conflicts: [] });
      } finally {
        await place.drop();
      }
    }
  });

  it('whose photo is not what its name says is refused as a whole', async () => {
    const files = unzipSync(zip);
    const name = Object.keys(files).find((f) => f.includes(photo.sha))!;
    const swapped = zipSync({ ...files, [name]: (await picture('#000000')).bytes });
    await expect(bring(swapped)).rejects.toThrow(BadPhoto);
    expect(await count(other, shopB)).toBe(0);
  });
});

/** Someone that the file names. */
const person = (f: JobFile) => (f.personal = [{ id: id.personal, name: 'Orla Fennimore', phone: null, email: null }])[0];
/** Changes the payload of the first command of a type. */
const bend = (f: JobFile, type: string, change: (payload: Record<string, unknown>) => void) =>
  change(f.journal.find((e) => e.type === type)!.payload as Record<string, unknown>);

describe('a file that is damaged or foreign', () => {
  const job = () => JSON.parse(strFromU8(unzipSync(zip)['job.json'])) as JobFile;
  const signed = (file: JobFile): Buffer => {
    const { digest, ...rest } = file;
    void digest;
    return Buffer.from(JSON.stringify({ ...rest, digest: digestOf(rest) }));
  };
  const said = (bytes: Buffer): string => {
    const r = readJobFile(bytes);
    return r.ok ? 'taken' : r.message;
  };

  it('is refused with the reason', () => {
    const odd = job();
    const step = odd.rows.step![0] as unknown as { title: string };
    step.title = 'Something else';
    const cut = job();
    cut.journal.splice(2, 1);
    const unknown = job();
    unknown.journal[3] = { ...unknown.journal[3], type: 'bike.paint' };
    const missing = { ...job(), journal: undefined } as unknown as JobFile;
    expect(said(Buffer.alloc(0))).toMatch(/empty/);
    expect(said(Buffer.from('%PDF-1.7'))).toMatch(/not JSON/);
    expect(said(Buffer.from('[]'))).toMatch(/no job of Ivrek/);
    expect(said(Buffer.from(JSON.stringify({ ...job(), version: 4 })))).toMatch(/newer Ivrek/);
    expect(said(Buffer.from(zipSync({ 'readme.txt': strToU8('hello') })))).toMatch(/no job\.json/);
    expect(said(Buffer.from(zip.subarray(0, zip.length - 200)))).toMatch(/damaged/);
    expect(said(Buffer.from(JSON.stringify(odd)))).toMatch(/not what was written/);
    expect(said(signed(odd))).toMatch(/its step is not what its journal says/);
    expect(said(signed(cut))).toMatch(/damaged/);
    expect(said(signed(unknown))).toMatch(/entry 4 cannot be read/);
    expect(said(signed(missing))).toMatch(/the file must have required property 'journal'/);
    expect(said(signed(job()))).toBe('taken');
  });

  it.each<[what: string, bend: (f: JobFile) => void, words: RegExp]>([
    ['received at no time', (f) => (f.journal[2].receivedAt = 'infinity'), /entry 3, receivedAt must match/],
    ['received in another age', (f) => (f.journal[2].receivedAt = '0202-01-01T00:00:00.000Z'), /entry 3, receivedAt must match/],
    ['a day there is not', (f) => (f.journal[2].receivedAt = '2030-02-31T00:00:00.000Z'), /entry 3 was received at no time/],
    ['an actor that is no id', (f) => (f.journal[2].actorId = '------------------------------------'), /entry 3, actorId must match/],
    ['a device that is a list', (f) => (f.journal[2].deviceId = [] as unknown as string), /entry 3, deviceId must be/],
    ['a number too large', (f) => (f.journal[2].seq = 2 ** 60), /entry 3, seq must be/],
    ['a number that is none', (f) => (f.journal[2].after = 'x' as unknown as number), /entry 3, after must be/],
    ['a name that is an object', (f) => (person(f).name = {} as unknown as string), /personal\.0\.name must be/],
    ['a name without end', (f) => (person(f).name = 'x'.repeat(5000)), /personal\.0\.name must NOT have more/],
    ['an id of a person that is none', (f) => (person(f).id = 'me'), /personal\.0\.id must match/],
    ['what cannot be stored', (f) => Object.assign(person(f), { phone: 'a\u0000b' }), /personal\.0\.phone: There is a character/],
    ['a table that there is not', (f) => Object.assign(f.rows, { paint: [] }), /rows must NOT have additional properties \(paint\)/],
    ['rows that are no list', (f) => Object.assign(f.rows, { part: {} }), /rows\.part must be array/],
    ['a journal of nothing', (f) => f.journal.push(null as unknown as JobFile['journal'][0]), /must be object/],
    ['an entry twice', (f) => f.journal.push(f.journal.at(-1)!), /stands in it twice|does not follow/],
    ['a unit there is not', (f) => bend(f, 'reading.add', (p) => ((p.reading as { unit: string }).unit = 'furlongs')), /not a unit/],
  ])('%s is refused with its place, and nothing of it is kept', async (_what, change, words) => {
    const file = job();
    change(file);
    expect(said(signed(file))).toMatch(words);
  });

  it('a small archive that unpacks to an enormous one is not unpacked', () => {
    const bomb = zipSync({ 'job.json': new Uint8Array(40 * 1024 * 1024) }, { level: 9 });
    expect(bomb.length).toBeLessThan(100_000);
    expect(said(Buffer.from(bomb))).toMatch(/unpacks to more than a job can be/);
    const photo = zipSync({ 'job.json': strToU8('{}'), [`photos/${'ab'.repeat(32)}.jpeg`]: new Uint8Array(8 * 1024 * 1024) }, { level: 9 });
    expect(said(Buffer.from(photo))).toMatch(/unpacks to more than a job can be/);
    const many = zipSync(
      Object.fromEntries(Array.from({ length: 5100 }, (_x, i) => [`photos/${String(i).padStart(64, 'a')}.jpg`, strToU8('x')])),
    );
    expect(said(Buffer.from(many))).toMatch(/unpacks to more than a job can be/);
  });

  it('is never taken with one byte changed', () => {
    const whole = Buffer.from(unzipSync(zip)['job.json']);
    fc.assert(
      fc.property(fc.nat(whole.length - 1), fc.integer({ min: 1, max: 255 }), (at, by) => {
        const bytes = Buffer.from(whole);
        bytes[at] = (bytes[at] + by) % 256;
        expect(said(bytes)).not.toBe('taken');
      }),
      { numRuns: 150 },
    );
  });
});
