import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { Ajv } from 'ajv';
import { parse } from 'yaml';
import { assembleKnowledge, checkKnowledge, withFigures, type Knowledge, type KnowledgeFile, type OwnFigure } from '../../core/knowledge';

/**
 * Reads every YAML file of a knowledge folder, and of a shop's own on top of it. Problems are in words, with the file and the
 * place.
 */
export function readKnowledge(folder: string, own: readonly string[] = []): { knowledge: Knowledge; problems: string[] } {
  const names: string[] = [];
  for (const sub of ['', 'faults', 'tests']) {
    const dir = join(folder, sub);
    if (existsSync(dir)) names.push(...readdirSync(dir).filter((n) => n.endsWith('.yaml')).map((n) => join(sub, n)));
  }
  names.sort();
  const paths = [...names.map((name) => ({ name, path: join(folder, name) })), ...own.map((path) => ({ name: path, path }))];
  const ajv = new Ajv({ allErrors: true, allowUnionTypes: true });
  const schema = JSON.parse(readFileSync(join(folder, 'schema', 'knowledge.schema.json'), 'utf8')) as object;
  const valid = ajv.compile(schema);
  const problems: string[] = [];
  const hash = createHash('sha256');
  const files: KnowledgeFile[] = paths.map(({ name, path }) => {
    const text = readFileSync(path, 'utf8');
    hash.update(name).update('\0').update(text).update('\0');
    const content = parse(text) as Record<string, unknown>;
    if (!valid(content)) for (const e of valid.errors ?? []) problems.push(`${name}${e.instancePath}: ${e.message}${e.params.additionalProperty ? ` (${e.params.additionalProperty})` : ''}`);
    return { name, content };
  });
  const figures = problems.length ? [] : files.flatMap((f) => (f.content.figures ?? []) as OwnFigure[]);
  const { knowledge, problems: unknown } = withFigures(assembleKnowledge(files, hash.digest('hex').slice(0, 16)), figures);
  problems.push(...unknown);
  const ofShop = files.slice(names.length).flatMap((f) => [f.content.faults, f.content.tests].flatMap((l) => (l ?? []) as { id: string }[]));
  if (problems.length === 0) problems.push(...checkKnowledge(knowledge, new Set(ofShop.map((x) => x.id))));
  return { knowledge, problems };
}
