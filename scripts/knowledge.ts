// ./ivrek knowledge [--own SHOP.yaml] [--weak] [--json]: every file against its schema, every reference, every range; counts; what is weakly covered.
import { coverageOf } from '../src/core/knowledge';
import { readKnowledge } from '../src/server/knowledge/load';
import { ownFiles } from './ownFiles';

const { own, rest } = ownFiles(process.argv.slice(2));
const json = rest.includes('--json');
const { knowledge, problems } = readKnowledge('knowledge', own);
const survey = coverageOf(knowledge);
if (json) process.stdout.write(`${JSON.stringify({ hash: knowledge.hash, label: knowledge.label, problems, ...survey })}\n`);
else {
  for (const p of problems) console.error(p);
  console.error(
    `knowledge: ${Object.entries(survey.counts)
      .map(([what, n]) => `${n} ${what}`)
      .join(', ')} (${knowledge.label}), ${knowledge.hash}`,
  );
  if (rest.includes('--weak')) {
    for (const w of survey.weak) console.error(`weak: ${w}`);
    console.error('by kind of bike and system: faults/tests, and in brackets the faults that no test here settles');
    for (const kind of new Set(survey.breadth.map((b) => b.kind)))
      console.error(
        `${kind}: ${survey.breadth
          .filter((b) => b.kind === kind)
          .map((b) => `${b.system} ${b.faults}/${b.tests}${b.unsettled.length ? ` (${b.unsettled.join(', ')})` : ''}`)
          .join('; ')}`,
      );
  } else if (survey.weak.length) console.error(`weakly covered: ${survey.weak.length} (--weak lists them)`);
}
if (problems.length) process.exit(1);
