import type { Knowledge, Test } from '../../knowledge';
import { buildModel } from '../model/build';
import { keyOf } from '../model/groups';
import { afterOutcome, coarse, information, weigh, type Coarse, type Situation, type Weighed } from '../decide';
import { believe, type Beliefs } from '../policy/beliefs';
import { caseAfter, type Event, type Setting } from './course';

const nameOf = (e: Event) => (e.kind === 'test' ? `${keyOf(e.testId, e.position)}=${e.outcome}` : `${e.key}! ${e.left.join()}`);

const findingsOf = new WeakMap<Test, readonly string[]>();

/** The findings that a test speaks of. */
function foundBy(t: Test): readonly string[] {
  let ids = findingsOf.get(t);
  if (!ids) findingsOf.set(t, (ids = [...new Set(t.outcomes.flatMap((o) => Object.keys(o.find)))]));
  return ids;
}

/** An outcome that was less likely than this says that the list of hypotheses no longer covers the bike well. */
const surprising = 0.01;

/**
 * What is believed after some events, shared by every bike and policy that comes this way. Between repairs the
 * hypotheses are reweighed; after a repair, and after a surprise, everything is computed from the whole network again.
 */
export class Thread {
  private readonly next = new Map<string, Thread>();
  private known: { beliefs: Beliefs; situation: Situation } | null = null;
  private seen: { bits: Float64Array; rough: Coarse; weighed: Weighed } | null = null;
  /** What a policy chose here, by its name. */
  readonly chosen = new Map<string, unknown>();

  constructor(
    readonly knowledge: Knowledge,
    readonly setting: Setting,
    readonly events: readonly Event[] = [],
    private readonly before: Thread | null = null,
  ) {}

  after(e: Event): Thread {
    const name = nameOf(e);
    let t = this.next.get(name);
    if (!t) this.next.set(name, (t = new Thread(this.knowledge, this.setting, [...this.events, e], this)));
    return t;
  }

  /** Where the job began. */
  get root(): Thread {
    return this.before ? this.before.root : this;
  }

  get beliefs(): Beliefs {
    return this.stand().beliefs;
  }

  get situation(): Situation {
    return this.stand().situation;
  }

  /** What every test would tell from here, and what the acts worth doing are expected to cost. */
  get weighing(): { bits: Float64Array; rough: Coarse; weighed: Weighed } {
    if (this.seen) return this.seen;
    const { beliefs, situation } = this.stand();
    const bits = Float64Array.from(beliefs.problem.tests, (t, i) => (situation.shut[i] ? 0 : information(situation.weights, t)));
    const rough = coarse(beliefs.problem, situation, bits);
    return (this.seen = { bits, rough, weighed: weigh(rough.problem, rough.situation) });
  }

  private stand(): { beliefs: Beliefs; situation: Situation } {
    return (this.known ??= this.reweighed() ?? this.afresh());
  }

  private reweighed(): { beliefs: Beliefs; situation: Situation } | null {
    const e = this.events.at(-1);
    if (!this.before || e?.kind !== 'test') return null;
    const { beliefs, situation } = this.before.stand();
    const key = keyOf(e.testId, e.position);
    const index = beliefs.tests.findIndex((t) => t.key === key);
    const outcome = beliefs.tests[index]?.outcomes.find((o) => o.id === e.outcome);
    const test = beliefs.tests[index]?.test;
    // An outcome that opens or shuts other tests needs the whole network.
    const sets = Object.values(test?.outcomes.find((o) => o.id === e.outcome)?.sets ?? {});
    if (!outcome || sets.includes('no') || (sets.length > 0 && beliefs.tests.some((t) => t.gate))) return null;
    const { chance, weights } = afterOutcome(situation.weights, outcome.likelihood);
    if (chance < surprising) return null;
    const shut = situation.shut.slice();
    shut[index] = 1;
    const found = foundBy(test);
    beliefs.tests.forEach((t, i) => {
      // The same finding under the same circumstances will be the same again: nothing new in it.
      if (t.position === e.position && foundBy(t.test).every((id) => found.includes(id))) shut[i] = 1;
    });
    return { beliefs, situation: { ...situation, weights, shut, state: this.state(beliefs) } };
  }

  private afresh(): { beliefs: Beliefs; situation: Situation } {
    const beliefs = believe(buildModel(this.knowledge, caseAfter(this.setting, this.events)));
    return { beliefs, situation: { ...beliefs.start, state: this.state(beliefs) } };
  }

  /** What is off after everything that was done; the log of the steps would say the same. */
  private state(b: Beliefs): number {
    let state = b.strip.now;
    for (const e of this.events) {
      const wanted =
        e.kind === 'test'
          ? this.knowledge.tests.find((t) => t.id === e.testId)?.access
          : this.knowledge.faults.find((f) => f.id === e.key.split('#')[0])?.remedy.access;
      state = b.strip.states.reach(state, b.strip.states.want(wanted)).next;
    }
    return state;
  }
}
