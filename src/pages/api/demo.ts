import { knowledge } from 'virtual:knowledge';
import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { demoShopId, loadLanternYard } from '../../server/demo/lanternYard';
import { json, readJson } from '../../server/http/body';
import { hideDemo, removeDemo } from '../../server/queries/shops';

/** The demo workshop: { act: "hide", "show", "remove" or "bring" }. Any other workshop is never touched here. */
export const POST: APIRoute = async ({ request }) => {
  const body = await readJson(request, 4096);
  if (!body.ok) return json({ message: body.message }, body.status);
  const { act } = (body.value ?? {}) as { act?: unknown };
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
    default:
      return json({ message: 'hide, show, remove or bring.' }, 400);
  }
  return json({ act });
};
