import { existsSync, readFileSync, rmSync } from 'node:fs';
import { backup, restore } from './backup.mjs';
import { bench } from './bench.mjs';
import { killOrphan, serve } from './serve.mjs';
import { shots } from './shots.mjs';
import { test } from './test.mjs';
import { stopCluster } from './cluster.mjs';
import { ensureNpm, postgresBin } from './packages.mjs';
import { alive, visibly } from './run.mjs';
import { giveUp, say, Stop } from './say.mjs';

const usage = `usage: ./ivrek COMMAND

  start            set up what is missing, start the database and the application, print its address
        --lan      also over HTTPS in this network, for tablets that were paired with a code
        --no-demo  without the demo workshop
  dev              the same with live reload, for those who change the code
  test [stage …]   formatting, lint, types, dependency rules, knowledge, unit, database and browser tests
  bench [part …] [--quick] [--json]   measure speed and memory
  knowledge        check everything under knowledge/ and count it   [--weak] [--json]
  trace CASE.yaml  rank the suspects of a case after each piece of evidence, without a server   [--json]
  shots            make the pictures in docs/screenshots from the demo
  backup FILE      everything in one file: bikes, photos, journal, the network's authority
  restore FILE     put a backup in the place of what is there; what was there is kept beside it
  stop             stop an application or database that was left running

Settings: IVREK_PORT (4680), IVREK_LAN_PORT (4681), IVREK_LAN_NAMES, IVREK_DATA (.data), IVREK_LEAST_FREE_MB (500)`;

async function stop() {
  const base = process.env.IVREK_DATA ?? '.data';
  const file = `${base}/running.json`;
  if (existsSync(file)) {
    const other = JSON.parse(readFileSync(file, 'utf8'));
    const { launcher } = other;
    if (alive(launcher)) {
      process.kill(launcher, 'SIGTERM');
      for (let i = 0; i < 100 && alive(launcher); i++) await new Promise((r) => setTimeout(r, 100));
    } else killOrphan(other);
    rmSync(file, { force: true });
  }
  const bin = postgresBin();
  if (bin) stopCluster(bin, base);
  say('stopped');
}

/** Runs a script that needs the packages but neither database nor build. */
async function script(file, args) {
  await ensureNpm();
  process.exitCode = await visibly('node', ['--import', 'tsx', file, ...args]);
}

const [command, ...rest] = process.argv.slice(2);
const commands = {
  start: () => serve(false, rest),
  backup: () => backup(rest),
  restore: () => restore(rest),
  dev: () => serve(true),
  test: () => test(rest),
  bench: () => bench(rest),
  knowledge: () => script('scripts/knowledge.ts', rest),
  trace: () => script('scripts/trace.ts', rest),
  shots: () => shots(),
  stop,
};
try {
  if (!command || command === 'help' || command === '--help') console.log(usage);
  else if (!commands[command]) throw new Stop(`there is no command '${command}'`, usage);
  else await commands[command]();
} catch (error) {
  giveUp(error);
}
