import { applicability, isMet, type Facts, type Fault, type FindingKind, type Knowledge, type SideEffect } from '../../knowledge';
import { groupBy, type Experience } from '../../state';
import type { Group } from '../network';
import { experienceWords, timesFound } from './experience';
import { keyOf } from './faultsHere';
import { linkLevels } from './strength';

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
  /**
   * Symptoms that were tried at several times: whether this mode's fault brings them on this bike. It is a property of
   * the bike that lasts, so that a symptom that is gone after one repair clears the faults that were left alone.
   */
  brings: Record<string, boolean>[];
  /** Repairs of this group's faults, oldest first. */
  repairIds: string[];
  suspects: string[];
}

/** Chance that a repair leaves the fault there, and that it makes a fault of the same kind that was not there. */
export const residual = 0.08;
export const madeByRepair = 0.02;
const mostTimes = 20;
const mostStates = 64;

/** A fault without what it does not bring on this bike. */
function onThisBike(fault: Fault, facts: Facts): Fault {
  const not = new Set((fault.unless ?? []).filter((u) => isMet(u.when, facts)).flatMap((u) => u.not));
  if (not.size === 0) return fault;
  return { ...fault, causes: Object.fromEntries(Object.entries(fault.causes).filter(([id]) => !not.has(id))) };
}

/**
 * What is known to have been there (repaired, condemned or named as a cause) makes likelier what brings it and what it brings:
 * the root of a damage, and the damage of a root. Judgement: a lead of 0.5 makes it ten times as likely.
 */
function tied(fault: Fault, known: readonly Fault[]): { because: string; times: number }[] {
  if (known.length === 0) return [];
  const times = (lead: number) => Math.max(1, Math.min(mostTimes, lead * 20));
  const damage = Object.entries(fault.leads ?? {}).flatMap(([id, lead]) => {
    const there = known.find((f) => f.id === id);
    return there ? [{ name: there.name, lead }] : [];
  });
  const roots = known.flatMap((r) => (r.leads?.[fault.id] ? [{ name: r.name, lead: r.leads[fault.id] }] : []));
  return [
    ...damage.map(({ name, lead }) => ({ because: `It brings ${name.toLowerCase()}, which was there`, times: times(lead) })),
    ...roots.map((r) => ({ because: `${r.name} was there, and brings it`, times: times(r.lead) })),
  ];
}

/** Every fault that is possible on this bike, once for each place where it can be, with its prior odds. */
export function suspectsOf(
  k: Knowledge,
  facts: Facts,
  positions: readonly string[],
  touched: readonly string[],
  experience?: Experience | null,
  known: ReadonlySet<string> = new Set(),
  effects: readonly SideEffect[] = [],
): Suspect[] {
  const there = known.size > 0 ? k.faults.filter((f) => known.has(f.id)) : [];
  const areaName = (id: string) => k.areas.find((a) => a.id === id)?.name ?? id;
  return k.faults.flatMap((fault) => {
    if (fault.retired) return [];
    const share = applicability(fault.applies, facts, k.attributes);
    if (share === 0) return [];
    const raisedBy = (fault.raised ?? []).filter((r) => isMet(r.when, facts)).map(({ because, times }) => ({ because, times }));
    const hand = fault.area?.find((a) => touched.includes(a));
    if (hand) raisedBy.push({ because: `${areaName(hand)} touched last`, times: fault.touchedTimes ?? 3 });
    raisedBy.push(...tied(fault, there));
    for (const e of effects) if (e.raises?.[fault.id]) raisedBy.push({ because: e.name, times: e.raises[fault.id] });
    const before = timesFound(k, fault, experience);
    if (before > 1) raisedBy.push({ because: experienceWords(experience!.found[fault.id], experience!), times: before });
    const times = raisedBy.reduce((t, r) => t * r.times, 1);
    const odds = (fault.prior / (1 - fault.prior)) * share * Math.min(mostTimes, Math.max(1 / mostTimes, times));
    const places = fault.per === 'cylinder' ? positions : [null];
    const here = onThisBike(fault, facts);
    return places.map((position) => ({ key: keyOf(fault.id, position), fault: here, position, odds, raisedBy }));
  });
}

interface Weighted {
  path: Mode[];
  prior: number;
  brings: Record<string, boolean>;
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
  return [{ path: [none], prior: 1 / total, brings: {} }, ...modes.map((m) => ({ path: [m.mode], prior: m.odds / total, brings: {} }))];
}

/**
 * What a repair of `key` makes of a mode: it ends the instance that was there and starts a new one. `mayMake` says
 * whether it is reckoned with that it made the fault.
 */
function afterRepair(mode: Mode, key: string, mayMake: boolean, { left, made }: Chances): { mode: Mode; chance: number }[] {
  const without = mode.members.filter((m) => m !== key);
  const off: Mode = { members: without, flavour: mode.flavour };
  const on: Mode = { members: [...without, key], flavour: mode.flavour };
  if (!mayMake && !mode.members.includes(key)) return [{ mode: off, chance: 1 }];
  const there = mode.members.includes(key) ? left : made;
  return [
    { mode: off, chance: 1 - there },
    { mode: on, chance: there },
  ];
}

/** Chances that a repair leaves the fault there, and that it makes one. */
interface Chances {
  left: number;
  made: number;
}

/** What its remedy says, or as usual; what was only put back with something else seldom goes wrong. */
function chancesOf(members: readonly Suspect[], r: { key: string; refit?: boolean }): Chances {
  if (r.refit) return { left: 0.02, made: 0.004 };
  return { left: members.find((m) => m.key === r.key)?.fault.remedy.residual ?? residual, made: madeByRepair };
}

/** The least likely courses are dropped; "nothing was ever wrong" stays first. */
function prune(courses: Weighted[]): Weighted[] {
  if (courses.length <= mostStates) return courses;
  const keep = new Set(
    courses
      .slice(1)
      .sort((a, b) => b.prior - a.prior)
      .slice(0, mostStates - 1),
  );
  return [courses[0], ...courses.slice(1).filter((c) => keep.has(c))];
}

/** Splits each course by whether its faults bring a symptom on this bike or not. */
function split(courses: Weighted[], members: readonly Suspect[], kind: FindingKind, cylinders: number): Weighted[] {
  return courses.flatMap((c) => {
    const keys = new Set(c.path.flatMap((m) => m.members));
    const stays = members
      .filter((m) => keys.has(m.key))
      .reduce((q, m) => q * (linkLevels(m.fault, m.position, kind, null, cylinders, 1)?.[0] ?? 1), 1);
    if (stays === 1) return [c];
    return [
      { ...c, prior: c.prior * (1 - stays), brings: { ...c.brings, [kind.id]: true } },
      { ...c, prior: c.prior * stays, brings: { ...c.brings, [kind.id]: false } },
    ];
  });
}

/**
 * Ties suspects to groups and lays out what each group may have gone through, repair by repair. `retried` are the
 * symptoms that were looked at more than once.
 */
export function groupsOf(
  k: Knowledge,
  suspects: readonly Suspect[],
  repairs: readonly { id: string; key: string; mayMake: boolean; refit?: boolean }[],
  retried: readonly FindingKind[],
  cylinders: number,
): TracedGroup[] {
  const grouped = new Map<string, string>();
  for (const g of k.groups) for (const m of g.modes) for (const id of m.faults) grouped.set(id, g.id);
  const byGroup = groupBy(suspects, (s) => grouped.get(s.fault.id) ?? s.key);
  const repairsOf = groupBy(repairs, (r) => grouped.get(r.key.split('#')[0]) ?? r.key);
  return [...byGroup.entries()]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([id, members]) => {
      let courses = startModes(members, k.groups.find((g) => g.id === id)?.modes ?? null);
      const own = (repairsOf.get(id) ?? []).filter((r) => members.some((m) => m.key === r.key));
      for (const r of own) {
        courses = prune(
          courses.flatMap((c) =>
            afterRepair(c.path[c.path.length - 1], r.key, r.mayMake, chancesOf(members, r)).map(({ mode, chance }) => ({
              ...c,
              path: [...c.path, mode],
              prior: c.prior * chance,
            })),
          ),
        );
      }
      for (const kind of retried) courses = prune(split(courses, members, kind, cylinders));
      const total = courses.reduce((s, c) => s + c.prior, 0);
      return {
        id,
        suspects: members.map((m) => m.key),
        repairIds: own.map((r) => r.id),
        paths: courses.map((c) => c.path),
        brings: courses.map((c) => c.brings),
        states: courses.map((c) => ({ prior: c.prior / total, members: c.path[c.path.length - 1].members })),
      };
    });
}
