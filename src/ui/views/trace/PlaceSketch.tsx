import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { places, type Place } from '../../../core/trace';

/** Where each place is on the sketch, in its own units: a bike from the right, front wheel on the right. */
const at: Record<Place, [number, number]> = {
  bars: [196, 26],
  headlamp: [214, 44],
  tank: [150, 42],
  airBox: [98, 66],
  carburettor: [119, 78],
  plug: [160, 66],
  head: [151, 74],
  cylinder: [147, 88],
  crankcase: [138, 108],
  ignition: [150, 112],
  generator: [128, 112],
  primary: [118, 114],
  gearbox: [104, 108],
  sump: [136, 124],
  starter: [122, 98],
  battery: [80, 72],
  coil: [152, 56],
  exhaust: [84, 122],
  cooling: [172, 88],
  fork: [218, 86],
  chain: [70, 112],
};

const line = { fill: 'none', stroke: 'currentColor', strokeWidth: 2.5, strokeLinejoin: 'round', strokeLinecap: 'round' } as const;

/** A plain sketch of a bike with a mark where a suspect sits. It is no bike in particular. */
export function PlaceSketch({ place }: { place: Place }) {
  const [x, y] = at[place];
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
      <Box
        component="svg"
        viewBox="0 0 280 150"
        role="img"
        aria-label={`Place on the bike: ${places[place]}`}
        sx={{ width: 168, flex: 'none', color: 'text.secondary', display: 'block' }}
      >
        <circle cx="52" cy="112" r="32" {...line} />
        <circle cx="232" cy="112" r="32" {...line} />
        <path d="M52 112 L104 108 L100 62 M100 62 L190 40 L172 108 L104 108 M100 62 L60 58 L112 54" {...line} />
        <path d="M232 112 L198 30 M188 28 L204 22" {...line} />
        <path d="M118 56 Q122 34 156 34 L186 42 Q176 58 120 58 Z" {...line} />
        <path d="M98 122 L168 122 L170 98 L112 96 Z M138 98 L134 74 L158 70 L162 98" {...line} />
        <path d="M160 92 Q184 104 166 126 L40 132" {...line} />
        <circle cx={x} cy={y} r="15" fill="none" stroke="var(--mui-palette-bench-brass)" strokeWidth="5" />
        <circle cx={x} cy={y} r="4" fill="var(--mui-palette-text-primary)" />
      </Box>
      <Typography variant="body2">{places[place]}</Typography>
    </Box>
  );
}
