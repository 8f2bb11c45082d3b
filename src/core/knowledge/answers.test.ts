import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import { fitting, foundBy } from '.';

const said = (id: string, grades: Record<string, string>) => {
  const test = shipped.tests.find((t) => t.id === id)!;
  return fitting(test, (finding) => grades[finding] ?? 'no').map((i) => test.outcomes[i].id);
};

describe('what is answered to theirs', () => {
  it('a rusty plug that is otherwise as it should be is called either', () => {
    expect(said('read-plug', {})).toEqual(['normal']);
    expect(said('read-plug', { 'bore-rust': 'yes' })).toEqual(['normal', 'rusty']);
    expect(said('read-plug', { 'plugs-abnormal': 'yes', 'plug-oily': 'yes' })).toEqual(['oily', 'bad']);
  });

  it('pressure that is low may pop the thumb off or feel soft', () => {
    expect(said('thumb', { comp: 'good' })).toEqual(['pops']);
    expect(said('thumb', { comp: 'low' })).toEqual(['pops', 'soft']);
  });

  it('is never nothing', () => {
    for (const test of shipped.tests)
      expect(said(test.id, Object.fromEntries(foundBy(test).map((id) => [id, 'yes']))).length).toBeGreaterThan(0);
  });
});
