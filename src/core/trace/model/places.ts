import { placeWords } from '../../state';

/**
 * Positions that have a place of their own: cylinders 1..n; one where the number is unknown.
 * @param cylinders how many there are, null where it is not known
 * @returns "1" to "n"
 */
export const positionsOf = (cylinders: number | null): string[] => Array.from({ length: cylinders ?? 1 }, (_x, i) => String(i + 1));

/**
 * The name of a fault or a test with its place, where it has one: "Plug fouled, cylinder 2".
 * @param name of a fault or a test
 * @param position its place, null where it has none
 * @param positions all places of the bike
 * @returns words
 */
export const placeName = (name: string, position: string | null, positions: readonly string[]): string =>
  [name, placeWords(position, positions.length)].filter(Boolean).join(', ');
