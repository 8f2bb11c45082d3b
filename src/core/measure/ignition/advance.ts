import type { Verdict } from '../judge';

/** What the manual allows at a speed; the curve runs straight between such points. Degrees before top dead centre. */
export interface AdvancePoint {
  rpm: number;
  lowDegrees: number;
  highDegrees: number;
}

export interface AdvanceReading {
  rpm: number;
  degrees: number;
}

/** What is allowed at a speed, or null outside the curve. */
export function allowedAt(curve: readonly AdvancePoint[], rpm: number): { low: number; high: number } | null {
  const sorted = [...curve].sort((a, b) => a.rpm - b.rpm);
  const at = sorted.findIndex((p) => p.rpm >= rpm);
  if (at < 0 || (at === 0 && sorted[0].rpm !== rpm)) return null;
  if (sorted[at].rpm === rpm) return { low: sorted[at].lowDegrees, high: sorted[at].highDegrees };
  const [a, b] = [sorted[at - 1], sorted[at]];
  const t = (rpm - a.rpm) / (b.rpm - a.rpm);
  const mix = (x: number, y: number) => x + (y - x) * t;
  return { low: mix(a.lowDegrees, b.lowDegrees), high: mix(a.highDegrees, b.highDegrees) };
}

export interface AdvanceVerdict {
  points: { reading: AdvanceReading; verdict: Extract<Verdict, 'low' | 'in' | 'high' | 'borderline' | 'no limit'> }[];
  shape: AdvanceShape;
  words: string;
}

/** What a curve does against the manual's: nothing to compare with, stuck, all of it right or shifted, or wrong in its own course. */
export type AdvanceShape =
  'unknown' | 'stuck' | 'follows' | 'all late' | 'all early' | 'falls short' | 'runs ahead' | 'borderline' | 'wanders';

const advanceWords: Readonly<Record<AdvanceShape, string>> = {
  unknown: 'No limit to compare with at these speeds.',
  stuck: 'It does not advance at all: weights stuck, spring off its peg, or the unit dead.',
  follows: 'The curve follows the manual.',
  'all late': 'Late all along: set the base timing first, then look again.',
  'all early': 'Early all along: set the base timing back before it is run hard, it can hole a piston.',
  'falls short': 'Right at idle, late further up: the advance does not come out fully.',
  'runs ahead': 'Right at idle, too early further up: weak springs or the wrong unit.',
  borderline: 'Borderline, within what a light can be read to: measure again.',
  wanders: 'It leaves the manual in the middle: a spring too many or too few, or a worn pivot.',
};

/** True where the unit that advances is to blame, and not the base timing. */
export const advanceAtFault = (shape: AdvanceShape): boolean => ['stuck', 'falls short', 'runs ahead', 'wanders'].includes(shape);

/** A timing light is read to about a degree. Common practice. */
const lightDegrees = 0.5;

/**
 * An advance curve against the manual's: each point, and what its shape says. Late all along is the base timing, late only
 * further up is the advance (weights, springs, vacuum), and one that does not move at all is stuck.
 */
export function advanceVerdict(curve: readonly AdvancePoint[], readings: readonly AdvanceReading[]): AdvanceVerdict {
  const sorted = [...readings].sort((a, b) => a.rpm - b.rpm);
  const points = sorted.map((reading) => {
    const allowed = allowedAt(curve, reading.rpm);
    if (!allowed) return { reading, verdict: 'no limit' as const };
    const { degrees } = reading;
    const near = Math.min(Math.abs(degrees - allowed.low), Math.abs(degrees - allowed.high)) < 2 * lightDegrees - 1e-9;
    if (near && (degrees < allowed.low || degrees > allowed.high)) return { reading, verdict: 'borderline' as const };
    return { reading, verdict: degrees < allowed.low ? ('low' as const) : degrees > allowed.high ? ('high' as const) : ('in' as const) };
  });
  const known = points.filter((p) => p.verdict !== 'no limit');
  const all = (v: string) => known.length > 0 && known.every((p) => p.verdict === v);
  const wanted = sorted.length > 1 ? (allowedAt(curve, sorted.at(-1)!.rpm)?.low ?? 0) - (allowedAt(curve, sorted[0].rpm)?.high ?? 0) : 0;
  const moved = sorted.length > 1 ? sorted.at(-1)!.degrees - sorted[0].degrees : 0;
  const shape = ((): AdvanceShape => {
    if (known.length === 0) return 'unknown';
    if (wanted > 5 && moved < 2) return 'stuck';
    if (all('in')) return 'follows';
    if (all('low')) return 'all late';
    if (all('high')) return 'all early';
    if (known[0].verdict === 'in' && known.at(-1)!.verdict === 'low') return 'falls short';
    if (known[0].verdict === 'in' && known.at(-1)!.verdict === 'high') return 'runs ahead';
    return known.some((p) => p.verdict === 'borderline') ? 'borderline' : 'wanders';
  })();
  return { points, shape, words: advanceWords[shape] };
}
