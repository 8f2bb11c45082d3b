import { chromiumPath } from '../launcher/packages.mjs';

/** How Debian's Chromium is started here: headless, nothing of its own over the network. */
const args = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--disable-default-apps',
];

/** More may be said to it at its start. */
export const chromiumOptions = (...more: string[]) => ({ executablePath: chromiumPath, args: [...args, ...more] });
