import type { News } from './types';

/** Carries news to this tab and to every other tab of the same workshop in this browser. */
export class Bus {
  private readonly listeners = new Set<(news: News) => void>();
  private readonly channel: BroadcastChannel | null;

  constructor(name: string) {
    this.channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(name);
    if (this.channel) this.channel.onmessage = ({ data }: MessageEvent<News>) => this.here(data);
  }

  tell(news: News): void {
    this.here(news);
    this.channel?.postMessage(news);
  }

  /** Calls the listener with each piece of news; call the answer to stop. */
  subscribe(listener: (news: News) => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  close(): void {
    this.channel?.close();
    this.listeners.clear();
  }

  private here(news: News): void {
    for (const l of [...this.listeners]) l(news);
  }
}
