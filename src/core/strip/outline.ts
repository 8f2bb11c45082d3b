import type { Fastener, Hole, Outline, OutlineShape } from '../state';

/** How holes are marked that lie alike: one, mirrored, or evenly round the middle. */
export type Alike = { kind: 'one' | 'sides' | 'ends' | 'both' } | { kind: 'round'; count: number };

export interface Point {
  /** Parts of the width and the height of the outline, 0 to 1, from the left and from the top. */
  x: number;
  y: number;
}

const rounded = (x: number) => Math.round(Math.min(1, Math.max(0, x)) * 1e4) / 1e4;
/** Nearer than this two holes are one. */
const same = 0.004;

/**
 * The holes that one tap marks: itself, its mirror images, or so many evenly round the middle. One on the line that it is mirrored at
 * is marked once.
 * @param at where it was tapped
 * @param alike how those that lie alike are found
 * @returns the tapped one first, none of them twice
 */
export function holesAt(at: Point, alike: Alike): Point[] {
  const { x, y } = at;
  const all: Point[] =
    alike.kind === 'round'
      ? Array.from({ length: Math.max(1, Math.floor(alike.count)) }, (_x, i) => {
          const [dx, dy, turn] = [x - 0.5, y - 0.5, (2 * Math.PI * i) / Math.max(1, Math.floor(alike.count))];
          return { x: 0.5 + dx * Math.cos(turn) - dy * Math.sin(turn), y: 0.5 + dx * Math.sin(turn) + dy * Math.cos(turn) };
        })
      : [
          at,
          ...(alike.kind === 'sides' || alike.kind === 'both' ? [{ x: 1 - x, y }] : []),
          ...(alike.kind === 'ends' || alike.kind === 'both' ? [{ x, y: 1 - y }] : []),
          ...(alike.kind === 'both' ? [{ x: 1 - x, y: 1 - y }] : []),
        ];
  const out: Point[] = [];
  for (const p of all.map((q) => ({ x: rounded(q.x), y: rounded(q.y) })))
    if (!out.some((o) => Math.hypot(o.x - p.x, o.y - p.y) < same)) out.push(p);
  return out;
}

/** Width and height of each outline as it is drawn, in parts of the larger. */
export const proportions: Readonly<Record<OutlineShape, readonly [width: number, height: number]>> = {
  round: [1, 1],
  oval: [1, 0.7],
  square: [1, 1],
  tall: [0.65, 1],
  wide: [1, 0.6],
  drawn: [1, 1],
};

/**
 * An outline as the path of an SVG.
 * @param outline its shape, and the corners of a drawn one
 * @param width of the drawing, in its units
 * @param height of the drawing, in its units
 * @returns the `d` of a path; empty for a drawn one with fewer than three corners
 */
export function outlinePath({ shape, corners }: Pick<Outline, 'shape' | 'corners'>, width: number, height: number): string {
  const n = (v: number) => Number(v.toFixed(2));
  if (shape === 'round' || shape === 'oval') {
    const [rx, ry] = [width / 2, height / 2];
    return `M0 ${n(ry)}a${n(rx)} ${n(ry)} 0 1 0 ${n(width)} 0a${n(rx)} ${n(ry)} 0 1 0 ${n(-width)} 0z`;
  }
  if (shape !== 'drawn') {
    const r = Math.min(width, height) / 8;
    return `M${n(r)} 0H${n(width - r)}a${n(r)} ${n(r)} 0 0 1 ${n(r)} ${n(r)}V${n(height - r)}a${n(r)} ${n(r)} 0 0 1 ${n(-r)} ${n(r)}H${n(r)}a${n(r)} ${n(r)} 0 0 1 ${n(-r)} ${n(-r)}V${n(r)}a${n(r)} ${n(r)} 0 0 1 ${n(r)} ${n(-r)}z`;
  }
  const points = Array.from({ length: Math.floor(corners.length / 2) }, (_x, i) => [corners[2 * i] * width, corners[2 * i + 1] * height]);
  return points.length < 3 ? '' : `M${points.map(([x, y]) => `${n(x)} ${n(y)}`).join('L')}z`;
}

const natural = new Intl.Collator('en', { numeric: true });
const bySize = (a: Fastener, b: Fastener) =>
  natural.compare(a.size, b.size) || natural.compare(a.place ?? '', b.place ?? '') || (a.id < b.id ? -1 : 1);

/**
 * The screws of an outline in the order of their letters: those of its step, then those that hang on another step by now and have their
 * hole here all the same, as the hole is in this cover whatever its screw came off with. By size and place: rows of one entry have no
 * order of their own, and a letter means the same on every device and on the card.
 * @param stepId the step of the outline
 * @param fasteners those of the job
 * @param holes those of the outline
 */
export function screwsOf(stepId: string, fasteners: readonly Fastener[], holes: readonly Hole[]): Fastener[] {
  const here = new Set(holes.map((h) => h.fastenerId));
  const others = fasteners.filter((f) => f.stepId !== stepId && here.has(f.id));
  return [...fasteners.filter((f) => f.stepId === stepId).sort(bySize), ...others.sort(bySize)];
}

/** How many holes a kind of screw has on an outline, and how many it should have. */
export interface Placed {
  fastener: Fastener;
  placed: number;
}

/**
 * How far the screws of a step have their holes. Screws without a hole, and holes without a screw, are what is still to be said.
 * @param fasteners those of the step
 * @param holes those of its outline
 * @returns each kind of screw with its holes, and how many holes have none
 */
export function placedOf(fasteners: readonly Fastener[], holes: readonly Hole[]): { kinds: Placed[]; empty: number } {
  const known = new Set(fasteners.map((f) => f.id));
  return {
    kinds: fasteners.map((fastener) => ({ fastener, placed: holes.filter((h) => h.fastenerId === fastener.id).length })),
    empty: holes.filter((h) => h.fastenerId === null || !known.has(h.fastenerId)).length,
  };
}

/**
 * The letter of a kind of screw, in the order of its step: on the screen and on the card alike.
 * @param ids of the kinds of screw, in the order of their letters
 * @param id of one of them, null where a hole has none
 * @returns "A" to "Z", "?" for none of them
 */
export const screwLetter = (ids: readonly string[], id: string | null): string => {
  const i = id === null ? -1 : ids.indexOf(id);
  return i < 0 ? '?' : String.fromCharCode(65 + (i % 26));
};
