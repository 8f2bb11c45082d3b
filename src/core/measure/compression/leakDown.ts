/** Where the air of a leak-down test is heard. */
export type HeardAt = 'intake' | 'exhaust' | 'breather' | 'radiator' | 'next cylinder' | 'plug';

export interface LeakDown {
  cylinder: string;
  /** Share lost, 0 to 1. */
  loss: number;
  heardAt: readonly HeardAt[];
}

/**
 * Share of the air that a cylinder loses, from the two gauges of a leak-down tester in the same unit: (supply - cylinder) /
 * supply. Throws RangeError where the cylinder's gauge reads more than the supply's, or there is no supply.
 */
export function leakShare(supply: number, cylinder: number): number {
  if (!(supply > 0) || cylinder < 0 || cylinder > supply)
    throw new RangeError('the gauge at the cylinder cannot read more than the supply');
  return (supply - cylinder) / supply;
}

export type LeakLevel = 'tight' | 'fair' | 'worn' | 'bad';

/** Common practice: up to a tenth is tight, a fifth fair, three tenths worn. */
export const leakLevel = (loss: number): LeakLevel => (loss <= 0.1 ? 'tight' : loss <= 0.2 ? 'fair' : loss <= 0.3 ? 'worn' : 'bad');

const speaks: Readonly<Record<HeardAt, string>> = {
  intake: 'the inlet valve',
  exhaust: 'the exhaust valve',
  breather: 'rings, piston or bore',
  radiator: 'the head gasket or a crack into the coolant',
  'next cylinder': 'the head gasket between the two',
  plug: 'the adapter or its washer: seal it and test again',
};

/** What a leak-down test of one cylinder says, in words. Some of the air always goes past the rings. */
export function leakWords({ loss, heardAt }: LeakDown): string {
  const level = leakLevel(loss);
  const much = `${Math.round(loss * 100)} % lost: ${level}.`;
  const where = heardAt.filter((h) => !(h === 'breather' && level === 'tight' && heardAt.length === 1));
  if (where.length === 0)
    return level === 'tight' || level === 'fair'
      ? much
      : `${much} Listen where it goes: intake, exhaust, breather, radiator, next plug hole.`;
  return `${much} Heard at ${where.join(', ')}: ${where.map((h) => speaks[h]).join('; ')}.`;
}
