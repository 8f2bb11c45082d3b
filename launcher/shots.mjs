import { withDemo } from './bench.mjs';
import { visibly } from './run.mjs';
import { Stop } from './say.mjs';

/** The pictures in docs/screenshots, from the demo as it ships. */
export async function shots() {
  const code = await withDemo('.data/shots', (url) =>
    visibly('node', ['--import', 'tsx', 'scripts/shots.ts'], { env: { ...process.env, IVREK_URL: url } }),
  );
  if (code !== 0) throw new Stop('not every picture was taken', 'The message stands above.');
}
