import { knowledge } from 'virtual:knowledge';
import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { demoShopId, loadLanternYard } from '../../server/demo/lanternYard';
import { answer, json, readJson } from '../../server/http/body';
import { demoActs, type DemoAct } from '../../wire';
import { hideDemo, removeDemo } from '../../server/queries/shops';

const isDemoAct = (act: unknown): act is DemoAct => demoActs.some((a) => a === act);

/** The demo workshop: { act: "hide", "show", "remove" or "bring" }. Any other workshop is never touched here. */
export const POST: APIRoute = async ({ request }) => {
  const body = await readJson(request, 4096);
  if (!body.ok) return json({ message: body.message }, body.status);
  const { act } = (body.value ?? {}) as { act?: unknown };
  if (!isDemoAct(act)) return json({ message: `${demoActs.slice(0, -1).join(', ')} or ${demoActs.at(-1)}.` }, 400);
  switch (act) {
    case 'hide':
    case 'show':
      await hideDemo(pool(), demoShopId, act === 'hide');
      break;
    case 'remove':
      await removeDemo(pool(), demoShopId);
      break;
    case 'bring':
      await loadLanternYard(pool(), knowledge, new Date());
      await hideDemo(pool(), demoShopId, false);
      break;
  }
  return answer<'POST /api/demo'>({ act });
};
