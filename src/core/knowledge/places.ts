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
