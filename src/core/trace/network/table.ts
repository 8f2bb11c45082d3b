/** Tables over the levels of some findings, and the steps that a sweep takes on them. The last finding has the longest stride. */

/** One finding's place in a table. */
export interface Axis {
  /** Index into the part's dimensions. */
  dimension: number;
  size: number;
  stride: number;
}

export interface Layout {
  axes: readonly Axis[];
  size: number;
}

export const bare: Layout = { axes: [], size: 1 };

/** The layout with one more finding, outermost. */
export function widened({ axes, size }: Layout, dimension: number, levels: number): Layout {
  return { axes: [...axes, { dimension, size: levels, stride: size }], size: size * levels };
}

/** The layout without one finding; the others keep their order. */
export function narrowed(layout: Layout, dimension: number): Layout {
  let out = bare;
  for (const a of layout.axes) if (a.dimension !== dimension) out = widened(out, a.dimension, a.size);
  return out;
}

export const axisOf = ({ axes }: Layout, dimension: number): Axis => axes.find((a) => a.dimension === dimension)!;

/** One state's work on a table: which finding it raises, and to which level how likely. */
export interface Raise {
  stride: number;
  size: number;
  levels: Float64Array;
}

/** The table with one more finding, outermost, each of whose levels has a weight. */
export function spread(table: Float64Array, weights: Float64Array): Float64Array {
  const n = table.length;
  const out = new Float64Array(n * weights.length);
  for (let l = 0; l < weights.length; l++) for (let j = 0, k = l * n, w = weights[l]; j < n; j++, k++) out[k] = w * table[j];
  return out;
}

/** The opposite: the outermost finding is summed over its levels with their weights. */
export function gathered(table: Float64Array, weights: Float64Array): Float64Array {
  const n = table.length / weights.length;
  const out = new Float64Array(n);
  for (let l = 0; l < weights.length; l++) for (let j = 0, k = l * n, w = weights[l]; j < n; j++, k++) out[j] += w * table[k];
  return out;
}

/** Sums a finding anywhere in the table over its levels with their weights. */
export function closed(table: Float64Array, { stride, size }: Axis, weights: Float64Array): Float64Array {
  const out = new Float64Array(table.length / size);
  const block = stride * size;
  for (let base = 0, to = 0; base < table.length; base += block, to += stride)
    for (let l = 0; l < size; l++) for (let j = 0, k = base + l * stride, w = weights[l]; j < stride; j++, k++) out[to + j] += w * table[k];
  return out;
}

/** The opposite of `closed`: puts a finding back at its place, each level with its weight. */
export function reopened(table: Float64Array, { stride, size }: Axis, weights: Float64Array): Float64Array {
  const out = new Float64Array(table.length * size);
  const block = stride * size;
  for (let base = 0, from = 0; base < out.length; base += block, from += stride)
    for (let l = 0; l < size; l++)
      for (let j = 0, k = base + l * stride, w = weights[l]; j < stride; j++, k++) out[k] = w * table[from + j];
  return out;
}

export function addScaled(to: Float64Array, from: Float64Array, factor: number): void {
  for (let t = 0; t < to.length; t++) to[t] += factor * from[t];
}

export function product(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let t = 0; t < a.length; t++) sum += a[t] * b[t];
  return sum;
}

/** Raises one finding of a table of probabilities to the maximum of what it was and what is drawn from `levels`. */
export function pushUp(table: Float64Array, { stride, size, levels }: Raise): void {
  const block = stride * size;
  if (size === 2) {
    const [stay, rise] = levels;
    for (let base = 0; base < table.length; base += block) {
      for (let j = base, k = base + stride; j < base + stride; j++, k++) {
        const t = table[j];
        table[j] = t * stay;
        table[k] += t * rise;
      }
    }
    return;
  }
  for (let base = 0; base < table.length; base += block) {
    for (let j = base; j < base + stride; j++) {
      let below = 0;
      let cumulative = 0;
      for (let l = 0; l < size; l++) {
        const at = j + l * stride;
        const t = table[at];
        cumulative += levels[l];
        table[at] = t * cumulative + below * levels[l];
        below += t;
      }
    }
  }
}

/** The same step seen from the other side: the expected value of a table entry after the maximum is taken. */
export function pullBack(value: Float64Array, { stride, size, levels }: Raise): void {
  const block = stride * size;
  if (size === 2) {
    const [stay, rise] = levels;
    for (let base = 0; base < value.length; base += block) {
      for (let j = base, k = base + stride; j < base + stride; j++, k++) value[j] = value[j] * stay + value[k] * rise;
    }
    return;
  }
  for (let base = 0; base < value.length; base += block) {
    for (let j = base; j < base + stride; j++) {
      let above = 0;
      let cumulative = 1;
      for (let l = size - 1; l >= 0; l--) {
        const at = j + l * stride;
        const v = value[at];
        value[at] = v * cumulative + above;
        above += v * levels[l];
        cumulative -= levels[l];
      }
    }
  }
}
