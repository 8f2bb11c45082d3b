import { applicability, type Attribute, type Facts, type Knowledge, type WireEnd } from '../knowledge';
import type { Connection, WireTry } from '../state';
import { letters, namedBy } from './named';

/** One way to join the loose wires: each by its id, with the end that it is put on. */
export interface Pairing {
  /** Names it, whatever the ends are called: two devices that try the same pairing mean the same. */
  code: string;
  joins: { id: string; to: string }[];
  /** How bad it is if it is wrong, the worst of its wires; 0 is the safest. */
  harm: number;
  /** How many wires stand elsewhere than the record has them. */
  moved: number;
  /** What came of it, where it was tried. */
  tried: WireTry['result'] | null;
}

export interface Pairings {
  /** The safest that was not tried first; those that were tried at the end. */
  list: Pairing[];
  /** How many there are in all, tried ones among them. */
  count: number;
  left: number;
  /** The one that cures, if one did. */
  cure: Pairing | null;
}

/** What is read of a connection here. */
export type LooseWire = Pick<Connection, 'id' | 'kind' | 'fromEnd' | 'toEnd' | 'colour' | 'mark' | 'joinedAt'>;

/**
 * A colour as it is compared: "Black with white" and "black/WHITE" are one.
 * @param colour as it was typed
 * @returns small words between slashes; empty where none was said
 */
export const colourKey = (colour: string | null): string =>
  letters(colour ?? '')
    .split(' ')
    .filter((w) => w && !['with', 'and', 'tracer', 'stripe', 'striped', 'wire'].includes(w))
    .join('/');

/**
 * The class of an end of a wire, by the words it is called by: the longest of them that stands in its name counts.
 * @param ends classes of the knowledge
 * @param name what the end is called
 * @param facts what is known of the bike; which post of the battery is live hangs on it
 * @param attributes what is known of each attribute
 * @returns the class, or null where its name says nothing
 */
export function endOf(ends: readonly WireEnd[], name: string, facts: Facts, attributes: readonly Attribute[]): WireEnd | null {
  const best = namedBy(
    ends.filter((e) => applicability(e.when, facts, attributes) >= 0.5),
    name,
  );
  return best?.is ? (ends.find((e) => e.id === best.is) ?? null) : best;
}

/**
 * Wires of one colour that cannot be told apart once they are loose: those that are parted and carry no mark of their own.
 * @param wires connections of one job
 * @returns groups of two or more, by colour
 */
export function alike<W extends LooseWire>(wires: readonly W[]): Map<string, W[]> {
  const groups = new Map<string, W[]>();
  for (const w of wires) {
    const key = colourKey(w.colour);
    if (w.kind !== 'wire' || w.joinedAt || w.mark || !key) continue;
    groups.set(key, [...(groups.get(key) ?? []), w]);
  }
  return new Map([...groups].filter(([, g]) => g.length > 1));
}

/** Every order of some things, the given one first. */
function* orders<T>(of: readonly T[]): Generator<T[]> {
  if (of.length < 2) yield [...of];
  else for (const [i, x] of of.entries()) for (const rest of orders([...of.slice(0, i), ...of.slice(i + 1)])) yield [x, ...rest];
}

const factorial = (n: number): number => (n < 2 ? 1 : n * factorial(n - 1));

/** More than this many are not worked out: nobody tries them, wires are marked or traced with a meter first. */
export const mostPairings = 720;

/**
 * Every way to join the loose wires that look alike, within each colour only: two colours of two are four, not twenty-four (the product
 * of the factorials; combinatorics). Two wires whose ends are called the same are one way. Safest first: the least harm where the wires
 * are wrong, then as few as possible elsewhere than in the record. Where a person found the one that cures, nothing is left.
 *
 * @param k classes of ends and attributes
 * @param wires connections of one job
 * @param tries what was tried already
 * @param facts what is known of the bike
 * @returns no list where there are none or more than `mostPairings`
 */
export function pairingsOf(
  k: { wireEnds: readonly WireEnd[]; attributes: readonly Attribute[] },
  wires: readonly LooseWire[],
  tries: readonly Pick<WireTry, 'pairing' | 'result'>[],
  facts: Facts,
): Pairings {
  const groups = [...alike(wires).values()];
  const count = groups.length === 0 ? 0 : groups.reduce((n, g) => n * factorial(g.length), 1);
  if (count === 0 || count > mostPairings) return { list: [], count, left: count, cure: null };
  const known = new Map<string, WireEnd | null>();
  const classOf = (name: string) => {
    if (!known.has(name)) known.set(name, endOf(k.wireEnds, name, facts, k.attributes));
    return known.get(name)!;
  };
  const harm = (from: string, to: string) => {
    const [a, b] = [classOf(from), classOf(to)];
    return a && b && a.id !== b.id ? Math.max(a.harm?.[b.id] ?? 0, b.harm?.[a.id] ?? 0) : 0;
  };
  const results = new Map(tries.map((t) => [t.pairing, t.result]));
  let joined: { wire: LooseWire; at: LooseWire }[][] = [[]];
  for (const group of groups)
    joined = joined.flatMap((before) => [...orders(group)].map((o) => [...before, ...group.map((wire, i) => ({ wire, at: o[i] }))]));
  const seen = new Set<string>();
  const list: Pairing[] = [];
  for (const ways of joined) {
    const same = ways.map(({ wire, at }) => `${wire.id}>${letters(at.toEnd)}`).join(' ');
    if (seen.has(same)) continue;
    seen.add(same);
    const code = ways
      .map(({ wire, at }) => `${wire.id}>${at.id}`)
      .sort()
      .join(' ');
    list.push({
      code,
      joins: ways.map(({ wire, at }) => ({ id: wire.id, to: at.toEnd })),
      harm: Math.max(...ways.map(({ wire, at }) => harm(wire.fromEnd, at.toEnd))),
      moved: ways.filter(({ wire, at }) => letters(wire.toEnd) !== letters(at.toEnd)).length,
      tried: results.get(code) ?? null,
    });
  }
  const done = (p: Pairing) => (p.tried ? 1 : 0);
  list.sort((a, b) => done(a) - done(b) || a.harm - b.harm || a.moved - b.moved);
  const cure = list.find((p) => p.tried === 'cures') ?? null;
  return { list, count: list.length, left: cure ? 0 : list.filter((p) => !p.tried).length, cure };
}

/**
 * What is done while pairings are tried, by what is among the ends.
 * @param k classes of ends and attributes
 * @param wires connections of one job
 * @param facts what is known of the bike
 * @returns sentences, each once; the first holds for all wires
 */
export function meanwhile(
  k: { wireEnds: readonly WireEnd[]; attributes: readonly Attribute[] },
  wires: readonly LooseWire[],
  facts: Facts,
): string[] {
  const loose = [...alike(wires).values()].flat();
  const ends = loose.flatMap((w) => [w.fromEnd, w.toEnd]).map((name) => endOf(k.wireEnds, name, facts, k.attributes));
  const said = k.wireEnds.flatMap((e) => (e.meanwhile && ends.includes(e) ? [e.meanwhile] : []));
  return loose.length === 0 ? [] : ['Earth lead off the battery while wires are moved, on again for each try.', ...said];
}

/**
 * Where a connection stands elsewhere than it came off, in words; null where it does not, or is not back.
 * @param c a connection
 * @returns a sentence without an end mark
 */
export function crossedWords(c: Pick<Connection, 'fromEnd' | 'toEnd' | 'colour' | 'joinedAt' | 'joinedTo'>): string | null {
  if (!c.joinedAt || c.joinedTo === null || letters(c.joinedTo) === letters(c.toEnd)) return null;
  return `${[c.colour, c.fromEnd].filter(Boolean).join(', ')}: on ${c.joinedTo}, the record says ${c.toEnd}`;
}

/**
 * The code under which a connection that is not where it belongs stands against an act or against closing its step.
 * @param c a connection
 * @returns "connection:" and its id
 */
export const connectionCode = (c: Pick<Connection, 'id'>): string => `connection:${c.id}`;

/**
 * Whether a connection is a joint, which stays where it is and is cleaned and measured.
 * @param c a connection
 * @returns true for an earth or a connector
 */
export const isJoint = (c: Pick<Connection, 'kind'>): boolean => c.kind === 'earth' || c.kind === 'connector';

export interface Astray {
  connection: Connection;
  /** It stands on another end; else it is not joined. */
  crossed: boolean;
  words: string;
}

/**
 * Connections that are not where they belong: parted, or on another end than the record has. A joint is none of them.
 * @param connections those of one job
 * @returns each with what is wrong, in words
 */
export function astray(connections: readonly Connection[]): Astray[] {
  return connections.flatMap((connection): Astray[] => {
    const { colour, fromEnd, toEnd, joinedAt } = connection;
    if (isJoint(connection)) return [];
    const crossed = crossedWords(connection);
    if (crossed) return [{ connection, crossed: true, words: crossed }];
    return joinedAt ? [] : [{ connection, crossed: false, words: `${[colour, fromEnd].filter(Boolean).join(', ')}: not back on ${toEnd}` }];
  });
}

/** The test of the tracer that trying pairings is. */
export const pairingTest = 'pair-wires';

/**
 * What trying a pairing tells the tracer: that it brings the spark back, or that none does. Only of wires of the ignition, since the test
 * is about its spark.
 * @param k classes of ends, attributes and tests
 * @param wires connections of one job
 * @param tried which pairing it was: what came of it, and how many are left beside it
 * @param facts what is known of the bike
 * @returns the outcome of the test, or null where it tells nothing
 */
export function toldByPairing(
  k: Pick<Knowledge, 'wireEnds' | 'attributes' | 'tests'>,
  wires: readonly LooseWire[],
  { result, left }: { result: WireTry['result']; left: number },
  facts: Facts,
): 'cures' | 'none' | null {
  const test = k.tests.find((t) => t.id === pairingTest && !t.retired);
  if (!test || applicability(test.applies, facts, k.attributes) === 0) return null;
  const group = [...alike(wires).values()].flat();
  const ignition = group.some((w) => [w.fromEnd, w.toEnd].some((e) => endOf(k.wireEnds, e, facts, k.attributes)?.id === 'ignition'));
  if (!ignition) return null;
  return result === 'cures' ? 'cures' : left === 0 ? 'none' : null;
}
