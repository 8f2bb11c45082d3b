/** One line that a search found, and where it is looked at. */
export interface FoundLine {
  kind: string;
  id: string;
  jobId: string;
  bike: string;
  words: string;
  /** When the job it is looked at in was handed over; null while that is open. */
  handedOverAt: string | null;
  /** True if it was found in spite of a typing error. */
  near: boolean;
}
