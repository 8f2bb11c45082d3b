import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parse } from 'yaml';
import { shipped } from '../../fixtures/knowledge';
import { symptomsMeant } from '../../../src/core/meaning';
import { readCase, type CaseFile } from '../../../src/core/trace';

const said = Object.entries(parse(readFileSync('test/trade/said/complaints.yaml', 'utf8')) as Record<string, string[]>).flatMap(
  ([id, lines]) => lines.map((words) => ({ id, words })),
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

const done = parse(readFileSync('test/trade/said/results.yaml', 'utf8')) as {
  done: string;
  came: string;
  test: string;
  result: string;
  on?: string;
}[];

describe('what was done, in the words of the bench', () => {
  const fits = (id: string, wanted: string) => new RegExp(`^(${wanted.replace(/\*/g, '.*')})$`).test(id);
  const heard = done.map((d) => {
    const file: CaseFile = {
      format: 'ivrek-case',
      version: 1,
      bike: { archetype: d.on ?? 'air-twin' },
      complaint: 'will not start',
      evidence: [{ test: d.done, result: d.came, at: 1 }],
    };
    const [e] = readCase(shipped, file).traced.evidence;
    return {
      said: `${d.done}: ${d.came}`,
      as: e && `${e.testId}: ${e.outcome}`,
      right: e && fits(e.testId, d.test) && fits(e.outcome, d.result),
    };
  });
  it('is understood seventeen times in twenty, and taken for something else once in twenty at most', () => {
    const wrong = heard.filter((h) => h.as && !h.right);
    expect(wrong.length, JSON.stringify(wrong)).toBeLessThanOrEqual(heard.length / 20);
    expect(heard.filter((h) => h.right).length / heard.length).toBeGreaterThanOrEqual(0.85);
  });
});
