import { comesAndGoes, couldNot, cylindersOf, headingOf, testById, type Knowledge } from '../../knowledge';
import { placeWords } from '../../state';
import type { Case } from '../model/case';

/** Outcomes that every test has, in words. */
const common: Record<string, string> = {
  [comesAndGoes]: 'intermittent',
  [`${couldNot}:no-tool`]: 'not tested, no tool for it',
  skipped: 'skipped for now',
};

/** A result in its parts: what was tried, where, and what it showed. */
export interface ResultWords {
  test: string;
  /** The cylinder or other place in words; empty where the test has none. */
  where: string;
  position: string | null;
  said: string;
}

/**
 * What a result says; null where there is no such evidence.
 * @param k what ships and the workshop's own knowledge
 * @param c the case of the job
 * @param rowId id of a row of evidence
 * @returns heading and result, or null
 */
export function resultWords(k: Knowledge, c: Case, rowId: string): ResultWords | null {
  const e = c.evidence.find((x) => x.id === rowId);
  if (!e) return null;
  const test = testById(k, e.testId);
  const said =
    common[e.outcome] ??
    test?.outcomes.find((o) => o.id === e.outcome)?.says ??
    test?.couldNot?.find((o) => `${couldNot}:${o.id}` === e.outcome)?.says ??
    e.outcome;
  return { test: test ? headingOf(test) : e.testId, where: placeWords(e.position, cylindersOf(c.bike, k)), position: e.position, said };
}

/**
 * One line for a row of evidence, as the ledger writes it.
 * @param k what ships and the workshop's own knowledge
 * @param c the case of the job
 * @param rowId id of a row of evidence
 * @returns one line; empty where there is no such row
 */
export function rowWords(k: Knowledge, c: Case, rowId: string): string {
  const found = resultWords(k, c, rowId);
  if (found) return `${found.test}${found.where && `, ${found.where}`}: ${found.said}`;
  const complaint = c.complaints.find((x) => x.id === rowId);
  if (complaint) return `Complaint: ${complaint.words}`;
  const retest = c.retests.find((x) => x.id === rowId);
  if (retest) return `Retest: ${retest.result}`;
  const finding = c.findings.find((x) => x.id === rowId);
  return finding ? `${finding.item}: ${finding.verdict}` : rowId;
}
