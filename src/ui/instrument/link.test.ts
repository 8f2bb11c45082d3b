import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { writeLine, type Message } from '../../core/instrument';
import { chances, hiddenBike, record, simulators } from '../../core/instrument/simulate';
import { InstrumentLink } from './link';

const bike = hiddenBike(chances(5), { cylinders: 2, strokes: 'four', voltage: 12 });
const { hello } = simulators.vacuum(bike, chances(5));
const helloLine = writeLine({ kind: 'hello', hello });
const sample = (t: number, value: number): Message => ({ kind: 'sample', sample: { t, channel: '1', value, over: null, settled: false } });

/** What stands in for the worker or the socket: what it was sent, and a way to let it speak. */
class Far {
  static last: Far;
  static readonly OPEN = 1;
  readyState = 1;
  readonly got: unknown[] = [];
  onmessage?: (e: { data: unknown }) => void;
  onerror?: () => void;
  onclose?: () => void;
  ended = false;
  constructor(readonly where: unknown) {
    if (where === 'nonsense') throw new SyntaxError('no address');
    Far.last = this;
  }
  postMessage(x: unknown) {
    this.got.push(x);
  }
  send(x: unknown) {
    this.got.push(x);
  }
  terminate() {
    this.ended = true;
  }
  close() {
    this.ended = true;
  }
  says(...lines: string[]) {
    for (const data of lines) this.onmessage?.({ data });
  }
}

let frames: (() => void)[];
const frame = () => frames.splice(0).forEach((f) => f());
beforeEach(() => {
  frames = [];
  vi.stubGlobal('Worker', Far);
  vi.stubGlobal('WebSocket', Far);
  vi.stubGlobal('requestAnimationFrame', (f: () => void) => frames.push(f));
  vi.stubGlobal('cancelAnimationFrame', () => undefined);
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

const simulated = () =>
  new InstrumentLink({ kind: 'simulated', start: { start: 'vacuum', seed: 1, cylinders: 2, strokes: 'four', voltage: 12 } });

describe('an instrument that is listened to', () => {
  it('tells the screen once a frame, however fast it talks', () => {
    const link = simulated();
    const told = vi.fn();
    link.subscribe(told);
    Far.last.says(helloLine, ...Array.from({ length: 50 }, (_x, i) => writeLine(sample(i / 20, 20 + i))));
    expect(told).not.toHaveBeenCalled();
    frame();
    expect(told).toHaveBeenCalledTimes(1);
    expect(link.get().live.channels.get('1')?.last.value).toBe(69);
    link.close();
    expect(Far.last.ended).toBe(true);
  });

  it('sends what is done at a control, and remembers where a choice stands', () => {
    const link = simulated();
    link.turn({ control: '1-2', option: null, turns: 0.125 });
    link.turn({ control: 'oil', option: null, turns: null });
    link.turn({ control: 'depth', option: 'bottom', turns: null });
    expect(Far.last.got.slice(1)).toEqual([
      '{"control":"1-2","turns":0.125}',
      '{"control":"oil"}',
      '{"control":"depth","option":"bottom"}',
    ]);
    frame();
    expect(link.get().controls).toEqual({ oil: 'pressed', depth: 'bottom' });
    // Another cylinder: what was done to the last one is not done to this.
    link.turn({ control: 'cylinder', option: '2', turns: null });
    frame();
    expect(link.get().controls).toEqual({ cylinder: '2' });
  });

  it('says what is wrong with a line and goes on with the next', () => {
    const link = simulated();
    Far.last.says(helloLine, '{"t":', writeLine(sample(1, 20)));
    frame();
    expect(link.get().problem).toBeNull();
    expect(link.get().live.channels.get('1')?.last.value).toBe(20);
    Far.last.says('{"t":1}');
    frame();
    expect(link.get().problem).toMatch(/channel/);
    expect(link.get().live.channels.get('1')?.last.value).toBe(20);
    Far.last.onerror?.();
    frame();
    expect(link.get().problem).toMatch(/could not be started/);
  });

  it('keeps its recording, which begins with hello however long it ran', () => {
    const link = simulated();
    Far.last.says(helloLine, writeLine(sample(0, 1)));
    link.turn({ control: 'blip', option: null, turns: null });
    expect(link.recording()).toBe(`${helloLine}\n${writeLine(sample(0, 1))}\n{"control":"blip"}\n`);
    const line = writeLine(sample(1, 2));
    Far.last.says(...Array.from({ length: 120_000 }, () => line));
    const lines = link.recording().trimEnd().split('\n');
    expect(lines[0]).toBe(helloLine);
    expect(lines.length).toBeLessThan(101_000);
    expect(lines.length).toBeGreaterThan(50_000);
  });
});

describe('a recording', () => {
  it('plays at its own speed and then is silent', () => {
    vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'performance'] });
    const messages = record(simulators.vacuum(bike, chances(5)), 1);
    const link = new InstrumentLink({ kind: 'recording', name: 'x', messages });
    vi.advanceTimersByTime(500);
    frame();
    const half = link.get().live.channels.get('1')!.last.t;
    expect(half).toBeGreaterThan(0.3);
    expect(half).toBeLessThan(0.6);
    expect(link.get().live.ended).toBe(false);
    vi.advanceTimersByTime(700);
    frame();
    expect(link.get().live.channels.get('1')!.last.t).toBe(1);
    expect(link.get().live.ended).toBe(true);
  });
});

describe('a real one behind its bridge', () => {
  it('may send several lines at once, and is silent when its bridge goes', () => {
    const link = new InstrumentLink({ kind: 'socket', url: 'ws://127.0.0.1:4695' });
    Far.last.says(`${helloLine}\n${writeLine(sample(0.1, 21))}\n\n`);
    link.turn({ control: 'blip', option: null, turns: null });
    frame();
    expect(link.get().live.hello?.name).toBe('Vacuum columns');
    expect(Far.last.got).toEqual(['{"control":"blip"}']);
    Far.last.onclose?.();
    frame();
    expect(link.get().live.ended).toBe(true);
  });

  it('that does not answer, or has no address, is said in words', () => {
    const silent = new InstrumentLink({ kind: 'socket', url: 'ws://127.0.0.1:1' });
    Far.last.onerror?.();
    frame();
    expect(silent.get().problem).toMatch(/Is its bridge running/);
    const none = new InstrumentLink({ kind: 'socket', url: 'nonsense' });
    frame();
    expect(none.get().problem).toMatch(/not an address/);
  });
});
