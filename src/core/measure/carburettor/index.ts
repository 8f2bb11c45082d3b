export { balanceAdvice, screwsFor, settled } from './balance';
export { areaChange, holeMm2, jetForDensity, nearestJet, needleAt, needleLiftMm, needleMm2 } from './jets';
