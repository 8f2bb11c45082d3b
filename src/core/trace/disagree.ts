import { comesAndGoes, testById, type Knowledge } from '../knowledge';
import { Epochs, lastRepairId } from '../repairs';
import { groupBy, type Evidence } from '../state';
import { keyOf } from './model/faultsHere';
import type { Case } from './model/case';

/**
 * Results of one test at one place that contradict each other: taken alike, with no repair between that could have changed it, and
 * neither withdrawn nor said to come and go. A test that is read off a gauge repeats; it does not contradict.
 * @param k what ships and the workshop's own knowledge
 * @param c the case of the job
 * @returns pairs, each once
 */
export function disagreements(k: Knowledge, c: Case): [Evidence, Evidence][] {
  const epochs = new Epochs(k, c.repairs);
  const now = lastRepairId(c.repairs);
  const alike = ({ temperature, battery }: Evidence['conditions']) => `${temperature ?? ''}|${battery === 'helped' ? 'helped' : ''}`;
  const counted = c.evidence.filter((e) => {
    const test = testById(k, e.testId);
    const said = e.outcome === 'skipped' || e.outcome.startsWith('could-not') || e.outcome === comesAndGoes;
    return test && !test.measure && !e.withdrawn && !said && epochs.holds(test, e.afterRepairId, now);
  });
  return [...groupBy(counted, (e) => `${keyOf(e.testId, e.position)}~${alike(e.conditions)}`).values()].flatMap((all) => {
    const last = all[all.length - 1];
    const other = [...all].reverse().find((e) => e.outcome !== last.outcome);
    return other ? [[other, last] as [Evidence, Evidence]] : [];
  });
}
