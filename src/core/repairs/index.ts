export { Epochs, type Epoch } from './epochs';
export { lastRepairId, repairOf, repairsInOrder, repairsUpTo } from './order';
