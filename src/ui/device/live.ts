import type { Heard } from '../../core/state';
import { call, isElsewhere } from './client';
import type { Bus } from './bus';
import type { Connection } from './types';

/** Longer than two beats of the server without a word: the line is dead, though nobody said so. */
const silenceMs = 40_000;

/** How this browser stands to a workshop, asked outright: a stream that is refused cannot say why. */
async function howItStands(shopId: string): Promise<Connection> {
  const answer = await call('GET /api/session', { shopId });
  if (answer.ok) return 'up';
  if (answer.status === 401) return 'away';
  return isElsewhere(answer) ? 'elsewhere' : 'cut';
}

/**
 * The one open line of this browser over which the server tells what is new. One tab holds it and tells the others; when
 * that tab is closed, another takes it up.
 */
export function holdLine(bus: Bus, shopId: string, lastHeard: () => number): () => void {
  let source: EventSource | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let seen = 0;
  const closed = new AbortController();

  const open = () => {
    if (closed.signal.aborted) return;
    source?.close();
    source = new EventSource(`/api/live?shop=${shopId}&after=${Math.max(seen, lastHeard())}`);
    const word = () => {
      clearTimeout(timer);
      timer = setTimeout(open, silenceMs);
    };
    source.onopen = () => {
      word();
      bus.tell({ kind: 'line', line: 'up' });
      bus.tell({ kind: 'catchUp' });
    };
    source.addEventListener('beat', word);
    source.addEventListener('entry', ({ data }: MessageEvent<string>) => {
      word();
      const entry = JSON.parse(data) as Heard;
      seen = Math.max(seen, entry.seq);
      bus.tell({ kind: 'entries', entries: [entry] });
    });
    source.onerror = () => {
      // The browser gives up for good on an answer that is no stream (a server that is just starting, one that lets this device
      // in no more); so ask why, and try anew.
      if (source?.readyState !== EventSource.CLOSED) return bus.tell({ kind: 'line', line: 'cut' });
      clearTimeout(timer);
      timer = setTimeout(open, 2000);
      void howItStands(shopId).then((line) => !closed.signal.aborted && line !== 'up' && bus.tell({ kind: 'line', line }));
    };
  };
  const wake = () => {
    if (document.visibilityState === 'visible' && source) bus.tell({ kind: 'catchUp' });
  };
  const hold = () =>
    new Promise<void>((done) => {
      open();
      addEventListener('online', open);
      document.addEventListener('visibilitychange', wake);
      closed.signal.addEventListener('abort', () => {
        clearTimeout(timer);
        source?.close();
        removeEventListener('online', open);
        document.removeEventListener('visibilitychange', wake);
        done();
      });
    });
  if (typeof EventSource !== 'undefined') {
    if (navigator.locks) void navigator.locks.request(`ivrek-live-${shopId}`, { signal: closed.signal }, hold).catch(() => undefined);
    else void hold();
  }
  return () => closed.abort();
}
