import { Graph, layout } from '@dagrejs/dagre';
import type { StepGraph } from '../../../core/strip';

export const nodeWidth = 180;
export const nodeHeight = 64;

export interface Placed {
  id: string;
  /** Its middle. */
  x: number;
  y: number;
}

export interface Drawn {
  width: number;
  height: number;
  nodes: Map<string, Placed>;
  edges: { from: string; to: string; points: { x: number; y: number }[] }[];
}

/** Lays the steps out from top to bottom: what goes back first stands at the top. */
export function placed({ steps, edges }: StepGraph): Drawn {
  const g = new Graph();
  g.setGraph({ rankdir: 'TB', nodesep: 18, ranksep: 34, marginx: 6, marginy: 6 });
  g.setDefaultEdgeLabel(() => ({}));
  for (const s of steps) g.setNode(s.id, { width: nodeWidth, height: nodeHeight });
  for (const [a, b] of edges) g.setEdge(a, b);
  layout(g);
  const { width = 0, height = 0 } = g.graph() as { width?: number; height?: number };
  return {
    width,
    height,
    nodes: new Map(
      steps.map((s) => {
        const { x, y } = g.node(s.id) as { x: number; y: number };
        return [s.id, { id: s.id, x, y }];
      }),
    ),
    edges: g.edges().map((e) => ({ from: e.v, to: e.w, points: (g.edge(e) as { points: { x: number; y: number }[] }).points })),
  };
}

/** A title in two lines of what a node has room for. */
export function lines(title: string, most = 20): string[] {
  const made: string[] = [''];
  for (const w of title.split(' ')) {
    const last = made[made.length - 1];
    if (!last) made[made.length - 1] = w;
    else if (last.length + w.length < most) made[made.length - 1] = `${last} ${w}`;
    else made.push(w);
  }
  const cut = (text: string) => (text.length > most ? `${text.slice(0, most - 1)}…` : text);
  return made.length > 2 ? [cut(made[0]), cut(`${made[1]}…`)] : made.map(cut);
}

export const pathOf = (points: readonly { x: number; y: number }[]): string =>
  points.map((p, i) => `${i ? 'L' : 'M'} ${Math.round(p.x)} ${Math.round(p.y)}`).join(' ');
