import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { receive, type Answer, type Speaker } from '../../server/commands/door';
import { inShop } from '../../server/db/pool';
import { json, readJson } from '../../server/http/body';
import { log } from '../../server/log';
import { isPerson } from '../../server/session';

const mostBytes = 256 * 1024;
const mostAtOnce = 50;

/** What a device is told about one command: an HTTP status and its body. */
function told(answer: Answer): { status: number } & Record<string, unknown> {
  if (answer.kind === 'malformed') return { status: 400, message: answer.faults[0].message, faults: answer.faults };
  if (answer.kind === 'refused') return { status: 409, message: answer.refusal.message, refusal: answer.refusal };
  return { status: 200, id: answer.id, seq: answer.seq, changes: answer.changes, again: answer.again };
}

const cut = { status: 503, message: 'The server could not keep this just now. It stays on this device and is sent again.' };

/** Whoever the device says was working when the entry was made, if there is such a person; else the one it has now. */
async function actorOf(request: Request, shopId: string, personId: string | null): Promise<string | null> {
  const said = request.headers.get('x-ivrek-person');
  if (!said || said === personId) return personId;
  return (await inShop(pool(), shopId, (db) => isPerson(db, said))) ? said : personId;
}

/**
 * One command, or a list of them in the order in which they are to be applied. A list stops at the first that is not kept,
 * so that nothing overtakes an entry whose fate its device does not know: the answer may be lost, and the entry sent again
 * when it can be kept. There are as many answers as commands were dealt with.
 */
export const POST: APIRoute = async ({ request, locals }) => {
  const body = await readJson(request, mostBytes);
  if (!body.ok) return json({ message: body.message }, body.status);
  const { shopId, personId, id } = locals.session!;
  const isList = Array.isArray(body.value);
  const wanted = isList ? (body.value as unknown[]) : [body.value];
  if (wanted.length > mostAtOnce) return json({ message: `At most ${mostAtOnce} commands at once.` }, 400);
  const answers: ({ status: number } & Record<string, unknown>)[] = [];
  try {
    const speaker: Speaker = { shopId, actorId: await actorOf(request, shopId, personId), deviceId: id };
    for (const one of wanted) {
      const answer = told(await receive(pool(), speaker, one));
      answers.push(answer);
      if (answer.status !== 200) break;
    }
  } catch (error) {
    log.error({ err: error }, 'a command failed');
    // Nothing of it was applied: the device keeps it, and what follows, and sends them again.
    answers.push(cut);
  }
  if (isList) return json({ answers });
  const { status, ...rest } = answers[0];
  return json(rest, status);
};
