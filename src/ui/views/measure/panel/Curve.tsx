import Box from '@mui/material/Box';
import { Area, CartesianGrid, ComposedChart, Line, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { Drawing } from '../../../../core/measure/panel';

type CurveDrawing = Extract<Drawing, { kind: 'curve' }>;

/** Readings over what they hang on, with the band of the manual behind them. */
export function Curve({ x, y, points, band }: CurveDrawing) {
  const at = [...new Set([...points.map((p) => p.x), ...band.map((b) => b.x)])].sort((a, b) => a - b);
  const data = at.map((v) => {
    const b = band.find((k) => k.x === v);
    return { x: v, y: points.find((p) => p.x === v)?.y, band: b ? [b.low, b.high] : undefined };
  });
  return (
    <Box role="img" aria-label={`${y} over ${x}: ${points.map((p) => `${p.y.toFixed(1)} at ${p.x}`).join(', ')}`} sx={{ height: 220 }}>
      <ResponsiveContainer>
        <ComposedChart data={data} margin={{ top: 8, right: 8, bottom: 16, left: 0 }}>
          <CartesianGrid stroke="var(--mui-palette-divider)" />
          <XAxis dataKey="x" type="number" domain={['dataMin', 'dataMax']} label={{ value: x, position: 'insideBottom', offset: -10 }} />
          <YAxis width={44} domain={['auto', 'auto']} />
          <Area
            dataKey="band"
            stroke="none"
            fill="var(--mui-palette-bench-green)"
            fillOpacity={0.22}
            connectNulls
            isAnimationActive={false}
          />
          <Line
            dataKey="y"
            stroke="var(--mui-palette-text-primary)"
            strokeWidth={2}
            dot={{ r: 5 }}
            connectNulls
            isAnimationActive={false}
          />
        </ComposedChart>
      </ResponsiveContainer>
    </Box>
  );
}
