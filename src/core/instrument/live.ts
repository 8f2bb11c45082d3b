import type { Hello, Message, Sample } from './types';

/** What is known of one channel now. */
export interface LiveChannel {
  last: Sample;
  /** The last readings that were figures, newest last. */
  recent: readonly number[];
  /** Mean and flutter of them. */
  mean: number;
  flutter: number;
}

export interface Live {
  hello: Hello | null;
  channels: ReadonlyMap<string, LiveChannel>;
  ended: boolean;
}

export const silent: Live = { hello: null, channels: new Map(), ended: false };

/** So many readings make up what a channel settles to: a second of a usual instrument. */
export const settleOver = 20;

/**
 * What is known after one more message. A sample before the hello, or of a channel that was not named, is passed over.
 * @param live what is known so far, left as it is
 * @param m the message that came
 * @returns what is known now
 */
export function heard(live: Live, m: Message): Live {
  switch (m.kind) {
    case 'hello':
      return { hello: m.hello, channels: new Map(), ended: false };
    case 'bye':
      return { ...live, ended: true };
    case 'turned':
      return live;
    case 'sample': {
      const { sample } = m;
      if (!live.hello?.channels.some((c) => c.id === sample.channel)) return live;
      const before = live.channels.get(sample.channel)?.recent ?? [];
      const recent = sample.value === null ? before : [...before.slice(1 - settleOver), sample.value];
      const mean = recent.reduce((a, b) => a + b, 0) / recent.length;
      const flutter = Math.sqrt(recent.reduce((s, x) => s + (x - mean) ** 2, 0) / recent.length);
      return { ...live, channels: new Map(live.channels).set(sample.channel, { last: sample, recent, mean, flutter }) };
    }
  }
}

/**
 * The figure to take from a channel: what the instrument itself calls settled, else the mean of the last second where it
 * flutters more than it resolves. Null where it shows none.
 * @param hello what the instrument said of itself
 * @param c the channel as it stands
 * @returns the figure in the channel's own unit, with the decimals that the instrument resolves
 */
export function figureOf(hello: Hello, c: LiveChannel): { value: number; decimals: number } | null {
  if (c.last.value === null) return null;
  const resolution = hello.channels.find((x) => x.id === c.last.channel)?.resolution ?? 0;
  const value = c.last.settled || c.flutter <= resolution ? c.last.value : c.mean;
  const decimals = resolution > 0 ? Math.max(0, Math.ceil(-Math.log10(resolution) - 1e-9)) : 3;
  return { value: resolution > 0 ? Math.round(value / resolution) * resolution : value, decimals };
}
