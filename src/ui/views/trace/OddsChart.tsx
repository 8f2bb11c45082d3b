import Box from '@mui/material/Box';
import { CartesianGrid, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import type { Ranking } from '../../../core/trace';
import { useJob } from '../../job/useJob';
import { Empty } from '../../controls/Empty';

const strokes = ['', '8 4', '2 4', '12 3 2 3'];

/** How likely the leaders were at each result, from what was shown then. */
export default function OddsChart({ ranking }: { ranking: Ranking }) {
  const { traced } = useJob();
  const leaders = ranking.suspects.slice(0, 4);
  const points = traced.evidence
    .filter((e) => e.shown && !e.withdrawn)
    .map((e, i) => ({
      n: i + 1,
      ...Object.fromEntries(leaders.map((s) => [s.key, Math.round((new Map(e.shown!.suspects).get(s.key) ?? 0) * 100) / 10])),
    }));
  const now = { n: points.length + 1, ...Object.fromEntries(leaders.map((s) => [s.key, Math.round(s.probability * 100) / 10])) };
  if (points.length === 0) return <Empty>The chart starts with the next result.</Empty>;
  return (
    <Box>
      <Box sx={{ height: 220, '& text': { fontSize: '1rem', fill: 'var(--mui-palette-text-secondary)' } }}>
        <ResponsiveContainer>
          <LineChart data={[...points, now]} margin={{ top: 8, right: 8, bottom: 0, left: -24 }}>
            <CartesianGrid stroke="var(--mui-palette-divider)" strokeDasharray="2 4" />
            <XAxis dataKey="n" />
            <YAxis domain={[0, 10]} />
            <Tooltip />
            {leaders.map((s, i) => (
              <Line
                key={s.key}
                dataKey={s.key}
                name={s.name}
                stroke={i === 0 ? 'var(--mui-palette-bench-brass)' : 'var(--mui-palette-bench-green)'}
                strokeWidth={i === 0 ? 3 : 2}
                strokeDasharray={strokes[i]}
                dot={false}
                isAnimationActive={false}
              />
            ))}
          </LineChart>
        </ResponsiveContainer>
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, fontSize: '1rem' }}>
        {leaders.map((s, i) => (
          <Box component="li" key={s.key} sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
            <svg width="36" height="8" aria-hidden>
              <line
                x1="0"
                y1="4"
                x2="36"
                y2="4"
                stroke={i === 0 ? 'var(--mui-palette-bench-brass)' : 'var(--mui-palette-bench-green)'}
                strokeWidth="3"
                strokeDasharray={strokes[i]}
              />
            </svg>
            {s.name}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
