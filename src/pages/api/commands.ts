import type { APIRoute } from 'astro';
import { knowledge } from 'virtual:knowledge';
import { pool } from '../../server/db/pool';
import { actsIn } from '../../server/commands/acts';
import { handleCommands, type CommandResult } from '../../server/commands/handle';
import type { Speaker } from '../../server/commands/speaker';
import { answer, json, readJson, refuse } from '../../server/http/body';
import { problemOf } from '../../server/http/problem';
import { troubleWords } from '../../server/http/trouble';
import { log } from '../../server/log';
import { actorOf } from '../../server/session';
import type { CommandAnswer } from '../../wire';

const mostBytes = 256 * 1024;
/** What a device sends at once, and an act that begins at its end. */
const mostAtOnce = 100;

/** What a device is told about one command: an HTTP status and its body. */
function told(a: CommandResult): CommandAnswer {
  if (a.kind === 'malformed') return { status: 400, message: a.faults[0].message, faults: a.faults };
  if (a.kind === 'left') return { status: 409, code: 'not-alone', message: 'Another entry of the same act was refused.' };
  if (a.kind === 'refused') return { status: 409, message: a.refusal.message, refusal: a.refusal };
  return { status: 200, id: a.id, seq: a.seq, changes: a.changes, again: a.again };
}

const cut = (): CommandAnswer => ({ status: 503, message: troubleWords('What was entered stays on this device and is sent again.') });

/**
 * One command, or a list of them in the order in which they are to be applied. A list stops at the first that is not kept,
 * so that nothing overtakes an entry whose fate its device does not know: the answer may be lost, and the entry sent again
 * when it can be kept. There are as many answers as commands were dealt with.
 */
export const POST: APIRoute = async ({ request, locals }) => {
  const body = await readJson(request, mostBytes);
  if (!body.ok) return json({ message: body.message }, body.status);
  const session = locals.session!;
  const isList = Array.isArray(body.value);
  const wanted = isList ? (body.value as unknown[]) : [body.value];
  if (wanted.length > mostAtOnce) return json({ message: `At most ${mostAtOnce} commands at once.` }, 400);
  const answers: CommandAnswer[] = [];
  try {
    const actor = await actorOf(pool(), session, request.headers.get('x-ivrek-person'));
    if (!actor)
      return refuse(409, { code: 'not-taken-up', message: 'Nobody of that name has taken this device up. Choose who is working first.' });
    const speaker: Speaker = { shopId: session.shopId, actorId: actor.actorId, deviceId: session.id };
    for (const act of actsIn(wanted)) {
      const some = (await handleCommands(pool(), speaker, act, knowledge)).map(told);
      answers.push(...some);
      if (some.some((a) => a.status !== 200)) break;
    }
  } catch (error) {
    const problem = problemOf(error);
    log.error({ err: error, code: problem.code }, 'a command failed');
    // Nothing of it was applied. What can never be kept goes back to a person; anything else, and what follows, is sent again.
    answers.push(problem.status < 500 ? problem : cut());
  }
  if (isList) return answer<'POST /api/commands list'>({ answers });
  const { status, ...rest } = answers[0];
  return 'seq' in rest ? answer<'POST /api/commands'>(rest) : json(rest, status);
};
