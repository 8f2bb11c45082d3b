import type { Bike, Job } from '../../src/core/state';
import { bikeOf, jobOf } from '../../test/fixtures/case';

/** Kinds of bike with a history each: what walks into a shop. Every family of complaints is drawn on all of them. */
const histories: { archetype: string; bike?: Partial<Bike>; job: Partial<Job> }[] = [
  {
    archetype: 'air-twin',
    bike: { ignition: 'points', starting: 'kick', voltage: 6 },
    job: { standingMonths: 30, storage: 'damp', ranWhenParked: 'yes' },
  },
  { archetype: 'faired-four', bike: { fuelling: 'carburettor', clutch: 'hydraulic' }, job: { standingMonths: 5, crash: 'yes' } },
  { archetype: 'trail-single', job: { storage: 'outside', lastTouched: ['valves', 'fuel-system'] } },
  { archetype: 'air-two-stroke', bike: { ignition: 'electronic' }, job: { standingMonths: 14, fuelLeft: 'yes' } },
  {
    archetype: 'dry-twin',
    bike: { ignition: 'points', voltage: 12 },
    job: { standingMonths: 48, storage: 'dry', lastTouched: ['top-end', 'ignition'] },
  },
  { archetype: 'step-through', bike: { strokes: 'four', ignition: 'electronic', starting: 'both' }, job: {} },
  {
    archetype: 'flat-twin',
    bike: { ignition: 'points', starting: 'both', voltage: 12 },
    job: { lastTouched: ['clutch', 'electrics', 'oil'] },
  },
  { archetype: 'faired-four', bike: { fuelling: 'injection', clutch: 'cable' }, job: { standingMonths: 18, storage: 'damp' } },
];

const nothing: Partial<Bike> = {
  strokes: null,
  cylinders: null,
  cooling: null,
  ignition: null,
  fuelling: null,
  decompressor: 'none',
  voltage: 12,
  starting: 'electric',
  clutch: null,
};

export const scenarios = histories.map(({ archetype, bike, job }) => ({
  bike: bikeOf({ ...nothing, archetype, ...bike }),
  job: jobOf(job),
}));

/** How many of a family's bikes fall to one scenario. */
export const share = (bikes: number, s: number): number => Math.floor(bikes / scenarios.length) + (s < bikes % scenarios.length ? 1 : 0);
