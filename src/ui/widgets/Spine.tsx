import Box from '@mui/material/Box';
import AssignmentOutlined from '@mui/icons-material/AssignmentOutlined';
import VisibilityOutlined from '@mui/icons-material/VisibilityOutlined';
import TroubleshootOutlined from '@mui/icons-material/TroubleshootOutlined';
import HandymanOutlined from '@mui/icons-material/HandymanOutlined';
import StraightenOutlined from '@mui/icons-material/StraightenOutlined';
import BalanceOutlined from '@mui/icons-material/BalanceOutlined';
import InventoryOutlined from '@mui/icons-material/Inventory2Outlined';
import BuildOutlined from '@mui/icons-material/BuildOutlined';
import KeyOutlined from '@mui/icons-material/KeyOutlined';
import TuneOutlined from '@mui/icons-material/TuneOutlined';
import HourglassEmpty from '@mui/icons-material/HourglassEmpty';
import OutboxOutlined from '@mui/icons-material/OutboxOutlined';
import type { StageId, StageLine } from '../../core/stage';
import { fonts } from '../theme/tokens';

const icons: Record<StageId, typeof AssignmentOutlined> = {
  'book-in': AssignmentOutlined,
  look: VisibilityOutlined,
  trace: TroubleshootOutlined,
  strip: HandymanOutlined,
  measure: StraightenOutlined,
  decide: BalanceOutlined,
  parts: InventoryOutlined,
  rebuild: BuildOutlined,
  start: KeyOutlined,
  tune: TuneOutlined,
  handover: OutboxOutlined,
};

const says = { untouched: 'not begun', open: 'open', clear: 'nothing open' };

export interface SpineProps {
  lines: readonly StageLine[];
  current: StageId | null;
  href(id: StageId): string;
  label?: string;
}

/**
 * The cord on which the stages of a job hang, in the trade's order. A hollow knot is untouched, a barred one is open and
 * says what is open there, a filled one is clear. Always visible and always the way to move; a rail of knots on a phone.
 */
export function Spine({ lines, current, href, label = 'Stages of this job' }: SpineProps) {
  return (
    <Box component="nav" aria-label={label} sx={{ width: { xs: 56, md: 196 }, flexShrink: 0, position: 'relative' }}>
      <Box aria-hidden sx={{ position: 'absolute', left: 27, top: 24, bottom: 24, width: 3, bgcolor: 'divider' }} />
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0, position: 'relative' }}>
        {lines.map((line) => (
          <Box component="li" key={line.id}>
            <Knot line={line} current={line.id === current} href={href(line.id)} />
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function Knot({ line, current, href }: { line: StageLine; current: boolean; href: string }) {
  const Icon = icons[line.id];
  const waiting = line.waits.length > 0 && `waits for ${line.waits.join(', ')}`;
  const spoken = `${line.name}: ${[line.open, waiting].filter(Boolean).join('; ') || says[line.state]}`;
  const open = line.state === 'open';
  const clear = line.state === 'clear';
  return (
    <Box
      component="a"
      href={href}
      aria-label={spoken}
      title={spoken}
      aria-current={current ? 'page' : undefined}
      sx={{
        display: 'flex',
        alignItems: 'center',
        minHeight: { xs: 48, md: 56 },
        color: 'text.primary',
        textDecoration: 'none',
        bgcolor: current ? 'background.paper' : 'transparent',
        borderBlock: '2px solid',
        borderColor: current ? 'bench.brass' : 'transparent',
        clipPath: current ? { md: 'polygon(0 0, calc(100% - 14px) 0, 100% 50%, calc(100% - 14px) 100%, 0 100%)' } : undefined,
        '&:hover': { bgcolor: 'background.paper' },
        '&:focus-visible': { outlineOffset: -4 },
      }}
    >
      <Box sx={{ width: 56, display: 'grid', placeItems: 'center', flexShrink: 0 }}>
        <Box
          sx={{
            width: 36,
            height: 36,
            borderRadius: '50%',
            display: 'grid',
            placeItems: 'center',
            border: '3px solid',
            borderStyle: line.state === 'untouched' ? 'dashed' : 'solid',
            borderColor: open ? 'bench.brass' : clear ? 'bench.green' : 'divider',
            bgcolor: clear ? 'bench.green' : open ? 'bench.brassWash' : 'background.default',
            color: clear ? 'primary.contrastText' : open ? 'bench.brass' : 'text.secondary',
            boxShadow: current ? { xs: '0 0 0 4px var(--mui-palette-bench-brass)', md: 'none' } : 'none',
          }}
        >
          {line.waits.length > 0 ? <HourglassEmpty sx={{ fontSize: 21 }} /> : <Icon sx={{ fontSize: 21 }} />}
        </Box>
      </Box>
      <Box sx={{ display: { xs: 'none', md: 'block' }, minWidth: 0, pr: 2.5 }}>
        <Box sx={{ fontFamily: fonts.head, fontWeight: 600, fontSize: '1.2rem', lineHeight: 1.1 }}>{line.name}</Box>
        {open && (
          <Box sx={{ fontSize: '1rem', lineHeight: 1.15, color: 'bench.brass', fontWeight: 600 }}>
            {[line.open, line.waits.length > 0 && 'waits'].filter(Boolean).join(', ')}
          </Box>
        )}
      </Box>
    </Box>
  );
}
