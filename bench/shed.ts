import type { Figures } from './figures';
import { heavyBike } from './shed/heavy';
import { queueAndCatchUp } from './shed/queue';
import { search } from './shed/search';

/** The ground under everything: what waits, what was missed, what is old and long, and what is looked for. */
export async function benchShed(quick: boolean): Promise<Figures> {
  return { ...(await queueAndCatchUp(quick)), ...(await heavyBike(quick)), ...(await search(quick)) };
}
