import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeCommand, type Command } from '../../src/core/command';
import { handleCommand } from '../../src/server/commands/handle';
import type { Speaker } from '../../src/server/commands/speaker';
import { collectPhotos, storePhoto, knownPhotos, readPhoto } from '../../src/server/files/photos';
import { id, photoHash, script, uid } from '../fixtures/commands';
import { freshDatabase, openBoth, shopA, shopB, type TestDatabase } from './database';
import { picture, shaOf, withPlace } from './pictures';

let t: TestDatabase;
const speaker: Speaker = { shopId: shopA, actorId: null, deviceId: null };
beforeAll(async () => {
  t = await freshDatabase();
  await openBoth(t.pool);
  for (const c of script()) {
    const answer = await handleCommand(t.pool, { ...speaker, actorId: c.type === 'person.add' ? null : id.person }, c);
    if (answer.kind !== 'applied') throw new Error(`${c.type}: ${JSON.stringify(answer)}`);
    if (c.type === 'step.add') break;
  }
});
afterAll(() => t.drop());

let n = 9000;
const photoOf = (sha256: string): Command =>
  makeCommand({
    id: uid(n++),
    type: 'photo.add',
    kind: 'photo',
    entityId: uid(n++),
    madeAt: '2030-01-02T08:00:00.000Z',
    after: null,
    payload: { jobId: id.job, subject: 'bag', subjectId: null, bag: '7', sha256, width: 640, height: 480, bytes: 4000, caption: null },
  });
const age = (sha: string, days: number) =>
  t.owner.query(`update blob set touched_at = now() - make_interval(days => $2) where sha256 = $1`, [sha, days]);

describe('bytes of a photo', () => {
  it.each(['jpeg', 'png', 'webp'] as const)(
    '%s is kept under its SHA-256, unchanged, with a thumbnail; sent twice it is there once',
    async (format) => {
      const { sha, bytes } = await picture('#205040', format);
      expect(await storePhoto(t.pool, shopA, sha, bytes)).toEqual({ ok: true });
      expect(await storePhoto(t.pool, shopA, sha, bytes)).toEqual({ ok: true });
      const full = (await readPhoto(t.pool, shopA, sha, 'full'))!;
      expect(full.mediaType).toBe(`image/${format}`);
      expect(shaOf(full.bytes)).toBe(sha);
      const thumb = await sharp((await readPhoto(t.pool, shopA, sha, 'thumb'))!.bytes).metadata();
      expect([thumb.format, thumb.width, thumb.height]).toEqual(['jpeg', 360, 270]);
      const { rows } = await t.owner.query('select count(*)::int as n from blob where sha256 = $1', [sha]);
      expect(rows[0].n).toBe(1);
    },
  );

  it('belong to one workshop', async () => {
    const { sha, bytes } = await picture('#111111');
    await storePhoto(t.pool, shopA, sha, bytes);
    expect(await readPhoto(t.pool, shopB, sha, 'full')).toBeNull();
    expect(await knownPhotos(t.pool, shopB, [sha])).toEqual(new Set());
    expect(await knownPhotos(t.pool, shopA, [sha, 'ff'.repeat(32)])).toEqual(new Set([sha]));
  });

  it('are refused with a clear word, and nothing is kept', async () => {
    const good = await picture('#808080');
    const place = await withPlace();
    const gif = await picture('#123456', 'gif');
    const tiff = await picture('#123456', 'tiff');
    const half = good.bytes.subarray(0, good.bytes.length / 2);
    const big = Buffer.alloc(20 * 1024 * 1024 + 1);
    const text = Buffer.from('this is no picture');
    for (const [sha, bytes, status, message] of [
      [good.sha, half, 400, /damaged on its way/],
      ['ab'.repeat(32), good.bytes, 400, /damaged on its way/],
      [shaOf(half), half, 415, /damaged/],
      [place.sha, place.bytes, 422, /data of the camera, such as the place.*hidden data/],
      [gif.sha, gif.bytes, 415, /Only JPEG, PNG and WebP/],
      [tiff.sha, tiff.bytes, 415, /Only JPEG, PNG and WebP/],
      [shaOf(text), text, 415, /not a picture/],
      [shaOf(big), big, 413, /larger than 20 MB/],
      [shaOf(Buffer.alloc(0)), Buffer.alloc(0), 400, /empty/],
    ] as const) {
      const answer = await storePhoto(t.pool, shopA, sha, bytes);
      expect(answer).toMatchObject({ ok: false, status });
      // For the device, which sends it again by itself.
      expect(answer.ok || answer.code).toBe(/way/.test(message.source) ? 'damaged' : undefined);
      expect(answer.ok || answer.message).toMatch(message);
      expect(await readPhoto(t.pool, shopA, sha, 'full')).toBeNull();
    }
  });

  it('must be there before an entry names them', async () => {
    const { sha, bytes } = await picture('#dd0011');
    const command = photoOf(sha);
    expect(await handleCommand(t.pool, speaker, command)).toMatchObject({ kind: 'refused', refusal: { code: 'not yet' } });
    await storePhoto(t.pool, shopA, sha, bytes);
    const answer = await handleCommand(t.pool, speaker, command);
    expect(answer, JSON.stringify(answer)).toMatchObject({ kind: 'applied' });
  });

  it('that any entry ever named are never collected, even if the photo was removed; others go after some days', async () => {
    const [named, removed, left, fresh] = await Promise.all(['#a00000', '#b00000', '#c00000', '#d00000'].map((c) => picture(c)));
    for (const p of [named, removed, left, fresh]) await storePhoto(t.pool, shopA, p.sha, p.bytes);
    await handleCommand(t.pool, speaker, photoOf(named.sha));
    const gone = photoOf(removed.sha);
    await handleCommand(t.pool, speaker, gone);
    expect(
      await handleCommand(
        t.pool,
        speaker,
        makeCommand({
          id: uid(n++),
          type: 'undo',
          kind: 'job',
          entityId: id.job,
          madeAt: '2030-01-02T09:00:00.000Z',
          after: null,
          payload: { targetId: gone.id },
        }),
      ),
    ).toMatchObject({ kind: 'applied' });
    for (const p of [named, removed, left]) await age(p.sha, 30);
    // what no entry named and nobody touched goes, that of the other workshop stays
    await age(photoHash, 30);
    expect(await collectPhotos(t.pool, shopA)).toBe(2);
    const there = await knownPhotos(t.pool, shopA, [named.sha, removed.sha, left.sha, fresh.sha]);
    expect(there).toEqual(new Set([named.sha, removed.sha, fresh.sha]));
    expect(await knownPhotos(t.pool, shopB, [photoHash])).toEqual(new Set([photoHash]));
  });

  it('that an entry is about to name are not collected in that moment', async () => {
    const { sha, bytes } = await picture('#e00000');
    await storePhoto(t.pool, shopA, sha, bytes);
    await age(sha, 30);
    const [answer, count] = await Promise.all([handleCommand(t.pool, speaker, photoOf(sha)), collectPhotos(t.pool, shopA)]);
    // Either the entry came first and its bytes stay, or it was told that they are not there; never an entry without bytes.
    const there = (await knownPhotos(t.pool, shopA, [sha])).size === 1;
    expect(answer.kind === 'applied').toBe(there);
    expect(count).toBe(there ? 0 : 1);
  });
});
