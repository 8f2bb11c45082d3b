/** What a degree wheel showed, in crank degrees; negative where an event lies on the other side of its dead centre. */
export interface CamEvents {
  /** Inlet opens, degrees before top dead centre. */
  inletOpens: number;
  /** Inlet closes, degrees after bottom dead centre. */
  inletCloses: number;
  /** Exhaust opens, degrees before bottom dead centre. */
  exhaustOpens: number;
  /** Exhaust closes, degrees after top dead centre. */
  exhaustCloses: number;
}

export interface CamTiming {
  inletDuration: number;
  exhaustDuration: number;
  /** Degrees after top dead centre. */
  inletCentre: number;
  /** Degrees before top dead centre. */
  exhaustCentre: number;
  overlap: number;
  /** Between the lobes, in cam degrees. */
  separation: number;
}

/**
 * Durations, lobe centres and overlap from the four events (geometry: the lobe's middle lies half way between opening and
 * closing, exact for symmetrical lobes). All in crank degrees but the separation.
 */
export function camTiming({ inletOpens, inletCloses, exhaustOpens, exhaustCloses }: CamEvents): CamTiming {
  const inletDuration = inletOpens + 180 + inletCloses;
  const exhaustDuration = exhaustOpens + 180 + exhaustCloses;
  const inletCentre = inletDuration / 2 - inletOpens;
  const exhaustCentre = exhaustDuration / 2 - exhaustCloses;
  return {
    inletDuration,
    exhaustDuration,
    inletCentre,
    exhaustCentre,
    overlap: inletOpens + exhaustCloses,
    separation: (inletCentre + exhaustCentre) / 2,
  };
}

/** A cam against the manual: how late it is, and in teeth of its sprocket. */
export interface SprocketError {
  /** Crank degrees; positive is late (retarded). */
  lateDegrees: number;
  /** The same in teeth of the cam's sprocket. */
  teeth: number;
  /** Whole teeth it is most likely out by; what is left over is chain, wear or reading. */
  wholeTeeth: number;
  restDegrees: number;
}

/**
 * How far a cam is out, in teeth: one tooth of a cam sprocket of z teeth is 720/z crank degrees. `centre` and `bookCentre` are lobe centres
 * after top dead centre for an inlet, before it for an exhaust cam.
 *
 * @throws {RangeError} for fewer than 8 teeth
 */
export function sprocketError(side: 'inlet' | 'exhaust', centre: number, bookCentre: number, camTeeth: number): SprocketError {
  if (!(camTeeth >= 8)) throw new RangeError('a cam sprocket has at least 8 teeth');
  const lateDegrees = side === 'inlet' ? centre - bookCentre : bookCentre - centre;
  const tooth = 720 / camTeeth;
  const teeth = lateDegrees / tooth;
  const wholeTeeth = Math.round(teeth) + 0;
  return { lateDegrees, teeth, wholeTeeth, restDegrees: lateDegrees - wholeTeeth * tooth };
}
