// ./ivrek trace CASE.yaml [--own SHOP.yaml] [--json]: after each piece of evidence, the ranking and the tests worth doing. No server, no database.
import { readFileSync } from 'node:fs';
import { parse } from 'yaml';
import { buildModel, rank, type Ranking } from '../src/core/trace';
import { readCase, type CaseFile } from '../src/core/trace/file';
import { readKnowledge } from '../src/server/knowledge/load';
import { ownFiles } from './ownFiles';

// Whoever reads only the first lines closes the pipe.
process.stdout.on('error', (e: NodeJS.ErrnoException) => process.exit(e.code === 'EPIPE' ? 0 : 1));
const { own, rest: args } = ownFiles(process.argv.slice(2));
const [path] = args.filter((a) => !a.startsWith('--'));
const stop = (message: string): never => {
  console.error(message);
  process.exit(2);
};
/** What cannot be read or is no YAML is told by its own message. */
function reading<T>(work: () => T): T {
  try {
    return work();
  } catch (e) {
    return stop((e as Error).message);
  }
}
if (!path) stop('usage: ./ivrek trace CASE.yaml [--own SHOP.yaml] [--json]; docs/formats.md says what is in it');
const { knowledge, problems: unsound } = reading(() => readKnowledge('knowledge', own));
if (unsound.length) stop(unsound.join('\n'));
let file: CaseFile;
try {
  file = parse(readFileSync(path, 'utf8')) as CaseFile;
} catch (e) {
  stop(`${path}: ${(e as Error).message}`);
}
if (typeof file! !== 'object' || file === null) stop(`${path}: there is no case in it`);
const read = readCase(knowledge, file!);
if (read.problems.length) stop(read.problems.map((p) => `${path}: ${p}`).join('\n'));

const shorter = (r: Ranking) => ({
  suspects: r.suspects
    .filter((s) => s.bears && s.probability >= 0.005)
    .slice(0, 12)
    .map(({ key, name, probability, repairCost }) => ({ key, name, probability, repairCost })),
  next: r.next,
  tests: r.tests
    .filter((t) => t.value !== null)
    .slice(0, 6)
    .map(({ key, name, minutes, accessMinutes, cost, value }) => ({ key, name, minutes, accessMinutes, cost, value })),
  repairNow: r.repairNow,
  leftOut: r.leftOut,
});
const steps = Array.from({ length: read.lines + 1 }, (_x, n) => ({
  after: n === 0 ? 'the complaint' : JSON.stringify(file.evidence![n - 1]),
  ...shorter(rank(buildModel(knowledge, read.upTo(n)))),
}));
if (args.includes('--json')) process.stdout.write(`${JSON.stringify({ knowledge: knowledge.hash, took: read.took, steps })}\n`);
else {
  for (const t of read.took) console.log(t);
  for (const s of steps) {
    console.log(`\nAfter ${s.after}`);
    for (const x of s.suspects.slice(0, 8))
      console.log(`  ${(100 * x.probability).toFixed(1).padStart(5)} %  ${x.name} (${x.key}), repair about ${x.repairCost.toFixed(0)}`);
    console.log(`  next: ${s.next.kind} ${'key' in s.next ? s.next.key : ''}. ${s.next.why}`);
    for (const t of s.tests)
      console.log(`  ${t.value!.toFixed(0).padStart(6)} in all if next: ${t.name} (${t.key}), ${t.minutes + t.accessMinutes} min`);
    console.log(`  ${s.repairNow.toFixed(0).padStart(6)} in all by repairing on without a test`);
  }
}
