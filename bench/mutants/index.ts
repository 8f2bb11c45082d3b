import { spawn } from 'node:child_process';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { createInterface } from 'node:readline';
import type { Figures } from '../figures';
import { seededRandom } from '../../src/core/trace/simulate';

interface Tried {
  kind: string;
  says: string;
  by: string | null;
}

/** The seed of every run: what was drawn once is drawn again. */
const seed = 20261127;

/** Runs a share of the errors in a process of its own, and tells of each when it is done. */
function share(many: number, mine: number, of: number, tell: (t: Tried) => void): Promise<void> {
  const child = spawn('node', ['--import', 'tsx', 'bench/mutants/knowledge.ts', ...[many, seed, mine, of].map(String)], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  createInterface({ input: child.stdout }).on('line', (l) => tell(JSON.parse(l) as Tried));
  return new Promise((done, fail) =>
    child.on('exit', (code) => (code === 0 ? done() : fail(new Error('a share of the errors was not tried')))),
  );
}

/** How many of the errors planted in the knowledge are caught, by kind; the survivors are named on stderr. */
export async function benchKnowledgeMutants(many: number): Promise<Figures> {
  const tried: Tried[] = [];
  const tell = (t: Tried) => {
    tried.push(t);
    if (!t.by) process.stderr.write(`survives: ${t.kind}: ${t.says}\n`);
    if (tried.length % 20 === 0) process.stderr.write(`${tried.length} of ${many} tried, ${tried.filter((x) => x.by).length} caught\n`);
  };
  const of = Math.max(1, availableParallelism());
  await Promise.all(Array.from({ length: of }, (_x, i) => share(many, i, of, tell)));
  const caught = (of: Tried[]) => of.filter((t) => t.by).length / Math.max(1, of.length);
  const kinds = [...new Set(tried.map((t) => t.kind))].sort();
  const by = [...new Set(tried.flatMap((t) => t.by ?? []))].sort();
  return {
    'mutants: planted in the knowledge': tried.length,
    'mutants: caught in the knowledge': caught(tried),
    ...Object.fromEntries(kinds.map((k) => [`mutants: caught, ${k}`, caught(tried.filter((t) => t.kind === k))])),
    ...Object.fromEntries(by.map((b) => [`mutants: caught by ${b}`, tried.filter((t) => t.by === b).length])),
  };
}

/** What of the code a run takes; a folder or file inside one, as `measure/oil` or `measure/judge.ts`, will do as well. */
export const codeParts = ['measure', 'torque', 'quantity', 'fitness'] as const;

const isPart = (p: string) => codeParts.some((c) => p === c || p.startsWith(`${c}/`)) && existsSync(`src/core/${p}`);

interface Report {
  files: Record<string, { mutants: { status: string; location: { start: { line: number } }; replacement?: string }[] }>;
}

/** Lines to a piece of a file, where only a share of the code is taken. */
const pieceLines = 30;

/** Source files of a part, or of a share of it pieces of them, drawn with the seed of every run; as patterns for StrykerJS. */
function patternsOf(part: string, share: number): string[] {
  const path = `src/core/${part}`;
  if (share >= 1) return [part.endsWith('.ts') ? path : `${path}/**/*.ts`];
  const files = part.endsWith('.ts')
    ? [path]
    : readdirSync(path, { recursive: true, encoding: 'utf8' })
        .filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts'))
        .sort()
        .map((f) => `${path}/${f}`);
  const random = seededRandom(seed);
  return files.flatMap((file) => {
    const lines = readFileSync(file, 'utf8').split('\n').length;
    const pieces = Array.from({ length: Math.ceil(lines / pieceLines) }, (_x, i) => i * pieceLines + 1);
    return pieces.filter((at) => random(`${file} ${at}`) < share).map((at) => `${file}:${at}-${Math.min(lines, at + pieceLines - 1)}`);
  });
}

/** The share of changed expressions in the code, or in a share of it, that a unit test notices; the survivors are named on stderr. */
export async function benchCodeMutants(parts: readonly string[], share = 1): Promise<Figures> {
  const unknown = parts.filter((p) => !isPart(p));
  if (unknown.length)
    throw new Error(`no such part of the code: ${unknown.join(', ')}; parts: ${codeParts.join(', ')}, and folders in them`);
  const report = '.data/mutants/report.json';
  const mutate = parts.flatMap((p) => patternsOf(p, share)).join(',');
  // The tests of the same parts are the ones that can notice.
  const beside = [...new Set(parts.map((p) => p.split('/')[0]))].join(',');
  const code = await new Promise<number | null>((done) =>
    spawn('npx', ['stryker', 'run', 'bench/mutants/stryker.config.mjs', '--mutate', `${mutate},!src/**/*.test.ts`], {
      stdio: ['ignore', 'inherit', 'inherit'],
      env: { ...process.env, IVREK_MUTANTS_OF: beside },
    }).on('exit', done),
  );
  if (code !== 0 || !existsSync(report)) throw new Error('StrykerJS did not finish');
  const { files } = JSON.parse(readFileSync(report, 'utf8')) as Report;
  const figures: Figures = {};
  const of = (wanted: string) =>
    Object.entries(files).flatMap(([name, f]) => (name.startsWith(wanted) ? f.mutants.map((m) => ({ name, ...m })) : []));
  for (const part of parts) {
    const mutants = of(`src/core/${part}`);
    const caught = mutants.filter((m) => m.status === 'Killed' || m.status === 'Timeout').length;
    const counted = mutants.filter((m) => ['Killed', 'Timeout', 'Survived', 'NoCoverage'].includes(m.status)).length;
    figures[`mutants: in src/core/${part}`] = counted;
    figures[`mutants: caught in src/core/${part}`] = caught / Math.max(1, counted);
    for (const m of mutants)
      if (m.status === 'Survived' || m.status === 'NoCoverage')
        process.stderr.write(`survives: ${m.name}:${m.location.start.line}: ${(m.replacement ?? '').slice(0, 80)}\n`);
  }
  return figures;
}
