export { crankcaseLeak, crankcaseMostPa } from './crankcase';
export { layerMm, openShare } from './port';
export { degreesAt, meanPistonSpeed, pistonMm, portOpenDegrees, portOpensAtMm } from './slider';
export { chamberCm3, compressionRatio, squishMm, sweptCm3 } from './volume';
