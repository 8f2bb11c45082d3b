import { mkdirSync, rmSync } from 'node:fs';
import { resolve } from 'node:path';
import { benchOptions, readArgs } from './args.mjs';
import { ensureBuild } from './build.mjs';
import { startCluster } from './cluster.mjs';
import { migrate } from './migrate.mjs';
import { ensureChromium, ensureNpm, ensurePostgres } from './packages.mjs';
import { freePort, visibly } from './run.mjs';
import { Stop } from './say.mjs';
import { loadDemo, startServer } from './serve.mjs';

/** Starts the built application with the demo on a cluster of its own, runs `work` with its address, and cleans up. */
export async function withDemo(folder, work) {
  const base = resolve(folder);
  const bin = await ensurePostgres();
  await ensureChromium();
  await ensureNpm();
  await ensureBuild();
  rmSync(base, { recursive: true, force: true });
  mkdirSync(base, { recursive: true });
  const cluster = await startCluster(bin, base, { firstPort: 57680 });
  let server;
  try {
    await migrate(cluster, 'ivrek', base);
    await loadDemo(cluster, 'ivrek', base);
    server = await startServer(cluster, 'ivrek', await freePort(4880), { env: { IVREK_GALLERY: '1' } });
    return await work(server.url, server.child.pid);
  } finally {
    await server?.stop();
    cluster.stop();
    rmSync(base, { recursive: true, force: true });
  }
}

const usage = `./ivrek bench [part …] [--quick] [--json] [--bikes=N] [--draw=N] [--of=FOLDERS] [--share=0.1]
Parts: rank worker trace named picture page bytes view measure strip offline chaos attack, all of them where none is named;
mutants and mutants-code only where named (--of=measure,torque,quantity,fitness, or folders: --of=measure/oil).`;

export async function bench(args) {
  const { words: parts } = readArgs(args, benchOptions, { usage });
  const run = (env) => visibly('node', ['--import', 'tsx', 'bench/main.ts', ...args], { env: { ...process.env, ...env } });
  let code;
  if (parts.length && parts.every((p) => ['rank', 'trace', 'named', 'picture', 'chaos', 'attack', 'mutants', 'mutants-code'].includes(p))) {
    const server = parts.includes('chaos') || parts.includes('attack');
    if (server) await ensurePostgres();
    await ensureNpm();
    if (server) await ensureBuild();
    code = await run({});
  } else code = await withDemo('.data/bench', (url, pid) => run({ IVREK_URL: url, IVREK_SERVER_PID: String(pid) }));
  if (code !== 0) throw new Stop('the bench did not finish', 'See the message above.');
}
