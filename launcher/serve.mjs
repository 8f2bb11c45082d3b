import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { ensureBuild, quietEnv } from './build.mjs';
import { startCluster } from './cluster.mjs';
import { ensureNpm, ensurePostgres } from './packages.mjs';
import { alive, portIsFree, visibly } from './run.mjs';
import { say, Stop } from './say.mjs';

/** Runs the forward-only migrations (with a dump before) and makes the application's own database role. */
export async function migrate(cluster, database, base) {
  const bin = await ensurePostgres();
  const env = {
    ...process.env,
    IVREK_MAINTENANCE_URL: cluster.ownerUrl('postgres'),
    IVREK_OWNER_URL: cluster.ownerUrl(database),
    IVREK_DB: database,
    IVREK_APP_PASSWORD: cluster.appPassword,
    IVREK_PG_BIN: bin.dir,
    IVREK_DUMPS: `${base}/dumps`,
  };
  const code = await visibly('node', ['scripts/migrate.mjs'], { env, stdio: ['ignore', 2, 2] });
  if (code !== 0)
    throw new Stop(
      'the database could not be brought up to date',
      'Nothing was half done: each migration is one transaction. The message stands above.',
    );
}

export async function loadDemo(cluster, database, base) {
  const mark = `${base}/demo.loaded`;
  if (existsSync(mark)) return;
  say('loading the demo workshop');
  const code = await visibly('node', ['--import', 'tsx', 'scripts/demo.ts'], {
    env: { ...process.env, IVREK_APP_URL: cluster.appUrl(database) },
    stdio: ['ignore', 2, 2],
  });
  if (code !== 0) throw new Stop('the demo could not be loaded', 'The message stands above.');
  writeFileSync(mark, new Date().toISOString());
}

/** Starts the built server on a port; resolves when it answers. */
export async function startServer(cluster, database, port, { dev = false, env = {} } = {}) {
  const args = dev ? ['node_modules/astro/astro.js', 'dev', '--host', '127.0.0.1', '--port', String(port)] : ['dist/server/entry.mjs'];
  // A process group of its own, so that Ctrl-C reaches the launcher first and it can stop things in order.
  const child = spawn('node', args, {
    detached: true,
    stdio: ['ignore', 2, 2],
    env: {
      ...process.env,
      ...quietEnv,
      HOST: '127.0.0.1',
      PORT: String(port),
      IVREK_APP_URL: cluster.appUrl(database),
      NODE_ENV: dev ? 'development' : 'production',
      ...env,
    },
  });
  const url = `http://127.0.0.1:${port}`;
  const ended = new Promise((resolve) => child.once('exit', (code) => resolve(code ?? 0)));
  for (let i = 0; ; i++) {
    const answer = await fetch(`${url}/api/health`).then(
      (r) => r.status,
      () => 0,
    );
    if (answer === 200) break;
    if (child.exitCode !== null || i > 600) throw new Stop('the server did not come up', 'Its message stands above.');
    await new Promise((r) => setTimeout(r, 100));
  }
  const stop = async () => {
    try {
      process.kill(-child.pid, 'SIGTERM');
    } catch {
      return;
    }
    await Promise.race([ended, new Promise((r) => setTimeout(r, 5000))]);
    if (child.exitCode === null && child.signalCode === null) process.kill(-child.pid, 'SIGKILL');
  };
  return { url, child, ended, stop };
}

/** Ends a server whose launcher was killed hard and could not take it along. */
export function killOrphan({ server }) {
  try {
    if (server) process.kill(-server, 'SIGTERM');
  } catch {
    // it is gone already
  }
}

export async function serve(dev) {
  const base = process.env.IVREK_DATA ?? '.data';
  const port = Number(process.env.IVREK_PORT ?? 4680);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Stop(`IVREK_PORT is '${process.env.IVREK_PORT}', which is no port`, 'Give a number from 1 to 65535.');
  const note = `${base}/running.json`;
  if (existsSync(note)) {
    const other = JSON.parse(readFileSync(note, 'utf8'));
    if (alive(other.launcher)) {
      say(`already running at ${other.url} (stop it with ./ivrek stop)`);
      return;
    }
    killOrphan(other);
    rmSync(note);
  }
  if (!(await portIsFree(port)))
    throw new Stop(`port ${port} is taken by another program`, `Choose another: IVREK_PORT=${port + 1} ./ivrek start`);

  const bin = await ensurePostgres();
  await ensureNpm();
  if (!dev) await ensureBuild();
  mkdirSync(base, { recursive: true });
  const cluster = await startCluster(bin, base);
  let server;
  let stopping;
  const stop = (code) => {
    stopping ??= (async () => {
      say('stopping');
      await server?.stop();
      cluster.stop();
      rmSync(note, { force: true });
      process.exit(code);
    })();
    return stopping;
  };
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop(0));
  try {
    await migrate(cluster, 'ivrek', base);
    await loadDemo(cluster, 'ivrek', base);
    server = await startServer(cluster, 'ivrek', port, { dev });
  } catch (error) {
    cluster.stop();
    throw error;
  }
  writeFileSync(note, JSON.stringify({ launcher: process.pid, server: server.child.pid, url: server.url }));
  process.stdout.write(`\n  Ivrek is ready:  ${server.url}\n  Ctrl-C stops it.\n\n`);
  const code = await server.ended;
  if (!stopping) say(`the server ended by itself (code ${code})`);
  await stop(stopping ? 0 : 1);
}
