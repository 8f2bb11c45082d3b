import { spawn, type ChildProcess } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { request as plainRequest, type IncomingMessage } from 'node:http';
import { request as secureRequest } from 'node:https';
import { resolve } from 'node:path';
import { freePort } from '../../launcher/run.mjs';

export interface Answer {
  status: number;
  headers: IncomingMessage['headers'];
  text: string;
  ms: number;
}

export interface Ask {
  method?: string;
  headers?: Record<string, string>;
  body?: string | Uint8Array;
  /** Give up after so long; the answer is then status 0. */
  patienceMs?: number;
}

/** Ivrek as a person starts it, with both doors, on data and ports of its own, on loopback only. */
export class AttackStand {
  readonly base: string;
  port = 0;
  lanPort = 0;
  said = '';
  child: ChildProcess | undefined;

  constructor(
    folder: string,
    private readonly env: Record<string, string> = {},
  ) {
    this.base = resolve(folder);
  }

  environment(): NodeJS.ProcessEnv {
    return {
      ...process.env,
      IVREK_DATA: this.base,
      IVREK_PORT: String(this.port),
      IVREK_LAN_PORT: String(this.lanPort),
      IVREK_LOG: 'silent',
      ...this.env,
    };
  }

  async prepare(): Promise<void> {
    rmSync(this.base, { recursive: true, force: true });
    mkdirSync(this.base, { recursive: true });
    this.port = (await freePort(5380)) as number;
    this.lanPort = (await freePort(this.port + 1)) as number;
  }

  /** Starts it and waits until it says that it is ready, or ends. Answers what it said. */
  async start(args: readonly string[] = ['--lan', '--no-demo']): Promise<{ ready: boolean; said: string; code: number | null }> {
    const run = this.launch(args);
    this.child = run.child;
    return run.settled;
  }

  /** One more start beside whatever runs. */
  launch(args: readonly string[]) {
    const child = spawn('node', ['launcher/main.mjs', 'start', ...args], { env: this.environment(), stdio: ['ignore', 'pipe', 'pipe'] });
    let said = '';
    const settled = new Promise<{ ready: boolean; said: string; code: number | null }>((done) => {
      const hear = (text: Buffer) => {
        said += text.toString();
        this.said += text.toString();
        if (said.includes('Ivrek is ready') || said.includes('already running at')) done({ ready: true, said, code: null });
      };
      child.stdout.on('data', hear);
      child.stderr.on('data', hear);
      child.on('exit', (code) => done({ ready: said.includes('Ivrek is ready'), said, code }));
    });
    return { child, settled };
  }

  note(): { launcher: { pid: number }; server: { pid: number }; lan?: { pid: number } } {
    return JSON.parse(readFileSync(`${this.base}/running.json`, 'utf8')) as ReturnType<AttackStand['note']>;
  }

  postmaster(): number {
    const where = (() => {
      try {
        return readFileSync(`${this.base}/where`, 'utf8').trim();
      } catch {
        return `${this.base}/pg`;
      }
    })();
    return Number(readFileSync(`${where}/postmaster.pid`, 'utf8').split('\n')[0]);
  }

  get home(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** A request as it is: its path is not made nicer on the way. */
  ask(door: 'home' | 'lan', path: string, { method = 'GET', headers = {}, body, patienceMs = 30_000 }: Ask = {}): Promise<Answer> {
    const began = performance.now();
    const origin = door === 'lan' ? `https://127.0.0.1:${this.lanPort}` : this.home;
    const options = {
      host: '127.0.0.1',
      port: door === 'lan' ? this.lanPort : this.port,
      path,
      method,
      agent: false as const,
      headers: {
        ...(method !== 'GET' && method !== 'HEAD' && { origin }),
        ...(body !== undefined && { 'content-length': String(Buffer.byteLength(body)) }),
        ...headers,
      },
      ...(door === 'lan' && { ca: readFileSync(`${this.base}/lan/ca.crt`) }),
    };
    return new Promise((done) => {
      const end = (status: number, answer: Partial<Answer> = {}) =>
        done({ status, headers: {}, text: '', ms: performance.now() - began, ...answer });
      const r = (door === 'lan' ? secureRequest : plainRequest)(options, (answer) => {
        let text = '';
        answer.setEncoding('utf8').on('data', (t: string) => {
          // A stream has no end; that it began is enough.
          if (text.length < 200_000) text += t;
          if (answer.headers['content-type'] === 'text/event-stream') {
            r.destroy();
            end(answer.statusCode!, { headers: answer.headers, text });
          }
        });
        answer.on('end', () => end(answer.statusCode!, { headers: answer.headers, text }));
        answer.on('error', () => end(0));
      });
      r.setTimeout(patienceMs, () => r.destroy());
      r.on('error', () => end(0));
      if (body !== undefined) r.write(body);
      r.end();
    });
  }

  async stop(): Promise<void> {
    const { child } = this;
    if (child && child.exitCode === null && child.signalCode === null) {
      const ended = new Promise((r) => child.once('exit', r));
      child.kill('SIGTERM');
      await ended;
    }
  }

  async end(): Promise<void> {
    await this.stop();
    const left = spawn('node', ['launcher/main.mjs', 'stop'], { env: this.environment(), stdio: 'ignore' });
    await new Promise((r) => left.once('exit', r));
    rmSync(this.base, { recursive: true, force: true });
  }
}

/** Waits until something is so; false if it never was. */
export async function until(so: () => Promise<boolean>, patienceMs = 30_000): Promise<boolean> {
  for (const end = Date.now() + patienceMs; Date.now() < end;) {
    if (await so()) return true;
    await new Promise((r) => setTimeout(r, 100));
  }
  return false;
}
