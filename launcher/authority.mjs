import { createCipheriv, createDecipheriv, randomBytes, scryptSync } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createInterface } from 'node:readline/promises';
import { Stop } from './say.mjs';

/**
 * The network's authority on its way to another computer: its key under a passphrase (scrypt, N = 2^17, r = 8, p = 1, as OWASP's
 * password storage cheat sheet has it; AES-256-GCM), its certificate beside it. Whoever has the key can pass for this workshop.
 */
const cost = { N: 2 ** 17, r: 8, p: 1, maxmem: 256 * 1024 * 1024 };
const shortest = 12;

export function lockAuthority(folder, passphrase) {
  const salt = randomBytes(16);
  const iv = randomBytes(12);
  const cipher = createCipheriv('aes-256-gcm', scryptSync(passphrase, salt, 32, cost), iv);
  const data = Buffer.concat([cipher.update(readFileSync(`${folder}/ca.key`)), cipher.final()]);
  const text = (bytes) => bytes.toString('base64');
  return JSON.stringify({
    certificate: readFileSync(`${folder}/ca.crt`, 'utf8'),
    salt: text(salt),
    iv: text(iv),
    tag: text(cipher.getAuthTag()),
    key: text(data),
  });
}

/** Puts an authority in its place. Throws if the passphrase is not the one. */
export function unlockAuthority(locked, passphrase, folder) {
  const { certificate, salt, iv, tag, key } = JSON.parse(locked);
  const bytes = (text) => Buffer.from(text, 'base64');
  const cipher = createDecipheriv('aes-256-gcm', scryptSync(passphrase, bytes(salt), 32, cost), bytes(iv));
  cipher.setAuthTag(bytes(tag));
  let opened;
  try {
    opened = Buffer.concat([cipher.update(bytes(key)), cipher.final()]);
  } catch {
    throw new Stop('wrong passphrase for the root certificate in this backup', 'Nothing was changed.');
  }
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeFileSync(`${folder}/ca.key`, opened, { mode: 0o600 });
  writeFileSync(`${folder}/ca.crt`, certificate, { mode: 0o600 });
}

export const hasAuthority = (base) => existsSync(`${base}/lan/ca.key`);

/** A passphrase, from the environment or typed; never from an argument, which every user of the machine could read. */
export async function askPassphrase(what) {
  let said = process.env.IVREK_PASSPHRASE;
  if (said === undefined && process.stdin.isTTY) {
    const ask = createInterface({ input: process.stdin, output: process.stderr });
    said = await ask.question(`Passphrase for ${what} (${shortest} characters or more): `);
    ask.close();
  }
  if (!said || said.length < shortest)
    throw new Stop(`a passphrase of ${shortest} characters or more is needed for ${what}`, 'Type it when asked, or set IVREK_PASSPHRASE.');
  return said;
}
