import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { registerServiceWorker } from './serviceWorker';

class Worker extends EventTarget {
  state = 'installing';
  posted: unknown[] = [];
  postMessage(what: unknown) {
    this.posted.push(what);
  }
  become(state: string) {
    this.state = state;
    this.dispatchEvent(new Event('statechange'));
  }
}

/** As the browser gives it: registrations in turn, and the moment at which a worker is ready. */
function container(registrations: (Error | { installing: Worker | null; active: Worker | null })[]) {
  let ready!: (r: { active: Worker }) => void;
  const whole = {
    asked: 0,
    controller: null as Worker | null,
    ready: new Promise<{ active: Worker }>((r) => (ready = r)),
    register: () => {
      const next = registrations[Math.min(whole.asked++, registrations.length - 1)]!;
      return next instanceof Error ? Promise.reject(next) : Promise.resolve(next);
    },
    isReady: (active: Worker) => ready({ active }),
  };
  return whole;
}
const keep = (c: ReturnType<typeof container>) => registerServiceWorker(c as unknown as ServiceWorkerContainer);

describe('screens on the device', () => {
  beforeEach(() => {
    vi.useFakeTimers();
  });
  afterEach(() => {
    vi.useRealTimers();
  });

  it('tries again after the script could not be fetched, until it is stopped', async () => {
    const c = container([new Error('no line')]);
    const end = keep(c);
    await vi.advanceTimersByTimeAsync(45_000);
    expect(c.asked).toBe(3);
    end();
    await vi.advanceTimersByTimeAsync(100_000);
    expect(c.asked).toBe(3);
  });

  it('tries again when one of the files could not be fetched, and not when an older build still serves', async () => {
    const broken = new Worker();
    const c = container([
      { installing: broken, active: null },
      { installing: null, active: new Worker() },
    ]);
    keep(c);
    await vi.advanceTimersByTimeAsync(0);
    broken.become('redundant');
    await vi.advanceTimersByTimeAsync(100_000);
    expect(c.asked).toBe(2);

    const newer = new Worker();
    const served = container([{ installing: newer, active: new Worker() }]);
    keep(served);
    await vi.advanceTimersByTimeAsync(0);
    newer.become('redundant');
    await vi.advanceTimersByTimeAsync(100_000);
    expect(served.asked).toBe(1);
  });

  it('a page that no worker took over asks for it; one that has its worker does not', async () => {
    for (const controlled of [false, true]) {
      const c = container([{ installing: null, active: null }]);
      const worker = new Worker();
      if (controlled) c.controller = worker;
      keep(c);
      c.isReady(worker);
      await vi.advanceTimersByTimeAsync(0);
      expect(worker.posted).toEqual(controlled ? [] : ['claim']);
    }
  });
});
