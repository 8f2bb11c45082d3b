import { randomBytes, webcrypto } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { hostname, networkInterfaces } from 'node:os';
import { say } from './say.mjs';

const day = 86_400_000;
/** Longer than this and some tablets refuse a certificate, whoever signed it. */
const serverDays = 390;
const alg = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' };

/** Networks that are nobody else's: RFC 1918, link-local (RFC 3927) and loopback, as address and mask. */
const privateRanges = [
  [10, 0, 0, 0, 255, 0, 0, 0],
  [172, 16, 0, 0, 255, 240, 0, 0],
  [192, 168, 0, 0, 255, 255, 0, 0],
  [169, 254, 0, 0, 255, 255, 0, 0],
  [127, 0, 0, 0, 255, 0, 0, 0],
];
const isPrivate = (address) => {
  const parts = address.split('.').map(Number);
  return privateRanges.some((r) => parts.every((p, i) => (p & r[4 + i]) === r[i]));
};

/** Names and addresses by which this machine is reached in its own network; public addresses are not served. */
export function lanNames() {
  const own = Object.values(networkInterfaces())
    .flat()
    .filter((i) => i && !i.internal && i.family === 'IPv4' && isPrivate(i.address))
    .map((i) => i.address);
  const more = (process.env.IVREK_LAN_NAMES ?? '').split(',').filter(Boolean);
  return { addresses: own, names: [...more, `${hostname().toLowerCase()}.local`] };
}

const pem = (label, bytes) =>
  `-----BEGIN ${label}-----\n${Buffer.from(bytes)
    .toString('base64')
    .replace(/.{64}(?=.)/g, '$&\n')}\n-----END ${label}-----\n`;
const unpem = (text) => Buffer.from(text.replace(/-----[^-]+-----|\s/g, ''), 'base64');

/** One element of DER. */
function der(tag, ...parts) {
  const body = Buffer.concat(parts.map((p) => Buffer.from(p)));
  const length = body.length < 128 ? [body.length] : body.length < 256 ? [0x81, body.length] : [0x82, body.length >> 8, body.length & 255];
  return Buffer.concat([Buffer.from([tag, ...length]), body]);
}

/**
 * What an authority may vouch for (RFC 5280, 4.2.1.10): these names, and addresses of private networks. A tablet that trusts it
 * trusts it for nothing else, whoever gets hold of its key.
 */
export function nameConstraints(names) {
  const subtree = (name) => der(0x30, name);
  const permitted = [
    ...names.map((n) => subtree(der(0x82, Buffer.from(n, 'ascii')))),
    ...privateRanges.map((r) => subtree(der(0x87, r))),
    // fc00::/7, fe80::/10 and ::1
    ...[
      [0xfc, 0xfe],
      [0xfe80 >> 8, 0xff],
    ].map(([first, mask], i) => {
      const both = Buffer.alloc(32);
      both[0] = first;
      both[16] = mask;
      if (i === 1) [both[1], both[17]] = [0x80, 0xc0];
      return subtree(der(0x87, both));
    }),
  ];
  return der(0x30, der(0xa0, ...permitted));
}

async function saveKey(file, key) {
  writeFileSync(file, pem('PRIVATE KEY', await webcrypto.subtle.exportKey('pkcs8', key)), { mode: 0o600 });
}

/**
 * A certificate for this machine's addresses, signed by an authority of its own that is made once and kept. Made anew when
 * the addresses changed or it runs out soon; the authority that tablets trust stays the same.
 */
export async function ensureCertificate(base, { anew = false } = {}) {
  const folder = `${base}/lan`;
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  // The package decorates classes, which needs this first; both are there once npm packages are.
  await import('reflect-metadata');
  const x509 = await import('@peculiar/x509');
  x509.cryptoProvider.set(webcrypto);
  const files = { ca: `${folder}/ca.crt`, caKey: `${folder}/ca.key`, cert: `${folder}/server.crt`, key: `${folder}/server.key` };
  const serial = () => `00${randomBytes(15).toString('hex')}`;
  const { addresses, names: all } = lanNames();
  const confined = `${folder}/ca.json`;
  if (anew || !existsSync(files.ca) || !existsSync(files.caKey)) {
    const keys = await webcrypto.subtle.generateKey(alg, true, ['sign', 'verify']);
    const ca = await x509.X509CertificateGenerator.createSelfSigned({
      serialNumber: serial(),
      name: `CN=Ivrek workshop authority ${randomBytes(2).toString('hex')}`,
      notBefore: new Date(Date.now() - day),
      notAfter: new Date(Date.now() + 3650 * day),
      signingAlgorithm: alg,
      keys,
      extensions: [
        new x509.BasicConstraintsExtension(true, 0, true),
        new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
        await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
        new x509.Extension('2.5.29.30', true, nameConstraints([...all, 'localhost'])),
      ],
    });
    await saveKey(files.caKey, keys.privateKey);
    writeFileSync(files.ca, ca.toString('pem'), { mode: 0o600 });
    writeFileSync(confined, JSON.stringify([...all, 'localhost']), { mode: 0o600 });
    rmSync(files.cert, { force: true });
    say(`made a root certificate for this workshop's own network in ${folder}${anew ? '; tablets must install it again' : ''}`);
  }
  const permitted = existsSync(confined) ? JSON.parse(readFileSync(confined, 'utf8')) : null;
  if (!permitted)
    say('the root certificate was made before it was confined to this network: ./ivrek start --lan --new-authority makes one that is');
  const names = all.filter((n) => !permitted || permitted.includes(n));
  const foreign = all.filter((n) => !names.includes(n));
  if (foreign.length)
    say(`the root certificate does not cover ${foreign.join(', ')}: ./ivrek start --lan --new-authority makes one that does`);
  const ca = new x509.X509Certificate(readFileSync(files.ca, 'utf8'));
  const wanted = [...addresses, ...names, 'localhost', '127.0.0.1'].join(',');
  const note = `${folder}/server.json`;
  const made = existsSync(note) && existsSync(files.cert) ? JSON.parse(readFileSync(note, 'utf8')) : null;
  if (!made || made.wanted !== wanted || made.until - Date.now() < 30 * day) {
    const caKey = await webcrypto.subtle.importKey('pkcs8', unpem(readFileSync(files.caKey, 'utf8')), alg, false, ['sign']);
    const keys = await webcrypto.subtle.generateKey(alg, true, ['sign', 'verify']);
    const until = Date.now() + serverDays * day;
    const cert = await x509.X509CertificateGenerator.create({
      serialNumber: serial(),
      subject: 'CN=Ivrek',
      issuer: ca.subject,
      notBefore: new Date(Date.now() - day),
      notAfter: new Date(until),
      signingAlgorithm: alg,
      publicKey: keys.publicKey,
      signingKey: caKey,
      extensions: [
        new x509.BasicConstraintsExtension(false, undefined, true),
        new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
        new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
        new x509.SubjectAlternativeNameExtension([
          ...[...addresses, '127.0.0.1'].map((value) => ({ type: 'ip', value })),
          ...[...names, 'localhost'].map((value) => ({ type: 'dns', value })),
        ]),
        await x509.AuthorityKeyIdentifierExtension.create(ca, false),
      ],
    });
    await saveKey(files.key, keys.privateKey);
    writeFileSync(files.cert, `${cert.toString('pem')}\n${ca.toString('pem')}\n`, { mode: 0o600 });
    writeFileSync(note, JSON.stringify({ wanted, until }), { mode: 0o600 });
  }
  const print = Buffer.from(await ca.getThumbprint('SHA-256'))
    .toString('hex')
    .toUpperCase()
    .replace(/..(?=.)/g, '$&:');
  return { ...files, fingerprint: print, addresses, names };
}

/** What the two server processes must know about the network, as environment variables. */
export function lanEnvironment({ ca, fingerprint, addresses, names }, port) {
  const hosts = [...addresses, ...names, '127.0.0.1', 'localhost'].map((h) => `${h}:${port}`);
  const urls = [...addresses, ...names].map((h) => `https://${h}:${port}`);
  return { IVREK_LAN_HOSTS: hosts.join(','), IVREK_LAN: JSON.stringify({ urls, fingerprint }), IVREK_LAN_CA: ca };
}
