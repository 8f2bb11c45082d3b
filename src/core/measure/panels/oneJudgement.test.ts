import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shipped } from '../../../../test/fixtures/knowledge';
import { run, subject } from '../../../../test/fixtures/panel';
import { fromSi, toSi } from '../../quantity';
import type { Spec } from '../../state';
import { likeliestOutcome, outcomeWeights } from '../../trace';
import { fieldsOf, type Values } from '../panel';
import { judge, quantityInfo, type Limit, type Verdict } from '..';
import { panels } from '.';

// One reading has one judgement: the bar's, the panel's and the tracer's agree over the whole scale, whatever the bike's own limits
// say; and no words of a panel contradict the limit that the bar shows.

const measured = shipped.tests.filter((t) => t.measure && !t.retired);
const fit: readonly Verdict[] = ['in', 'in service'];
const unsure: readonly Verdict[] = ['borderline', 'straddles', 'off the scale', 'no limit', 'no reading'];

interface Own {
  low: number | null;
  high: number | null;
  serviceLow: number | null;
  serviceHigh: number | null;
}

/** Every kind of limit that a manual may give around a general one, some of them with service limits outside the standard. */
const owns = (low: number, high: number): fc.Arbitrary<Own> => {
  const share = fc.double({ min: 0.02, max: 0.3, noNaN: true });
  return fc
    .record({
      a: fc.double({ min: 0.6, max: 0.95, noNaN: true }),
      b: fc.double({ min: 1.05, max: 1.4, noNaN: true }),
      kind: fc.constantFrom('both', 'low', 'high'),
      service: fc.boolean(),
      under: share,
      over: share,
    })
    .map(({ a, b, kind, service, under, over }) => {
      const span = high - low;
      const mid = (low + high) / 2;
      const lo = mid - (span / 2) * a;
      const hi = mid + (span / 2) * b;
      return {
        low: kind === 'high' ? null : lo,
        high: kind === 'low' ? null : hi,
        serviceLow: service && kind !== 'high' ? lo - span * under : null,
        serviceHigh: service && kind !== 'low' ? hi + span * over : null,
      };
    });
};

/** A manual gives no least figure for what is best at nothing, and no most where more is better. */
const sided = (own: Own, general: Limit | null | undefined): Own => ({
  ...own,
  ...(general?.low == null && general?.high != null && { low: null, serviceLow: null }),
  ...(general?.high == null && general?.low != null && { high: null, serviceHigh: null }),
});

const asLimit = (own: Own): Limit => ({ ...own, source: 'manual, page 61', general: false });

describe.each(measured.map((t) => [t.id, t] as const))('%s', (_id, test) => {
  const measure = test.measure!;
  const info = quantityInfo(shipped, measure.quantity, {})!;
  const edges = measure.bands.flatMap((b) => b.below ?? []);
  // A side that the tracer has no band for (a battery that rests too high) is the bar's alone.
  const knows = {
    low: measure.limit.low !== undefined && edges.includes(measure.limit.low),
    high: measure.limit.high !== undefined && edges.includes(measure.limit.high),
  };
  const low = measure.limit.low ?? measure.limit.high! * 0.2;
  const high = measure.limit.high ?? measure.limit.low! * 1.6;
  const scale = fc.double({ min: low - (high - low), max: high + (high - low), noNaN: true });
  const normal = (outcome: string | null) => test.outcomes.find((o) => o.id === outcome)?.normal === true;
  const outcomeOf = (x: number, own: Own | null) =>
    likeliestOutcome(outcomeWeights(measure, { kind: 'exact', value: x }, own as unknown as Spec | null));

  /** What bar and tracer make of one figure; null where they agree, or where the bar does not say. */
  const quarrel = (x: number, limit: Limit | null, own: Own | null): string | null => {
    const { verdict } = judge({ kind: 'exact', value: x }, limit, info.error);
    if (unsure.includes(verdict)) return null;
    const above = limit!.high !== null && x > limit!.high;
    const below = limit!.low !== null && x < limit!.low;
    if ((above && !knows.high) || (below && !knows.low)) return null;
    const outcome = outcomeOf(x, own);
    return fit.includes(verdict) === normal(outcome) ? null : `${x}: the bar says ${verdict}, the tracer ${outcome}`;
  };

  it('is judged alike by bar and tracer against the general value', () => {
    fc.assert(
      fc.property(scale, (x) => {
        expect(quarrel(x, info.general, null)).toBeNull();
      }),
    );
  });

  it('is judged alike by bar and tracer against the bike’s own limits, standard and service', () => {
    fc.assert(
      fc.property(owns(low, high), scale, (own, x) => {
        // What the manual does not say is left to the general band of the tracer; the bar shows what the manual says.
        if ((own.low === null && x < low) || (own.high === null && x > high)) return;
        expect(quarrel(x, asLimit(own), own)).toBeNull();
      }),
    );
  });
});

/** Panels that hand a reading to the tracer: the field it is typed in, its quantity and the unit that it is typed in. */
const handing: [
  panel: string,
  field: string,
  quantity: string,
  unit: string,
  test: string,
  more?: (typed: string) => Record<string, string>,
][] = [
  ['windings', 'coil-primary#1', 'coil-primary', 'ohm', 'coil-primary'],
  ['windings', 'coil-secondary#1', 'coil-secondary', 'kohm', 'secondary'],
  ['windings', 'pickup', 'pickup', 'ohm', 'pickup-ohms'],
  ['windings', 'exciter', 'exciter', 'ohm', 'exciter-ohms'],
  ['charging', 'volts#1', 'charging-volts', 'V', 'charge-volts', () => ({ 'rpm#1': '4000' })],
  ['battery', 'rest', 'battery-rest', 'V', 'battery-rest'],
  ['battery', 'crank#1', 'battery-cranking', 'V', 'crank-volts', (typed) => ({ rest: '12.7', 'crank#2': typed, 'crank#3': typed })],
  ['starter', 'live', 'live-drop', 'V', 'live-drop'],
  ['starter', 'earth', 'earth-drop', 'V', 'earth-drop'],
  ['compression', 'dry#1', 'compression', 'psi', 'compression', () => ({ throttle: 'open' })],
  ['points', 'gap', 'points-gap', 'mm', 'points-gap'],
];

const praise = /within (its |their )?limits|all good|fit for use|is right|^good/i;
const blame = /out of (its|their) limits|past |renew|worn|under the limit|over the limit|too (low|high|wide|narrow)/i;

describe.each(handing)('the panel %s, %s', (panel, field, quantity, unit, testId, more = () => ({})) => {
  const info = quantityInfo(shipped, quantity, {})!;
  const test = shipped.tests.find((t) => t.id === testId)!;
  const general = info.general!;
  const low = general.low ?? general.high! * 0.2;
  const high = general.high ?? general.low! * 1.6;
  const figure = fc.double({ min: low - (high - low) * 0.6, max: high + (high - low), noNaN: true });

  it('says, shows and hands on one judgement', () => {
    fc.assert(
      fc.property(fc.option(owns(low, high)), figure, (all, x) => {
        const own = all && sided(all, general);
        const limit = own ? asLimit(own) : info.general!;
        const s = subject({ limit: (q) => (q === quantity ? limit : (quantityInfo(shipped, q, {})?.general ?? null)) });
        const typed = fromSi(Math.max(x, 0), unit).toFixed(4);
        const value = toSi(Number(typed), unit);
        const { verdict } = judge({ kind: 'exact', value }, limit, info.error);
        if (unsure.includes(verdict)) return;
        if (own && ((own.low === null && x < low) || (own.high === null && x > high))) return;
        const r = run(panel, { ...more(typed), [field]: typed }, s, { [field]: unit });
        // Praise and blame, in colour and in words, follow the limit that the bar shows.
        const good = fit.includes(verdict);
        expect({ typed, verdict, tone: r.tone }).not.toMatchObject({ tone: good ? 'bad' : 'good' });
        expect(`${typed} ${verdict}: ${r.words}`).not.toMatch(good ? blame : praise);
        const handed = r.handed.find((h) => h.testId === testId);
        if (!handed?.outcome) return;
        const sound = test.outcomes.find((y) => y.id === handed.outcome)?.normal === true;
        expect({ typed, verdict, outcome: handed.outcome, sound }).toMatchObject({ sound: good });
      }),
      { numRuns: 200 },
    );
  });
});

/** Nothing typed. */
const nobody: Values = { figure: () => null, reading: () => null, figures: () => [], choice: () => null, text: () => '' };

/** Every figure of every panel that is a reading of some quantity, typed alone. */
const alone = panels.flatMap((p) =>
  fieldsOf(p.blocks(subject(), nobody)).flatMap((f) =>
    f.kind === 'figure' && f.quantity ? [[p.id, f.id, f.quantity, f.unit] as const] : [],
  ),
);

describe.each(alone)('the panel %s with nothing but %s', (panel, field, quantity, unit) => {
  const general = quantityInfo(shipped, quantity, {})?.general;
  const middle = toSi(1, unit);
  const low = general?.low ?? (general?.high ?? middle) * 0.2;
  const high = general?.high ?? (general?.low ?? middle) * 1.6;

  it('never praises what its bar blames, nor blames what it praises', () => {
    fc.assert(
      fc.property(owns(low, high), fc.double({ min: low * 0.3, max: high * 1.8, noNaN: true }), (all, x) => {
        const own = sided(all, general);
        const limit = asLimit(own);
        // What the manual does not say is left to the usual figures.
        if ((own.low === null && x < low) || (own.high === null && x > high)) return;
        const s = subject({ limit: (q) => (q === quantity ? limit : (quantityInfo(shipped, q, {})?.general ?? null)) });
        const typed = fromSi(x, unit).toFixed(4);
        const r = run(panel, { [field]: typed }, s, { [field]: unit });
        const bar = r.lines.find((l) => l.limit === limit);
        if (!bar || r.tone === 'open') return;
        const { verdict } = judge(bar.value, limit, bar.error ?? { relative: 0, absolute: 0 });
        if (unsure.includes(verdict)) return;
        const good = fit.includes(verdict);
        expect({ typed, verdict, tone: r.tone }).not.toMatchObject({ tone: good ? 'bad' : 'good' });
        expect(`${typed} ${verdict}: ${r.words}`).not.toMatch(good ? blame : praise);
      }),
      { numRuns: 100 },
    );
  });
});
