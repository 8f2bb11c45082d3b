import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

// What a document names is there: a path is written from the repository's root, or from src, core, trace, measure, server or ui.
const roots = ['', 'src/', 'src/core/', 'src/core/trace/', 'src/core/measure/', 'src/server/', 'src/ui/'];
const documents = ['README.md', ...readdirSync('docs').flatMap((f) => (f.endsWith('.md') ? [`docs/${f}`] : []))];
const pathsIn = (text: string) =>
  [...text.matchAll(/(?<![\w/.*<-])(?:[\w.-]+\/)+[\w.-]+\.(?:ts|tsx|mjs|js|astro|yaml|sql)\b/g)].map((m) => m[0]);

describe('files that a document names', () => {
  it.each(documents)('%s', (document) => {
    const missing = pathsIn(readFileSync(document, 'utf8')).filter((p) => !roots.some((root) => existsSync(root + p)));
    expect(missing).toEqual([]);
  });
});
