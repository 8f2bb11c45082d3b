import { spawn } from 'node:child_process';
import { get as httpGet } from 'node:http';
import { get as httpsGet } from 'node:https';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { resolve as absolute } from 'node:path';
import { flag, readArgs } from './args.mjs';
import { ensureBuild, quietEnv } from './build.mjs';
import { startCluster } from './cluster.mjs';
import { backupsFile, keepDaily } from './dumps.mjs';
import { ensureCertificate, lanEnvironment } from './lan.mjs';
import { alone, dataLock, lock } from './lock.mjs';
import { migrate } from './migrate.mjs';
import { isRunning, killOrphan, readNote, removeNote, who, writeNote } from './note.mjs';
import { ensureNpm, ensurePostgres } from './packages.mjs';
import { portIsFree, visibly } from './run.mjs';
import { say, Stop } from './say.mjs';
import { statusFile } from './status.mjs';
import { supervise } from './supervise.mjs';

/** Puts the demo workshop in, once, and an empty one beside it; `empty` leaves the demo out (this time). */
export async function loadDemo(cluster, database, base, { empty = false } = {}) {
  const mark = `${base}/demo.loaded`;
  if (existsSync(mark)) return;
  if (!empty) say('loading the demo workshop');
  const code = await visibly('node', ['--import', 'tsx', 'scripts/demo.ts'], {
    env: { ...process.env, IVREK_APP_URL: cluster.appUrl(database), ...(empty && { IVREK_NO_DEMO: '1' }) },
    stdio: ['ignore', 2, 2],
  });
  if (code !== 0) throw new Stop('the demo could not be loaded', 'See the message above.');
  if (!empty) writeFileSync(mark, new Date().toISOString(), { mode: 0o600 });
}

/** Starts the built server on a port; resolves when it answers. */
export async function startServer(
  cluster,
  database,
  port,
  { dev = false, env = {}, secure = null, began = /** @type {(pid: number) => void} */ (() => undefined) } = {},
) {
  const args = dev ? ['node_modules/astro/astro.js', 'dev', '--host', '127.0.0.1', '--port', String(port)] : ['launcher/listen.mjs'];
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
  began(child.pid);
  const url = `${secure ? 'https' : 'http'}://127.0.0.1:${port}`;
  const ended = new Promise((resolve) => child.once('exit', (code, signal) => resolve(signal ?? code)));
  const stop = async () => {
    try {
      process.kill(-child.pid, 'SIGTERM');
    } catch {
      return;
    }
    await Promise.race([ended, new Promise((r) => setTimeout(r, 5000))]);
    if (child.exitCode === null && child.signalCode === null) process.kill(-child.pid, 'SIGKILL');
  };
  for (let i = 0; ; i++) {
    const answer = await healthOf(url, secure);
    // 503: it is there, and the database is being brought back.
    if (answer === 200 || answer === 503) break;
    if (child.exitCode !== null || child.signalCode !== null || i > 600) {
      await stop();
      throw new Stop('the server did not come up', 'See the message above.');
    }
    await new Promise((r) => setTimeout(r, 100));
  }
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

/** A port as a setting names it. */
function portOf(name, otherwise) {
  const said = process.env[name];
  const port = Number(said ?? otherwise);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Stop(`${name} is '${said}', which is not a valid port`, 'Give a number from 1 to 65535.');
  return port;
}

const pause = (ms) => new Promise((later) => setTimeout(later, ms));

/**
 * Takes the data folder for this launcher. Where another start has it, that one is waited for until it is ready (then there is
 * nothing to do, and null is answered) or gone.
 */
async function takeFolder(base) {
  let told = false;
  for (;;) {
    const release = await lock(dataLock(base));
    if (release) return release;
    const note = readNote(base);
    if (note?.url && isRunning(base)) {
      say(`already running at ${note.url} (stop it with ./ivrek stop)`);
      return null;
    }
    if (!told) say(`another ./ivrek is at work on ${base}; waiting for it`);
    told = true;
    await pause(300);
  }
}

/** Waits for a port that was just given up; says which to take instead where another program has it. */
async function wantPort(port, setting, patienceMs) {
  for (const until = Date.now() + patienceMs; !(await portIsFree(port));) {
    if (Date.now() > until)
      throw new Stop(`port ${port} is taken by another program`, `Choose another: ${setting[0]}=${port + 1} ${setting[1]}`);
    await pause(100);
  }
}

/** A server that dies is started again at once, but not for ever. */
const mostFalls = 5;
const fallsWithinMs = 600_000;

export async function serve(dev, args = []) {
  const usage = `./ivrek ${dev ? 'dev' : 'start'} [--lan] [--no-demo] [--new-authority]`;
  const { values } = readArgs(args, { lan: flag, 'no-demo': flag, 'new-authority': flag }, { usage, words: 0 });
  const { lan = false } = values;
  const base = process.env.IVREK_DATA ?? '.data';
  const port = portOf('IVREK_PORT', 4680);
  const lanPort = portOf('IVREK_LAN_PORT', port + 1);
  const release = await takeFolder(base);
  if (!release) return;

  let cluster;
  let watch = () => undefined;
  let daily;
  let stopping;
  const servers = {};
  const note = { launcher: who(process.pid), port };
  const stop = (code) => {
    stopping ??= (async () => {
      say('stopping');
      daily?.();
      await Promise.all(Object.values(servers).map((s) => s.stop()));
      watch();
      cluster?.stop();
      removeNote(base);
      await release();
      process.exit(code);
    })();
    return stopping;
  };
  try {
    // Servers whose launcher was killed hard hold the port a moment longer. It is waited for: another port is another origin to
    // a browser, and what waits there to be sent would not be found.
    const left = readNote(base);
    if (left) await killOrphan(left);
    const patience = left ? 15_000 : 0;
    await wantPort(port, ['IVREK_PORT', './ivrek start'], patience);
    if (lan) await wantPort(lanPort, ['IVREK_LAN_PORT', './ivrek start --lan'], patience);
    writeNote(base, note);
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop(0));

    const bin = await ensurePostgres();
    await alone('.data/packages.lock', async () => {
      await ensureNpm();
      if (!dev) await ensureBuild();
    });
    cluster = await startCluster(bin, base);
    await migrate(cluster, 'ivrek', base);
    await loadDemo(cluster, 'ivrek', base, { empty: values['no-demo'] ?? false });
    watch = supervise(cluster, base);
    const secure = lan ? await ensureCertificate(base, { anew: values['new-authority'] ?? false }) : null;
    const env = {
      ...(secure && lanEnvironment(secure, lanPort)),
      IVREK_STATUS: statusFile(base),
      IVREK_BACKUPS: absolute(backupsFile(base)),
    };
    const start = async (name, on, more) => {
      const began = (pid) => writeNote(base, Object.assign(note, { [name]: who(pid) }));
      servers[name] = await startServer(cluster, 'ivrek', on, { dev, env, began, ...more });
      return servers[name];
    };
    const { url } = await start('server', port, {});
    if (secure) await start('lan', lanPort, { secure });
    daily = keepDaily(bin, cluster, base);
    if (secure) await tellLan(secure, lanPort);
    writeNote(base, Object.assign(note, { url }));
    process.stdout.write(`\n  Ivrek is ready:  ${url}\n  Ctrl-C stops it.\n\n`);

    const watchServer = async (name, on, more) => {
      const falls = [];
      while (!stopping) {
        const how = await servers[name].ended;
        if (stopping) return;
        falls.push(Date.now());
        say(`the server ended by itself (${typeof how === 'number' ? `code ${how}` : how})`);
        if (falls.filter((t) => t > Date.now() - fallsWithinMs).length >= mostFalls)
          throw new Stop(`the server ended ${mostFalls} times in a short while`, 'See the messages above. Nothing that was saved is lost.');
        say('starting it again');
        await start(name, on, more);
      }
    };
    await Promise.race([watchServer('server', port, {}), ...(secure ? [watchServer('lan', lanPort, { secure })] : [])]);
    await stopping;
  } catch (error) {
    if (stopping) return stopping;
    await Promise.all(Object.values(servers).map((s) => s.stop()));
    watch();
    cluster?.stop();
    if (readNote(base)?.launcher?.pid === process.pid) removeNote(base);
    await release();
    throw error;
  }
}

/** Says on the computer how a tablet gets in: the address, to read or to point a camera at. */
async function tellLan({ addresses, names, fingerprint }, port) {
  const url = `https://${addresses[0] ?? names[0]}:${port}`;
  const { default: qrcode } = await import('qrcode');
  process.stdout.write(`\n  For tablets in this network:  ${url}/pair\n`);
  process.stdout.write(await qrcode.toString(`${url}/pair`, { type: 'terminal', small: true }));
  process.stdout.write(`  Authority: ${fingerprint}\n  A pairing code is shown under Tablets, on this computer.\n`);
}
