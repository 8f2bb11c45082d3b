// Checked at build: every file against its schema, every reference, every range.
import { readKnowledge } from '../src/server/knowledge/load';

const { knowledge, problems } = readKnowledge('knowledge');
if (problems.length) {
  console.error(problems.join('\n'));
  process.exit(1);
}
console.error(
  `knowledge: ${knowledge.faults.length} faults, ${knowledge.tests.length} tests, ${knowledge.findings.length} findings (${knowledge.label}), ${knowledge.hash}`,
);
