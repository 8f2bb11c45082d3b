import Box from '@mui/material/Box';
import type { KeyboardEvent, PointerEvent } from 'react';
import type { Hole, Outline } from '../../../core/state';
import { outlinePath, proportions, screwLetter, type Point } from '../../../core/strip';

const size = 320;
const rim = 20;
const fine = 0.005;
const coarse = 0.025;

interface OutlineDrawingProps {
  name: string;
  outline: Pick<Outline, 'shape' | 'corners'>;
  holes: readonly Hole[];
  /** Ids of the kinds of screw, in the order of their letters. */
  screws: readonly string[];
  chosen?: string | null;
  /** Where the keys stand; it is drawn only where something can be marked. */
  cursor?: Point;
  onCursor?(to: Point): void;
  onMark?(at: Point): void;
}

/** An outline with its holes, each with the letter of its screw. Where it can be marked: a tap, or arrows and Enter. */
export function OutlineDrawing({ name, outline, holes, screws, chosen = null, cursor, onCursor, onMark }: OutlineDrawingProps) {
  const [w, h] = proportions[outline.shape].map((p) => p * size);
  const said = holes
    .map((x) => screwLetter(screws, x.fastenerId))
    .sort()
    .join(', ');
  const tapped = (e: PointerEvent<SVGSVGElement>) => {
    if (!onMark) return;
    const box = e.currentTarget.getBoundingClientRect();
    const scale = (w + 2 * rim) / box.width;
    const [x, y] = [((e.clientX - box.left) * scale - rim) / w, ((e.clientY - box.top) * scale - rim) / h];
    if (x >= 0 && x <= 1 && y >= 0 && y <= 1) onMark({ x, y });
  };
  const pressed = (e: KeyboardEvent) => {
    if (!cursor || !onCursor || !onMark) return;
    const by = e.shiftKey ? fine : coarse;
    const [dx, dy] = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] }[e.key] ?? [0, 0];
    if (dx || dy) onCursor({ x: Math.min(1, Math.max(0, cursor.x + dx)), y: Math.min(1, Math.max(0, cursor.y + dy)) });
    else if (e.key === 'Enter' || e.key === ' ') onMark(cursor);
    else return;
    e.preventDefault();
  };
  const marking = Boolean(onMark);
  return (
    <Box
      component="svg"
      viewBox={`${-rim} ${-rim} ${w + 2 * rim} ${h + 2 * rim}`}
      // With keys of its own it is worked like a field; without them it is a picture.
      role={marking ? 'application' : 'img'}
      aria-label={marking ? `Outline of ${name}: arrows move the cross, Enter marks` : `Outline of ${name}: ${holes.length} holes, ${said}`}
      tabIndex={marking ? 0 : undefined}
      onPointerUp={tapped}
      onKeyDown={pressed}
      sx={{
        width: '100%',
        maxWidth: 460,
        display: 'block',
        touchAction: 'manipulation',
        cursor: marking ? 'crosshair' : 'default',
        '&:focus-visible': { outline: '3px solid', outlineColor: 'primary.main' },
      }}
    >
      <path d={outlinePath(outline, w, h)} fill="var(--mui-palette-action-hover)" stroke="currentColor" strokeWidth={3} />
      {outline.shape === 'drawn' &&
        Array.from({ length: outline.corners.length / 2 }, (_x, i) => (
          <circle key={i} cx={outline.corners[2 * i] * w} cy={outline.corners[2 * i + 1] * h} r={3} fill="currentColor" />
        ))}
      {holes.map((x) => (
        <g key={x.id}>
          <circle
            cx={x.x * w}
            cy={x.y * h}
            r={16}
            fill="var(--mui-palette-background-paper)"
            stroke="currentColor"
            strokeWidth={x.id === chosen ? 5 : 2}
          />
          <text x={x.x * w} y={x.y * h + 7.5} textAnchor="middle" fontSize={22} fontWeight={600} fill="currentColor">
            {screwLetter(screws, x.fastenerId)}
          </text>
        </g>
      ))}
      {marking && cursor && (
        <path
          d={`M${cursor.x * w - 12} ${cursor.y * h}h24M${cursor.x * w} ${cursor.y * h - 12}v24`}
          stroke="var(--mui-palette-bench-brass)"
          strokeWidth={2.5}
        />
      )}
    </Box>
  );
}
