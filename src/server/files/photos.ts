import { createHash } from 'node:crypto';
import type pg from 'pg';
import sharp from 'sharp';
import { mostPhotoBytes } from '../../core/state';
import type { ErrorBody } from '../../wire';
import { shopTransaction, type Db } from '../db/pool';
import { hiddenIn } from './hidden';

/** Bytes of photos, addressed by their SHA-256. They are kept in PostgreSQL; another store need only answer the same calls. */

const thumbPx = 360;
const readable = { jpeg: 'image/jpeg', png: 'image/png', webp: 'image/webp' } as Readonly<Record<string, string>>;

export type StoredPhoto = { ok: true } | ({ ok: false; status: 400 | 413 | 415 | 422 } & ErrorBody);

export async function hasBytes(db: Db, sha256: string): Promise<boolean> {
  // Touched, so that it is not collected between this look and the entry that will name it.
  return ((await db.query('update blob set touched_at = now() where sha256 = $1', [sha256])).rowCount ?? 0) > 0;
}

/** Why these bytes cannot be kept as a photo, or what is needed to keep them. */
export async function inspectPhoto(
  sha256: string,
  bytes: Buffer,
): Promise<{ ok: true; mediaType: string; thumb: Buffer } | Exclude<StoredPhoto, { ok: true }>> {
  if (bytes.length > mostPhotoBytes) return { ok: false, status: 413, message: 'This picture is larger than 20 MB.' };
  if (bytes.length === 0) return { ok: false, status: 400, message: 'This file is empty.' };
  if (createHash('sha256').update(bytes).digest('hex') !== sha256)
    return { ok: false, status: 400, code: 'damaged', message: 'The picture was damaged on its way. It is sent again.' };
  try {
    const image = sharp(bytes, { failOn: 'truncated', limitInputPixels: 120e6 });
    const meta = await image.metadata();
    const mediaType = readable[meta.format];
    if (!mediaType) return { ok: false, status: 415, message: 'Only JPEG, PNG and WebP pictures can be kept.' };
    const thumb = await image
      .resize({ width: thumbPx, height: thumbPx, fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 78 })
      .toBuffer();
    const hidden = meta.exif || meta.xmp || meta.iptc ? 'data of the camera, such as the place' : hiddenIn(bytes, mediaType);
    if (hidden)
      return {
        ok: false,
        status: 422,
        message: `This picture still carries ${hidden}. Such hidden data are taken out before it is sent.`,
      };
    return { ok: true, mediaType, thumb };
  } catch {
    return { ok: false, status: 415, message: 'This file is not a picture that can be read, or it is damaged.' };
  }
}

/** Keeps the bytes of a photo that is upright and without hidden data. Kept twice, they are there once. */
export async function storePhoto(from: pg.Pool, shopId: string, sha256: string, bytes: Buffer): Promise<StoredPhoto> {
  const seen = await inspectPhoto(sha256, bytes);
  if (!seen.ok) return seen;
  await shopTransaction(from, shopId, (db) =>
    db.query(
      `insert into blob (shop_id, sha256, media_type, bytes, thumb) values ($1, $2, $3, $4, $5)
       on conflict (shop_id, sha256) do update set touched_at = now()`,
      [shopId, sha256, seen.mediaType, bytes, seen.thumb],
    ),
  );
  return { ok: true };
}

export async function readPhoto(
  from: pg.Pool,
  shopId: string,
  sha256: string,
  size: 'full' | 'thumb',
): Promise<{ mediaType: string; bytes: Buffer } | null> {
  return shopTransaction(from, shopId, async (db) => {
    const { rows } = await db.query(`select media_type, ${size === 'thumb' ? 'thumb' : 'bytes'} as bytes from blob where sha256 = $1`, [
      sha256,
    ]);
    if (!rows[0]) return null;
    return { mediaType: size === 'thumb' ? 'image/jpeg' : (rows[0].media_type as string), bytes: rows[0].bytes as Buffer };
  });
}

/** Which of these hashes a shop has bytes for. */
export async function knownPhotos(from: pg.Pool, shopId: string, hashes: readonly string[]): Promise<Set<string>> {
  return shopTransaction(from, shopId, async (db) => {
    const { rows } = await db.query('update blob set touched_at = now() where sha256 = any($1) returning sha256', [hashes]);
    return new Set(rows.map((r) => r.sha256 as string));
  });
}

/** Lets go of bytes that no journal entry has ever named and nobody has touched for some days. Returns how many. */
export async function collectPhotos(from: pg.Pool, shopId: string, days = 7): Promise<number> {
  return shopTransaction(from, shopId, async (db) => {
    const { rowCount } = await db.query(
      `delete from blob b where touched_at < now() - make_interval(days => $1)
         and not exists (select 1 from journal j where j.type = 'photo.add' and j.payload ->> 'sha256' = b.sha256)`,
      [days],
    );
    return rowCount ?? 0;
  });
}
