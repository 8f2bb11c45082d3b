import { describe, expect, it } from 'vitest';
import { shipped } from '../fixtures/knowledge';
import { covered, misses, tradeCases } from './cases';
import { cautionsWanted, sheets } from './sheets';

// Facts of the trade, written from handbooks and common practice and not from the tables that they check. Each says why.

const families = tradeCases();
const all = families.flatMap((f) => f.cases);

describe.each(families)('$family', ({ cases }) => {
  it.each(cases.map((c) => [c.say, c] as const))('%s', (_say, c) => {
    expect(misses(shipped, c), c.why).toEqual([]);
  });
});

describe('the sheets', () => {
  it.each(sheets.map((x) => [x.name, x] as const))('%s are borne out', (_name, x) => expect(x.wrong(shipped)).toEqual([]));

  it('want each caution that a doing has somewhere', () => {
    const wanted = new Set(cautionsWanted());
    const doing = new Set(shipped.doings.flatMap((d) => d.hazards));
    expect([...doing].filter((id) => !wanted.has(id))).toEqual([]);
  });
});

describe('the cases', () => {
  const { complaints, kinds } = covered(shipped, all);

  it('are at least two hundred, each with its reason, none twice', () => {
    expect(all.length).toBeGreaterThanOrEqual(200);
    expect(all.filter((c) => !c.why || !c.say)).toEqual([]);
    expect(new Set(all.map((c) => c.say)).size).toBe(all.length);
  });

  it('are ten and more for what comes in most, thirty for two faults at once, fifteen for what intermittent', () => {
    const count = Object.fromEntries(families.map((f) => [f.family, f.cases.length]));
    for (const f of ['no-start', 'noise', 'leaks', 'power', 'electrics']) expect(count[f], f).toBeGreaterThanOrEqual(10);
    expect(count.two).toBeGreaterThanOrEqual(30);
    expect(count.intermittent).toBeGreaterThanOrEqual(15);
  });

  it('are three and more for each complaint', () => {
    const thin = shipped.findings
      .filter((f) => f.symptom && !f.retired && (complaints.get(f.id) ?? 0) < 3)
      .map((f) => `${f.id}: ${complaints.get(f.id) ?? 0}`);
    expect(thin).toEqual([]);
  });

  it('are on every kind of bike', () => {
    expect(shipped.archetypes.filter((a) => !kinds.has(a.id)).map((a) => a.id)).toEqual([]);
  });
});
