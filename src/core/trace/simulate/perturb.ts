import type { Fault, FindingKind, Knowledge, Strength } from '../../knowledge';
import type { SeededRandom } from './seededRandom';

const odds = (p: number) => p / (1 - p);
const chance = (o: number) => o / (1 + o);

/** A probability with its odds multiplied by 2^u, u even in [-1, 1]. */
const shaken = (p: number, u: number) => (p <= 0 || p >= 1 ? p : chance(odds(p) * 2 ** (2 * u - 1)));

function strength(s: Strength, name: string, random: SeededRandom): Strength {
  if (typeof s === 'number') return shaken(s, random(name));
  const total = Object.values(s).reduce((a, b) => a + b, 0);
  const to = total >= 1 ? total : shaken(total, random(name));
  return Object.fromEntries(Object.entries(s).map(([grade, p]) => [grade, (p * to) / total]));
}

/** A knowledge that is wrong in every figure: the odds of each prior, link and leak multiplied by 2^u, u even in [-1, 1]. */
export function perturbed(k: Knowledge, random: SeededRandom): Knowledge {
  const fault = (f: Fault): Fault => ({
    ...f,
    prior: shaken(f.prior, random(`prior ${f.id}`)),
    causes: Object.fromEntries(Object.entries(f.causes).map(([id, s]) => [id, strength(s, `${f.id} > ${id}`, random)])),
  });
  const finding = (f: FindingKind): FindingKind => ({ ...f, leak: strength(f.leak, `leak ${f.id}`, random) });
  return {
    ...k,
    faults: k.faults.map(fault),
    findings: k.findings.map(finding),
    groups: k.groups.map((g) => ({
      ...g,
      modes: g.modes.map((m, i) => ({ ...m, prior: shaken(m.prior, random(`mode ${g.id} ${i}`)) })),
    })),
  };
}
