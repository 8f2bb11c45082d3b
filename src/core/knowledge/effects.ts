import { applicability, type BikeSaid, type Facts } from './facts';
import type { Attribute, SideEffect } from './types';

/** What is read of a part that is not as the manual has it. */
export interface Fitted {
  effects: readonly string[];
  /** When it was taken out again. */
  endedAt: string | null;
}

/**
 * The side effects that a bike has now: those of what is fitted and was not taken out again, each once.
 * @param k of which the side effects are read
 * @param fitted what is not as the manual has it
 * @returns in the order of the knowledge
 */
export function effectsOn(k: { effects: readonly SideEffect[] }, fitted: readonly Fitted[]): SideEffect[] {
  const ids = new Set(fitted.filter((f) => !f.endedAt).flatMap((f) => f.effects));
  return k.effects.filter((e) => ids.has(e.id));
}

/**
 * The side effects that something on this bike can have.
 * @param k of which side effects and attributes are read
 * @param facts what is known of the bike
 * @returns in the order of the knowledge
 */
export const effectsFor = (k: { effects: readonly SideEffect[]; attributes: readonly Attribute[] }, facts: Facts): SideEffect[] =>
  k.effects.filter((e) => applicability(e.when, facts, k.attributes) > 0);

/** Attributes that have a field of their own on the bike; every other is a trait. */
const fields = ['strokes', 'cooling', 'ignition', 'fuelling', 'decompressor', 'starting', 'clutch'] as const;

/**
 * What changes on the bike with some side effects: its fields, and its traits as far as there is no field.
 * @param bike what is filled in for it
 * @param effects what is fitted from now on
 * @returns fields to set; empty where nothing changes
 */
export function changedBy(
  bike: BikeSaid,
  effects: readonly SideEffect[],
): Partial<Record<(typeof fields)[number], string>> & { traits?: BikeSaid['traits'] } {
  const set: Record<string, string> = Object.assign({}, ...effects.map((e) => e.sets ?? {}));
  const own = fields.filter((f) => set[f] !== undefined && bike[f] !== set[f]);
  const traits = Object.entries(set).filter(([a, v]) => !(fields as readonly string[]).includes(a) && bike.traits?.[a] !== v);
  return {
    ...Object.fromEntries(own.map((f) => [f, set[f]])),
    ...(traits.length > 0 && { traits: { ...bike.traits, ...Object.fromEntries(traits) } }),
  };
}
