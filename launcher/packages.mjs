import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { quietly, visibly } from './run.mjs';
import { say, Stop } from './say.mjs';

const isRoot = () => process.getuid?.() === 0;

/** Newest PostgreSQL server binaries from Debian's packages, or null. */
export function postgresBin() {
  const root = process.env.IVREK_PG_ROOT ?? '/usr/lib/postgresql';
  if (!existsSync(root)) return null;
  const versions = readdirSync(root).filter((v) => existsSync(`${root}/${v}/bin/initdb`));
  versions.sort((a, b) => Number(b) - Number(a));
  return versions[0] ? { version: versions[0], dir: `${root}/${versions[0]}/bin` } : null;
}

/** Installs Debian packages as root or through sudo; otherwise says the exact line and stops with code 3. */
async function apt(names) {
  const line = `apt-get update && apt-get install -y --no-install-recommends ${names.join(' ')}`;
  const sudo = !isRoot() && quietly('sudo', ['-n', 'true']).code === 0;
  if (!isRoot() && !sudo)
    throw new Stop(`these Debian packages are missing: ${names.join(', ')}`, `As root, run this once, then ./ivrek again:\n${line}`, 3);
  say(`installing from Debian's packages: ${names.join(' ')} (this takes up to a minute)`);
  // Debian would start a cluster of its own on install; ours is private, so that is told off first.
  const quietCluster =
    'if ! dpkg -s postgresql-common >/dev/null 2>&1; then mkdir -p /etc/postgresql-common/createcluster.d && ' +
    'echo "create_main_cluster = false" > /etc/postgresql-common/createcluster.d/ivrek.conf; fi';
  const script = `${quietCluster}; apt-get -qq -o DPkg::Lock::Timeout=120 update && DEBIAN_FRONTEND=noninteractive apt-get -qq -y --no-install-recommends -o DPkg::Lock::Timeout=120 install ${names.join(' ')} >/dev/null`;
  const cmd = sudo ? ['sudo', ['-n', 'sh', '-c', script]] : ['sh', ['-c', script]];
  const code = await visibly(cmd[0], cmd[1], { stdio: ['ignore', 2, 2] });
  if (code !== 0) throw new Stop('apt-get could not install them', `Try it by hand as root:\n${line}`, 3);
}

export async function ensurePostgres() {
  if (!postgresBin()) await apt(['postgresql', 'postgresql-client']);
  const bin = postgresBin();
  if (!bin)
    throw new Stop('PostgreSQL was installed but its server programs are not in /usr/lib/postgresql', 'Look at: dpkg -L postgresql-15', 3);
  return bin;
}

export const chromiumPath = '/usr/bin/chromium';

export async function ensureChromium() {
  if (!existsSync(chromiumPath)) await apt(['chromium']);
}

/** npm packages exactly as the lock file says; done again only when the lock file changed. */
export async function ensureNpm() {
  if (!existsSync('package-lock.json')) throw new Stop('package-lock.json is missing', 'Take a clean clone.');
  const want = createHash('sha256').update(readFileSync('package-lock.json')).update(process.version).digest('hex');
  const mark = 'node_modules/.ivrek-lock';
  if (existsSync(mark) && readFileSync(mark, 'utf8') === want) return;
  say('installing npm packages from the lock file (about a minute the first time)');
  const code = await visibly('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund', '--loglevel=error'], { stdio: ['ignore', 2, 2] });
  if (code !== 0) throw new Stop('npm ci failed', 'See the message above. The npm registry must be reachable the first time.');
  mkdirSync('node_modules', { recursive: true });
  writeFileSync(mark, want);
}
