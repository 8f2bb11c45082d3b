export { SimulatedBike, BikeKind } from './bike';
export { seededRandom, type SeededRandom } from './seededRandom';
export { caseAfter, type Event, type Setting } from './episode';
export { perturbed } from './perturb';
export {
  checklist,
  firstOrder,
  greedy,
  inOrder,
  inPicture,
  leastCost,
  likeliest,
  random,
  sureFirst,
  school,
  twoMovesAhead,
  type PolicyAction as Act,
  type Policy,
} from './policies';
export { greedies, greedyChoice, type Greedy, type StopRule } from './greedy';
export { follow, unavoidable, type Course, type Limits } from './run';
export { BeliefNode } from './beliefNode';
