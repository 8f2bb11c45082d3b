import { knowledge } from 'virtual:knowledge';
import { sameData } from '../../core/data';
import {
  standing,
  type Instead,
  type Odds,
  type Question,
  type Ranking,
  type Reason,
  type SchoolView,
  type TheoryView,
} from '../../core/trace';
import type { RankReply, RankRequest } from '../../workers/rank';

export interface SuspectReasons {
  start: string;
  now: string;
  reasons: Reason[];
  theory: TheoryView | null;
}

/** What is thought of a case so far. */
export interface Thought {
  /** How many suspects are still worth a look; null until the odds are known. */
  standing: number | null;
  ranking: Ranking | null;
  schools: SchoolView[] | null;
  /** What doing something else would cost. */
  instead: Instead | null;
  /** By suspect. */
  reasons: Record<string, SuspectReasons>;
  busy: boolean;
}

/** What the odds depend on. */
type About = Pick<Question, 'traced' | 'own'>;

/** The ranking with other odds; the same one where they are what it has, as those of a page that came with it are. */
function withOdds(ranking: Ranking, odds: Odds): Ranking {
  const same = Object.entries(odds).every(([of, now]) => sameData(ranking[of as keyof Odds], now));
  return same ? ranking : { ...ranking, ...odds };
}

/** Ranks one job's case in a worker that lives as long as the job is on the screen, and holds what came of it for every view. */
export class Thinker {
  private worker: Worker | null = null;
  private asked = 0;
  private question: Question | null = null;
  /** What the odds were asked for last. */
  private about: About | null = null;
  private insteadOf = 0;
  private thought: Thought;
  /** What a page begins with, as its parts were drawn from it. */
  readonly first: Thought;
  private readonly listeners = new Set<() => void>();

  /** `first` stands until something else is known, and so does how many suspects are worth a look. */
  constructor(first: Ranking | null, worthALook: number | null = null) {
    this.thought = {
      standing: first ? standing(first) : worthALook,
      ranking: first,
      schools: null,
      instead: null,
      reasons: {},
      busy: false,
    };
    this.first = this.thought;
  }

  get = (): Thought => this.thought;

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Asks about a case, unless it is the one that was asked about last. */
  think({ traced, own, agreedLeft }: Question): void {
    const last = this.question;
    if (last && last.traced === traced && last.own === own && last.agreedLeft === agreedLeft) return;
    this.question = { traced, own, agreedLeft };
    this.about = this.question;
    this.asked++;
    this.set({ busy: true, reasons: {}, instead: null });
    this.say({ id: this.asked, kind: 'rank', traced, own, agreedLeft });
  }

  /** Asks for the odds alone, where nothing else was asked about the case. */
  glance({ traced, own }: About): void {
    const last = this.about;
    if (last && last.traced === traced && last.own === own) return;
    this.about = { traced, own };
    // The page came with it.
    if (!last && this.thought.standing !== null) return;
    this.question = null;
    this.asked++;
    this.say({ id: this.asked, kind: 'odds', traced, own });
  }

  explain = (key: string): void => {
    if (!this.question) return;
    const { traced, own } = this.question;
    this.say({ id: this.asked, kind: 'explain', traced, own, key });
  };

  /** What doing something else would cost: worked out once for a case, when that is looked at. */
  askInstead = (): void => {
    if (this.insteadOf === this.asked) return;
    this.insteadOf = this.asked;
    this.say({ id: this.asked, kind: 'instead' });
  };

  /** Lets the worker go; it is there again at the next question. */
  end(): void {
    this.worker?.terminate();
    this.worker = null;
    this.question = this.about = null;
  }

  private say(r: RankRequest): void {
    this.worker ??= this.begin();
    this.worker.postMessage(r);
  }

  private begin(): Worker {
    const w = new Worker(new URL('../../workers/rank.ts', import.meta.url), { type: 'module' });
    w.postMessage({ kind: 'knowledge', knowledge } satisfies RankRequest);
    w.onmessage = ({ data }: MessageEvent<RankReply>) => {
      // Only the newest question counts.
      if (data.id === this.asked) this.hear(data);
    };
    return w;
  }

  private hear(r: RankReply): void {
    const { ranking, reasons } = this.thought;
    if (r.kind === 'reasons') {
      const { start, now, theory } = r;
      this.set({ reasons: { ...reasons, [r.key]: { start, now, theory, reasons: r.reasons } } });
    } else if (r.kind === 'ranking') this.set({ ranking: r.ranking, busy: false });
    // What is advised stands until the new advice is there, so that nothing is put forward that is taken back at once.
    else if (r.kind === 'odds') this.set({ standing: standing(r.odds), ranking: ranking && withOdds(ranking, r.odds) });
    else if (r.kind === 'instead') this.set({ instead: r.instead });
    else this.set({ schools: r.schools });
  }

  private set(change: Partial<Thought>): void {
    if (Object.entries(change).every(([of, now]) => Object.is(now, this.thought[of as keyof Thought]))) return;
    this.thought = { ...this.thought, ...change };
    for (const l of this.listeners) l();
  }
}
