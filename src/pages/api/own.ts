import { knowledge } from 'virtual:knowledge';
import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { bringIn, ownRows, ownYaml } from '../../server/files/ownKnowledge';
import { answer, json, readBytes, refuse } from '../../server/http/body';
import { log } from '../../server/log';
import { workshopOf } from '../../server/queries/shops';

const mostBytes = 1024 * 1024;

/** What the shop knows itself, as a YAML file. */
export const GET: APIRoute = async ({ locals }) => {
  const { shopId, personId } = locals.session!;
  const { shop } = await workshopOf(pool(), shopId, personId);
  return new Response(ownYaml(await ownRows(pool(), shopId), shop.name), {
    headers: {
      'content-type': 'application/yaml; charset=utf-8',
      'content-disposition': 'attachment; filename="own-knowledge.yaml"',
      'cache-control': 'no-store',
    },
  });
};

/** Brings such a file in: all of it, or nothing and what is wrong with it. */
export const POST: APIRoute = async ({ request, locals }) => {
  const body = await readBytes(request, mostBytes);
  if (!body.ok) return json({ message: body.message }, body.status);
  const { shopId, personId, id } = locals.session!;
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(body.value);
  } catch {
    return json({ message: 'This is not text in UTF-8.' }, 400);
  }
  try {
    const done = await bringIn(pool(), { shopId, actorId: personId, deviceId: id }, knowledge, text);
    if (done.ok) return answer<'POST /api/own'>(done.brought);
    return refuse(400, { message: done.problems[0], problems: done.problems });
  } catch (error) {
    log.error({ err: error }, 'a file of knowledge could not be brought in');
    return json({ message: 'The server could not keep this just now. Nothing was changed.' }, 503);
  }
};
