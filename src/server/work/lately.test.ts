import { describe, expect, it } from 'vitest';
import { id } from '../../../test/fixtures/commands';
import { after } from '../../../test/fixtures/state';
import { questionOf } from '../../core/trace';
import { keyOf, Lately } from './lately';

describe('answers that are kept', () => {
  it('are so many, and the one goes that was not asked for the longest', () => {
    const kept = new Lately<number>(2);
    kept.set('a', 1);
    kept.set('b', 2);
    expect(kept.get('a')).toBe(1);
    kept.set('c', 3);
    expect([kept.get('a'), kept.get('b'), kept.get('c')]).toEqual([1, undefined, 3]);
    kept.set('c', 0);
    expect([kept.get('a'), kept.get('c')]).toEqual([1, 0]);
  });

  it('go by everything that was asked: a bike, an entry, money and own knowledge make another question, another read of the same none', () => {
    const question = () => questionOf(after('job.set'), id.job);
    const key = keyOf('shop', question());
    expect(keyOf('shop', question())).toBe(key);
    const { traced } = question();
    const others = [
      keyOf('other', question()),
      keyOf('shop', { ...question(), agreedLeft: 12 }),
      keyOf('shop', { ...question(), traced: { ...traced, bike: { ...traced.bike, strokes: 'two' } } }),
      keyOf('shop', questionOf(after('evidence.add'), id.job)),
      keyOf('shop', { ...question(), own: [...after().rows.own.values()] }),
    ];
    expect(new Set([key, ...others]).size).toBe(others.length + 1);
  });
});
