import type { Hello, Message, Sample, Turned } from '../types';

/** An instrument that ships: it behaves like the real thing on a hidden bike. Time is given to it; it has no clock. */
export interface Simulator {
  hello: Hello;
  /** What it shows at a time, in seconds since hello. */
  read(t: number): Sample[];
  turn(x: Turned, t: number): void;
}

/** So many readings a second. */
export const rate = 20;

/** Normal noise from two chances (Box and Muller 1958). */
export const noise = (random: () => number, sigma: number): number =>
  sigma * Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/** A sample as the instrument shows it: rounded to its step, and no further than its scale goes. */
export function shown(t: number, channel: string, value: number, step: number, scale: readonly [number, number], settled = false): Sample {
  if (value > scale[1]) return { t, channel, value: null, over: 'high', settled: false };
  if (value < scale[0]) return { t, channel, value: null, over: 'low', settled: false };
  return { t, channel, value: Math.round(value / step) * step, over: null, settled };
}

/** Everything that a simulator says in the first `seconds`, as a recording. */
export function record(s: Simulator, seconds: number, turned: readonly { at: number; turned: Turned }[] = []): Message[] {
  const out: Message[] = [{ kind: 'hello', hello: s.hello }];
  const waiting = [...turned];
  for (let i = 0; i <= seconds * rate; i++) {
    const t = i / rate;
    while (waiting.length && waiting[0].at <= t) {
      const next = waiting.shift()!;
      s.turn(next.turned, t);
      out.push({ kind: 'turned', turned: next.turned });
    }
    for (const sample of s.read(t)) out.push({ kind: 'sample', sample });
  }
  return out;
}
