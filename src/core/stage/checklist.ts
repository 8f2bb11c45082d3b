import type { Knowledge } from '../knowledge';
import { list, type State } from '../state';

/**
 * Items of a checklist with their marks.
 * @param state what is known, left as it is
 * @param k what ships and the workshop's own knowledge
 * @param jobId the job
 * @param listId which of the checklists
 * @returns every item, its mark null where nobody has looked
 */
export function checklist(state: State, k: Knowledge, jobId: string, listId: string) {
  const marks = list(state, 'checkmark').filter((m) => m.jobId === jobId && m.list === listId);
  return (k.checklists.find((l) => l.id === listId)?.items ?? []).map((item) => ({
    ...item,
    mark: marks.find((m) => m.item === item.id) ?? null,
  }));
}
