import { readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

// Beside every file of words that pages are made of lie its packed forms, made once at the build.

const folder = process.argv[2] ?? 'dist/client';
const words = /\.(js|css|svg|html|json|txt|webmanifest)$/;

/** Not worth another file below this. */
const least = 1024;

function* files(path: string): Generator<string> {
  for (const name of readdirSync(path)) {
    const inner = join(path, name);
    if (statSync(inner).isDirectory()) yield* files(inner);
    else yield inner;
  }
}

for (const path of [...files(folder)]) {
  if (/\.(br|gz)$/.test(path)) rmSync(path);
  else if (words.test(path)) {
    const content = readFileSync(path);
    if (content.length < least) continue;
    writeFileSync(`${path}.br`, brotliCompressSync(content, { params: { [constants.BROTLI_PARAM_SIZE_HINT]: content.length } }));
    writeFileSync(`${path}.gz`, gzipSync(content, { level: 9 }));
  }
}
