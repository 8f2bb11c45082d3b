// Which errors planted in the knowledge are caught by its schema, its rules and the trade cases. Run by bench/mutants.ts, a share of
// the errors in each process: node --import tsx bench/mutants/knowledge.ts <many> <seed> <share> <of>
import { checkKnowledge, type Knowledge } from '../../src/core/knowledge';
import { buildModel, faultProbabilities, infer, rank, readCase } from '../../src/core/trace';
import { assembled, invalid, readFiles } from '../../src/server/knowledge/load';
import { misses, tradeCases, type TradeCase } from '../../test/trade/cases';
import { sheets } from '../../test/trade/sheets';
import { planted, type Planted } from './draw';

const [many, seed, share, of] = process.argv.slice(2).map(Number);

/** Under this chance a fault has no say in a case. */
const noSay = 0.002;
/** So many of the tests that can be done have a say in what is advised. */
const near = 15;

/** What a case turns on: faults that have a say, tests that were done, are near or are spoken of, and what they look for. */
function turnsOn(k: Knowledge, t: TradeCase): Set<string> {
  const { traced } = readCase(k, t.file);
  const model = buildModel(k, traced);
  const ranking = rank(model);
  const on = new Set<string>();
  for (const [key, p] of faultProbabilities(model, infer(model.network, model.observations))) if (p > noSay) on.add(key.split('#')[0]);
  const e = t.expect;
  for (const id of [e.top3, e.anyTop3, e.anyTop, e.next, e.soon, e.notNext, e.never].flatMap((x) => x ?? [])) on.add(id);
  if (e.top) on.add(e.top);
  for (const id of Object.keys({ ...e.over, ...e.under })) on.add(id);
  for (const x of ranking.tests.filter((x) => !x.gate).slice(0, near)) on.add(x.testId);
  for (const x of traced.evidence) on.add(x.testId);
  for (const c of traced.complaints) for (const id of Object.keys(c.symptoms)) on.add(id);
  for (const x of k.tests) if (on.has(x.id)) for (const o of x.outcomes) for (const id of Object.keys(o.find ?? {})) on.add(id);
  return on;
}

const files = readFiles('knowledge');
const sound = assembled(files);
const cases = tradeCases().flatMap((f) => f.cases);
const on = cases.map((c) => turnsOn(sound, c));

/** By what an error is caught; null where nothing notices. */
function caughtBy(m: Planted): string | null {
  if (invalid(m.files).length) return 'schema';
  const k = assembled(m.files);
  if (checkKnowledge(k).length) return 'rules';
  for (const x of sheets) if (x.wrong(k).length) return x.name;
  // All that it is about first, then any of it; what turns on none of it cannot notice.
  const concerned = cases
    .map((c, i) => ({ c, hits: m.about.filter((id) => on[i].has(id)).length }))
    .filter((x) => x.hits > 0)
    .sort((a, b) => b.hits - a.hits);
  for (const { c } of concerned) if (misses(k, c).length) return 'cases';
  return null;
}

let n = 0;
for (const m of planted(files, many, seed))
  if (n++ % of === share) process.stdout.write(`${JSON.stringify({ kind: m.kind, says: m.says, by: caughtBy(m) })}\n`);
