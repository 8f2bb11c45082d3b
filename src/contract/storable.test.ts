import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isStorable, unstorableIn } from './storable';

describe('text that can be kept', () => {
  it.each(['plain', '🔧 leak ⚠', '\\u0000 and \\ud83d as they are typed', 'Ø 12', '', '"constructor":'])('%j', (text) => {
    expect(isStorable(text)).toBe(true);
    expect(unstorableIn({ note: text, list: [text] })).toBeNull();
  });
  it.each(['a\u0000b', '\ud83d', 'x\udc00', '\udc00\ud83d'])('not %j', (text) => {
    expect(isStorable(text)).toBe(false);
    expect(unstorableIn({ payload: { words: text } })).toMatchObject({ path: 'payload.words' });
    expect(unstorableIn({ payload: ['x', { [text]: 1 }] })).toMatchObject({ path: 'payload.1' });
  });
  it('names of every object, and nests without end, are refused', () => {
    expect(unstorableIn(JSON.parse('{"a": {"constructor": 1}}'))).toMatchObject({ path: 'a' });
    expect(unstorableIn(JSON.parse('{"__proto__": 1}'))).not.toBeNull();
    let deep: unknown = 1;
    for (let i = 0; i < 60; i++) deep = [deep];
    expect(unstorableIn(deep)).toMatchObject({ message: 'It is nested too deeply.' });
  });
  it('is just what JSON carries through UTF-8 unchanged, without a NUL', () => {
    const whole = (text: string) =>
      new TextDecoder('utf-8', { ignoreBOM: true }).decode(new TextEncoder().encode(text)) === text && !text.includes('\0');
    fc.assert(fc.property(fc.string({ unit: 'binary' }), (text) => void expect(isStorable(text)).toBe(whole(text))));
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 0xffff })), (units) => {
        const text = String.fromCharCode(...units);
        expect(isStorable(text)).toBe(whole(text));
      }),
    );
  });
});
