export { assign, never } from './assign';
export { aimMm, feeler, screwTurns, type Aim, type ClearanceBand } from './clearance';
export { decompressorTrap, layouts, settingPositions } from './position';
export { shimmedValve, shimPlan, type ShimmedValve, type ShimMove, type Stock } from './shims';
export { camTiming, sprocketError } from './timing';
