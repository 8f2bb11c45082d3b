import { mkdirSync, rmSync } from 'node:fs';
import { resolve } from 'node:path';
import { startCluster } from '../../launcher/cluster.mjs';
import { postgresBin } from '../../launcher/packages.mjs';
import { alive, freePort } from '../../launcher/run.mjs';
import { migrate } from '../../launcher/migrate.mjs';
import { startServer } from '../../launcher/serve.mjs';

interface Cluster {
  pid: number;
  appUrl(db?: string): string;
  stop(): void;
}
interface Server {
  url: string;
  child: { pid: number; exitCode: number | null; signalCode: string | null };
  ended: Promise<number>;
  stop(): Promise<void>;
}

/** The built server and a PostgreSQL with its real settings, both of which can be killed at any moment and come back. */
export class Stand {
  private cluster!: Cluster;
  private server!: Server;
  private port = 0;
  private readonly base: string;

  constructor(folder: string) {
    this.base = resolve(folder);
  }

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  appUrl(db = 'ivrek'): string {
    return this.cluster.appUrl(db);
  }

  async start(): Promise<void> {
    rmSync(this.base, { recursive: true, force: true });
    mkdirSync(this.base, { recursive: true });
    this.cluster = (await startCluster(postgresBin()!, this.base, { firstPort: 53680 })) as Cluster;
    await this.database('ivrek');
    this.port = (await freePort(5280)) as number;
    await this.serve();
  }

  database(name: string): Promise<void> {
    return migrate(this.cluster, name, this.base);
  }

  private async serve(): Promise<void> {
    this.server = (await startServer(this.cluster, 'ivrek', this.port)) as unknown as Server;
  }

  killServer(): void {
    process.kill(-this.server.child.pid, 'SIGKILL');
  }

  async serverBack(): Promise<void> {
    await this.server.ended;
    await this.serve();
  }

  killDatabase(): void {
    process.kill(this.cluster.pid, 'SIGKILL');
  }

  /** Brings the database back. False if the server fell with it, which it must not. */
  async databaseBack(): Promise<boolean> {
    const before = this.cluster.appUrl();
    // Found alive in the moment of its death it would be taken for a running one.
    while (alive(this.cluster.pid)) await new Promise((later) => setImmediate(later));
    this.cluster = (await startCluster(postgresBin()!, this.base, { firstPort: 53680 })) as Cluster;
    // On another port than before the server has to be told.
    const stood = this.server.child.exitCode === null && this.server.child.signalCode === null;
    if (this.cluster.appUrl() === before && stood) return true;
    if (stood) this.killServer();
    await this.serverBack();
    return stood;
  }

  async stop(): Promise<void> {
    await this.server.stop();
    this.cluster.stop();
    rmSync(this.base, { recursive: true, force: true });
  }
}
