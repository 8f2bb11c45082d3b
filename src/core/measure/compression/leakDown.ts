/** Where the air of a leak-down test is heard. */
export type HeardAt = 'intake' | 'exhaust' | 'breather' | 'radiator' | 'next cylinder' | 'plug';

export interface LeakDown {
  cylinder: string;
  /** Share lost, 0 to 1. */
  loss: number;
  heardAt: readonly HeardAt[];
}

/**
 * Share of the air that a cylinder loses, from the two gauges of a leak-down tester in the same unit: (supply - cylinder) / supply.
 *
 * @throws {RangeError} where the cylinder's gauge reads more than the supply's, or there is no supply
 */
export function leakShare(supply: number, cylinder: number): number {
  if (!(supply > 0) || cylinder < 0 || cylinder > supply)
    throw new RangeError('the gauge at the cylinder cannot read more than the supply');
  return (supply - cylinder) / supply;
}

export type LeakLevel = 'tight' | 'fair' | 'worn' | 'bad';

/** The most that may be lost, and the most that a worn engine may lose, as shares; null where the manual does not say. */
export interface LeakLimits {
  most: number | null;
  service: number | null;
}

/** Common practice: up to a fifth is fair, three tenths worn. */
export const usualLeak: LeakLimits = { most: 0.2, service: 0.3 };

/** How good a cylinder is by what it loses: tight up to half of the most that it may, fair up to it, worn up to the service limit. */
export function leakLevel(loss: number, { most, service }: LeakLimits = usualLeak): LeakLevel {
  const top = most ?? service ?? usualLeak.most!;
  if (loss <= top) return loss <= top / 2 ? 'tight' : 'fair';
  return service !== null && loss <= service ? 'worn' : 'bad';
}

const speaks: Readonly<Record<HeardAt, string>> = {
  intake: 'the inlet valve',
  exhaust: 'the exhaust valve',
  breather: 'rings, piston or bore',
  radiator: 'the head gasket or a crack into the coolant',
  'next cylinder': 'the head gasket between the two',
  plug: 'the adapter or its washer: seal it and test again',
};

/** What a leak-down test of one cylinder says, in words. Some of the air always goes past the rings. */
export function leakWords({ loss, heardAt }: LeakDown, limits: LeakLimits = usualLeak): string {
  const level = leakLevel(loss, limits);
  const much = `${Math.round(loss * 100)} % lost: ${level}.`;
  const where = heardAt.filter((h) => !(h === 'breather' && level === 'tight' && heardAt.length === 1));
  if (where.length === 0)
    return level === 'tight' || level === 'fair'
      ? much
      : `${much} Listen where it goes: intake, exhaust, breather, radiator, next plug hole.`;
  return `${much} Heard at ${where.join(', ')}: ${where.map((h) => speaks[h]).join('; ')}.`;
}
