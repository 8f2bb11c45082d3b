import type { FindingKind, Knowledge } from '../knowledge';

/** Words that mechanics use for one another. The first of each line stands for all. */
const alike = [
  ['carburettor', 'carb', 'carburetor', 'carbs'],
  ['fuel', 'petrol', 'gas', 'gasoline'],
  ['revs', 'rpm', 'rev', 'revving'],
  ['dies', 'stalls', 'stops', 'cuts', 'conks', 'stall', 'quits'],
  ['start', 'starts', 'fire', 'fires', 'catch', 'starting'],
  ['turn', 'turns', 'crank', 'cranks', 'spin', 'spins'],
  ['pops', 'pop', 'spits', 'backfires', 'backfire', 'coughs', 'bangs'],
  ['knock', 'knocks', 'thump', 'thud', 'bang'],
  ['rattle', 'rattles', 'clatter', 'tick', 'ticks', 'ticking'],
  ['leaks', 'leak', 'drips', 'weeps', 'dripping', 'puddle', 'floor'],
  ['hot', 'warm', 'heat'],
  ['slips', 'slip', 'slipping'],
  ['gear', 'gears', 'gearbox', 'transmission'],
  ['smoke', 'smokes', 'smoking', 'fumes'],
  ['battery', 'accu'],
  ['dead', 'nothing'],
  ['power', 'pull', 'weak', 'slow', 'gutless'],
  ['idle', 'tickover', 'tick-over'],
  ['coolant', 'water', 'antifreeze'],
  ['exhaust', 'silencer', 'muffler', 'pipe'],
  ['lights', 'lamps', 'lamp', 'light', 'headlight'],
  ['cold', 'morning'],
  ['noise', 'sound', 'noisy'],
];
const standsFor = new Map(alike.flatMap(([first, ...rest]) => [first, ...rest].map((w): [string, string] => [w, first])));
const empty = new Set(
  'a an and at back but by for from has have in is it its my no of on or out over runs so that the then through to up when with will not does do but after wont won any more when'.split(
    ' ',
  ),
);

/** Words as they are compared: small letters, one word for all that mean the same, without endings. */
export function wordsOf(text: string): string[] {
  return text
    .toLowerCase()
    .split(/[^a-z0-9-]+/)
    .filter((w) => w.length > 1 && !empty.has(w))
    .map((w) => standsFor.get(w) ?? w.replace(/(ing|ed|es|s)$/, ''));
}

/** A symptom that a mechanic's own words may mean, the best first. */
export interface SymptomMatch {
  kind: FindingKind;
  score: number;
}

/**
 * Symptoms that some words may mean. A word counts for more the fewer symptoms have it; one that is only begun counts
 * for a little less.
 */
export function symptomsMeant(k: Pick<Knowledge, 'findings'>, text: string, most = 6): SymptomMatch[] {
  const asked = [...new Set(wordsOf(text))];
  if (asked.length === 0) return [];
  const kinds = k.findings.filter((f) => f.symptom && !f.retired);
  const said = kinds.map((f) => new Set(wordsOf(`${f.name} ${f.symptom!.words}`)));
  const rarity = (w: string) => Math.log(1 + kinds.length / (1 + said.filter((s) => s.has(w)).length));
  const score = (own: Set<string>) =>
    asked.reduce((sum, w) => {
      if (own.has(w)) return sum + rarity(w);
      const begun = w.length > 2 && [...own].some((x) => x.startsWith(w) || (x.length > 3 && w.startsWith(x)));
      return sum + (begun ? 0.6 * rarity(w) : 0);
    }, 0);
  const named = (f: FindingKind) => {
    const own = wordsOf(f.name);
    return own.filter((w) => asked.includes(w)).length / Math.max(1, own.length);
  };
  return kinds
    .map((kind, i) => ({ kind, score: score(said[i]) / Math.sqrt(4 + said[i].size) + 0.5 * named(kind) ** 2 }))
    .filter((m) => m.score > 0.2)
    .sort((a, b) => b.score - a.score || (a.kind.id < b.kind.id ? -1 : 1))
    .slice(0, most);
}
