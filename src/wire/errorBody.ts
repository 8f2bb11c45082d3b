/** What went wrong, for programs: stays the same when the words change. */
export type WireCode =
  | 'bad-address'
  | 'bad-method'
  | 'bad-value'
  | 'busy'
  | 'conflict'
  /** What arrived is not what was sent; sent again it may be. */
  | 'damaged'
  | 'database-away'
  | 'no-workshop'
  | 'not-here'
  /** Another entry of the same act was refused, so this one was not applied either. */
  | 'not-alone'
  | 'not-named'
  /** Nobody of that name has taken the device up. */
  | 'not-taken-up'
  | 'not-there'
  | 'other-host'
  | 'other-site'
  /** The browser was taken into another workshop since the page was drawn. */
  | 'other-workshop'
  | 'unexpected';

/** Why something was not done: words for a person, and a code where a program acts on it. */
export interface ErrorBody {
  message: string;
  code?: WireCode;
  /** Each thing that is wrong, where there are several. */
  problems?: string[];
}

/** The same where a program always has something to act on. */
export type CodedErrorBody = ErrorBody & Required<Pick<ErrorBody, 'code'>>;
