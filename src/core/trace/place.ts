import type { Fault } from '../knowledge';

/** Places on a bike, as a mechanic points at them. */
export const places = {
  bars: 'At the bars',
  headlamp: 'Headlamp and harness in front',
  tank: 'Tank and tap',
  airBox: 'Air box and filter',
  carburettor: 'Carburettor and intake',
  plug: 'Plug, cap and lead',
  head: 'Head and valves',
  cylinder: 'Cylinder, piston and rings',
  crankcase: 'Crankcase and crank',
  ignition: 'Ignition side of the crank',
  generator: 'Generator',
  primary: 'Primary drive and clutch',
  gearbox: 'Gearbox',
  sump: 'Sump, pump and filter',
  starter: 'Starter',
  battery: 'Battery and side panel',
  coil: 'Coil under the tank',
  exhaust: 'Exhaust',
  cooling: 'Radiator and water pump',
  fork: 'Fork and front brake',
  chain: 'Final drive and rear wheel',
} as const;

export type Place = keyof typeof places;

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

/** Words of a name that place a part whatever has to be undone for it. */
const byName: [RegExp, Place][] = [
  [/fork seal|caliper|brake|front wheel/i, 'fork'],
  [/kill switch|throttle cable|throttle grip|master/i, 'bars'],
  [/ignition switch|headstock/i, 'headlamp'],
  [/\bplug (cap|fouled|of)|wrong plug|leads crossed/i, 'plug'],
  [/\bcoil\b(?!-)|plug hole/i, 'coil'],
  [/\b(piston|rings?|bore|small end)\b/i, 'cylinder'],
  [/big end|main bearing|\bcrank (bent|seal)|crankshaft/i, 'crankcase'],
  [/valve spring|valve seat|cam chain/i, 'head'],
  [/\btank\b|\btap\b|petcock|water in the fuel/i, 'tank'],
  [/battery|fuse|regulator|rectifier|earth/i, 'battery'],
  [/drive chain|wheel bearing|tyre|sprocket/i, 'chain'],
];

/** Where a fault sits on the bike, as far as one can point at it. */
export function placeOf(fault: Fault): Place {
  const named = byName.find(([words]) => words.test(fault.name));
  if (named) return named[1];
  for (const a of [...(fault.remedy.access ?? [])].reverse()) if (byAccess[a]) return byAccess[a];
  for (const a of fault.area ?? []) if (byArea[a]) return byArea[a];
  return bySystem[fault.system] ?? 'crankcase';
}
