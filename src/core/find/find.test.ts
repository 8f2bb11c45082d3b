import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { stages } from '../stage';
import { plainWords, stageOfKind, tsqueryOf } from '.';

describe('words as they are compared', () => {
  it.each([
    ['Left COVER', ['left', 'cover']],
    ['Left-hand cover, rim', ['left', 'hand', 'cover', 'rim']],
    ['18.5 N·m', ['18.5', 'n', 'm']],
    ['M6x25', ['m6x25']],
    ['done. Really...', ['done', 'really']],
    ['.5 mm', ['5', 'mm']],
    ['Führung Ø 12', ['führung', 'ø', '12']],
    ['“quoted” & (bracketed)', ['quoted', 'bracketed']],
    ['leak 🔧 left ⚠', ['leak', '🔧', 'left', '⚠']],
    ['', []],
    [' - / ; ', []],
  ])('%s', (text, want) => expect(plainWords(text)).toEqual(want));

  it('are the same when they are taken again', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(plainWords(plainWords(text).join(' '))).toEqual(plainWords(text));
      }),
    );
  });
});

describe('a search', () => {
  it('asks for every word by its beginning, and one of them in the line itself', () => {
    expect(tsqueryOf('Quillon comp')).toBe(`('quillon':* & 'comp':*) & ('quillon':*A | 'comp':*A)`);
    expect(tsqueryOf('bag 7')).toBe(`('bag':* & '7':*) & ('bag':*A | '7':*A)`);
  });

  it.each(['', '   ', '?!', '—'])('has nothing to ask for in “%s”', (text) => expect(tsqueryOf(text)).toBeNull());

  it('looks at eight words at most', () => {
    expect(tsqueryOf('a b c d e f g h i j')!.match(/:\*A/g)).toHaveLength(8);
    expect(tsqueryOf('a a a b')!.match(/:\*A/g)).toHaveLength(2);
  });

  it('is always a query of quoted words, whatever is typed: nothing of it reaches the database as anything else', () => {
    const word = "'[\\p{L}\\p{N}.\\u2600-\\u27bf\\u{1f000}-\\u{1faff}]+':\\*";
    const shape = new RegExp(`^\\((${word}( & )?)+\\) & \\((${word}A( \\| )?)+\\)$`, 'u');
    fc.assert(
      fc.property(
        fc.oneof(fc.string(), fc.string({ unit: fc.constantFrom("'", '\\', '&', '|', '!', ':', '*', '(', 'a', ' ', '.') })),
        (text) => {
          const query = tsqueryOf(text);
          if (query !== null) expect(query).toMatch(shape);
        },
      ),
    );
  });
});

describe('where a line is looked at', () => {
  it('is a stage there is, for every kind that is found', () => {
    const ids = stages.map((s) => s.id);
    for (const kind of [
      'bike',
      'owner',
      'job',
      'complaint',
      'evidence',
      'step',
      'photo',
      'pin',
      'reading',
      'erratum',
      'part',
      'torque',
      'wait',
      'provisional',
      'watch',
    ]) {
      expect(ids).toContain(stageOfKind(kind).stage);
      expect(stageOfKind(kind).name).not.toBe(kind);
    }
    expect(stageOfKind('part')).toEqual({ stage: 'parts', name: 'Part' });
    expect(stageOfKind('something new')).toEqual({ stage: 'book-in', name: 'something new' });
  });
});
