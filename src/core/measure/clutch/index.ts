export { atClutchNm, capacityNm, meanRadiusMm, plateWords, slipVerdict, stackLoss, wetFriction, type FrictionSurface } from './capacity';
export { orderVerdict, plateNames, type Plate } from './order';
