import { CartesianGrid, Line, LineChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';

/** Readings over their days, each place a line of its own. */
export default function HistoryChart({ data, places }: { data: readonly Record<string, string | number>[]; places: readonly string[] }) {
  return (
    <ResponsiveContainer>
      <LineChart data={[...data]} margin={{ top: 8, right: 8, bottom: 0, left: 0 }}>
        <CartesianGrid stroke="var(--mui-palette-divider)" vertical={false} />
        <XAxis dataKey="t" />
        <YAxis width={44} domain={['auto', 'auto']} />
        {places.map((p, i) => (
          <Line
            key={p}
            dataKey={p}
            connectNulls
            isAnimationActive={false}
            strokeWidth={2}
            stroke={i % 2 ? 'var(--mui-palette-bench-brass)' : 'var(--mui-palette-bench-green)'}
            strokeDasharray={i > 1 ? '5 3' : undefined}
          />
        ))}
      </LineChart>
    </ResponsiveContainer>
  );
}
