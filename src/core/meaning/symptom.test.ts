import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import { symptomsMeant } from './symptom';
import { wordsOf } from './words';

const first = (text: string) => symptomsMeant(shipped, text).map((m) => m.kind.id);

describe('a mechanic’s own words', () => {
  it.each([
    ['pops back through the carb when cold', 'pops'],
    ['it dies at the lights once it is warm', 'power-lost-hot'],
    ['blue smoke on the overrun', 'smoke-blue'],
    ['jumps out of second gear', 'jumps-gear'],
    ['petrol all over the floor', 'leaks-fuel'],
    ['knocks deep down at the bottom end', 'noise-bottom'],
    ['red oil lamp comes on at idle', 'oil-light-on'],
    ['only firing on one side', 'one-cylinder-dead'],
    ['creeps with the clutch lever in', 'clutch-drags'],
    ['battery goes flat when riding', 'not-charging'],
    ['kicks back and bites my ankle', 'kicks-back'],
    ['water boils over, temperature climbs', 'overheats'],
    ['glitter in the oil', 'metal-in-oil'],
  ])('%s', (text, id) => {
    expect(first(text).slice(0, 3)).toContain(id);
  });

  it('every symptom is found first by its own name', () => {
    for (const f of shipped.findings.filter((x) => x.symptom && !x.retired)) expect(first(f.name).slice(0, 2), f.name).toContain(f.id);
  });

  it('nothing said means nothing, and a word that is only begun is enough', () => {
    expect(first('')).toEqual([]);
    expect(first('the of and')).toEqual([]);
    expect(first('overhea')[0]).toBe('overheats');
    expect(wordsOf(shipped, 'Petrol, GAS; fuel')).toEqual(['fuel', 'fuel', 'fuel']);
  });
});
