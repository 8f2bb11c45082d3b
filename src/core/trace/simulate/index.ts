export { Bike, Kind } from './bike';
export { coinOf, type Coin } from './coin';
export { caseAfter, type Event, type Setting } from './course';
export { perturbed } from './perturb';
export { checklist, firstOrder, inOrder, leastCost, likeliest, random, sureFirst, school, type Act, type Policy } from './policies';
export { follow, unavoidable, type Course, type Limits } from './run';
export { Thread } from './thread';
