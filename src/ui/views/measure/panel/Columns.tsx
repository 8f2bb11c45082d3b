import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Drawing } from '../../../../core/measure/panel';
import { show } from '../../../../core/quantity';

type ColumnsDrawing = Extract<Drawing, { kind: 'columns' }>;

const tallest = 150;
const foot = 26;

/** What each draws, side by side, with the band that is near enough under the highest. */
export function Columns({ columns, unit, limit }: ColumnsDrawing) {
  const values = columns.map((c) => c.value).filter(Number.isFinite);
  const high = Math.max(...values);
  const span = Math.max(high - Math.min(...values), limit ?? 0, 1) * 1.6;
  const px = (x: number) => Math.max(4, Math.min(tallest, (tallest * (x - high + span)) / span));
  return (
    <Box
      role="img"
      aria-label={columns.map((c) => `${c.label}: ${show(c.value, unit)} ${unit}`).join(', ')}
      sx={{ position: 'relative', display: 'flex', gap: 2, alignItems: 'flex-end', height: tallest + foot + 30 }}
    >
      {limit !== null && (
        <Box
          aria-hidden
          sx={{
            position: 'absolute',
            left: 0,
            right: 0,
            bottom: px(high - limit) + foot,
            height: px(high) - px(high - limit),
            bgcolor: 'bench.green',
            opacity: 0.18,
          }}
        />
      )}
      {columns.map((c) => (
        <Box key={c.label} sx={{ flex: '1 1 0', minWidth: 0, textAlign: 'center' }}>
          <Typography sx={{ fontVariantNumeric: 'tabular-nums', fontWeight: 600 }}>{show(c.value, unit)}</Typography>
          <Box
            sx={{ height: px(c.value), border: 2, borderColor: 'text.secondary', borderBottom: 0, bgcolor: 'bench.brass', opacity: 0.85 }}
          />
          <Typography variant="body2" sx={{ borderTop: 2, borderColor: 'text.primary', height: foot }}>
            {c.label}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
