import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { receive } from '../../server/commands/door';
import { json, readJson } from '../../server/http/body';
import { log } from '../../server/log';

const mostBytes = 256 * 1024;

export const POST: APIRoute = async ({ request, locals }) => {
  const body = await readJson(request, mostBytes);
  if (!body.ok) return json({ message: body.message }, body.status);
  const { shopId, personId, id } = locals.session!;
  try {
    const answer = await receive(pool(), { shopId, actorId: personId, deviceId: id }, body.value);
    if (answer.kind === 'malformed') return json({ message: answer.faults[0].message, faults: answer.faults }, 400);
    if (answer.kind === 'refused') return json({ message: answer.refusal.message, refusal: answer.refusal }, 409);
    return json({ id: answer.id, seq: answer.seq, changes: answer.changes, again: answer.again });
  } catch (error) {
    log.error({ err: error }, 'a command failed');
    // Nothing was applied: the device keeps it and sends it again.
    return json({ message: 'The server could not keep this just now. It stays on this device and is sent again.' }, 503);
  }
};
