export { limitOfRatio } from './ofRatio';
export { atHeightPa, expectedPeakPa } from './expected';
export { leakLevel, leakShare, leakWords, usualLeak, type HeardAt, type LeakLimits } from './leakDown';
export { compressionVerdict, gainOf, type CompressionLimits, type CrankingConditions, type CylinderPressure } from './verdict';
