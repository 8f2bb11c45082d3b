import type { Bike, Job } from './rows';

/** What a bike has before anything is filled in. */
export const freshBike: Omit<Bike, 'id' | 'name' | 'versions'> = {
  ownerId: null,
  year: null,
  frameNo: null,
  engineNo: null,
  mileageKm: null,
  strokes: null,
  cylinders: null,
  cooling: null,
  ignition: null,
  fuelling: null,
  decompressor: null,
  voltage: null,
  starting: null,
  clutch: null,
  boreMm: null,
  strokeMm: null,
  compressionRatio: null,
  archetype: null,
  traits: null,
};

/** What a job has before anything is filled in. */
export const freshJob: Omit<Job, 'id' | 'bikeId' | 'openedAt' | 'rate' | 'versions'> = {
  standingMonths: null,
  storage: null,
  fuelLeft: null,
  crash: null,
  ranWhenParked: null,
  lastTouched: null,
  lastTouchedBy: null,
  lastTouchedWhen: null,
  notes: null,
  pinned: null,
  pairings: null,
  counts: null,
  school: 'least-cost',
  handedOverAt: null,
};
