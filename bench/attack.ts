import { createServer } from 'vite';
import { knowledgePlugin } from '../src/server/knowledge/plugin';
import type { attack as run } from '../test/attack/run';
import type { Figures } from './figures';

/** The long form of the attack: tens of thousands of requests, kills and cuts, on loopback, in bounds. Stops with what broke. */
export async function benchAttack(quick: boolean): Promise<Figures> {
  const seed = Number(process.env.IVREK_SEED ?? Date.now() % 1_000_000);
  const began = Date.now();
  const say = (words: string) => console.error(`attack: ${words}`);
  say(`seed ${seed}`);
  // The knowledge is a module of the bundler's.
  const vite = await createServer({
    configFile: false,
    logLevel: 'error',
    plugins: [knowledgePlugin()],
    server: { middlewareMode: true, hmr: false, watch: null },
    optimizeDeps: { noDiscovery: true },
    esbuild: { tsconfigRaw: { compilerOptions: { experimentalDecorators: true, useDefineForClassFields: false } } },
  });
  const { attack } = (await vite.ssrLoadModule('/test/attack/run.ts')) as { attack: typeof run };
  const { wrong, counts, figures } = await attack({ quick, seed, folder: '.data/bench-attack', say });
  await vite.close();
  for (const w of wrong.slice(0, 40)) say(w);
  const named = (all: Record<string, number>) => Object.entries(all).map(([name, n]) => [`attack.${name}`, n] as const);
  if (wrong.length) {
    say(JSON.stringify({ ...counts, ...figures }));
    throw new Error(`seed ${seed}: ${wrong.length} things broke`);
  }
  return { ...Object.fromEntries([...named(counts), ...named(figures)]), 'attack.minutes': (Date.now() - began) / 60_000 };
}
