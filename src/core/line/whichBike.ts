import { tokensOf } from './tokens';

interface Named {
  jobId: string;
  bike: string;
}

export interface BikeMeant<T extends Named> {
  job: T;
  /** What is said about it, as it was written. */
  rest: string;
}

/**
 * Of which bikes of the workshop a line speaks, where it begins with a bike's name or the beginning of one ("quil comp 2
 * 118"). The longest match of each bike counts; a bike that is matched by more words comes before the others and alone.
 * Pure; an empty list where no bike is named.
 */
export function whichBike<T extends Named>(source: string, jobs: readonly T[]): BikeMeant<T>[] {
  const said = tokensOf(source);
  const found = jobs.flatMap((job) => {
    const name = tokensOf(job.bike).map((t) => t.low);
    let n = 0;
    while (n < said.length && n < name.length && name[n].startsWith(said[n].low)) n++;
    // A first word of one letter is too little to go by.
    if (n === 0 || (n === 1 && said[0].low.length < 2 && name[0] !== said[0].low)) return [];
    return [{ job, words: n, rest: n < said.length ? source.slice(said[n].from).trim() : '' }];
  });
  const most = Math.max(0, ...found.map((f) => f.words));
  return found.filter((f) => f.words === most).map(({ job, rest }) => ({ job, rest }));
}
