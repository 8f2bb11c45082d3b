import { chaos } from '../test/chaos/run';
import type { Figures } from './figures';

/** The long form of the history checker: a thousand cuts. Stops with what is wrong, if anything is. */
export async function benchChaos(quick: boolean): Promise<Figures> {
  const seed = Number(process.env.IVREK_SEED ?? Date.now() % 1_000_000);
  const began = Date.now();
  const { wrong, ...report } = await chaos(quick ? 50 : 1000, seed, '.data/bench-chaos', (words) => console.error(`chaos: ${words}`));
  if (wrong.length)
    throw new Error(`seed ${seed}: ${wrong.slice(0, 10).join('; ')}${wrong.length > 10 ? ` and ${wrong.length - 10} more` : ''}`);
  const named = Object.entries(report).map(([name, n]) => [`chaos.${name}`, n] as const);
  return { ...Object.fromEntries(named), 'chaos.minutes': (Date.now() - began) / 60_000 };
}
