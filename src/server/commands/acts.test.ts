import { describe, expect, it } from 'vitest';
import { actsIn } from './acts';

describe('a list of commands as acts', () => {
  it('keeps what follows each other in one group together, and everything else apart', () => {
    const [a, b, c, d, e] = [{ id: 1 }, { id: 2, group: 'x' }, { id: 3, group: 'x' }, { id: 4, group: 'y' }, { id: 5 }];
    expect(actsIn([a, b, c, d, e])).toEqual([[a], [b, c], [d], [e]]);
    expect(actsIn([])).toEqual([]);
  });

  it('leaves what is no command to be refused by itself', () => {
    expect(actsIn([null, 3, undefined, 'x'])).toEqual([[null], [3], [undefined], ['x']]);
  });
});
