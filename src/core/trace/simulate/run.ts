import type { SimulatedBike } from './bike';
import type { SeededRandom } from './seededRandom';
import type { PolicyAction, Policy } from './policies';
import { actOf, expectedBreakage, expectedMinutes, faultById, riskPrice, type Knowledge, type Test } from '../../knowledge';
import { harmOf } from '../policy/beliefs';
import { retestMinutes } from '../policy/repairActs';
import { stillToOpen, stripOf, type Strip } from '../policy/strip';
import { faultProbabilities } from '../model/probabilities';
import type { BeliefNode } from './beliefNode';

/**
 * What one policy did to one bike. Money in the shop's currency, minutes in all; both with the repairs that had to be. The money has
 * the price of the risks that were taken, and of what a test did to this bike.
 */
export interface Course {
  cured: boolean;
  minutes: number;
  money: number;
  tests: number;
  repairs: number;
  /** Repairs of what was not there. */
  wrong: number;
  /**
   * What was believed of each suspect before the first repair, whether it was there, and whether it brought what is
   * complained of; null if nothing was repaired or the policy is not asked. Suspects that hardly come into question are left out.
   */
  first: { chance: number; there: boolean; cause: boolean }[] | null;
}

export interface Limits {
  /** Money after which the owner would have given up. */
  cap: number;
}

/** Lets a policy work on a bike until everything that was complained of is cured or the cap is reached. */
export function follow(policy: Policy, start: BeliefNode, bike: SimulatedBike, random: SeededRandom, { cap }: Limits): Course {
  const rate = Number(start.setting.job.rate);
  const strip = stripOf(start.root.beliefs.model);
  const complained = Object.keys(start.setting.symptoms).filter((s) => start.setting.symptoms[s] === 'present');
  const course: Course = { cured: false, minutes: 0, money: 0, tests: 0, repairs: 0, wrong: 0, first: null };
  let state = strip.now;
  const pay = (minutes: number, besides: number, wanted: readonly string[] | undefined) => {
    const opened = stillToOpen(strip, wanted, state);
    state = strip.states.reach(state, strip.states.want(wanted)).next;
    const all = minutes + opened.reduce((s, a) => s + expectedMinutes(a), 0);
    course.minutes += all;
    course.money += (all * rate) / 60 + besides + opened.reduce((s, a) => s + expectedBreakage(a), 0);
  };
  let node = start;
  while (course.money < cap) {
    const act = chosen(policy, node, random);
    if (act.kind === 'none') break;
    if (act.kind === 'test') {
      pay(act.test.minutes, risk(start.knowledge, act.test, bike), act.test.access);
      course.tests++;
      const outcome = bike.answer(act.test, act.position);
      node = node.after({ kind: 'test', testId: act.test.id, position: act.position, outcome });
      continue;
    }
    if (policy.asked) course.first ??= believed(node, bike);
    const { remedy } = faultById(start.knowledge, act.key.split('#')[0])!;
    pay(remedy.minutes + retestMinutes, remedy.parts + riskPrice(remedy.does, start.knowledge.doings), remedy.access);
    course.repairs++;
    if (!bike.repair(act.key)) course.wrong++;
    const left = complained.filter((s) => bike.shows(s));
    if (left.length === 0) {
      course.cured = true;
      break;
    }
    node = node.after({ kind: 'repair', key: act.key, left });
  }
  return course;
}

/** The price of what a test does, and of what it makes worse on this bike. */
function risk({ doings, faults }: Knowledge, test: Test, bike: SimulatedBike): number {
  const act = actOf(test.does, doings);
  const harm = act ? faults.reduce((sum, f) => (f.harm && bike.hasFault(f.id) ? sum + harmOf(f)[act] : sum), 0) : 0;
  return riskPrice(test.does, doings) + harm;
}

function chosen(policy: Policy, node: BeliefNode, random: SeededRandom): PolicyAction {
  if (!policy.shared) return policy.next(node, random);
  const known = node.chosen.get(policy.name) as PolicyAction | undefined;
  if (known) return known;
  const act = policy.next(node, random);
  node.chosen.set(policy.name, act);
  return act;
}

/** What the suspects panel would say of each suspect here, worked out from the whole network, and whether it is so. */
function believed(node: BeliefNode, bike: SimulatedBike): Course['first'] {
  const { model, posterior } = node.exact;
  const open = Object.keys(node.setting.symptoms).filter((s) => node.setting.symptoms[s] === 'present');
  const bringing = new Set(bike.bringing(open));
  const bearing = new Set(posterior.parts.flatMap((part) => part.groups.flatMap((g) => model.groups[g].suspects)));
  return [...faultProbabilities(model, posterior)].flatMap(([key, chance]) =>
    (bearing.has(key) && chance > 0.01) || bringing.has(key) ? [{ chance, there: bike.has(key), cause: bringing.has(key) }] : [],
  );
}

/** What curing these faults costs one who knows them: their repairs with what must come off, once, and one retest each. */
export function unavoidable(strip: Strip, node: BeliefNode, keys: readonly string[]): number {
  const rate = Number(node.setting.job.rate);
  let state = strip.now;
  let money = 0;
  for (const key of keys) {
    const { remedy } = faultById(node.knowledge, key.split('#')[0])!;
    const { cost, next } = strip.states.reach(state, strip.states.want(remedy.access));
    state = next;
    money += cost + remedy.parts + riskPrice(remedy.does, node.knowledge.doings) + ((remedy.minutes + retestMinutes) * rate) / 60;
  }
  return money;
}
