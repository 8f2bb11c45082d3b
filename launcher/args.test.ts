import { describe, expect, it } from 'vitest';
import { flag, readArgs } from './args.mjs';
import { Stop } from './say.mjs';

const help = { usage: 'usage: x FILE [--lan]', words: 1 };

describe('what stands behind a command', () => {
  it('is flags, values and words in any order', () => {
    const options = { lan: flag, own: { type: 'string', multiple: true } } as const;
    const { values, words } = readArgs(['--own', 'a.yaml', 'case.yaml', '--lan', '--own=b.yaml'], options, help);
    expect({ ...values }).toEqual({ lan: true, own: ['a.yaml', 'b.yaml'] });
    expect(words).toEqual(['case.yaml']);
  });

  it('a file whose name begins with a dash stands behind --', () => {
    expect(readArgs(['--', '-odd'], {}, help).words).toEqual(['-odd']);
  });

  it.each([
    [['--lam'], /unknown option '--lam'/],
    [['--lan=yes'], /'--lan' does not take an argument/],
    [['a', 'b'], /'b' is not expected here/],
  ])('%j is refused with the usage', (args, why) => {
    const read = () => readArgs(args, { lan: flag }, help);
    expect(read).toThrow(why);
    expect(read).toThrow(Stop);
    try {
      read();
    } catch (e) {
      expect((e as Stop).doThis).toBe(help.usage);
    }
  });
});
