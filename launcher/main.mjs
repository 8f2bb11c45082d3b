import { backup } from './backup.mjs';
import { bench } from './bench.mjs';
import { killOrphan, pidOf, readNote, removeNote, still } from './note.mjs';
import { restore } from './restore.mjs';
import { serve } from './serve.mjs';
import { shots } from './shots.mjs';
import { test } from './test.mjs';
import { stopCluster } from './cluster.mjs';
import { ensureNpm, postgresBin } from './packages.mjs';
import { visibly } from './run.mjs';
import { giveUp, say, Stop } from './say.mjs';

const usage = `usage: ./ivrek COMMAND

  start            set up what is missing, start the database and the application, print its address
        --lan      also over HTTPS in this network, for tablets that were paired with a code
        --no-demo  without the demo workshop
        --new-authority  with --lan: a new root certificate; tablets install it again
  dev              the same with live reload, for those who change the code
  test [stage …]   formatting, lint, types, dependency rules, knowledge, unit, database and browser tests
  bench [part …] [--quick] [--json]   measure speed and memory
  knowledge        check everything under knowledge/ and count it   [--weak] [--json]
  trace CASE.yaml  rank the suspects of a case after each piece of evidence, without a server   [--json]
  shots            make the pictures in docs/screenshots from the demo
  backup FILE      everything in one file: bikes, photos, journal; it is restored once to see that it can be
        --with-authority   also the root certificate's key, under a passphrase
  restore FILE     put a backup, or a dump of .data/dumps, in the place of what is there, which is kept beside it
        --list | --back NAME | --drop NAME   what was put aside: show it, put it back, throw it away
  stop             stop an application or database that was left running

Settings: IVREK_PORT (4680), IVREK_LAN_PORT (4681), IVREK_LAN_NAMES, IVREK_DATA (.data), IVREK_LEAST_FREE_MB (500),
IVREK_IDLE_DAYS (60), IVREK_SESSION_DAYS (400), IVREK_PROXIES (none), IVREK_PASSPHRASE`;

async function stop() {
  const base = process.env.IVREK_DATA ?? '.data';
  const note = readNote(base);
  if (still(note?.launcher)) {
    process.kill(pidOf(note.launcher), 'SIGTERM');
    for (let i = 0; i < 200 && still(note.launcher); i++) await new Promise((r) => setTimeout(r, 100));
  } else if (note) {
    await killOrphan(note);
    removeNote(base);
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
