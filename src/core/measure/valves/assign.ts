/** What cannot be. */
export const never = Infinity;

/**
 * Least total cost of giving each row a column of its own: `cost[row][column]`, at least as many columns as rows, `never`
 * where a row cannot take a column. Returns the column of each row, or null where not every row can have one.
 * Shortest augmenting paths with potentials (Kuhn 1955, Munkres 1957, in the form of Jonker and Volgenant 1987):
 * rows² × columns. Exact while sums of costs are exact, so give it whole numbers.
 */
export function assign(cost: readonly (readonly number[])[]): number[] | null {
  const rows = cost.length;
  const columns = rows ? cost[0].length : 0;
  if (columns < rows) return null;
  // Column 0 stands for "none yet"; rows and columns count from one.
  const rowOf = new Int32Array(columns + 1);
  const rowPotential = new Float64Array(rows + 1);
  const columnPotential = new Float64Array(columns + 1);
  const from = new Int32Array(columns + 1);
  for (let row = 1; row <= rows; row++) {
    rowOf[0] = row;
    const least = new Float64Array(columns + 1).fill(Infinity);
    const used = new Uint8Array(columns + 1);
    let at = 0;
    do {
      used[at] = 1;
      const r = rowOf[at];
      let step = Infinity;
      let next = -1;
      for (let c = 1; c <= columns; c++) {
        if (used[c]) continue;
        const reduced = cost[r - 1][c - 1] - rowPotential[r] - columnPotential[c];
        if (reduced < least[c]) {
          least[c] = reduced;
          from[c] = at;
        }
        if (least[c] < step) {
          step = least[c];
          next = c;
        }
      }
      if (next < 0) return null;
      for (let c = 0; c <= columns; c++) {
        if (used[c]) {
          rowPotential[rowOf[c]] += step;
          columnPotential[c] -= step;
        } else if (least[c] < Infinity) least[c] -= step;
      }
      at = next;
    } while (rowOf[at] !== 0);
    while (at !== 0) {
      rowOf[at] = rowOf[from[at]];
      at = from[at];
    }
  }
  const columnOf = new Array<number>(rows).fill(-1);
  for (let c = 1; c <= columns; c++) if (rowOf[c]) columnOf[rowOf[c] - 1] = c - 1;
  return columnOf;
}
