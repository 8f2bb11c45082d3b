import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parse } from 'yaml';
import { shipped } from '../fixtures/knowledge';
import { symptomsMeant } from '../../src/core/trace';

const said = Object.entries(parse(readFileSync('test/trade/said.yaml', 'utf8')) as Record<string, string[]>).flatMap(([id, lines]) =>
  lines.map((words) => ({ id, words })),
);

describe('complaints in an owner’s own words', () => {
  const places = said.map(({ id, words }) => ({ words, id, at: symptomsMeant(shipped, words).findIndex((m) => m.kind.id === id) }));
  it('are understood: nine in ten among the first three offered, three in four as the first', () => {
    const within = (n: number) => places.filter((p) => p.at >= 0 && p.at < n).length / places.length;
    expect(
      places.filter((p) => p.at < 0 || p.at > 2).length,
      JSON.stringify(places.filter((p) => p.at < 0 || p.at > 2)),
    ).toBeLessThanOrEqual(places.length / 10);
    expect(within(1)).toBeGreaterThan(0.75);
  });
  it('name complaints that there are, at least one sentence for each of fifty', () => {
    const known = new Set(shipped.findings.filter((f) => f.symptom).map((f) => f.id));
    for (const { id } of said) expect(known).toContain(id);
    expect(new Set(said.map((s) => s.id)).size).toBeGreaterThanOrEqual(50);
  });
});
