export { beltTensionN } from './belt';
export { chainWear, pitchMm, ratioOf, revsAt, teethWords } from './chain';
