export { advanceAtFault, advanceVerdict, allowedAt, type AdvancePoint } from './advance';
export { at20, atTemperature, hotRise, primaryA, primaryReachedA, windingC } from './coil';
export { dwellShare, gapFor, timingShiftCrank } from './points';
