export { Bike, Kind } from './bike';
export { coinOf, type Coin } from './coin';
export { caseAfter, type Event, type Setting } from './course';
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
  type Act,
  type Policy,
} from './policies';
export { greedies, greedyChoice, type Greedy, type Stop } from './greedy';
export { follow, unavoidable, type Course, type Limits } from './run';
export { Thread } from './thread';
