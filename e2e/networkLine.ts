import { connect, createServer, type Server, type Socket } from 'node:net';
import { test } from './bench';

/** A line to the server that a test can cut and mend: a relay on a port of its own, for real broken connections. */
export class NetworkLine {
  private server: Server | null = null;
  private readonly sockets = new Set<Socket>();
  private port = 0;

  constructor(private readonly target: URL) {}

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** Lays the line (again, at the same address). */
  async mend(): Promise<void> {
    if (this.server) return;
    const server = createServer((near) => {
      const far = connect(Number(this.target.port), '127.0.0.1');
      for (const s of [near, far]) {
        this.sockets.add(s);
        s.on('error', () => undefined);
        s.on('close', () => {
          this.sockets.delete(s);
          near.destroy();
          far.destroy();
        });
      }
      near.pipe(far).pipe(near);
    });
    await new Promise<void>((done, fail) => {
      server.once('error', fail);
      server.listen(this.port, '127.0.0.1', done);
    });
    this.server = server;
    this.port = (server.address() as { port: number }).port;
  }

  /** Cuts it: what is on its way is lost, and nobody answers there any more. */
  async cut(): Promise<void> {
    const { server } = this;
    this.server = null;
    for (const s of this.sockets) s.destroy();
    if (server) await new Promise<void>((done) => server.close(() => done()));
  }
}

/** A test whose browser reaches the server over a line of its own. */
export const overLine = test.extend<{ line: NetworkLine; baseURL: string }>({
  line: async ({}, use) => {
    const line = new NetworkLine(new URL(process.env.IVREK_URL ?? 'http://127.0.0.1:4680'));
    await line.mend();
    await use(line);
    await line.cut();
  },
  baseURL: async ({ line }, use) => use(line.url),
});
