import { spawn } from 'node:child_process';
import { get as httpGet } from 'node:http';
import { get as httpsGet } from 'node:https';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { ensureBuild, quietEnv } from './build.mjs';
import { startCluster } from './cluster.mjs';
import { keepDaily } from './dumps.mjs';
import { ensureCertificate, lanEnvironment } from './lan.mjs';
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

/** Puts the demo workshop in, once, and an empty one beside it; `empty` leaves the demo out (this time). */
export async function loadDemo(cluster, database, base, { empty = false } = {}) {
  const mark = `${base}/demo.loaded`;
  if (existsSync(mark)) return;
  if (!empty) say('loading the demo workshop');
  const code = await visibly('node', ['--import', 'tsx', 'scripts/demo.ts'], {
    env: { ...process.env, IVREK_APP_URL: cluster.appUrl(database), ...(empty && { IVREK_NO_DEMO: '1' }) },
    stdio: ['ignore', 2, 2],
  });
  if (code !== 0) throw new Stop('the demo could not be loaded', 'The message stands above.');
  if (!empty) writeFileSync(mark, new Date().toISOString());
}

/** Starts the built server on a port; resolves when it answers. */
export async function startServer(cluster, database, port, { dev = false, env = {}, secure = null } = {}) {
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
      ...(secure && { HOST: '0.0.0.0', SERVER_CERT_PATH: secure.cert, SERVER_KEY_PATH: secure.key, IVREK_LAN_SERVE: '1' }),
    },
  });
  const url = `${secure ? 'https' : 'http'}://127.0.0.1:${port}`;
  const ended = new Promise((resolve) => child.once('exit', (code) => resolve(code ?? 0)));
  for (let i = 0; ; i++) {
    const answer = await healthOf(url, secure);
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

/** The status that a server's health is answered with; 0 if nobody answers. */
function healthOf(url, secure) {
  return new Promise((done) => {
    const ca = secure ? readFileSync(secure.ca) : undefined;
    const request = (secure ? httpsGet : httpGet)(`${url}/api/health`, { ca, agent: false, timeout: 10_000 }, (r) => {
      r.resume();
      done(r.statusCode);
    });
    request.on('error', () => done(0));
    request.on('timeout', () => request.destroy());
  });
}

/** Ends a server whose launcher was killed hard and could not take it along. */
export function killOrphan({ server, lan }) {
  for (const pid of [server, lan]) {
    try {
      if (pid) process.kill(-pid, 'SIGTERM');
    } catch {
      // it is gone already
    }
  }
}

export async function serve(dev, args = []) {
  const unknown = args.filter((a) => !['--lan', '--no-demo'].includes(a));
  if (unknown.length) throw new Stop(`start does not know ${unknown.join(' ')}`, 'It knows --lan and --no-demo.');
  const lan = args.includes('--lan');
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
  const lanPort = Number(process.env.IVREK_LAN_PORT ?? port + 1);
  if (lan && !(await portIsFree(lanPort)))
    throw new Stop(`port ${lanPort} is taken by another program`, `Choose another: IVREK_LAN_PORT=${lanPort + 1} ./ivrek start --lan`);

  const bin = await ensurePostgres();
  await ensureNpm();
  if (!dev) await ensureBuild();
  mkdirSync(base, { recursive: true });
  const cluster = await startCluster(bin, base);
  let server;
  let lanServer;
  let daily;
  let stopping;
  const stop = (code) => {
    stopping ??= (async () => {
      say('stopping');
      clearInterval(daily);
      await Promise.all([server?.stop(), lanServer?.stop()]);
      cluster.stop();
      rmSync(note, { force: true });
      process.exit(code);
    })();
    return stopping;
  };
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop(0));
  try {
    await migrate(cluster, 'ivrek', base);
    await loadDemo(cluster, 'ivrek', base, { empty: args.includes('--no-demo') });
    const secure = lan ? await ensureCertificate(base) : null;
    const env = secure ? lanEnvironment(secure, lanPort) : {};
    server = await startServer(cluster, 'ivrek', port, { dev, env });
    if (secure) lanServer = await startServer(cluster, 'ivrek', lanPort, { dev, env, secure });
    daily = keepDaily(bin, cluster, base);
    if (secure) await tellLan(secure, lanPort);
  } catch (error) {
    await Promise.all([server?.stop(), lanServer?.stop()]);
    cluster.stop();
    throw error;
  }
  writeFileSync(note, JSON.stringify({ launcher: process.pid, server: server.child.pid, lan: lanServer?.child.pid, url: server.url }));
  process.stdout.write(`\n  Ivrek is ready:  ${server.url}\n  Ctrl-C stops it.\n\n`);
  const code = await Promise.race([server.ended, ...(lanServer ? [lanServer.ended] : [])]);
  if (!stopping) say(`the server ended by itself (code ${code})`);
  await stop(stopping ? 0 : 1);
}

/** Says on the computer how a tablet gets in: the address, to read or to point a camera at. */
async function tellLan({ addresses, names, fingerprint }, port) {
  const url = `https://${addresses[0] ?? names[0]}:${port}`;
  const { default: qrcode } = await import('qrcode');
  process.stdout.write(`\n  For tablets in this network:  ${url}/pair\n`);
  process.stdout.write(await qrcode.toString(`${url}/pair`, { type: 'terminal', small: true }));
  process.stdout.write(`  Authority: ${fingerprint}\n  A pairing code is shown under Tablets, on this computer.\n`);
}
