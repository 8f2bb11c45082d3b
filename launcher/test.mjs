import { mkdirSync, rmSync } from 'node:fs';
import { resolve } from 'node:path';
import { ensureBuild, quietEnv } from './build.mjs';
import { startCluster } from './cluster.mjs';
import { migrate } from './migrate.mjs';
import { ensureCertificate, lanEnvironment } from './lan.mjs';
import { ensureChromium, ensureNpm, ensurePostgres } from './packages.mjs';
import { counts, failures } from './reports.mjs';
import { aside, freePort, visibly } from './run.mjs';
import { say, Stop } from './say.mjs';
import { loadDemo, startServer } from './serve.mjs';

/** Stages that only read the code, the longest first: they run two at a time, and each says what it has to say at its end. */
const reading = ['lint', 'types', 'format', 'rules'];

/** Stages that count their tests; each other one counts as one if it fails. */
const counted = ['unit', 'db', 'browser', 'chaos', 'attack'];

/** All checks, in the order in which they are cheapest to fail. */
export async function test(only) {
  const base = resolve(process.env.IVREK_TEST_DATA ?? '.data/test');
  const bin = await ensurePostgres();
  await ensureChromium();
  await ensureNpm();
  rmSync(base, { recursive: true, force: true });
  mkdirSync(base, { recursive: true });
  const report = (name) => `${base}/${name}.json`;
  /** @type {Awaited<ReturnType<typeof startCluster>> | undefined} */
  let cluster;
  // A throw-away cluster: losing its data to a power cut is no loss, and it need not wait for the disk.
  const withCluster = async () =>
    (cluster ??= await startCluster(bin, base, { firstPort: 55680, settings: ['fsync=off', 'synchronous_commit=off'] }));
  const vitest = async (stage, env = {}) =>
    visibly(
      'npx',
      [
        'vitest',
        'run',
        ...(stage === 'unit' ? ['--project', 'unit', '--project', 'ui'] : ['--project', stage]),
        '--reporter=default',
        '--reporter=json',
        '--reporter=./launcher/outside.mjs',
        `--outputFile.json=${report(stage)}`,
      ],
      { env: { ...process.env, ...env, IVREK_TEST_REPORT: report(stage) } },
    );

  const stages = {
    unit: () => vitest('unit'),
    db: async () => {
      const c = await withCluster();
      await migrate(c, 'ivrek_template', base);
      return vitest('db', {
        IVREK_TEST_OWNER_URL: c.ownerUrl('postgres'),
        IVREK_TEST_APP_URL: c.appUrl('postgres'),
        IVREK_TEST_TEMPLATE: 'ivrek_template',
      });
    },
    browser: async () => {
      await ensureBuild();
      const c = await withCluster();
      await migrate(c, 'ivrek_browser', base);
      await loadDemo(c, 'ivrek_browser', base);
      // As ./ivrek start --lan does it, by a name that only the test's own browser knows.
      process.env.IVREK_LAN_NAMES = 'workshop.test';
      const secure = await ensureCertificate(base);
      const lanPort = await freePort(4980);
      const env = { IVREK_GALLERY: '1', ...lanEnvironment(secure, lanPort) };
      const server = await startServer(c, 'ivrek_browser', await freePort(4780), { env });
      const lan = await startServer(c, 'ivrek_browser', lanPort, { env, secure });
      try {
        return await visibly('npx', ['playwright', 'test'], {
          env: {
            ...process.env,
            IVREK_URL: server.url,
            IVREK_LAN_URL: `https://workshop.test:${lanPort}`,
            IVREK_LAN_CA: secure.ca,
            PLAYWRIGHT_JSON_OUTPUT_NAME: report('browser'),
          },
        });
      } finally {
        await Promise.all([server.stop(), lan.stop()]);
      }
    },
  };
  stages.chaos = async () => {
    await ensureBuild();
    return vitest('chaos');
  };
  stages.attack = async () => {
    await ensureBuild();
    return vitest('attack');
  };
  const known = [...reading, ...Object.keys(stages)];
  const unknown = only.filter((s) => !known.includes(s));
  if (unknown.length) throw new Stop(`no such stage: ${unknown.join(', ')}`, `Stages: ${known.join(' ')}`);
  const chosen = only.length ? only : known;
  const failed = [];
  const began = Date.now();
  try {
    const ended = (stage, code, t) => {
      say(`── ${stage} ${code === 0 ? 'passed' : `FAILED (code ${code})`} in ${Math.round((Date.now() - t) / 1000)} s`);
      if (code !== 0) failed.push(stage);
    };
    const queue = reading.filter((s) => chosen.includes(s));
    const read = async () => {
      for (let stage = queue.shift(); stage; stage = queue.shift()) {
        const t = Date.now();
        const { code, said } = await aside('npm', ['run', '--silent', stage], { env: { ...process.env, ...quietEnv } });
        process.stdout.write(said);
        ended(stage, code, t);
      }
    };
    await Promise.all([read(), read()]);
    for (const stage of chosen.filter((s) => stages[s])) {
      const t = Date.now();
      say(`── ${stage}`);
      ended(stage, await stages[stage](), t);
    }
  } finally {
    cluster?.stop();
  }
  const sum = { passed: 0, failed: 0 };
  for (const stage of counted) {
    const c = counts(report(stage));
    sum.passed += c.passed;
    sum.failed += c.failed;
    for (const line of failures(report(stage))) say(line);
  }
  say(
    `stages: ${chosen.length - failed.length} of ${chosen.length} passed in ${Math.round((Date.now() - began) / 1000)} s${failed.length ? `; failed: ${failed.join(', ')}` : ''}`,
  );
  const other = failed.filter((s) => !counted.includes(s)).length;
  process.stdout.write(`${sum.passed} passed, ${sum.failed + other} failed\n`);
  if (failed.length || (!only.length && sum.passed === 0)) process.exit(1);
}
