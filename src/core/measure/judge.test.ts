import { describe, expect, it } from 'vitest';
import type { ReadingValue } from '../state';
import { judge, spread, standingOf, worstStanding, type Limit } from './judge';

const own = (low: number | null, high: number | null, serviceLow: number | null = null, serviceHigh: number | null = null): Limit => ({
  low,
  high,
  serviceLow,
  serviceHigh,
  source: 'page 3',
  general: false,
});
const x = (value: number): ReadingValue => ({ kind: 'exact', value });
const between = (low: number, high: number): ReadingValue => ({ kind: 'interval', low, high });
const atLeast = (bound: number): ReadingValue => ({ kind: 'atLeast', bound });
const atMost = (bound: number): ReadingValue => ({ kind: 'atMost', bound });
const none: ReadingValue = { kind: 'none', reason: 'no adapter' };
const sharp = { relative: 0, absolute: 0 };
const say = (v: ReadingValue, l: Limit | null, error = sharp) => {
  const { verdict, words } = judge(v, l, error);
  return `${verdict}: ${words}`;
};

describe('a reading against its limits', () => {
  it.each<[ReadingValue, Limit | null, string]>([
    [none, own(1, 2), 'no reading: Not obtained: no adapter'],
    [x(5), null, 'no limit: No limit to compare with.'],
    [x(5), own(null, null), 'no limit: No limit to compare with.'],
    // The edges belong to what is allowed.
    [x(1), own(1, 2), 'in: Within limits.'],
    [x(2), own(1, 2), 'in: Within limits.'],
    [x(0.99), own(1, 2), 'low: Under the limit.'],
    [x(2.01), own(1, 2), 'high: Over the limit.'],
    [x(0), own(null, 2), 'in: Within limits.'],
    [x(9), own(1, null), 'in: Within limits.'],
    // Standard 0.02, service 0.05: in, in service, past it.
    [x(0.02), own(null, 0.02, null, 0.05), 'in: Within limits.'],
    [x(0.03), own(null, 0.02, null, 0.05), 'in service: Within the service limit: fit for use, watch it.'],
    [x(0.05), own(null, 0.02, null, 0.05), 'in service: Within the service limit: fit for use, watch it.'],
    [x(0.06), own(null, 0.02, null, 0.05), 'past service: Past the service limit.'],
    [x(2.9), own(3, null, 2.6), 'in service: Within the service limit: fit for use, watch it.'],
    [x(2.6), own(3, null, 2.6), 'in service: Within the service limit: fit for use, watch it.'],
    [x(2.5), own(3, null, 2.6), 'past service: Past the service limit.'],
    // A service limit alone is a limit.
    [x(0.2), own(null, null, null, 0.05), 'past service: Past the service limit.'],
    [x(0.04), own(null, null, null, 0.05), 'in: Within limits.'],
    // A service limit on one side says nothing of the other.
    [x(4), own(1, 3, 0.5), 'high: Over the limit.'],
    [x(0.4), own(0.5, 3, null, 4), 'low: Under the limit.'],
    // Bounds that agree, and that do not.
    [between(1, 2), own(1, 2), 'in: Within limits.'],
    [between(0.5, 0.9), own(1, 2), 'low: Under the limit.'],
    [between(0.5, 1), own(1, 2), 'straddles: The bounds lie on both sides of the limit: narrow them down.'],
    [between(2, 2.1), own(1, 2), 'straddles: The bounds lie on both sides of the limit: narrow them down.'],
    // Beyond the gauge: over all that is allowed, within what is only bounded on the other side, or nothing to say.
    [atLeast(3), own(1, 2), 'high: Over the limit, and off the scale.'],
    [atLeast(2), own(1, 2), 'high: Over the limit, and off the scale.'],
    [atLeast(1.5), own(1, 2), 'off the scale: Off the scale: the limit lies beyond it.'],
    [atLeast(2.5), own(1, 2, null, 3), 'off the scale: Off the scale: the limit lies beyond it.'],
    [atLeast(3), own(1, 2, null, 3), 'high: Over the limit, and off the scale.'],
    [atLeast(1), own(1, null), 'in: Within limits.'],
    [atLeast(0.9), own(1, null), 'off the scale: Off the scale: the limit lies beyond it.'],
    [atLeast(0.6), own(1, null, 0.6), 'in: Within limits.'],
    [atMost(0.5), own(1, 2), 'low: Under the limit, and off the scale.'],
    [atMost(1), own(1, 2), 'low: Under the limit, and off the scale.'],
    [atMost(1.5), own(1, 2), 'off the scale: Off the scale: the limit lies beyond it.'],
    [atMost(0.8), own(1, 2, 0.5), 'off the scale: Off the scale: the limit lies beyond it.'],
    [atMost(0.5), own(1, 2, 0.5), 'low: Under the limit, and off the scale.'],
    [atMost(2), own(null, 2), 'in: Within limits.'],
    [atMost(2.1), own(null, 2), 'off the scale: Off the scale: the limit lies beyond it.'],
    [atMost(2.1), own(null, 2, null, 3), 'in: Within limits.'],
  ])('%j against %j: %s', (v, l, expected) => expect(say(v, l)).toBe(expected));

  it('says that a limit is a general one, and that the manual overrides it', () => {
    const general = { ...own(1, 2, 0.5, 3), general: true };
    const by = 'by a general value; this bike’s manual overrides it';
    expect([0.6, 1.5, 2.5, 4].map((v) => say(x(v), general))).toEqual([
      `in service: Within the service limit ${by}: fit for use, watch it.`,
      `in: Within limits ${by}.`,
      `in service: Within the service limit ${by}: fit for use, watch it.`,
      `past service: Past the service limit ${by}.`,
    ]);
    expect([0.9, 2.1].map((v) => say(x(v), { ...own(1, 2), general: true }))).toEqual([
      `low: Under the limit ${by}.`,
      `high: Over the limit ${by}.`,
    ]);
  });

  it('within two standard deviations of the edge that decides it says so; an edge that does not decide is no matter', () => {
    const error = { relative: 0, absolute: 0.05 };
    const line = 'borderline: Borderline, within gauge error: measure again.';
    expect([0.91, 1.09, 1.91, 2.09].map((v) => say(x(v), own(1, 2), error))).toEqual([line, line, line, line]);
    expect([0.89, 1.11].map((v) => judge(x(v), own(1, 2), error).verdict)).toEqual(['low', 'in']);
    // Where a service limit stands it decides, not the standard.
    expect(judge(x(2.02), own(1, 2, null, 3), error).verdict).toBe('in service');
    expect(judge(x(2.95), own(1, 2, null, 3), error).verdict).toBe('borderline');
    expect(judge(x(0.97), own(1, 2, 0.5), error).verdict).toBe('in service');
    expect(judge(x(0.55), own(1, 2, 0.5), error).verdict).toBe('borderline');
    // Relative and absolute error add as squares.
    expect(judge(x(102), own(100, null), { relative: 0.01, absolute: 0 }).verdict).toBe('borderline');
    expect(judge(x(103), own(100, null), { relative: 0.01, absolute: 0 }).verdict).toBe('in');
    expect(judge(x(103), own(100, null), { relative: 0.01, absolute: 1.2 }).verdict).toBe('borderline');
  });
});

describe('how a bare figure stands', () => {
  it.each([
    [0.01, 'in'],
    [0.02, 'in'],
    [0.03, 'in service'],
    [0.05, 'in service'],
    [0.06, 'out'],
  ])('%f against 0.02 and 0.05 is %s', (v, standing) => expect(standingOf(v, own(null, 0.02, null, 0.05))).toBe(standing));
  it('is not known without a limit; low and high are both out', () => {
    expect([standingOf(1, null), standingOf(1, undefined), standingOf(1, own(null, null))]).toEqual(['unknown', 'unknown', 'unknown']);
    expect([standingOf(0.5, own(1, 2)), standingOf(2.5, own(1, 2))]).toEqual(['out', 'out']);
  });
  it('the worst of several counts; what is not known counts less than what is out, more than what is worn', () => {
    expect(worstStanding(['in', 'in service', 'unknown', 'out'])).toBe('out');
    expect(worstStanding(['in', 'in service', 'unknown'])).toBe('unknown');
    expect(worstStanding(['in', 'in service'])).toBe('in service');
    expect(worstStanding(['in', 'in'])).toBe('in');
    expect(worstStanding([])).toBe('unknown');
  });
});

describe('spread', () => {
  it.each([
    [[], 0],
    [[7], 0],
    [[0, 0], 0],
    [[100, 80], 0.2],
    [[80, 100, 90], 0.2],
  ])('of %j is %f of the highest', (values, share) => expect(spread(values)).toBeCloseTo(share, 12));
});
