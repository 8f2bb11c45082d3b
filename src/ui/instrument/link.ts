import { heard, readLine, silent, writeLine, type Live, type Message, type Turned } from '../../core/instrument';
import type { StartSimulated } from '../../workers/instrument';

export type Source =
  | { kind: 'simulated'; start: StartSimulated }
  | { kind: 'recording'; name: string; messages: readonly Message[] }
  | { kind: 'socket'; url: string };

export interface LinkState {
  live: Live;
  /** What its controls were last set to. */
  controls: Readonly<Record<string, string>>;
  problem: string | null;
}

/** So many lines of a stream are kept for a recording, at the least. */
const mostLines = 50_000;

/** Plays a recording at its own speed. Returns how to stop it. */
function play(messages: readonly Message[], take: (m: Message) => void): () => void {
  let i = 0;
  const began = performance.now();
  const due = () => (performance.now() - began) / 1000;
  const timer = setInterval(() => {
    for (; i < messages.length; i++) {
      const m = messages[i];
      if (m.kind === 'sample' && m.sample.t > due()) return;
      take(m);
    }
    take({ kind: 'bye' });
    clearInterval(timer);
  }, 25);
  return () => clearInterval(timer);
}

/** One instrument that is listened to. Everything that it says comes as lines of the one format, wherever it stands. */
export class InstrumentLink {
  private state: LinkState = { live: silent, controls: {}, problem: null };
  private readonly listeners = new Set<() => void>();
  private readonly said: string[] = [];
  private hello = '';
  private send: (line: string) => void = () => undefined;
  private stop: () => void = () => undefined;
  private frame = 0;
  private next: LinkState = this.state;

  constructor(source: Source) {
    switch (source.kind) {
      case 'simulated': {
        const worker = new Worker(new URL('../../workers/instrument.ts', import.meta.url), { type: 'module' });
        worker.onmessage = (e: MessageEvent<string>) => this.line(e.data);
        worker.onerror = () => this.fail('The simulated instrument could not be started.');
        worker.postMessage(source.start);
        this.send = (line) => worker.postMessage(line);
        this.stop = () => worker.terminate();
        break;
      }
      case 'recording':
        this.stop = play(source.messages, (m) => this.take(m));
        break;
      case 'socket':
        this.socket(source.url);
    }
  }

  get = (): LinkState => this.state;

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Does something at a control: told to the instrument, and remembered for where figures go. */
  turn(turned: Turned): void {
    const line = writeLine({ kind: 'turned', turned });
    this.record(line);
    this.send(line);
    const { control, option, turns } = turned;
    if (turns === null) this.change({ ...this.next, controls: controlsAfter(this.next.controls, control, option) });
  }

  /** Everything that was heard and done so far, as a file in the format. */
  recording(): string {
    const all = this.said[0] === this.hello ? this.said : [this.hello, ...this.said];
    return `${all.join('\n')}\n`;
  }

  close(): void {
    this.stop();
    cancelAnimationFrame(this.frame);
  }

  /** What lies further back than some ten minutes of a fast instrument is let go, so that one left on the bench fills no memory. */
  private record(line: string): void {
    this.said.push(line);
    if (this.said.length > 2 * mostLines) this.said.splice(0, mostLines);
  }

  private socket(url: string): void {
    let socket: WebSocket;
    try {
      socket = new WebSocket(url);
    } catch {
      return this.fail('This is not an address that can be listened to: ws://127.0.0.1:4695, say.');
    }
    socket.onmessage = (e) => typeof e.data === 'string' && e.data.split('\n').forEach((line) => line.trim() && this.line(line));
    socket.onerror = () => this.fail('No instrument answers there. Is its bridge running?');
    socket.onclose = () => this.take({ kind: 'bye' });
    this.send = (line) => socket.readyState === WebSocket.OPEN && socket.send(line);
    this.stop = () => socket.close();
  }

  private line(text: string): void {
    const r = readLine(text);
    if (!r.ok) return this.fail(r.problem);
    if (r.message.kind === 'hello') this.hello = text;
    this.record(text);
    this.take(r.message);
  }

  private take(m: Message): void {
    this.change({ ...this.next, live: heard(this.next.live, m), problem: null });
  }

  private fail(problem: string): void {
    this.change({ ...this.next, problem });
  }

  /** Screens are told once a frame, however fast an instrument talks. */
  private change(next: LinkState): void {
    this.next = next;
    if (this.frame) return;
    this.frame = requestAnimationFrame(() => {
      this.frame = 0;
      this.state = this.next;
      for (const listener of this.listeners) listener();
    });
  }
}

/** A press is remembered until another cylinder is chosen: oil stays in the one it was put into. */
function controlsAfter(before: Readonly<Record<string, string>>, control: string, option: string | null): Readonly<Record<string, string>> {
  if (control === 'cylinder') return { cylinder: option ?? '1' };
  return { ...before, [control]: option ?? 'pressed' };
}
