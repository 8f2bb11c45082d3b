import { billOf } from '../../core/money';
import type { UsedJob } from './useJob';

/** Everything this job has cost so far, in hundredths: parts ordered or fitted, and the work logged. */
export function spentCents({ rows, traced }: UsedJob): number {
  return billOf(
    rows('part').filter((p) => p.status !== 'needed'),
    traced.repairs,
    traced.job.rate,
  ).totalCents;
}
