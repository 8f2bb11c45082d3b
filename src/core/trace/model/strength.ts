import type { Fault, FindingKind, Strength } from '../../knowledge';
import type { Conditions } from '../../state';

/** No link is certain: a certain one would let a single mistaken finding rule a fault out for good. */
export const strongest = 0.98;
/** One cylinder of several rarely brings what the whole engine complains of. */
const oneOfSeveral = 0.35;

export const gradesOf = (kind: FindingKind): string[] => kind.grades ?? ['no', 'yes'];

/** A strength or leak as a distribution over the levels of its finding. */
export function levelsOf(kind: FindingKind, strength: Strength, factor = 1): number[] {
  const grades = gradesOf(kind);
  const up = grades.slice(1).map((g) => (typeof strength === 'number' ? (grades.length === 2 ? strength : 0) : (strength[g] ?? 0)));
  const total = up.reduce((a, b) => a + b, 0);
  const scale = total > 0 ? (Math.min(total, strongest) / total) * factor : 0;
  const scaled = up.map((x) => x * scale);
  return [1 - scaled.reduce((a, b) => a + b, 0), ...scaled];
}

/** How the circumstances weaken or cut a link: 0 where the fault cannot show, 1 where it shows in full. */
export function showing(fault: Fault, flavour: 'steady' | 'intermittent', conditions: Conditions, bypassed: readonly string[]): number {
  if (bypassed.includes(fault.id)) return 0;
  if (conditions.battery === 'helped' && fault.helpedBattery) return 0;
  let factor = 1;
  if (fault.shows && conditions.temperature) {
    const { only, otherwise } = fault.shows;
    if (conditions.temperature === 'warm') factor *= (1 + otherwise) / 2;
    else if (conditions.temperature !== only) factor *= otherwise;
  }
  if (flavour === 'intermittent') factor *= 1 - (1 - (fault.intermittent?.duty ?? 1)) ** (conditions.tries ?? 1);
  return factor;
}

/** Chance levels that one fault at its position brings to one finding at another; null where there is no link. */
export function linkLevels(
  fault: Fault,
  at: string | null,
  kind: FindingKind,
  findingAt: string | null,
  cylinders: number,
  factor: number,
): number[] | null {
  const strength = fault.causes[kind.id];
  if (strength === undefined || factor === 0) return null;
  if (at !== null && findingAt !== null && at !== findingAt) return null;
  const share = at !== null && findingAt === null && cylinders > 1 ? oneOfSeveral : 1;
  return levelsOf(kind, strength, factor * share);
}
