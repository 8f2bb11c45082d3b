/** The stages of a job in the trade's order: the spine that every screen shows. */
export const stages = [
  { id: 'book-in', name: 'Book in' },
  { id: 'look', name: 'First look' },
  { id: 'trace', name: 'Trace' },
  { id: 'strip', name: 'Strip' },
  { id: 'measure', name: 'Measure' },
  { id: 'decide', name: 'Decide' },
  { id: 'parts', name: 'Parts' },
  { id: 'rebuild', name: 'Rebuild' },
  { id: 'start', name: 'First start' },
  { id: 'tune', name: 'Tune' },
  { id: 'handover', name: 'Hand over' },
] as const;

export type StageId = (typeof stages)[number]['id'];
