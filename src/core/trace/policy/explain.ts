import type { Knowledge } from '../../knowledge';
import { buildModel, type Model } from '../model/build';
import type { Case } from '../model/case';
import { faultProbabilities } from '../model/probabilities';
import { infer } from '../network';
import { rowWords } from './rowWords';
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
 * @param knowledge what ships and the workshop's own knowledge
 * @param traced the case
 * @param key a suspect
 * @returns odds in words at the start and now, and reasons in order
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
