import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import worker from '../../sw/offline.js?raw';

let made: string | undefined;

/** The service worker with the list of everything that screens are made of, as the build left it. */
export function serviceWorkerScript(folder = process.env.IVREK_CLIENT ?? 'dist/client'): string {
  if (made !== undefined) return made;
  const files = readdirSync(`${folder}/_astro`)
    // Not their packed forms.
    .filter((name) => !/\.(br|gz)$/.test(name))
    .sort()
    .map((name) => `/_astro/${name}`);
  const hash = createHash('sha256').update(worker);
  // Names carry their content's hash, but for the icon and the shell's own page, which is remade with every build.
  for (const f of files) hash.update(f);
  hash.update(readFileSync(`${folder}/icon.svg`)).update(process.env.IVREK_BUILD ?? '');
  made = `const build = ${JSON.stringify(hash.digest('hex').slice(0, 16))};\nconst files = ${JSON.stringify([...files, '/icon.svg'])};\n${worker}`;
  return made;
}
