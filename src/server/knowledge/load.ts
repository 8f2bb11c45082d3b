import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { Ajv } from 'ajv';
import { parse } from 'yaml';
import { mergeKnowledge, checkKnowledge, withFigures, type Knowledge, type KnowledgeFile, type OwnFigure } from '../../core/knowledge';

interface Read extends KnowledgeFile {
  text: string;
}

/** Every YAML file of a knowledge folder, and of a shop's own after them, in the order in which they are put together. */
export function readFiles(folder: string, own: readonly string[] = []): Read[] {
  const names: string[] = [];
  for (const sub of ['', 'faults', 'tests']) {
    const dir = join(folder, sub);
    if (existsSync(dir))
      names.push(
        ...readdirSync(dir)
          .filter((n) => n.endsWith('.yaml'))
          .map((n) => join(sub, n)),
      );
  }
  const paths = [...names.sort().map((name) => ({ name, path: join(folder, name) })), ...own.map((path) => ({ name: path, path }))];
  return paths.map(({ name, path }) => {
    const text = readFileSync(path, 'utf8');
    return { name, text, content: parse(text) as Record<string, unknown> };
  });
}

const compiled = new Map<string, ReturnType<Ajv['compile']>>();

/** What of some files the schema does not allow, in words, with the file and the place. */
export function invalid(files: readonly KnowledgeFile[], folder = 'knowledge'): string[] {
  let valid = compiled.get(folder);
  if (!valid) {
    const ajv = new Ajv({ allErrors: true, allowUnionTypes: true });
    const schema = JSON.parse(readFileSync(join(folder, 'schema', 'knowledge.schema.json'), 'utf8')) as object;
    compiled.set(folder, (valid = ajv.compile(schema)));
  }
  return files.flatMap(({ name, content }) =>
    valid(content)
      ? []
      : (valid.errors ?? []).map(
          (e) => `${name}${e.instancePath}: ${e.message}${e.params.additionalProperty ? ` (${e.params.additionalProperty})` : ''}`,
        ),
  );
}

/** One body of knowledge out of files as they are. Its hash says nothing: it is for what is not kept. */
export const assembled = (files: readonly KnowledgeFile[]): Knowledge => mergeKnowledge(files, 'unnamed');

/**
 * Reads every YAML file of a knowledge folder, and of a shop's own on top of it. Problems are in words, with the file and the
 * place.
 */
export function readKnowledge(folder: string, own: readonly string[] = []): { knowledge: Knowledge; problems: string[] } {
  const files = readFiles(folder, own);
  const shipped = files.length - own.length;
  const hash = createHash('sha256');
  for (const { name, text } of files) hash.update(name).update('\0').update(text).update('\0');
  const problems = invalid(files, folder);
  const figures = problems.length ? [] : files.flatMap((f) => (f.content.figures ?? []) as OwnFigure[]);
  const { knowledge, problems: unknown } = withFigures(mergeKnowledge(files, hash.digest('hex').slice(0, 16)), figures);
  problems.push(...unknown);
  const ofShop = files.slice(shipped).flatMap((f) => [f.content.faults, f.content.tests].flatMap((l) => (l ?? []) as { id: string }[]));
  if (problems.length === 0) problems.push(...checkKnowledge(knowledge, new Set(ofShop.map((x) => x.id))));
  return { knowledge, problems };
}
