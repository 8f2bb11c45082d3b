export { debrisVerdict, type Debris, type DebrisFamily, type EngineParts } from './debris';
export { fillPlan } from './fill';
export { correctMix, fuelChange, mixWords, oilFor } from './mix';
export { oilLevelAdvice, oilUse, type OilLevel } from './use';
