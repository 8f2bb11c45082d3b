/**
 * Where on a bike something was found or read, in words: a position begins with the number of a cylinder ("2", "2 top ring"),
 * which is only said where there are several, or is a place of its own ("bolt 3", "left"). Empty where there is nothing to say.
 * @param position as it is kept, null for none
 * @param cylinders how many the bike has, null where it is not known
 * @returns words, empty where there is nothing to say
 */
export function placeWords(position: string | null, cylinders: number | null): string {
  if (!position) return '';
  const [, cylinder, rest] = /^(\d*)\s*(.*)$/.exec(position)!;
  return [cylinder && (cylinders ?? 1) > 1 ? `cylinder ${cylinder}` : '', rest].filter(Boolean).join(', ');
}
