import type { Complaint } from '../../state';
import type { Model } from '../model/build';

/** Complaints that are still there, oldest first: open ones, and changed ones that no other has taken over. */
export function unresolvedComplaints({ case: { complaints } }: Pick<Model, 'case'>): Complaint[] {
  return complaints.filter((c) => c.state === 'open' || (c.state === 'changed' && !complaints.some((d) => d.linkedTo === c.id)));
}
