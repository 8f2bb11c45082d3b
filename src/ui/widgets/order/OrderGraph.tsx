import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo, useRef, useState, type KeyboardEvent } from 'react';
import type { Step } from '../../../core/state';
import { graphOf, mostDrawn } from '../../../core/strip';
import { saveFile } from '../../job/saveFile';
import { useJob } from '../../job/useJob';
import { lines, nodeHeight, nodeWidth, pathOf, placed } from './layout';
import { svgFile } from './svgFile';

interface OrderGraphProps {
  /** Those of the job, in the order of the log. */
  steps: readonly Step[];
  ready: ReadonlySet<string>;
  onOpen(id: string): void;
}

/** What hangs on what, from top to bottom, to move through by tap or arrows; as a file for paper. */
export default function OrderGraph({ steps, ready, onOpen }: OrderGraphProps) {
  const { knowledge, traced } = useJob();
  const { archetype } = traced.bike;
  // Rows come anew with every change: the key stands for the steps, so that the drawing is worked out only where it comes out otherwise.
  const key = JSON.stringify(steps.map((s) => [s.id, s.before, s.usual, s.access, s.refittedAt === null, s.title, s.bag]));
  const graph = useMemo(() => graphOf(knowledge, steps, archetype), [knowledge, key, archetype]);
  const drawn = useMemo(() => (graph.steps.length > mostDrawn ? null : placed(graph)), [graph]);
  const [at, setAt] = useState<string | null>(null);
  const nodes = useRef(new Map<string, SVGGElement>());
  if (graph.steps.length === 0) return null;
  if (!drawn)
    return (
      <Typography role="status">
        {graph.steps.length} steps are too many for a drawing; up to {mostDrawn} are drawn.
      </Typography>
    );
  const here = at && drawn.nodes.has(at) ? at : graph.steps[0].id;
  const go = (id: string | undefined) => {
    if (!id) return;
    setAt(id);
    nodes.current.get(id)?.focus();
  };
  const keys = (e: KeyboardEvent) => {
    const { x, y } = drawn.nodes.get(here)!;
    const nearest = (of: readonly string[]) =>
      of.map((id) => drawn.nodes.get(id)!).sort((a, b) => Math.hypot(a.x - x, a.y - y) - Math.hypot(b.x - x, b.y - y))[0]?.id;
    const all = graph.steps.map((s) => s.id);
    const moves: Record<string, () => string | undefined> = {
      ArrowDown: () => nearest(graph.edges.filter(([a]) => a === here).map(([, b]) => b)),
      ArrowUp: () => nearest(graph.edges.filter(([, b]) => b === here).map(([a]) => a)),
      ArrowLeft: () => nearest(all.filter((id) => drawn.nodes.get(id)!.x < x - 1)),
      ArrowRight: () => nearest(all.filter((id) => drawn.nodes.get(id)!.x > x + 1)),
      Home: () => all[0],
      End: () => all.at(-1),
    };
    if (e.key === 'Enter' || e.key === ' ') onOpen(here);
    else if (moves[e.key]) go(moves[e.key]());
    else return;
    e.preventDefault();
  };
  const waits = (id: string) => graph.edges.filter(([, b]) => b === id).map(([a]) => graph.steps.find((s) => s.id === a)!.title);
  return (
    <Box>
      <Box sx={{ overflow: 'auto', maxHeight: 520 }} data-testid="order-graph">
        <svg
          width={Math.ceil(drawn.width)}
          height={Math.ceil(drawn.height)}
          role="group"
          aria-label="What hangs on what: arrows move, Enter opens"
          onKeyDown={keys}
          style={{ display: 'block' }}
        >
          {drawn.edges.map((e) => (
            <path
              key={`${e.from} ${e.to}`}
              d={pathOf(e.points)}
              fill="none"
              stroke={`var(--mui-palette-${e.from === here || e.to === here ? 'bench-brass' : 'divider'})`}
              strokeWidth={e.from === here || e.to === here ? 3 : 2}
            />
          ))}
          {graph.steps.map((s) => (
            <Node
              key={s.id}
              step={s}
              at={drawn.nodes.get(s.id)!}
              lit={ready.has(s.id)}
              focusable={s.id === here}
              after={waits(s.id)}
              keep={(el) => void (el ? nodes.current.set(s.id, el) : nodes.current.delete(s.id))}
              onAt={() => setAt(s.id)}
              onOpen={() => onOpen(s.id)}
            />
          ))}
        </svg>
      </Box>
      <Button
        onClick={() =>
          saveFile(
            `${traced.bike.name} order.svg`,
            'image/svg+xml',
            svgFile(`${traced.bike.name}: order of refit`, graph.steps, ready, drawn),
          )
        }
      >
        Export drawing as SVG
      </Button>
    </Box>
  );
}

interface NodeProps {
  step: Step;
  at: { x: number; y: number };
  lit: boolean;
  focusable: boolean;
  after: readonly string[];
  keep(el: SVGGElement | null): void;
  onAt(): void;
  onOpen(): void;
}

function Node({ step: s, at: { x, y }, lit, focusable, after, keep, onAt, onOpen }: NodeProps) {
  const said = lines(s.title);
  return (
    <g
      ref={keep}
      role="button"
      tabIndex={focusable ? 0 : -1}
      aria-label={`${s.title}${s.bag ? `, bag ${s.bag}` : ''}: ${lit ? 'ready' : `after ${after.join(', ') || 'what it waits for'}`}`}
      onFocus={onAt}
      onClick={onOpen}
      style={{ cursor: 'pointer', outlineOffset: -2 }}
    >
      <rect
        x={x - nodeWidth / 2}
        y={y - nodeHeight / 2}
        width={nodeWidth}
        height={nodeHeight}
        fill={`var(--mui-palette-${lit ? 'bench-greenWash' : 'background-paper'})`}
        stroke={`var(--mui-palette-${lit ? 'bench-green' : 'text-secondary'})`}
        strokeWidth={lit ? 3 : 1.5}
      />
      {said.map((l, i) => (
        <text
          key={i}
          x={x}
          y={y - (s.bag ? 8 : 2) + 7 + (i - (said.length - 1) / 2) * 18}
          textAnchor="middle"
          fontSize="16"
          fill="currentColor"
        >
          {l}
        </text>
      ))}
      {s.bag && (
        <text x={x} y={y + 27} textAnchor="middle" fontSize="16" fill="var(--mui-palette-text-secondary)">
          bag {s.bag}
        </text>
      )}
    </g>
  );
}
