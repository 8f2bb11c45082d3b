import { readFileSync, statfsSync } from 'node:fs';
import { dirname } from 'node:path';

/** With less than this the database cannot go on. */
const fullMb = 64;

/**
 * What the launcher wrote down of the database's trouble (launcher/status.mjs); null where it knows of none. On a full disk it
 * cannot even write that down, so that is looked at here.
 */
function trouble(): { what: string } | null {
  const file = process.env.IVREK_STATUS;
  if (!file) return null;
  try {
    const { bavail, bsize } = statfsSync(dirname(file));
    const free = Math.floor((bavail * bsize) / 1e6);
    if (free < fullMb) return { what: `The disk is full: ${free} MB are free.` };
    return JSON.parse(readFileSync(file, 'utf8')) as { what: string };
  } catch {
    return null;
  }
}

/** What a person is told while the database is away, with the reason where one is known. */
export function troubleWords(otherwise: string): string {
  const known = trouble();
  return known ? `${known.what} ${otherwise}` : otherwise;
}

const escaped = (text: string) => text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);

/** A page that needs nothing: no database, no script. In trouble it asks again by itself. */
export function plainPage(title: string, message: string, again: boolean): string {
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
${again ? '<meta http-equiv="refresh" content="5">' : ''}<title>${escaped(title)} · Ivrek</title>
<style>:root{color-scheme:light dark}body{font:18px/1.5 sans-serif;margin:0;background:light-dark(#f2ebde,#161a17);color:light-dark(#23261f,#e9e4d8)}header{background:#1f3b2e;color:#f6f1e4;border-bottom:4px solid #b8791f;padding:14px 24px;font-weight:700;font-size:1.2em}main{margin:8vh auto;max-width:34em;padding:0 1em}h1{font-size:1.6em}a{color:inherit;display:inline-block;min-height:48px;line-height:48px}</style></head>
<body><header>Ivrek</header><main><h1>${escaped(title)}</h1><p role="alert">${escaped(message)}</p><p>${
    again
      ? 'This page asks again every five seconds. Bikes that were opened on this device can be worked on meanwhile.'
      : '<a href="/">Next</a>'
  }</p></main></body></html>`;
}
