import type { JobStore } from '../job/store';

/** Puts something on the list of parts by its name alone; number, supplier and price come later. */
export const addPart = (store: JobStore, jobId: string, name: string) =>
  store.act('part.add', store.newId(), { jobId, findingId: null, name, number: null, source: null, quantity: 1, price: '0', dueOn: null });
