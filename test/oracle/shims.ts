import type highsLoader from 'highs';
import type { ShimmedValve, Stock } from '../../src/core/measure/valves';

type Highs = Awaited<ReturnType<typeof highsLoader>>;

/** An invented engine whose clearances have wandered, with a few loose shims at hand. */
export function randomEngine(random: () => number, count: number): { valves: ShimmedValve[]; stock: Stock } {
  const step = random() < 0.5 ? 25 : 50;
  const valves = Array.from({ length: count }, (_x, i): ShimmedValve => {
    const exhaust = i % 2 === 1;
    const band = exhaust ? { lowUm: 160, highUm: 260 } : { lowUm: 100, highUm: 200 };
    const shimUm = 2000 + step * Math.floor(random() * 24);
    const low = Math.max(10, Math.round(band.lowUm - 60 + random() * 200));
    const width = random() < 0.4 ? 25 : 0;
    const good = low >= band.lowUm && low + width <= band.highUm;
    return {
      id: `${exhaust ? 'ex' : 'in'} ${i}`,
      clearanceUm: { low, high: low + width },
      shimUm: good && random() < 0.3 ? null : shimUm,
      band,
      aimUm: band.lowUm + (random() < 0.5 ? 50 : 75),
    };
  });
  const atHandUm = Array.from({ length: Math.floor(random() * 4) }, () => 2000 + step * Math.floor(random() * 24));
  return { valves, stock: { atHandUm, buyUm: { from: 1900, to: 2700, step } } };
}

/**
 * The optimum by three integer programmes, one after the other, each holding what the one before found: written straight
 * from the rules, without the planner's own assignment or costs. Null where there is none.
 */
export function byInteger(
  highs: Highs,
  { valves, stock }: { valves: readonly ShimmedValve[]; stock: Stock },
  leaveGood: boolean,
): { buy: number; away: number; moved: number } | null {
  const ok = (v: ShimmedValve, low: number, high: number) => low >= v.band.lowUm && high <= v.band.highUm;
  const fixed = valves.filter((v) => v.shimUm === null || (leaveGood && ok(v, v.clearanceUm.low, v.clearanceUm.high)));
  const open = valves.filter((v) => !fixed.includes(v));
  const sizes: number[] = [];
  for (let um = stock.buyUm.from; um <= stock.buyUm.to; um += stock.buyUm.step) sizes.push(um);
  interface Way {
    name: string;
    valve: number;
    source: string | null;
    buy: number;
    away: number;
    moved: number;
  }
  const ways: Way[] = [];
  open.forEach((v, i) => {
    const offer = (um: number, source: string | null, own: boolean, key: string) => {
      const low = v.clearanceUm.low + v.shimUm! - um;
      const high = v.clearanceUm.high + v.shimUm! - um;
      if (!ok(v, low, high)) return;
      ways.push({
        name: `x${i}_${key}`,
        valve: i,
        source,
        buy: source === null ? 1 : 0,
        away: Math.abs((low + high) / 2 - v.aimUm),
        moved: own ? 0 : 1,
      });
    };
    open.forEach((w, j) => offer(w.shimUm!, `e${j}`, i === j, `e${j}`));
    stock.atHandUm.forEach((um, j) => offer(um, `h${j}`, false, `h${j}`));
    sizes.forEach((um, j) => offer(um, null, false, `b${j}`));
  });
  const awayFixed = fixed.reduce((s, v) => s + Math.abs((v.clearanceUm.low + v.clearanceUm.high) / 2 - v.aimUm), 0);
  if (open.length === 0) return { buy: 0, away: awayFixed, moved: 0 };
  if (open.some((_v, i) => !ways.some((w) => w.valve === i))) return null;
  const sum = (of: (w: Way) => number) =>
    ways
      .filter((w) => of(w) !== 0)
      .map((w) => `${of(w)} ${w.name}`)
      .join(' + ') || `0 ${ways[0].name}`;
  const rules = open.map(
    (_v, i) =>
      ` v${i}: ${ways
        .filter((w) => w.valve === i)
        .map((w) => w.name)
        .join(' + ')} = 1`,
  );
  for (const source of new Set(ways.flatMap((w) => w.source ?? [])))
    rules.push(
      ` s${source}: ${ways
        .filter((w) => w.source === source)
        .map((w) => w.name)
        .join(' + ')} <= 1`,
    );
  const found: number[] = [];
  for (const of of [(w: Way) => w.buy, (w: Way) => w.away, (w: Way) => w.moved]) {
    const text = ['Minimize', ` obj: ${sum(of)}`, 'Subject To', ...rules, 'Binary', ` ${ways.map((w) => w.name).join(' ')}`, 'End'].join(
      '\n',
    );
    const { Status, ObjectiveValue } = highs.solve(text);
    if (Status !== 'Optimal') return null;
    const least = Math.round(ObjectiveValue * 2) / 2;
    found.push(least);
    rules.push(` hold${found.length}: ${sum(of)} <= ${least}`);
  }
  return { buy: found[0], away: found[1] + awayFixed, moved: found[2] };
}
