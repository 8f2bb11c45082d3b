import { parseInchThread } from './inch';

/** Threads as they hold engines together. Lengths in mm, strengths in N/mm². */

/** Coarse pitch by nominal diameter, ISO 261. */
const coarse: Readonly<Record<number, number>> = { 3: 0.5, 4: 0.7, 5: 0.8, 6: 1, 7: 1, 8: 1.25, 10: 1.5, 12: 1.75, 14: 2, 16: 2 };
/** Width across flats of hexagon heads, ISO 4014/4017, and the clearance hole of the medium row, ISO 273. */
const acrossFlats: Readonly<Record<number, number>> = { 3: 5.5, 4: 7, 5: 8, 6: 10, 7: 11, 8: 13, 10: 16, 12: 18, 14: 21, 16: 24 };
const hole: Readonly<Record<number, number>> = { 3: 3.4, 4: 4.5, 5: 5.5, 6: 6.6, 7: 7.6, 8: 9, 10: 11, 12: 13.5, 14: 15.5, 16: 17.5 };

export interface Thread {
  diameterMm: number;
  pitchMm: number;
  /** What it is called where it is no metric one. */
  name?: string;
  /** By how much of the pitch its stress diameter lies under the outer one; that of ISO threads where none is given. */
  under?: number;
}

/**
 * What a thread is called.
 * @param t a thread
 * @returns the name of an inch thread, else "M" and the diameter in mm
 */
export const threadName = (t: Thread): string => t.name ?? `M${t.diameterMm}`;

/**
 * Reads "M8", "m8x1.25", "M10 × 1.25x40", "1/4 UNC" or "2BA". Returns null for anything else.
 * @param text what was typed
 * @returns diameter and pitch in mm, and the length where it was said
 */
export function parseThread(text: string): Thread | null {
  const m = /^\s*m\s*(\d{1,2}(?:\.\d)?)\s*(?:[x×*]\s*(\d(?:\.\d{1,2})?)(?![\d.]))?/i.exec(text);
  if (!m) return parseInchThread(text);
  const diameterMm = Number(m[1]);
  // "M6x25" names a length, not a pitch: a pitch is never over a third of the diameter
  const second = m[2] ? Number(m[2]) : undefined;
  const pitchMm = second !== undefined && second <= diameterMm / 3 ? second : coarse[diameterMm];
  return pitchMm ? { diameterMm, pitchMm } : null;
}

/**
 * Stress area in mm²: As = π/4·(d − 0.9382·P)², ISO 898-1; inch threads by their own share of the pitch.
 * @param thread diameter and pitch in mm; `under` is what an inch thread takes off the diameter, in pitches
 * @returns mm²
 */
export function stressAreaMm2({ diameterMm, pitchMm, under = 0.9382 }: Thread): number {
  return (Math.PI / 4) * (diameterMm - under * pitchMm) ** 2;
}

/** Proof stress in N/mm² by strength class, for diameters up to 16 mm: ISO 898-1, quoted from memory. */
export const proofNmm2: Readonly<Record<string, number>> = { '5.8': 380, '8.8': 580, '10.9': 830, '12.9': 970 };

/**
 * Proof load in kN: what a screw of a class bears without staying longer.
 * @param thread diameter and pitch in mm
 * @param strength property class of ISO 898-1, "8.8"
 * @returns kN
 * @throws {RangeError} for an unknown class
 */
export function proofLoadKn(thread: Thread, strength: string): number {
  const stress = proofNmm2[strength];
  if (!stress) throw new RangeError(`no strength class ${strength}`);
  return (stress * stressAreaMm2(thread)) / 1000;
}

/**
 * Tightening torque in N·m that uses 90 % of the yield strength, VDI 2230 part 1: tension and torsion together by von Mises, T = F·(0.16·P
 * + 0.58·d2·μ + μ·D_km/2), hexagon head, the same friction in thread and under the head. `yieldNmm2`: 640 for class 8.8, 940 for 10.9, 1100
 * for 12.9.
 * @param thread diameter and pitch in mm
 * @param friction of thread and head alike, 0.08 to 0.20 in use
 * @param yieldNmm2 yield strength in N/mm²
 * @returns N·m
 * @throws {RangeError} for a diameter without head sizes
 */
export function tighteningTorqueNm({ diameterMm: d, pitchMm: p, name }: Thread, friction: number, yieldNmm2: number): number {
  // Heads of inch screws differ by age and maker: one and a half diameters is the usual order of size.
  const s = name ? 1.5 * d : acrossFlats[d];
  if (!s) throw new RangeError(`no head sizes for M${d}`);
  const d2 = d - 0.649519 * p;
  const d3 = d - 1.226869 * p;
  const d0 = (d2 + d3) / 2;
  const shear = 1.5 * (d2 / d0) * (p / (Math.PI * d2) + 1.155 * friction);
  const stress = (0.9 * yieldNmm2) / Math.sqrt(1 + 3 * shear * shear);
  const forceN = (stress * Math.PI * d0 * d0) / 4;
  const bearing = (0.9 * s + (name ? 1.1 * d : hole[d])) / 2;
  return (forceN * (0.16 * p + 0.58 * d2 * friction + (friction * bearing) / 2)) / 1000;
}
