export { batteryState, crankingState, type BatteryKind } from './battery';
export { chargingBandV, chargingVerdict, phasesVerdict } from './charging';
export { daysUntilFlat, leadMostV, starterVerdict, type StarterFault } from './drain';
export { dropVerdict, segmentsBetween, type Segment } from './drop';
