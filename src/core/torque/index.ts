export { parseThread, proofLoadKn, proofNmm2, stressAreaMm2, threadName, tighteningTorqueNm } from './thread';
export { queryTorque } from './query';
export { parseStages } from './stages';
export { crowfootSettingNm, settingsWithin, wrenchDeviation } from './wrench';
