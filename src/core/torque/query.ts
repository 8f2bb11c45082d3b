import { fromSi, sameKind, toSi } from '../quantity';
import { parseThread, tighteningTorqueNm } from './thread';

/**
 * Asks back where a torque is impossible for the thread: over what the strongest usual screw (12.9, dry) could take, or
 * under a twentieth of what an 8.8 wants. Says which unit may have been meant. Null if nothing speaks against it.
 */
export function queryTorque(threadText: string, figureNm: number, unitId: string): string | null {
  const thread = parseThread(threadText);
  if (!thread) return null;
  let most: number;
  let usual: number;
  try {
    most = tighteningTorqueNm(thread, 0.16, 1100);
    usual = tighteningTorqueNm(thread, 0.12, 640);
  } catch {
    return null;
  }
  const least = usual / 20;
  if (figureNm >= least && figureNm <= most) return null;
  const value = fromSi(figureNm, unitId);
  const meant = sameKind(unitId).find((u) => u !== unitId && toSi(value, u) >= usual / 6 && toSi(value, u) <= usual * 1.3);
  const what =
    figureNm > most
      ? `would break any M${thread.diameterMm} (an 8.8 takes about ${usual.toFixed(0)} N·m)`
      : `is next to nothing for an M${thread.diameterMm} (an 8.8 takes about ${usual.toFixed(0)} N·m)`;
  return `This ${what}.${meant ? ` Did you mean ${Number(value.toFixed(1))} ${meant}?` : ' Look at the book again.'}`;
}
