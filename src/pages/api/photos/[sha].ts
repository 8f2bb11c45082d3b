import type { APIRoute } from 'astro';
import { mostPhotoBytes } from '../../../core/state';
import { pool } from '../../../server/db/pool';
import { collectPhotos, storePhoto, readPhoto } from '../../../server/files/photos';
import { answer, json, readBytes, refuse } from '../../../server/http/body';

const hash = /^[\da-f]{64}$/;

/** The bytes of a photo; they never change, so they may be kept for ever. */
export const GET: APIRoute = async ({ params, url, locals }) => {
  const sha = params.sha ?? '';
  const photo = hash.test(sha)
    ? await readPhoto(pool(), locals.session!.shopId, sha, url.searchParams.has('thumb') ? 'thumb' : 'full')
    : null;
  if (!photo) return json({ message: 'There is no such photo here.' }, 404);
  return new Response(new Uint8Array(photo.bytes), {
    headers: { 'content-type': photo.mediaType, 'cache-control': 'private, max-age=31536000, immutable' },
  });
};

/** Takes the bytes of a photo under their SHA-256. */
export const PUT: APIRoute = async ({ params, request, locals }) => {
  const sha = params.sha ?? '';
  if (!hash.test(sha)) return json({ message: 'A photo is addressed by its SHA-256.' }, 400);
  const body = await readBytes(request, mostPhotoBytes, 'This picture is larger than 20 MB.');
  if (!body.ok) return json({ message: body.message }, body.status);
  const kept = await storePhoto(pool(), locals.session!.shopId, sha, body.value);
  if (!kept.ok) return refuse(kept.status, { code: kept.code, message: kept.message });
  // Where new bytes come in, those that nothing ever named go out.
  await collectPhotos(pool(), locals.session!.shopId);
  return answer<'PUT /api/photos/:id'>({ sha256: sha });
};
