import Box from '@mui/material/Box';
import type { Connection } from '../../../core/state';
import { crossedWords } from '../../../core/strip';
import { shadesOf } from './Swatch';

const width = 310;
const row = 36;

/** One plug or terminal drawn: what comes from it on the left, where it goes on the right. Dashed is parted, crossed goes where it is. */
export function ConnectionDrawing({ name, list }: { name: string; list: readonly Connection[] }) {
  const ends = [...new Set(list.flatMap((c) => [c.toEnd, ...(crossedWords(c) ? [c.joinedTo!] : [])]))];
  const height = Math.max(list.length, ends.length) * row + 8;
  const yOf = (i: number, many: number) => 4 + row / 2 + ((height - 8 - row) * i) / Math.max(1, many - 1 || 1);
  const at = (i: number, many: number) => (many === 1 ? height / 2 : yOf(i, many));
  const said = list
    .map(
      (c) =>
        `${[c.colour, c.mark && `mark ${c.mark}`, c.fromEnd].filter(Boolean).join(', ')} ${c.joinedAt ? `on ${crossedWords(c) ? c.joinedTo : c.toEnd}` : `off ${c.toEnd}`}`,
    )
    .join('; ');
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`${name}: ${said}`}
      sx={{ width: '100%', maxWidth: 520, display: 'block' }}
    >
      {list.map((c, i) => {
        const crossed = crossedWords(c) !== null;
        const [y, to] = [at(i, list.length), at(ends.indexOf(crossed ? c.joinedTo! : c.toEnd), ends.length)];
        const path = `M 92 ${y} C 145 ${y} 145 ${to} 196 ${to}`;
        const [ground = 'var(--mui-palette-text-secondary)', stripe] = shadesOf(c.colour);
        const dash = c.joinedAt ? undefined : '7 6';
        return (
          <g key={c.id}>
            <path
              d={path}
              fill="none"
              stroke={crossed ? 'var(--mui-palette-bench-red)' : 'var(--mui-palette-text-primary)'}
              strokeWidth={crossed ? 10 : 7}
              strokeDasharray={dash}
              opacity={crossed ? 1 : 0.55}
            />
            <path d={path} fill="none" stroke={ground} strokeWidth={5} strokeDasharray={dash} />
            {stripe && <path d={path} fill="none" stroke={stripe} strokeWidth={1.8} strokeDasharray={dash} />}
            <text x={86} y={y + 4} textAnchor="end" fontSize="16" fill="currentColor">
              {shorten(c.fromEnd.split(', ').at(-1)!)}
              {c.mark ? ` (${c.mark})` : ''}
            </text>
          </g>
        );
      })}
      {ends.map((e, i) => (
        <text key={e} x={202} y={at(i, ends.length) + 4} fontSize="16" fill="currentColor">
          {shorten(e)}
        </text>
      ))}
    </Box>
  );
}

/** The drawing has room for so much; the whole stands in the list and in its description. */
const shorten = (text: string): string => (text.length > 13 ? `${text.slice(0, 12)}…` : text);
