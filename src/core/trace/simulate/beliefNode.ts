import { faultById, testById, type Knowledge } from '../../knowledge';
import { buildModel, type Model } from '../model/build';
import { infer, type Posterior } from '../network';
import { keyOf } from '../model/faultsHere';
import {
  afterOutcome,
  best,
  bitsOf,
  reduceProblem,
  testOrRepair,
  weigh,
  type ReducedProblem,
  type Situation,
  type Weighed,
} from '../decide';
import { believe, type BeliefState } from '../policy/beliefs';
import { caseAfter, type Event, type Setting } from './episode';

const nameOf = (e: Event) => (e.kind === 'test' ? `${keyOf(e.testId, e.position)}=${e.outcome}` : `${e.key}! ${e.left.join()}`);

/** Threads that hold on to what was worked out for them; the one that was looked at least lately lets go first. */
const mostCached = 600;

/** What can be seen from where a job stands without weighing anything against anything. */
interface Look {
  bits: Float64Array;
  rough: ReducedProblem;
}

/** What the nodes of one job hold; a choice once made is kept by each node for itself. */
class BeliefCache {
  private readonly nodes = new Set<{ letGo(): void }>();

  touch(t: { letGo(): void }): void {
    this.nodes.delete(t);
    this.nodes.add(t);
    if (this.nodes.size <= mostCached) return;
    const [oldest] = this.nodes;
    this.nodes.delete(oldest);
    oldest.letGo();
  }
}

/** An outcome that was less likely than this says that the list of hypotheses no longer covers the bike well. */
const surprising = 0.01;

/**
 * What is believed after some events, shared by every bike and policy that comes this way. Between repairs the
 * hypotheses are reweighed; after a repair, and after a surprise, everything is computed from the whole network again.
 */
export class BeliefNode {
  private readonly next = new Map<string, BeliefNode>();
  private known: { beliefs: BeliefState; situation: Situation } | null = null;
  private noted: Look | null = null;
  private seen: Weighed | null = null;
  private sharp: { model: Model; posterior: Posterior } | null = null;
  /** What a policy chose here, by its name. */
  readonly chosen = new Map<string, unknown>();
  private readonly held: BeliefCache;

  constructor(
    readonly knowledge: Knowledge,
    readonly setting: Setting,
    readonly events: readonly Event[] = [],
    private readonly before: BeliefNode | null = null,
  ) {
    this.held = before?.held ?? new BeliefCache();
  }

  /** Forgets what can be worked out again. */
  letGo(): void {
    this.known = this.noted = this.seen = this.sharp = null;
  }

  after(e: Event): BeliefNode {
    const name = nameOf(e);
    let t = this.next.get(name);
    if (!t) this.next.set(name, (t = new BeliefNode(this.knowledge, this.setting, [...this.events, e], this)));
    return t;
  }

  /** Where the job began. */
  get root(): BeliefNode {
    return this.before ? this.before.root : this;
  }

  get beliefs(): BeliefState {
    return this.stand().beliefs;
  }

  get situation(): Situation {
    return this.stand().situation;
  }

  /** What every test would tell from here, and the choice in rough. */
  get look(): Look {
    if (this.noted) return this.noted;
    const { beliefs, situation } = this.stand();
    const bits = bitsOf(beliefs.problem.tests, situation.weights, situation.shut);
    return (this.noted = { bits, rough: reduceProblem(beliefs.problem, situation, bits) });
  }

  /** What the acts worth doing from here are expected to cost. */
  get weighed(): Weighed {
    const { problem, situation } = this.look.rough;
    return (this.seen ??= weigh(problem, situation));
  }

  /** The repair of least expected cost, in the rough choice's numbers, if no test is worth more than repairing. */
  get stop(): ReturnType<typeof testOrRepair> {
    const { problem, situation } = this.look.rough;
    return this.seen ? best(this.seen).choice : testOrRepair(problem, situation);
  }

  /** The odds of every suspect, worked out from the whole network at once, as the suspects panel shows them. */
  get exact(): { model: Model; posterior: Posterior } {
    if (this.sharp) return this.sharp;
    const model = buildModel(this.knowledge, caseAfter(this.setting, this.events));
    return (this.sharp = { model, posterior: infer(model.network, model.observations) });
  }

  private stand(): { beliefs: BeliefState; situation: Situation } {
    // The beginning is what every bike comes back to.
    if (this.before) this.held.touch(this);
    return (this.known ??= this.reweighed() ?? this.afresh());
  }

  private reweighed(): { beliefs: BeliefState; situation: Situation } | null {
    const e = this.events.at(-1);
    if (!this.before || e?.kind !== 'test') return null;
    const { beliefs, situation } = this.before.stand();
    const key = keyOf(e.testId, e.position);
    const index = beliefs.tests.findIndex((t) => t.key === key);
    const outcome = beliefs.tests[index]?.outcomes.find((o) => o.id === e.outcome);
    const test = beliefs.tests[index]?.test;
    // An outcome that opens or shuts other tests needs the whole network.
    const sets = Object.values(test?.outcomes.find((o) => o.id === e.outcome)?.sets ?? {});
    const lifts = beliefs.tests.some((t) => t.gate?.reasons.some((r) => r.tests.includes(e.testId)));
    if (!outcome || lifts || sets.includes('no') || (sets.length > 0 && beliefs.tests.some((t) => t.gate))) return null;
    const { chance, weights } = afterOutcome(situation.weights, outcome.likelihood);
    if (chance < surprising) return null;
    const shut = situation.shut.slice();
    shut[index] = 1;
    // The same finding under the same circumstances will be the same again: nothing new in it.
    for (const i of beliefs.problem.tests[index].spends ?? []) shut[i] = 1;
    const { next } = beliefs.strip.states.reach(situation.state, beliefs.strip.states.want(test?.access));
    return { beliefs, situation: { ...situation, weights, shut, state: next } };
  }

  private afresh(): { beliefs: BeliefState; situation: Situation } {
    const beliefs = believe(buildModel(this.knowledge, caseAfter(this.setting, this.events)));
    return { beliefs, situation: { ...beliefs.start, state: this.state(beliefs) } };
  }

  /** What is off after everything that was done; the log of the steps would say the same. */
  private state(b: BeliefState): number {
    let state = b.strip.now;
    for (const e of this.events) {
      const wanted =
        e.kind === 'test' ? testById(this.knowledge, e.testId)?.access : faultById(this.knowledge, e.key.split('#')[0])?.remedy.access;
      state = b.strip.states.reach(state, b.strip.states.want(wanted)).next;
    }
    return state;
  }
}
