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
  ['earth', 'ground', 'grounding', 'earthing', 'earthed'],
  ['pick-up', 'pickup', 'pulser', 'pulse'],
  ['intake', 'inlet', 'inlets', 'intakes'],
  ['flywheel', 'rotor', 'magneto'],
  ['swap', 'swapped', 'swapping', 'exchange', 'exchanged', 'change-over'],
  ['contacts', 'contact', 'points', 'breaker'],
  ['clearance', 'clearances', 'tappet', 'tappets', 'lash'],
  ['resistance', 'ohms', 'ohm'],
  ['voltage', 'volts', 'volt'],
  ['gap', 'gaps'],
  ['filter', 'element', 'cleaner'],
  ['look', 'looked', 'inspected', 'inspect', 'checked', 'check', 'examined', 'saw'],
  ['rubber', 'rubbers', 'boot', 'boots', 'manifold', 'manifolds'],
  ['bowl', 'bowls', 'chamber'],
  ['clogged', 'blocked', 'choked', 'bunged', 'plugged'],
  ['worn', 'wear'],
  ['sticks', 'stick', 'sticky', 'sticking', 'binds', 'jams'],
  ['side-stand', 'sidestand'],
];
const standsFor = new Map(alike.flatMap(([first, ...rest]) => [first, ...rest].map((w): [string, string] => [w, first])));
const empty = new Set(
  'a an and at back but by for from has have in is it its my no of on or out over runs so that the then through to up when with will not does do but after wont won any more'.split(
    ' ',
  ),
);

/** A word without its ending, and without the letter that an ending doubles: swapped and swap are one. */
const stemOf = (w: string): string => w.replace(/(ing|ed|es|s)$/, '').replace(/([bcdfgklmnprtvz])\1$/, '$1');

/** Words as they are compared: small letters, one word for all that mean the same, without endings. */
export function wordsOf(text: string): string[] {
  return text
    .toLowerCase()
    .split(/[^a-z0-9-]+/)
    .filter((w) => w.length > 1 && !empty.has(w))
    .map((w) => standsFor.get(w) ?? stemOf(w));
}

/** One word begins the other, and they differ by an ending only: carb and carbon are two words, sprocket and sprockets one. */
export const begun = (a: string, b: string): boolean => {
  const [short, long] = a.length < b.length ? [a, b] : [b, a];
  return short.length > 3 && long.startsWith(short) && (long.length - short.length <= 2 || short.length >= 6);
};
