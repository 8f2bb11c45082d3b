// Loads the demo shop and an empty one beside it through the same door as everything else. Loaded twice, it is there once.
import { makePool } from '../src/server/db/pool';
import { loadLanternYard, openEmptyShop } from '../src/server/demo/lanternYard';
import { readKnowledge } from '../src/server/knowledge/load';

const url = process.env.IVREK_APP_URL;
if (!url) throw new Error('IVREK_APP_URL is not set: ./ivrek start runs this');
const pool = makePool(url, 2);
if (process.env.IVREK_NO_DEMO === '1') await openEmptyShop(pool);
else await loadLanternYard(pool, readKnowledge('knowledge').knowledge, new Date());
await pool.end();
