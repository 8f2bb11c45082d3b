/**
 * Tension in N of a belt that is set by a torque on a pivoting unit: the torque turns the unit about its pivot, the arm pulls
 * at both runs of the belt. T = torque / (arm × 2 × sine of the angle between arm and belt). Statics, derived.
 */
export function beltTensionN(torqueNm: number, armMm: number, angleDegrees = 90): number {
  if (!(armMm > 0) || angleDegrees <= 0 || angleDegrees >= 180) throw new RangeError('arm and angle have to pull at the belt');
  return torqueNm / ((armMm / 1000) * 2 * Math.sin((angleDegrees * Math.PI) / 180));
}
