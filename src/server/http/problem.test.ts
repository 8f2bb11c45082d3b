import { describe, expect, it } from 'vitest';
import { Busy } from '../db/turns';
import { isTimeout, problemOf } from './problem';

describe('what an error means for whoever asked', () => {
  it.each([
    // SQLSTATE classes: PostgreSQL documentation, appendix A
    [{ code: '57014' }, 503, 'busy'],
    [{ code: '55P03' }, 503, 'busy'],
    [{ code: '40P01' }, 503, 'busy'],
    [{ code: '53100' }, 503, 'database-away'],
    [{ code: '57P01' }, 503, 'database-away'],
    [{ code: '08006' }, 503, 'database-away'],
    [{ code: 'ECONNREFUSED' }, 503, 'database-away'],
    [new Error('Connection terminated unexpectedly'), 503, 'database-away'],
    [new Error('timeout exceeded when trying to connect'), 503, 'database-away'],
    [{ code: '22P02' }, 422, 'bad-value'],
    [{ code: '22008' }, 422, 'bad-value'],
    [{ code: '23505' }, 409, 'conflict'],
    [new URIError('URI malformed'), 400, 'bad-address'],
    [new Busy(), 503, 'busy'],
    [new TypeError('x is not a function'), 500, 'unexpected'],
    [null, 500, 'unexpected'],
    ['words', 500, 'unexpected'],
  ])('%j', (error, status, code) => {
    const problem = problemOf(error);
    expect([problem.status, problem.code]).toEqual([status, code]);
    // Never a stack, a path or the words of the error itself.
    expect(problem.message).toMatch(/^[A-Z][^/]*\.$/);
  });

  it('knows a statement that took too long', () => {
    expect(isTimeout({ code: '57014' })).toBe(true);
    expect(isTimeout(new Error('57014'))).toBe(false);
  });
});
