import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import CheckCircleOutline from '@mui/icons-material/CheckCircleOutlined';
import HelpOutline from '@mui/icons-material/HelpOutlineOutlined';
import ReportProblemOutlined from '@mui/icons-material/ReportProblemOutlined';
import VisibilityOutlined from '@mui/icons-material/VisibilityOutlined';
import WarningAmber from '@mui/icons-material/WarningAmber';
import type { Result, Tone } from '../../../../core/measure/panel';
import { LimitBar } from '../../../widgets/LimitBar';
import { lazyPart } from '../../../controls/lazyPart';

const Drawing = lazyPart(() => import('./Drawing'), <Box sx={{ height: 236 }} />);

const looks: Record<Tone, { word: string; colour: string; icon: typeof WarningAmber }> = {
  good: { word: 'Good', colour: 'bench.green', icon: CheckCircleOutline },
  watch: { word: 'Needs attention', colour: 'bench.brass', icon: VisibilityOutlined },
  bad: { word: 'Not good', colour: 'bench.red', icon: ReportProblemOutlined },
  open: { word: 'No verdict yet', colour: 'text.secondary', icon: HelpOutline },
};

const noError = { relative: 0, absolute: 0 };

/** What a panel says: the verdict at arm's length, and what to do. */
export function Outcome({ result }: { result: Result }) {
  const { word, colour, icon: Icon } = looks[result.tone];
  return (
    <Box role="status" aria-label="What it says" sx={{ minWidth: 0 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start', borderLeft: '6px solid', borderColor: colour, pl: 1.25 }}>
        <Icon sx={{ color: colour, mt: '3px' }} />
        <Box sx={{ minWidth: 0 }}>
          <Typography variant="body2" sx={{ fontWeight: 600 }}>
            {word}
          </Typography>
          <Typography data-testid="verdict" sx={{ fontSize: '1.25rem', lineHeight: 1.3, overflowWrap: 'anywhere' }}>
            {result.words}
          </Typography>
        </Box>
      </Box>
      {result.warnings.map((w) => (
        <Typography key={w} sx={{ display: 'flex', gap: 1, mt: 1 }}>
          <WarningAmber sx={{ color: 'bench.red' }} titleAccess="Caution" />
          <span>{w}</span>
        </Typography>
      ))}
      {result.drawing && <Drawing drawing={result.drawing} />}
      {result.steps.length > 0 && (
        <Box component="ol" sx={{ pl: 3, my: 1 }}>
          {result.steps.map((s) => (
            <Typography component="li" key={s} sx={{ my: 0.25 }}>
              {s}
            </Typography>
          ))}
        </Box>
      )}
    </Box>
  );
}

/** Every figure on its bar. */
export function Lines({ lines }: Pick<Result, 'lines'>) {
  return (
    <Box
      sx={{
        display: 'grid',
        columnGap: 3,
        mt: 1,
        gridTemplateColumns: `repeat(auto-fill, minmax(min(${lines.length > 6 ? 190 : 240}px, 100%), 1fr))`,
      }}
    >
      {lines.map((l) => (
        <Box key={l.label}>
          <LimitBar label={l.label} value={l.value} unit={l.unit} limit={l.limit ?? null} error={l.error ?? noError} />
          {l.note && (
            <Typography variant="body2" color="text.secondary">
              {l.note}
            </Typography>
          )}
        </Box>
      ))}
    </Box>
  );
}
