import { lastRepairId, type Case } from '../trace';

/**
 * Complaints that are neither gone nor turned into another.
 * @param c the case of the job
 * @returns rows in the order in which they came
 */
export const openComplaints = (c: Pick<Case, 'complaints'>) => c.complaints.filter((p) => p.state === 'open');

/**
 * The last repair that no retest speaks of yet, if any.
 * @param c the case of the job
 * @returns the repair, or null
 */
export function untested(c: Case) {
  const last = lastRepairId(c.repairs);
  return last && openComplaints(c).length > 0 && !c.retests.some((r) => r.repairId === last) ? c.repairs.find((r) => r.id === last)! : null;
}
