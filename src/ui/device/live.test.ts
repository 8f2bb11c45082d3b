import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Bus } from './bus';
import { holdLine } from './live';
import type { News } from './types';

/** A stream that the test speaks into. */
class FakeSource extends EventTarget {
  static made: FakeSource[] = [];
  static readonly CLOSED = 2;
  readyState = 0;
  onopen: (() => void) | null = null;
  onerror: (() => void) | null = null;
  constructor(readonly url: string) {
    super();
    FakeSource.made.push(this);
  }
  close(): void {
    this.readyState = 2;
  }
  open(): void {
    this.readyState = 1;
    this.onopen?.();
  }
  entry(seq: number): void {
    this.dispatchEvent(new MessageEvent('entry', { data: JSON.stringify({ seq }) }));
  }
}
const last = () => FakeSource.made.at(-1)!;

let n = 0;
let stop: () => void;
const hold = (lastHeard = 0) => {
  const bus = new Bus(`live-${n++}`);
  const news: News[] = [];
  bus.subscribe((x) => news.push(x));
  stop = holdLine(bus, `shop-${n}`, () => lastHeard);
  return news;
};
beforeEach(() => {
  vi.useFakeTimers();
  FakeSource.made = [];
  vi.stubGlobal('EventSource', FakeSource);
});
afterEach(() => {
  stop();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('the open line', () => {
  it('begins after what was heard, tells that it is up, and has what was missed fetched', () => {
    const news = hold(41);
    expect(last().url).toBe(`/api/live?shop=shop-${n}&after=41`);
    last().open();
    expect(news).toEqual([{ kind: 'line', line: 'up' }, { kind: 'catchUp' }]);
    last().entry(42);
    expect(news.at(-1)).toEqual({ kind: 'entries', entries: [{ seq: 42 }] });
  });

  it('tells a cut; what the browser mends itself is left to it', () => {
    const news = hold();
    last().open();
    last().readyState = 0;
    last().onerror?.();
    expect(news.at(-1)).toEqual({ kind: 'line', line: 'cut' });
    vi.advanceTimersByTime(10_000);
    expect(FakeSource.made).toHaveLength(1);
  });

  it('tries anew where the browser has given up, after the last number that it heard', () => {
    hold(3);
    last().open();
    last().entry(9);
    last().readyState = FakeSource.CLOSED;
    last().onerror?.();
    expect(FakeSource.made).toHaveLength(1);
    vi.advanceTimersByTime(2000);
    expect(FakeSource.made).toHaveLength(2);
    expect(last().url).toBe(`/api/live?shop=shop-${n}&after=9`);
  });

  it('silence for longer than two beats is a dead line: a new one is laid; a beat keeps it', () => {
    hold();
    last().open();
    for (let i = 0; i < 5; i++) {
      vi.advanceTimersByTime(15_000);
      last().dispatchEvent(new Event('beat'));
    }
    expect(FakeSource.made).toHaveLength(1);
    vi.advanceTimersByTime(41_000);
    expect(FakeSource.made).toHaveLength(2);
  });

  it('after a sleep what was missed is fetched', () => {
    const news = hold();
    last().open();
    news.length = 0;
    document.dispatchEvent(new Event('visibilitychange'));
    expect(news).toEqual([{ kind: 'catchUp' }]);
  });

  it('is let go with the screen', () => {
    const news = hold();
    last().open();
    stop();
    expect(last().readyState).toBe(FakeSource.CLOSED);
    news.length = 0;
    document.dispatchEvent(new Event('visibilitychange'));
    vi.advanceTimersByTime(100_000);
    expect(FakeSource.made).toHaveLength(1);
    expect(news).toEqual([]);
  });
});
