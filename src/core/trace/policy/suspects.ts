export interface SuspectView {
  key: string;
  faultId: string;
  position: string | null;
  name: string;
  system: string;
  probability: number;
  words: string;
  repairCost: number;
  remedy: string;
  /** Whether a complaint or a result can come from it; the others keep the odds they began with. */
  bears: boolean;
}

/** What is believed of the suspects: a small part of the work of a ranking, and its first. */
export interface Odds {
  suspects: SuspectView[];
  tooClose: boolean;
  impossible: boolean;
  /** True if there are too many findings at once to work the odds out exactly. */
  rough: boolean;
}

/**
 * How many suspects are still worth a look: those at one in ten or more.
 * @param odds of which the suspects are read
 * @returns a count
 */
export const standing = ({ suspects }: Pick<Odds, 'suspects'>): number => suspects.filter((s) => s.probability >= 0.1).length;
