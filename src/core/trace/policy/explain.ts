import { type Knowledge, cylindersOf, testById } from '../../knowledge';
import { placeWords } from '../../state';
import { buildModel, type Model } from '../model/build';
import type { Case } from '../model/case';
import { faultProbabilities } from '../model/probabilities';
import { infer } from '../network';
import { chanceWords, weightWords } from './words';

export interface Reason {
  /** Id of the row (evidence, complaint, retest, finding) or null for the history. */
  rowId: string | null;
  /** What was known or seen. */
  what: string;
  /** How far it moved this suspect, in words. */
  says: string;
  /** Odds with it, divided by odds without it. */
  ratio: number;
}

const probabilityOf = (model: Model, key: string): number =>
  faultProbabilities(model, infer(model.network, model.observations)).get(key) ?? 0;

const odds = (p: number) => Math.max(p, 1e-12) / Math.max(1 - p, 1e-12);

/**
 * Why a suspect stands where it stands: each row of evidence left out in turn and everything computed again, exactly.
 * History comes first, then what moved it most.
 */
export function explain(knowledge: Knowledge, traced: Case, key: string): { start: string; now: string; reasons: Reason[] } {
  const model = buildModel(knowledge, traced);
  const suspect = model.suspects.find((s) => s.key === key);
  if (!suspect) return { start: '', now: '', reasons: [] };
  const with_ = odds(probabilityOf(model, key));
  const rows = [...new Set(model.claims.map((c) => c.rowId))];
  const reasons = rows.map((rowId): Reason => {
    const ratio = with_ / odds(probabilityOf(buildModel(knowledge, traced, new Set([rowId])), key));
    return { rowId, what: rowWords(knowledge, traced, rowId), says: weightWords(ratio), ratio };
  });
  reasons.sort((a, b) => Math.abs(Math.log(b.ratio)) - Math.abs(Math.log(a.ratio)) || (a.rowId! < b.rowId! ? -1 : 1));
  const history = suspect.raisedBy.map((r): Reason => ({ rowId: null, what: r.because, says: weightWords(r.times), ratio: r.times }));
  const prior = suspect.fault.prior;
  return { start: chanceWords(prior), now: chanceWords(with_ / (1 + with_)), reasons: [...history, ...reasons] };
}

/** Outcomes that every test has, in words. */
const common: Record<string, string> = {
  'comes-and-goes': 'comes and goes',
  'could-not:no-tool': 'could not, no tool for it',
  skipped: 'left out for now',
};

/** A result in its parts: what was tried, where, and what it showed. */
export interface ResultWords {
  test: string;
  /** The cylinder or other place in words; empty where the test has none. */
  where: string;
  position: string | null;
  said: string;
}

/** What a result says; null where there is no such evidence. */
export function resultWords(k: Knowledge, c: Case, rowId: string): ResultWords | null {
  const e = c.evidence.find((x) => x.id === rowId);
  if (!e) return null;
  const test = testById(k, e.testId);
  const said =
    common[e.outcome] ??
    test?.outcomes.find((o) => o.id === e.outcome)?.says ??
    test?.couldNot?.find((o) => `could-not:${o.id}` === e.outcome)?.says ??
    e.outcome;
  return { test: test?.name ?? e.testId, where: placeWords(e.position, cylindersOf(c.bike, k)), position: e.position, said };
}

/** One line for a row of evidence, as the ledger writes it. */
export function rowWords(k: Knowledge, c: Case, rowId: string): string {
  const found = resultWords(k, c, rowId);
  if (found) return `${found.test}${found.where && `, ${found.where}`}: ${found.said}`;
  const complaint = c.complaints.find((x) => x.id === rowId);
  if (complaint) return `The complaint: ${complaint.words}`;
  const retest = c.retests.find((x) => x.id === rowId);
  if (retest) return `Retest after the repair: ${retest.result}`;
  const finding = c.findings.find((x) => x.id === rowId);
  return finding ? `${finding.item}: ${finding.verdict}` : rowId;
}
