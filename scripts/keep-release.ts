// Keeps what a release writes, for the tests of later ones: test/data/NAME with a dump and the journals by shop.
// Usage: IVREK_OWNER_URL=… IVREK_APP_URL=… npx tsx scripts/keep-release.ts NAME (an empty database, migrated).
import { execFileSync } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { postgresBin } from '../launcher/packages.mjs';
import { readJournal } from '../src/server/commands/replay';
import { makePool } from '../src/server/db/pool';
import { demoShopId, loadLanternYard } from '../src/server/demo/lanternYard';
import { readKnowledge } from '../src/server/knowledge/load';
import { openShop } from '../src/server/queries/shops';
import { putBytes, shopA } from '../test/db/database';
import { sendAll } from '../test/db/filled';
import { photoHash, script } from '../test/fixtures/commands';

const folder = `test/data/${process.argv[2]}`;
const pool = makePool(process.env.IVREK_APP_URL!, 2);
await openShop(pool, shopA, 'A');
await putBytes(pool, shopA, photoHash);
await sendAll(pool, shopA, script());
await loadLanternYard(pool, readKnowledge('knowledge').knowledge, new Date('2030-06-15T09:00:00.000Z'));
mkdirSync(folder, { recursive: true });
const shops = [
  { id: shopA, name: 'A', demo: false },
  { id: demoShopId, name: 'Lantern Yard (demo)', demo: true },
];
const journals = await Promise.all(shops.map(async (s) => ({ ...s, commands: await readJournal(pool, s.id) })));
writeFileSync(`${folder}/journals.json`, `${JSON.stringify(journals, null, 1)}\n`);
await pool.end();
const dump = execFileSync(`${postgresBin()!.dir}/pg_dump`, ['--no-owner', '--no-privileges', process.env.IVREK_OWNER_URL!], {
  maxBuffer: 1e9,
});
writeFileSync(`${folder}/dump.sql.gz`, gzipSync(dump));
