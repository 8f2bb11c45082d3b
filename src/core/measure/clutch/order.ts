/** What can lie in a clutch between its hub and its pressure plate. */
export type Plate = 'lining' | 'narrow lining' | 'plain' | 'thick plain' | 'spring' | 'seat';

export const plateNames: Readonly<Record<Plate, string>> = {
  lining: 'friction',
  'narrow lining': 'narrow friction',
  plain: 'steel',
  'thick plain': 'thick steel',
  spring: 'judder spring',
  seat: 'its seat',
};

const lined = (p: Plate) => p === 'lining' || p === 'narrow lining';
const isPlain = (p: Plate) => p === 'plain' || p === 'thick plain';

export interface OrderVerdict {
  linings: number;
  plains: number;
  words: string;
  /** What does not fit; empty where the stack alternates and shows linings at both ends. */
  odd: string[];
}

/**
 * The order of a clutch's plates as they came off, outermost first: how many of each, and what cannot be as it is. Linings
 * and plain plates take turns, with a lining at either end; a judder spring and its seat lie within a narrow lining
 * and count for nothing. Common practice. Null for fewer than two plates.
 */
export function orderVerdict(stack: readonly Plate[]): OrderVerdict | null {
  const plates = stack.filter((p) => lined(p) || isPlain(p));
  if (plates.length < 2) return null;
  const odd: string[] = [];
  plates.forEach((p, i) => {
    if (i > 0 && lined(p) === lined(plates[i - 1]))
      odd.push(
        `Two ${lined(p) ? 'friction plates' : 'steel plates'} lie on each other: one between them is missing or stuck to its neighbour.`,
      );
  });
  if (!lined(plates[0])) odd.push('A steel plate lies outermost: usually it is a friction plate.');
  if (!lined(plates[plates.length - 1])) odd.push('A steel plate lies innermost: usually it is a friction plate.');
  const count = (what: Plate) => stack.filter((p) => p === what).length;
  if (count('spring') !== count('seat')) odd.push('A judder spring goes with its seat: one of the two is missing.');
  if (count('spring') > 0 && count('narrow lining') === 0)
    odd.push('A judder spring lies within a narrow friction plate: which one is it?');
  const linings = plates.filter(lined).length;
  const plains = plates.length - linings;
  return {
    linings,
    plains,
    words: `${linings} friction, ${plains} steel, as they came off, outermost first: ${stack.map((p) => plateNames[p]).join(', ')}.`,
    odd,
  };
}

/** One plate of a stack, with how it lay. */
export interface Laid {
  plate: Plate;
  /** Its tabs stand one slot round. */
  turned: boolean;
  /** Marks, edges; no semicolon or bracket. */
  note: string;
}

const slotRound = 'tabs one slot round';

/**
 * A stack as it is noted: "friction; steel (red paint); narrow friction (tabs one slot round)".
 * @param stack plates, outermost first
 * @returns words that `stackFrom` reads
 */
export const stackWords = (stack: readonly Laid[]): string =>
  stack
    .map(({ plate, turned, note }) => {
      const said = [turned ? slotRound : '', note.replace(/[;()]+/g, ',')].filter(Boolean).join(', ');
      return said ? `${plateNames[plate]} (${said})` : plateNames[plate];
    })
    .join('; ');

/**
 * Reads a stack that was noted.
 * @param words what `stackWords` gave
 * @returns plates, outermost first; null where something in it is no plate
 */
export function stackFrom(words: string): Laid[] | null {
  const kinds = Object.entries(plateNames) as [Plate, string][];
  const stack = words.split(';').map((part): Laid | null => {
    const [, name, said = ''] = /^\s*([^(]*?)\s*(?:\((.*)\))?\s*$/.exec(part) ?? [];
    const plate = kinds.find(([, n]) => n === name)?.[0];
    if (!plate) return null;
    const rest = said.split(',').map((s) => s.trim());
    return { plate, turned: rest.includes(slotRound), note: rest.filter((s) => s && s !== slotRound).join(', ') };
  });
  return stack.every((l) => l !== null) ? stack : null;
}

/** As they stand in a sentence, several of them. */
const many: Readonly<Record<Plate, string>> = {
  lining: 'friction plates',
  'narrow lining': 'narrow friction plates',
  plain: 'steel plates',
  'thick plain': 'thick steel plates',
  spring: 'judder springs',
  seat: 'seats of judder springs',
};

/**
 * What differs between a stack as it came off and as it goes back: how many of each, and the places of the odd ones.
 * @param off as it came off, outermost first
 * @param back as it goes back, outermost first
 * @returns each difference in words; empty where it goes back as it came off
 */
export function stackDiffers(off: readonly Plate[], back: readonly Plate[]): string[] {
  const count = (stack: readonly Plate[], p: Plate) => stack.filter((x) => x === p).length;
  const numbers = (Object.keys(plateNames) as Plate[]).flatMap((p) => {
    const [was, is] = [count(off, p), count(back, p)];
    return was === is
      ? []
      : [`${was} ${many[p]} came off, ${is} ${is === 1 ? 'goes' : 'go'} back: ${is < was ? `${was - is} short` : `${is - was} too many`}.`];
  });
  if (numbers.length > 0) return numbers;
  return off
    .flatMap((p, i) => (back[i] === p ? [] : [`Number ${i + 1} was ${plateNames[p]}, and is ${plateNames[back[i]]} now.`]))
    .slice(0, 2);
}
