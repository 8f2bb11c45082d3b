/** Positions that have a place of their own: cylinders 1..n; one where the number is unknown. */
export const positionsOf = (cylinders: number | null): string[] => Array.from({ length: cylinders ?? 1 }, (_x, i) => String(i + 1));
