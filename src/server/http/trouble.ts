import { readFileSync } from 'node:fs';

/** What the launcher wrote down of the database's trouble (launcher/status.mjs); null where it knows of none. */
function trouble(): { what: string } | null {
  const file = process.env.IVREK_STATUS;
  if (!file) return null;
  try {
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
<style>body{font:18px/1.5 sans-serif;margin:12vh auto;max-width:34em;padding:0 1em;background:#f4efe4;color:#23261f}h1{font-size:1.6em}</style></head>
<body><main><h1>${escaped(title)}</h1><p role="alert">${escaped(message)}</p><p>${
    again
      ? 'This page asks again every five seconds. Bikes that were opened on this device can be worked on meanwhile.'
      : '<a href="/">Next</a>'
  }</p></main></body></html>`;
}
