import type { CodedErrorBody } from '../../wire';
import { Busy } from '../db/turns';

/** What a person and a program are told where something could not be done. */
export interface HttpProblem extends CodedErrorBody {
  status: 400 | 409 | 422 | 500 | 503;
}

const codeOf = (error: unknown): string => {
  const { code } = (error ?? {}) as { code?: unknown };
  return typeof code === 'string' ? code : '';
};

/** True for a statement that was broken off because it took too long. */
export const isTimeout = (error: unknown): boolean => codeOf(error) === '57014';

const busy: HttpProblem = { status: 503, code: 'busy', message: 'The server has too much to do. Try again in a moment.' };
const away: HttpProblem = {
  status: 503,
  code: 'database-away',
  message: 'The database does not answer. What was entered waits on this device and is sent again.',
};
const unexpected: HttpProblem = {
  status: 500,
  code: 'unexpected',
  message: 'Something went wrong on the server, and nothing was changed. If it happens again, look at what the terminal says.',
};

/** Says what an error means for whoever asked. Classes of SQLSTATE as PostgreSQL's documentation lists them, appendix A. */
export function problemOf(error: unknown): HttpProblem {
  if (error instanceof Busy) return busy;
  if (error instanceof URIError)
    return { status: 400, code: 'bad-address', message: 'There is a character in this address that cannot be read.' };
  const code = codeOf(error);
  // Broken off (57014), locked (55P03), serialization (40…).
  if (code === '57014' || code === '55P03' || code.startsWith('40')) return busy;
  // Connection (08), resources (53: disk, memory, connections), shutdown (57P), system (58).
  if (/^(08|53|57P|58)/.test(code) || /^E[A-Z]+$/.test(code) || code.startsWith('XX')) return away;
  if (/Connection terminated|timeout exceeded when trying to connect|Client was closed|not queryable/.test(String(error))) return away;
  if (code.startsWith('22'))
    return { status: 422, code: 'bad-value', message: 'There is a value in it that cannot be stored. Nothing was changed.' };
  if (code.startsWith('23'))
    return { status: 409, code: 'conflict', message: 'This does not fit what is stored already. Nothing was changed.' };
  return unexpected;
}
