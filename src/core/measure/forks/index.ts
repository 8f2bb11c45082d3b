export { gapAfterMm, legsAlike, oilForGapMl, sagVerdict, usualSag } from './fork';
