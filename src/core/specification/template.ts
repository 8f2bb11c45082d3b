import type { Facts } from '../knowledge';

/** What a book of such an engine is asked for, in the order in which it is usually wanted. Common practice. */
const always = [
  'compression',
  'squish',
  'idle-speed',
  'spring-length',
  'plate-thickness',
  'plate-warp',
  'clutch-free-play',
  'battery-rest',
];
const fourStroke = ['valve-clearance-inlet', 'valve-clearance-exhaust', 'lobe-centre-inlet', 'lobe-centre-exhaust', 'oil-use'];
const cylinder = ['piston-clearance', 'bore-taper', 'bore-out-of-round', 'ring-gap'];
const crank = ['crank-run-out', 'rod-side-play', 'rod-radial-play', 'small-end-play', 'main-bearing-play', 'flatness'];

/**
 * Quantities that belong on the specification sheet of a bike of this kind. What is unknown of it is taken to be there.
 * @param facts what is known of the bike
 * @returns ids of quantities, in the order of the sheet
 */
export function templateFor(facts: Facts): string[] {
  const is = (key: string, value: string) => facts[key] === undefined || facts[key] === null || facts[key] === value;
  return [
    ...always,
    ...(is('strokes', 'four') ? fourStroke : []),
    ...cylinder,
    ...crank,
    ...(is('ignition', 'points') ? ['points-gap', 'dwell', 'timing-static'] : []),
    ...(is('ignition', 'electronic') ? ['pickup', 'exciter'] : []),
    'coil-primary',
    'coil-secondary',
    ...(is('fuelling', 'carburettor') ? ['fuel-level', 'float-height', 'mixture-screw', 'intake-vacuum'] : []),
    'charging-volts',
    ...(is('finalDrive', 'chain') ? ['chain-slack'] : []),
    'fork-air-gap',
  ];
}
