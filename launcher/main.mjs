import { existsSync, readFileSync, rmSync } from 'node:fs';
import { bench } from './bench.mjs';
import { killOrphan, serve } from './serve.mjs';
import { shots } from './shots.mjs';
import { test } from './test.mjs';
import { stopCluster } from './cluster.mjs';
import { postgresBin } from './packages.mjs';
import { alive } from './run.mjs';
import { giveUp, say, Stop } from './say.mjs';

const usage = `usage: ./ivrek COMMAND

  start            set up what is missing, start the database and the application, print its address
  dev              the same with live reload, for those who change the code
  test [stage …]   formatting, lint, types, dependency rules, knowledge, unit, database and browser tests
  bench [part …] [--quick] [--json]   measure speed and memory
  shots            make the pictures in docs/screenshots from the demo
  stop             stop an application or database that was left running

Settings: IVREK_PORT (4680), IVREK_DATA (.data), IVREK_LEAST_FREE_MB (500)`;

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

const [command, ...rest] = process.argv.slice(2);
const commands = {
  start: () => serve(false),
  dev: () => serve(true),
  test: () => test(rest),
  bench: () => bench(rest),
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
