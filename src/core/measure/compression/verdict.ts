import { spread } from '../judge';

/** What the gauge said at one cylinder, gauge pressures in Pa. */
export interface CylinderPressure {
  cylinder: string;
  dryPa: number;
  /** After the first stroke, where it was noted. */
  firstPa?: number | null;
  /** With a spoonful of oil in the bore. */
  wetPa?: number | null;
}

/** How it was cranked; what is unknown is taken as right. */
export interface CrankingConditions {
  throttle?: 'open' | 'shut';
  battery?: 'strong' | 'weak';
  engine?: 'cold' | 'warm';
  cranked?: 'starter' | 'kick';
  /** Revolutions a minute while it was cranked. */
  rpm?: number | null;
  /** An automatic or manual decompressor that may have been lifting. */
  decompressor?: boolean;
}

export interface CompressionLimits {
  lowPa: number | null;
  highPa: number | null;
  /** Most that cylinders may differ, as a share of the highest. */
  spread: number;
  /** Cylinders side by side share a head gasket; not so in a vee or flat engine. */
  inLine?: boolean;
}

export type CompressionFinding =
  | { kind: 'sound' }
  | { kind: 'spread'; share: number }
  | { kind: 'rings'; cylinder: string; gain: number }
  | { kind: 'valves or gasket'; cylinder: string; gain: number; within: boolean }
  | { kind: 'gasket between'; cylinders: [string, string] }
  | { kind: 'alike' }
  /** `within`: its own limit allows it, and it is far under the highest all the same. */
  | { kind: 'low'; cylinder: string; within: boolean }
  | { kind: 'none'; cylinder: string }
  | { kind: 'builds up slowly'; cylinder: string }
  | { kind: 'high'; cylinder: string };

export interface CompressionVerdict {
  findings: CompressionFinding[];
  /** Reasons why every reading may be false; while one stands, low readings condemn nothing. */
  warnings: string[];
  /** Cranked so that a low reading says nothing of the engine. */
  spoiled: boolean;
  /** One line for arm's length. */
  words: string;
}

/** Common practice: a wet gain of this share of the dry reading speaks of rings and bore. */
const wetGain = 0.15;
/** Common practice: a first stroke under this share of the peak, and a peak that comes up in the end, speaks of rings. */
const firstShare = 0.45;
/** Under this gauge pressure there is no compression to speak of: about 2 bar. */
const nonePa = 2e5;

/** What oil in the bore brought, as a share of the dry reading; null where it was not tried. */
export const gainOf = ({ dryPa, wetPa }: CylinderPressure): number | null => (wetPa == null || dryPa <= 0 ? null : (wetPa - dryPa) / dryPa);

/** Common practice: a starter turns an engine at 200 to 300 a minute; well under that the gauge reads low. */
const slowRpm = 150;
const tooSlow = ({ rpm }: CrankingConditions) => rpm != null && rpm < slowRpm;

const warningsOf = ({ throttle, battery, engine, cranked, decompressor, rpm }: CrankingConditions): string[] => [
  ...(decompressor ? ['A decompressor that lifts, by itself or stuck, reads low in a sound engine: rule it out first.'] : []),
  ...(throttle === 'shut' ? ['The throttle was shut: the engine could not breathe. Hold it wide open and crank again.'] : []),
  ...(battery === 'weak' ? ['The battery was weak: it cranked too slowly. Charge it and crank again.'] : []),
  ...(tooSlow({ rpm }) ? [`Cranked at ${Math.round(rpm!)} a minute: too slowly, so it reads low. 200 to 300 is usual.`] : []),
  ...(cranked === 'kick'
    ? ['A kickstarter gives less than a starter does: hold cylinders against each other, not against the manual.']
    : []),
  ...(engine === 'cold' ? ['Cold: a warm engine reads a little more.'] : []),
];

/** Cranking that makes a low reading say nothing. */
const spoils = ({ throttle, battery, decompressor, rpm }: CrankingConditions) =>
  throttle === 'shut' || battery === 'weak' || decompressor === true || tooSlow({ rpm });

/**
 * What a set of compression readings says. Level against the limits, cylinders against each other, oil against dry, first
 * stroke against peak; neighbours that are both low and stay low with oil point at the gasket between them (common practice).
 * The order of cylinders decides who is whose neighbour and nothing else.
 */
export function compressionVerdict(
  cylinders: readonly CylinderPressure[],
  limits: CompressionLimits,
  conditions: CrankingConditions,
): CompressionVerdict {
  const warnings = warningsOf(conditions);
  if (cylinders.length === 0) return { findings: [], warnings, spoiled: false, words: 'Nothing measured yet.' };
  const share = spread(cylinders.map((c) => c.dryPa));
  const highest = Math.max(...cylinders.map((c) => c.dryPa));
  const isLow = (c: CylinderPressure) =>
    (limits.lowPa !== null && c.dryPa < limits.lowPa) || (share > limits.spread && highest - c.dryPa > limits.spread * highest);
  const stays = (c: CylinderPressure) => {
    const gain = gainOf(c);
    return gain !== null && gain < wetGain;
  };
  const findings: CompressionFinding[] = [];
  // All of them low alike is clearances or cam timing; a gasket between two lets two fall and not the rest.
  const alike = cylinders.length > 1 && share <= limits.spread && cylinders.every((c) => isLow(c) && stays(c));
  const shares = limits.inLine !== false && !alike && cylinders.length > 2;
  const pairs = shares
    ? cylinders.slice(1).flatMap((c, i) => (isLow(cylinders[i]) && isLow(c) && stays(cylinders[i]) && stays(c) ? [[cylinders[i], c]] : []))
    : [];
  const paired = new Set(pairs.flat());
  if (alike) findings.push({ kind: 'alike' });
  for (const [a, b] of pairs) findings.push({ kind: 'gasket between', cylinders: [a.cylinder, b.cylinder] });
  for (const c of cylinders) {
    const { cylinder } = c;
    if (limits.highPa !== null && c.dryPa > limits.highPa) findings.push({ kind: 'high', cylinder });
    if (!isLow(c)) {
      if (c.firstPa != null && c.firstPa < firstShare * c.dryPa) findings.push({ kind: 'builds up slowly', cylinder });
      continue;
    }
    const gain = gainOf(c);
    const within = limits.lowPa !== null && c.dryPa >= limits.lowPa;
    if (paired.has(c) || alike) continue;
    if (gain === null) findings.push(c.dryPa < nonePa ? { kind: 'none', cylinder } : { kind: 'low', cylinder, within });
    else findings.push(gain < wetGain ? { kind: 'valves or gasket', cylinder, gain, within } : { kind: 'rings', cylinder, gain });
  }
  if (share > limits.spread) findings.push({ kind: 'spread', share });
  if (findings.length === 0) findings.push({ kind: 'sound' });
  const spoiled = spoils(conditions) && findings[0].kind !== 'sound';
  return { findings, warnings, spoiled, words: wordsOf(findings, cylinders.length, spoiled) };
}

function wordsOf(findings: readonly CompressionFinding[], count: number, spoiled: boolean): string {
  const place = (cylinder: string) => (count > 1 ? `Cylinder ${cylinder}` : 'It');
  const lines = findings.flatMap((f) => {
    switch (f.kind) {
      case 'sound':
        return [count > 1 ? 'Level and even: the engine pumps as it should.' : 'It pumps as it should.'];
      case 'alike':
        return ['All of them are low alike and stay low with oil: clearances and cam timing before anything is condemned.'];
      case 'gasket between':
        return [`Cylinders ${f.cylinders.join(' and ')} side by side are low and stay low with oil: the head gasket between them first.`];
      case 'rings':
        return [`${place(f.cylinder)} comes up by ${Math.round(f.gain * 100)} % with oil: rings or bore.`];
      case 'valves or gasket':
        return [
          `${place(f.cylinder)} ${f.within ? 'is within its limit, yet far under the highest, and oil does not change it' : 'stays low with oil'}: a valve or the head gasket. Check the clearances before condemning it.`,
        ];
      case 'low':
        return [
          `${place(f.cylinder)} is ${f.within ? 'within its limit, yet far under the highest' : 'low'}: a spoonful of oil and a second reading parts rings from valves.`,
        ];
      case 'none':
        return [`${place(f.cylinder)} has hardly any: a valve that stands open, a hole, or a decompressor that lifts.`];
      case 'builds up slowly':
        return [`${place(f.cylinder)} is weak on the first stroke and builds up: rings that are worn or stuck.`];
      case 'high':
        return [`${place(f.cylinder)} is over what it should be: carbon in the head, or a value for another engine.`];
      case 'spread':
        return [`They differ by ${Math.round(f.share * 100)} % of the highest.`];
    }
  });
  return spoiled ? `Not to be judged yet: ${lines.join(' ')}` : lines.join(' ');
}
