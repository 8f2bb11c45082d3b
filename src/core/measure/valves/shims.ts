import { assign, never } from './assign';
import { aimMm, type Aim, type ClearanceBand } from './clearance';

/** One valve as it was found. Lengths in whole micrometres, so that sums are exact. */
export interface ShimmedValve {
  id: string;
  /** Clearance as found; two bounds where a feeler gauge left it between two blades. */
  clearanceUm: { low: number; high: number };
  /** The shim under it; null where it was not measured (not taken out, or its mark is worn off). */
  shimUm: number | null;
  band: { lowUm: number; highUm: number };
  aimUm: number;
}

export interface Stock {
  /** Loose shims at hand, one entry each. */
  atHandUm: readonly number[];
  /** Sizes that can be bought. */
  buyUm: { from: number; to: number; step: number };
}

export interface ShimOptions {
  /** A valve that is within its band keeps its shim, so that nothing is disturbed that is right. */
  leaveGood: boolean;
}

export type ShimSource = { kind: 'stays' } | { kind: 'from valve'; id: string } | { kind: 'at hand' } | { kind: 'buy' };

export interface ShimMove {
  id: string;
  /** Size to fit; null where an unmeasured shim stays. */
  shimUm: number | null;
  source: ShimSource;
  /** Clearance that this gives. */
  clearanceUm: { low: number; high: number };
}

export interface ShimPlan {
  moves: ShimMove[];
  /** Sizes to buy, smallest first. */
  buyUm: number[];
  /** Shims of the engine that are left over. */
  spareUm: number[];
  /** Sum over the valves of how far they end from what was aimed at. */
  awayUm: number;
}

/** Why a valve cannot be planned for. */
export interface ShimTrouble {
  id: string;
  kind: 'measure the shim' | 'no size fits' | 'measure finer' | 'too tight to measure';
  words: string;
}

export type ShimResult = { ok: true; plan: ShimPlan } | { ok: false; troubles: ShimTrouble[] };

const middle = (c: { low: number; high: number }) => (c.low + c.high) / 2;
const inside = (c: { low: number; high: number }, { lowUm, highUm }: ShimmedValve['band']) => c.low >= lowUm && c.high <= highUm;

/** What stands under the valve and above it is fixed: clearance + shim stays the same whatever shim is put in. */
const withShim = (v: ShimmedValve, shimUm: number) => ({
  low: v.clearanceUm.low + v.shimUm! - shimUm,
  high: v.clearanceUm.high + v.shimUm! - shimUm,
});

/**
 * New shims for every valve: fewest to buy, and among those plans the one that ends nearest to what is aimed at (the least sum of
 * distances), and among those the one that moves fewest. Every clearance ends inside its band; where a feeler gauge left it between two
 * blades, all of what it can be does. Exact: an assignment of valves to shims in the engine, at hand and to be bought, its three aims in
 * one whole number each. A shim that was not measured stays where its valve is good; where it is not, it has to be measured first.
 *
 * @throws {RangeError} for a size step that is not positive
 */
export function shimPlan(valves: readonly ShimmedValve[], stock: Stock, { leaveGood }: ShimOptions): ShimResult {
  if (!(stock.buyUm.step > 0)) throw new RangeError('the step of sizes must be more than nothing');
  const troubles = valves.flatMap(troubleOf);
  if (troubles.length) return { ok: false, troubles };
  const stays = (v: ShimmedValve) => v.shimUm === null || (leaveGood && inside(v.clearanceUm, v.band));
  const open = valves.filter((v) => !stays(v));
  const pool = [
    ...open.map((v) => ({ um: v.shimUm!, source: { kind: 'from valve', id: v.id } as ShimSource, of: v.id as string | null })),
    ...stock.atHandUm.map((um) => ({ um, source: { kind: 'at hand' } as ShimSource, of: null })),
  ];
  const bought = open.map((v) => bestSize(v, stock.buyUm));
  // One that is bought outweighs all the distances there can be, and these outweigh all the moves.
  const moved = 1;
  const away = open.length * moved + 1;
  const furthest = open.reduce((x, v) => Math.max(x, 2 * (v.band.highUm - v.band.lowUm)), 1);
  const buying = away * furthest * (open.length + 1);
  // Distances in half micrometres: the middle of two blades may lie between two.
  const distance = (v: ShimmedValve, um: number) => Math.abs(2 * middle(withShim(v, um)) - 2 * v.aimUm);
  const cost = open.map((v, i) => [
    ...pool.map(({ um, of }) => (inside(withShim(v, um), v.band) ? away * distance(v, um) + (of === v.id ? 0 : moved) : never)),
    ...open.map((_x, j) => (i === j && bought[i] !== null ? buying + away * distance(v, bought[i]) + moved : never)),
  ]);
  const columns = assign(cost);
  if (!columns) return { ok: false, troubles: open.filter((_v, i) => bought[i] === null).map(noSize) };
  const moves = new Map<string, ShimMove>(
    valves.filter(stays).map((v) => [v.id, { id: v.id, shimUm: v.shimUm, source: { kind: 'stays' }, clearanceUm: v.clearanceUm }]),
  );
  const used = new Set<number>();
  open.forEach((v, i) => {
    const c = columns[i];
    used.add(c);
    const own = c < pool.length ? pool[c] : { um: bought[i]!, source: { kind: 'buy' } as ShimSource, of: null };
    const source: ShimSource = own.of === v.id ? { kind: 'stays' } : own.source;
    moves.set(v.id, { id: v.id, shimUm: own.um, source, clearanceUm: withShim(v, own.um) });
  });
  const all = valves.map((v) => moves.get(v.id)!);
  return {
    ok: true,
    plan: {
      moves: all,
      buyUm: all.flatMap((m) => (m.source.kind === 'buy' ? [m.shimUm!] : [])).sort((a, b) => a - b),
      spareUm: pool.flatMap((p, c) => (p.of !== null && !used.has(c) ? [p.um] : [])).sort((a, b) => a - b),
      awayUm: valves.reduce((sum, v) => sum + Math.abs(middle(moves.get(v.id)!.clearanceUm) - v.aimUm), 0),
    },
  };
}

const noSize = (v: ShimmedValve): ShimTrouble => ({
  id: v.id,
  kind: 'no size fits',
  words: 'No size that can be bought brings it inside: look at seat, bucket and cam before anything is ordered.',
});

function troubleOf(v: ShimmedValve): ShimTrouble[] {
  const good = inside(v.clearanceUm, v.band);
  if (v.clearanceUm.high <= 0)
    return [{ id: v.id, kind: 'too tight to measure', words: 'No clearance at all: fit a thin shim first, then measure again.' }];
  if (v.shimUm === null && !good)
    return [{ id: v.id, kind: 'measure the shim', words: 'Out of its band, and its shim is not known: measure it.' }];
  if (v.clearanceUm.high - v.clearanceUm.low > v.band.highUm - v.band.lowUm)
    return [{ id: v.id, kind: 'measure finer', words: 'The two blades are further apart than the band is wide: try blades between them.' }];
  return [];
}

/** The size that can be bought which ends nearest to the aim inside the band; the thinner of two as near. */
function bestSize(v: ShimmedValve, { from, to, step }: Stock['buyUm']): number | null {
  let best: number | null = null;
  let least = Infinity;
  for (let um = from; um <= to; um += step) {
    const c = withShim(v, um);
    const off = Math.abs(middle(c) - v.aimUm);
    if (inside(c, v.band) && off < least) [best, least] = [um, off];
  }
  return best;
}

/** A valve in whole micrometres from figures in mm. Bounds are rounded outwards, so that nothing is taken for good that is not. */
export function shimmedValve(
  v: { id: string; clearanceMm: { low: number; high: number }; shimMm: number | null },
  band: ClearanceBand,
  aim: Aim,
): ShimmedValve {
  const um = (mm: number) => Math.round(mm * 1000);
  return {
    id: v.id,
    clearanceUm: { low: um(v.clearanceMm.low), high: um(v.clearanceMm.high) },
    shimUm: v.shimMm === null ? null : um(v.shimMm),
    band: { lowUm: um(band.lowMm), highUm: um(band.highMm) },
    aimUm: um(aimMm(band, aim)),
  };
}
