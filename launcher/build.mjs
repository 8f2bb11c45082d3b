import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { visibly } from './run.mjs';
import { say, Stop } from './say.mjs';

const inputs = [
  'src',
  'scripts/compress.ts',
  'scripts/workers.ts',
  'public',
  'knowledge',
  'astro.config.ts',
  'tsconfig.json',
  'package-lock.json',
];

function* files(path) {
  if (!existsSync(path)) return;
  if (statSync(path).isDirectory()) for (const name of readdirSync(path).sort()) yield* files(`${path}/${name}`);
  else yield path;
}

function fingerprint() {
  const h = createHash('sha256');
  for (const input of inputs) for (const f of files(input)) h.update(f).update('\0').update(readFileSync(f)).update('\0');
  return h.digest('hex');
}

export const quietEnv = { ASTRO_TELEMETRY_DISABLED: '1', ASTRO_DISABLE_UPDATE_CHECK: 'true' };

/** Builds the server and the pages when a source changed since the last build. */
export async function ensureBuild() {
  const want = fingerprint();
  const mark = 'dist/.ivrek-build';
  if (existsSync(mark) && readFileSync(mark, 'utf8') === want) return;
  say('building (about a minute, only after a change)');
  const code = await visibly('npm', ['run', '--silent', 'build'], {
    stdio: ['ignore', 2, 2],
    // Whatever runs this (a test, a bench) may call itself something else.
    env: { ...process.env, ...quietEnv, NODE_ENV: 'production' },
  });
  if (code !== 0) throw new Stop('the build failed', 'See the message above.');
  writeFileSync(mark, want);
}
