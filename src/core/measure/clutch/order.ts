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
