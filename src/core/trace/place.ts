import type { Fault, Place } from '../knowledge';

export { places, type Place } from '../knowledge';

/** What is undone last to mend something says best where it sits. */
const byAccess: Record<string, Place> = {
  crankcase: 'crankcase',
  head: 'head',
  'rocker-cover': 'head',
  carburettor: 'carburettor',
  'points-cover': 'ignition',
  'generator-cover': 'generator',
  'primary-cover': 'primary',
  'sprocket-cover': 'chain',
  starter: 'starter',
  barrel: 'cylinder',
  sump: 'sump',
  radiator: 'cooling',
  'front-wheel': 'fork',
  exhaust: 'exhaust',
  plugs: 'plug',
  headlamp: 'headlamp',
  'air-box': 'airBox',
};

const byArea: Record<string, Place> = {
  'fuel-system': 'carburettor',
  tank: 'tank',
  ignition: 'coil',
  valves: 'head',
  'top-end': 'cylinder',
  electrics: 'battery',
  starter: 'starter',
  exhaust: 'exhaust',
  'air-box': 'airBox',
  cooling: 'cooling',
  oil: 'sump',
  clutch: 'primary',
  gearbox: 'gearbox',
  brakes: 'fork',
};

const bySystem: Record<string, Place> = {
  compression: 'cylinder',
  spark: 'coil',
  fuel: 'carburettor',
  starting: 'starter',
  electrics: 'battery',
  lubrication: 'sump',
  cooling: 'cooling',
  clutch: 'primary',
  gearbox: 'gearbox',
  exhaust: 'exhaust',
  brakes: 'fork',
  mechanical: 'crankcase',
};

/**
 * Where a fault sits on the bike, as far as one can point at it.
 * @param fault a fault
 */
export function placeOf(fault: Fault): Place {
  if (fault.place) return fault.place;
  for (const a of [...(fault.remedy.access ?? [])].reverse()) if (byAccess[a]) return byAccess[a];
  for (const a of fault.area ?? []) if (byArea[a]) return byArea[a];
  return bySystem[fault.system] ?? 'crankcase';
}
