export { boreDecision, boreShape, nextOversize, ringGapInMm, type BoreAct, type BoreQuestion, type BoreSurface, type Liner } from './bore';
