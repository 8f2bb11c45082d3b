import Box from '@mui/material/Box';
import type { Drawing } from '../../../../core/measure/panel';

type Bore = Extract<Drawing, { kind: 'bore' }>;

const width = 320;
const height = 190;
/** A hundredth of a millimetre at the wall, on the drawing. */
const perHundredth = 2.2;

/** The bore cut open, its wear drawn large: across the crank on the left, along it on the right. */
export function BoreDrawing({ depths, standardMm }: Bore) {
  const least = Math.min(...depths.flatMap((d) => [d.alongMm, d.acrossMm]));
  const from = standardMm ?? least;
  const y = (i: number) => 30 + (depths.length > 1 ? (i * (height - 60)) / (depths.length - 1) : (height - 60) / 2);
  const half = (centre: number, pick: (d: Bore['depths'][number]) => number, name: string) => {
    const out = (d: Bore['depths'][number]) => Math.max(-20, Math.min(40, (pick(d) - from) * 50 * perHundredth));
    const left = depths.map((d, i) => `${centre - 42 - out(d)},${y(i)}`);
    const right = depths.map((d, i) => `${centre + 42 + out(d)},${y(i)}`);
    return (
      <g>
        <text x={centre} y={16} textAnchor="middle" fontSize="14" fill="currentColor">
          {name}
        </text>
        <path
          d={`M ${centre - 42} 24 V ${height - 22} M ${centre + 42} 24 V ${height - 22}`}
          stroke="var(--mui-palette-divider)"
          strokeDasharray="4 4"
          fill="none"
        />
        <polyline points={left.join(' ')} fill="none" stroke="var(--mui-palette-bench-brass)" strokeWidth="3" />
        <polyline points={right.join(' ')} fill="none" stroke="var(--mui-palette-bench-brass)" strokeWidth="3" />
        {depths.map((d, i) => (
          <text key={i} x={centre} y={y(i) + 5} textAnchor="middle" fontSize="14" fill="currentColor">
            {pick(d).toFixed(3)}
          </text>
        ))}
      </g>
    );
  };
  const said = depths.map((d) => `${d.acrossMm.toFixed(3)} across, ${d.alongMm.toFixed(3)} along`).join('; ');
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`Bore from the top down: ${said}`}
      sx={{ width: '100%', maxWidth: 420, display: 'block' }}
    >
      {half(80, (d) => d.acrossMm, 'across the crank')}
      {half(240, (d) => d.alongMm, 'along it')}
      <text x={width / 2} y={height - 4} textAnchor="middle" fontSize="12" fill="currentColor">
        {`dashed: ${standardMm === null ? 'the smallest reading' : 'standard'}; wear drawn large`}
      </text>
    </Box>
  );
}
