import { withDemo } from './bench.mjs';
import { visibly } from './run.mjs';
import { Stop } from './say.mjs';

/** The pictures in docs/screenshots, from the demo as it ships. */
export async function shots() {
  // As --lan would say it, with an address that belongs to no one.
  process.env.IVREK_LAN = JSON.stringify({ urls: ['https://192.0.2.7:4681'], fingerprint: Array(32).fill('A5').join(':') });
  const code = await withDemo('.data/shots', (url) =>
    visibly('node', ['--import', 'tsx', 'scripts/shots.ts'], { env: { ...process.env, IVREK_URL: url } }),
  );
  if (code !== 0) throw new Stop('not every picture was taken', 'See the message above.');
}
