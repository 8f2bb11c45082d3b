/** Volts at the battery against revs, and what that says. */
export interface ChargingPoint {
  rpm: number;
  volts: number;
}

export type ChargingState = 'charges' | 'does not charge' | 'weak' | 'overcharges' | 'too few';

export interface ChargingVerdict {
  state: ChargingState;
  highestV: number;
  words: string;
}

/** Common practice for 12 V: a regulator holds 13.8 to 14.8 V; over 15 boils the battery. Half of it for 6 V. */
export const chargingBandV = { low: 13.8, high: 14.8, most: 15 };

/** Whether it charges: what it reaches against the band, and whether it rises at all over the voltage at rest. */
export function chargingVerdict(
  restV: number,
  points: readonly ChargingPoint[],
  systemV = 12,
  own: { low: number | null; high: number | null } | null = null,
): ChargingVerdict {
  const scale = systemV / 12;
  // The bike's own limits win over the general band; without an upper one the general one stands.
  const low = own?.low ?? chargingBandV.low * scale;
  const most = own ? (own.high ?? Math.max(chargingBandV.most * scale, low)) : chargingBandV.most * scale;
  if (points.length === 0) return { state: 'too few', highestV: NaN, words: 'Nothing measured yet.' };
  const highestV = Math.max(...points.map((p) => p.volts));
  const at = points.find((p) => p.volts === highestV)!.rpm;
  const said = (state: ChargingState, words: string): ChargingVerdict => ({ state, highestV, words });
  if (highestV > most)
    return said('overcharges', 'Overcharges: regulator, or its earth, or its sense wire. Stop before the battery boils.');
  if (highestV >= low) return said('charges', `Charges: ${highestV.toFixed(1)} V at ${at} a minute.`);
  if (points.length < 2) return said('too few', 'Under the band at one speed: take it at some revs as well.');
  if (highestV < restV + 0.2 * scale)
    return said(
      'does not charge',
      'Does not charge: no rise over the voltage at rest. Alternator phases first, then the rectifier, then the wire between.',
    );
  return said('weak', 'Rises, but stays under the band: a phase or a diode missing, a poor joint on the way, or too many lamps.');
}

/** Three windings of an alternator, measured the same way: ohm or volts AC. */
export function phasesVerdict(values: readonly number[], leaks: boolean): { share: number; even: boolean; words: string } {
  const high = Math.max(...values);
  const share = high > 0 ? (high - Math.min(...values)) / high : 0;
  // Common practice: phases agree within a tenth.
  const even = values.length > 1 && share <= 0.1;
  if (leaks)
    return { share, even, words: 'A winding leaks to earth: none may. The stator is worn out, or a wire is chafed on the way out.' };
  return {
    share,
    even,
    words: even
      ? 'The phases agree, and none leaks.'
      : `The phases differ by ${Math.round(share * 100)} %: one is open or shorted, or its plug is burnt.`,
  };
}
