import type { Figures } from './figures';
import { heavyBike } from './offline/heavy';
import { queueAndCatchUp } from './offline/queue';
import { search } from './offline/search';

/** The ground under everything: what waits, what was missed, what is old and long, and what is looked for. */
export async function benchOffline(quick: boolean): Promise<Figures> {
  return { ...(await queueAndCatchUp(quick)), ...(await heavyBike(quick)), ...(await search(quick)) };
}
