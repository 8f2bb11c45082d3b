export { atClutchNm, capacityNm, meanRadiusMm, plateWords, slipVerdict, stackLoss, wetFriction, type FrictionSurface } from './capacity';
export { orderVerdict, plateNames, stackDiffers, stackFrom, stackWords, type Laid, type Plate } from './order';
