import type { StartAttempt } from '../state';

/** What a row of tries to start says. Common practice throughout. */
export interface StartAdvice {
  kind: 'flooded' | 'battery' | 'rest' | 'choke';
  says: string;
}

/** Kicks, or seconds of cranking counted as a kick each, on full choke without a run, after which it is wet inside. */
const wetAfter = 12;
/** A battery that sinks by so much between tries is spent by them. */
const sinksBy = 0.5;
/** A starter is held no longer than this, and rests a minute. */
const longestS = 10;
const restS = 60;

const effort = (a: StartAttempt): number => (a.kicks ?? 0) + (a.seconds ?? 0);
const fired = (a: StartAttempt) => a.did === 'ran' || a.did === 'ran and died';

/**
 * Works out from the tries, in any order, what the next one needs: an engine that was choked too long is wet, a battery that
 * sinks is charged before more, a starter rests. `electric` is whether there is a starter that can be burnt out.
 * @param attempts tries, oldest first
 * @param electric whether there is a starter motor
 * @returns what to do before and at the next try, each with its reason
 */
export function startAdvice(attempts: readonly StartAttempt[], { electric }: { electric: boolean }): StartAdvice[] {
  const inOrder = [...attempts].sort((a, b) => (a.madeAt < b.madeAt ? -1 : 1));
  const lastRun = inOrder.findLastIndex(fired);
  const since = inOrder.slice(lastRun + 1);
  const advice: StartAdvice[] = [];
  const choked = since.filter((a) => a.choke === 'full').reduce((sum, a) => sum + effort(a), 0);
  const opened = since.findLastIndex((a) => a.throttle === 'open' && a.choke !== 'full');
  const wet = since.slice(opened + 1).some((a) => a.choke === 'full');
  if (choked >= wetAfter && wet)
    advice.push({
      kind: 'flooded',
      says: `Likely flooded: ${Math.round(choked)} tries on full choke. Choke off, throttle wide open, then dry the plugs.`,
    });
  const volts = since.flatMap((a) => (a.volts === null ? [] : [a.volts]));
  if (volts.length > 1 && volts[0] - volts[volts.length - 1] >= sinksBy)
    advice.push({
      kind: 'battery',
      says: `The battery sinks: ${volts[0]} V, now ${volts[volts.length - 1]} V. Charge it before more cranking; results taken now count for less.`,
    });
  const last = since[since.length - 1];
  const before = since[since.length - 2];
  if (electric && last?.seconds) {
    const gapS = before?.seconds ? (Date.parse(last.madeAt) - Date.parse(before.madeAt)) / 1000 : Infinity;
    if (last.seconds > longestS || gapS < restS) advice.push({ kind: 'rest', says: 'Rest the starter: ten seconds on, a minute off.' });
  }
  const none = since.filter((a) => a.choke === 'off' && a.did === 'nothing');
  if (since.length >= 3 && none.length === since.length)
    advice.push({ kind: 'choke', says: 'Every try was without choke. A cold engine wants it, for a few kicks.' });
  return advice;
}
