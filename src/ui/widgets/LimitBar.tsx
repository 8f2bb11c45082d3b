import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import Check from '@mui/icons-material/Check';
import Close from '@mui/icons-material/Close';
import SouthIcon from '@mui/icons-material/South';
import NorthIcon from '@mui/icons-material/North';
import DragHandle from '@mui/icons-material/DragHandle';
import Remove from '@mui/icons-material/Remove';
import HelpOutline from '@mui/icons-material/HelpOutlineOutlined';
import type { ReactNode } from 'react';
import { barGeometry, judge, type GaugeError, type Limit, type Verdict } from '../../core/measure';
import { besideSi, show } from '../../core/quantity';
import type { ReadingValue } from '../../core/state';
import { fonts } from '../theme/tokens';

type Tone = 'green' | 'brass' | 'red' | 'soft';

const looks: Record<Verdict, { tone: Tone; word: string; icon: ReactNode }> = {
  in: { tone: 'green', word: 'within limits', icon: <Check /> },
  low: { tone: 'red', word: 'low', icon: <SouthIcon /> },
  high: { tone: 'red', word: 'high', icon: <NorthIcon /> },
  'in service': { tone: 'brass', word: 'within service limit, watch', icon: <Check /> },
  'past service': { tone: 'red', word: 'past service limit', icon: <Close /> },
  borderline: { tone: 'brass', word: 'borderline: measure again', icon: <DragHandle /> },
  straddles: { tone: 'brass', word: 'either side: narrow it down', icon: <DragHandle /> },
  'off the scale': { tone: 'brass', word: 'off the scale', icon: <HelpOutline /> },
  'no limit': { tone: 'soft', word: 'no limit yet', icon: <Remove /> },
  'no reading': { tone: 'soft', word: 'not obtained', icon: <HelpOutline /> },
};

const colour = (t: Tone) => (t === 'soft' ? 'text.secondary' : `bench.${t}`);

/** The figure as it is read at arm's length. */
function figureOf(value: ReadingValue, unit: string): string {
  if (value.kind === 'exact') return show(value.value, unit);
  if (value.kind === 'interval') return `${show(value.low, unit)}–${show(value.high, unit)}`;
  if (value.kind === 'atLeast') return `over ${show(value.bound, unit)}`;
  if (value.kind === 'atMost') return `under ${show(value.bound, unit)}`;
  return '—';
}

/** The same in the SI, where the unit shown is not of it. */
function siOf(value: ReadingValue, unit: string): string | null {
  if (value.kind === 'exact') return besideSi(value.value, unit);
  if (value.kind === 'atLeast' || value.kind === 'atMost') return besideSi(value.bound, unit);
  if (value.kind === 'none') return null;
  const [low, high] = [besideSi(value.low, unit), besideSi(value.high, unit)];
  return low && high ? `${low.split(' ')[0]}–${high}` : null;
}

function limitWords(limit: Limit | null, unit: string): string {
  if (!limit || (limit.low === null && limit.high === null)) return 'No limit entered';
  if (limit.low !== null && limit.high !== null) return `${show(limit.low, unit)} to ${show(limit.high, unit)} ${unit}`;
  return limit.low !== null ? `${show(limit.low, unit)} ${unit} or more` : `${show(limit.high!, unit)} ${unit} or less`;
}

export interface LimitBarProps {
  value: ReadingValue;
  unit: string;
  limit: Limit | null;
  error: GaugeError;
  label?: string;
  /** As typed, where the unit differs from the one shown. */
  entered?: string;
}

/**
 * Every reading everywhere: a slot for what is allowed, a notch for what was read, the figure large, the source named.
 * Nothing is told by colour alone: the word, the icon and the place of the notch say the same.
 */
export function LimitBar({ value, unit, limit, error, label, entered }: LimitBarProps) {
  const { verdict, words } = judge(value, limit, error);
  const look = looks[verdict];
  const g = barGeometry(value, limit);
  const figure = figureOf(value, unit);
  const superseded = limit?.superseded ?? false;
  const spoken = `${label ? `${label}: ` : ''}${figure} ${unit}, ${superseded ? 'superseded' : look.word}. Limit: ${limitWords(limit, unit)}${limit ? `, ${limit.source}` : ''}.`;
  return (
    <Box role="img" aria-label={spoken} sx={{ minWidth: 0 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', flexWrap: 'wrap', columnGap: 1 }}>
        {label && (
          <Typography variant="body2" sx={{ flexBasis: '100%', fontWeight: 600 }}>
            {label}
          </Typography>
        )}
        <Box
          component="span"
          data-reading
          sx={{
            fontFamily: fonts.head,
            fontWeight: 600,
            fontSize: '2rem',
            lineHeight: 1.1,
            color: look.tone === 'red' ? 'bench.red' : 'text.primary',
            textDecoration: superseded ? 'line-through' : 'none',
          }}
        >
          {figure}
        </Box>
        <Typography component="span" variant="body2" color="text.secondary">
          {value.kind === 'none' ? '' : [unit, siOf(value, unit)].filter(Boolean).join(' · ')}
        </Typography>
        <Box
          component="span"
          sx={{
            display: 'inline-flex',
            alignItems: 'center',
            gap: 0.5,
            color: superseded ? 'text.secondary' : colour(look.tone),
            fontWeight: 600,
            '& svg': { fontSize: 20 },
          }}
        >
          {superseded ? <Remove /> : look.icon}
          {superseded ? 'superseded' : look.word}
        </Box>
      </Box>
      <Track
        g={g}
        tone={superseded ? 'soft' : look.tone}
        general={limit?.general ?? false}
        low={limit?.low ?? null}
        high={limit?.high ?? null}
      />
      <Typography variant="body2" color="text.secondary" sx={{ overflowWrap: 'anywhere' }}>
        {limitWords(limit, unit)}
        {limit && ` · ${limit.source}`}
        {entered && ` · entered ${entered}`}
        {value.kind === 'none' && ` · ${words}`}
      </Typography>
    </Box>
  );
}

const pct = (x: number) => `${(x * 100).toFixed(2)}%`;

function Track({
  g,
  tone,
  general,
  low,
  high,
}: {
  g: ReturnType<typeof barGeometry>;
  tone: Tone;
  general: boolean;
  low: number | null;
  high: number | null;
}) {
  const hatch = 'repeating-linear-gradient(-45deg, var(--mui-palette-bench-green) 0 3px, transparent 3px 9px)';
  const hasBand = g !== null && (low !== null || high !== null);
  return (
    <Box aria-hidden sx={{ position: 'relative', height: 38, my: 0.5 }}>
      <Box
        sx={{
          position: 'absolute',
          insetInline: 0,
          top: 21,
          height: 6,
          bgcolor: 'bench.sunk',
          border: 1,
          borderColor: 'divider',
          borderRadius: 3,
        }}
      />
      {hasBand && g.serviceStart !== null && g.serviceEnd !== null && (
        <Box
          sx={{
            position: 'absolute',
            left: pct(g.serviceStart),
            width: pct(g.serviceEnd - g.serviceStart),
            top: 19,
            height: 10,
            bgcolor: 'bench.brassWash',
            border: 1,
            borderColor: 'bench.brass',
          }}
        />
      )}
      {hasBand && (
        <Box
          sx={{
            position: 'absolute',
            left: pct(g.bandStart),
            width: pct(g.bandEnd - g.bandStart),
            top: 15,
            height: 18,
            bgcolor: general ? 'background.paper' : 'bench.green',
            backgroundImage: general ? hatch : 'none',
            border: '2px solid',
            borderStyle: general ? 'dashed' : 'solid',
            borderColor: 'bench.green',
            borderLeftWidth: low === null ? 0 : 3,
            borderRightWidth: high === null ? 0 : 3,
            // an open end runs out instead of stopping
            maskImage:
              low === null
                ? 'linear-gradient(to right, transparent, #000 25%)'
                : high === null
                  ? 'linear-gradient(to left, transparent, #000 25%)'
                  : 'none',
          }}
        />
      )}
      {g?.notch && <Notch from={g.notch[0]} to={g.notch[1]} off={g.off} tone={tone} />}
    </Box>
  );
}

function Notch({ from, to, off, tone }: { from: number; to: number; off: 'low' | 'high' | null; tone: Tone }) {
  const c = colour(tone === 'green' ? 'soft' : tone);
  const ink = tone === 'green' ? 'text.primary' : c;
  if (off) {
    return (
      <Box sx={{ position: 'absolute', top: 8, [off === 'low' ? 'left' : 'right']: 0, color: ink, display: 'flex' }}>
        <svg width="26" height="30" viewBox="0 0 26 30">
          <path
            d={off === 'high' ? 'M2 2 L14 15 L2 28 M12 2 L24 15 L12 28' : 'M24 2 L12 15 L24 28 M14 2 L2 15 L14 28'}
            fill="none"
            stroke="currentColor"
            strokeWidth="4"
          />
        </svg>
      </Box>
    );
  }
  if (to - from > 0.004) {
    return (
      <Box
        sx={{
          position: 'absolute',
          left: pct(from),
          width: pct(to - from),
          top: 5,
          height: 32,
          border: '3px solid',
          borderBottom: 0,
          color: ink,
          borderColor: 'currentcolor',
        }}
      />
    );
  }
  return (
    <Box sx={{ position: 'absolute', left: `clamp(0px, calc(${pct(from)} - 10px), calc(100% - 20px))`, top: 0, color: ink }}>
      <svg width="20" height="38" viewBox="0 0 20 38">
        <path
          d="M1 1 H19 V7 L12.500 14 V37 H7.500 V14 L1 7 Z"
          fill="currentColor"
          stroke="var(--mui-palette-background-paper)"
          strokeWidth="1.500"
        />
      </svg>
    </Box>
  );
}
