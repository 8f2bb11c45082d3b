import { fromSi, sameKind, toSi } from '../quantity';
import { parseThread, threadName, tighteningTorqueNm } from './thread';

/** Above this share of an 8.8 at its tightest friction a figure is asked back: threads in cases are seldom stronger. */
const strongShare = 1.2;

/**
 * Asks back where a torque is impossible for the thread: over what the usual class takes (8.8; more so over what a 12.9 takes dry), or
 * under a twentieth of what an 8.8 wants. Says which unit may have been meant. Null if nothing speaks against it.
 * @param threadText the thread as it was typed
 * @param figureNm N·m
 * @param unitId unit to answer in
 * @returns a question, or null where the figure may be
 */
export function queryTorque(threadText: string, figureNm: number, unitId: string): string | null {
  const thread = parseThread(threadText);
  if (!thread) return null;
  let most: number;
  let usual: number;
  let strong: number;
  try {
    most = tighteningTorqueNm(thread, 0.16, 1100);
    usual = tighteningTorqueNm(thread, 0.12, 640);
    strong = tighteningTorqueNm(thread, 0.14, 640) * strongShare;
  } catch {
    return null;
  }
  const least = usual / 20;
  if (figureNm >= least && figureNm <= strong) return null;
  const value = fromSi(figureNm, unitId);
  const meant = sameKind(unitId).find((u) => u !== unitId && toSi(value, u) >= usual / 6 && toSi(value, u) <= usual * 1.3);
  const what =
    figureNm > strong && figureNm <= most
      ? `is over what the usual class (8.8) of a ${threadName(thread)} takes (about ${usual.toFixed(0)} N·m): only a stronger screw in a sound thread stands it`
      : figureNm > most
        ? `would break any ${threadName(thread)} (an 8.8 takes about ${usual.toFixed(0)} N·m)`
        : `is next to nothing for a ${threadName(thread)} (an 8.8 takes about ${usual.toFixed(0)} N·m)`;
  return `This ${what}.${meant ? ` Did you mean ${Number(value.toFixed(1))} ${meant}?` : ' Look at the manual again.'}`;
}
