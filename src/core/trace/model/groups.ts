import { applicability, isMet, type Facts, type Fault, type Knowledge } from '../../knowledge';
import type { Group } from '../network';

/** A fault at a place on this bike; it may be there or not. */
export interface Suspect {
  key: string;
  fault: Fault;
  position: string | null;
  /** Prior odds from knowledge, and what the history made of them. */
  odds: number;
  raisedBy: { because: string; times: number }[];
}

export interface Mode {
  members: string[];
  flavour: 'steady' | 'intermittent';
}

/** A group with the modes it goes through: one before any repair of its faults, one after each. */
export interface TracedGroup extends Group {
  /** path[state][k] = mode after k repairs of this group's faults */
  paths: Mode[][];
  /** Repairs of this group's faults, oldest first. */
  repairIds: string[];
  suspects: string[];
}

/** Chance that a repair leaves the fault there, and that it makes a fault of the same kind that was not there. */
const residual = 0.08;
const madeByRepair = 0.02;
const mostTimes = 20;
const mostStates = 64;

export const keyOf = (faultId: string, position: string | null) => (position === null ? faultId : `${faultId}#${position}`);

/** Every fault that is possible on this bike, once for each place where it can be, with its prior odds. */
export function suspectsOf(k: Knowledge, facts: Facts, positions: readonly string[], touched: readonly string[]): Suspect[] {
  const areaName = (id: string) => k.areas.find((a) => a.id === id)?.name ?? id;
  return k.faults.flatMap((fault) => {
    if (fault.retired) return [];
    const share = applicability(fault.applies, facts, k.attributes);
    if (share === 0) return [];
    const raisedBy = (fault.raised ?? []).filter((r) => isMet(r.when, facts)).map(({ because, times }) => ({ because, times }));
    const hand = fault.area?.find((a) => touched.includes(a));
    if (hand) raisedBy.push({ because: `${areaName(hand)} touched last`, times: fault.touchedTimes ?? 3 });
    const times = raisedBy.reduce((t, r) => t * r.times, 1);
    const odds = (fault.prior / (1 - fault.prior)) * share * Math.min(mostTimes, Math.max(1 / mostTimes, times));
    const places = fault.per === 'cylinder' ? positions : [null];
    return places.map((position) => ({ key: keyOf(fault.id, position), fault, position, odds, raisedBy }));
  });
}

interface Weighted {
  path: Mode[];
  prior: number;
}

const none: Mode = { members: [], flavour: 'steady' };

function startModes(members: Suspect[], joint: { faults: string[]; prior: number }[] | null): Weighted[] {
  const modes: { mode: Mode; odds: number }[] = [];
  if (joint) {
    for (const j of joint) {
      const there = j.faults.map((id) => members.find((m) => m.fault.id === id));
      if (there.some((m) => !m)) continue;
      const times = Math.max(...there.map((m) => m!.odds / (m!.fault.prior / (1 - m!.fault.prior))));
      modes.push({ mode: { members: there.map((m) => m!.key), flavour: 'steady' }, odds: (j.prior / (1 - j.prior)) * times });
    }
  } else {
    const [{ key, fault, odds }] = members;
    const share = fault.intermittent?.share ?? 0;
    modes.push({ mode: { members: [key], flavour: 'steady' }, odds: odds * (1 - share) });
    if (share > 0) modes.push({ mode: { members: [key], flavour: 'intermittent' }, odds: odds * share });
  }
  const total = 1 + modes.reduce((s, m) => s + m.odds, 0);
  return [{ path: [none], prior: 1 / total }, ...modes.map((m) => ({ path: [m.mode], prior: m.odds / total }))];
}

/** What a repair of `key` makes of a mode: it ends the instance that was there and starts a new one. */
function afterRepair(mode: Mode, key: string): { mode: Mode; chance: number }[] {
  const without = mode.members.filter((m) => m !== key);
  const off: Mode = { members: without, flavour: mode.flavour };
  const on: Mode = { members: [...without, key], flavour: mode.flavour };
  const there = mode.members.includes(key) ? residual : madeByRepair;
  return [
    { mode: off, chance: 1 - there },
    { mode: on, chance: there },
  ];
}

/** Ties suspects to groups and lays out what each group may have gone through, repair by repair. */
export function groupsOf(k: Knowledge, suspects: readonly Suspect[], repairs: readonly { id: string; key: string }[]): TracedGroup[] {
  const grouped = new Map<string, string>();
  for (const g of k.groups) for (const m of g.modes) for (const id of m.faults) grouped.set(id, g.id);
  const byGroup = new Map<string, Suspect[]>();
  for (const s of suspects) {
    const id = grouped.get(s.fault.id) ?? s.key;
    byGroup.set(id, [...(byGroup.get(id) ?? []), s]);
  }
  return [...byGroup.entries()]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([id, members]) => {
      const joint = k.groups.find((g) => g.id === id)?.modes ?? null;
      let paths = startModes(members, joint);
      const own = repairs.filter((r) => members.some((m) => m.key === r.key));
      for (const r of own) {
        paths = paths.flatMap(({ path, prior }) =>
          afterRepair(path[path.length - 1], r.key).map(({ mode, chance }) => ({ path: [...path, mode], prior: prior * chance })),
        );
        if (paths.length > mostStates) {
          // The least likely courses are dropped; "nothing was ever wrong" stays first.
          const keep = new Set([...paths.slice(1)].sort((a, b) => b.prior - a.prior).slice(0, mostStates - 1));
          paths = [paths[0], ...paths.slice(1).filter((p) => keep.has(p))];
        }
      }
      const total = paths.reduce((s, p) => s + p.prior, 0);
      return {
        id,
        suspects: members.map((m) => m.key),
        repairIds: own.map((r) => r.id),
        paths: paths.map((p) => p.path),
        states: paths.map((p) => ({ prior: p.prior / total, members: p.path[p.path.length - 1].members })),
      };
    });
}
