import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { rowWords } from '../../../core/trace';
import { knowledge, useJob } from '../../job/useJob';

const most = 8;

/** What was found, newest first, in a few lines beside the question; all of it with its circumstances stands in the ledger. */
export function FoundLine() {
  const { traced } = useJob();
  const lines = [
    ...traced.evidence.filter((e) => !e.withdrawn).map((e) => ({ at: e.takenAt, words: rowWords(knowledge, traced, e.id) })),
    ...traced.repairs.map((r) => ({ at: r.madeAt, words: `Repair: ${r.words}` })),
  ].sort((a, b) => (a.at < b.at ? 1 : -1));
  if (lines.length === 0) return null;
  return (
    <Box
      data-testid="found-line"
      sx={{ borderLeft: '3px solid', borderColor: 'bench.brass', pl: 1.5, minWidth: 0, display: { xs: 'none', lg: 'block' } }}
    >
      <Typography variant="body2">
        <b>Found:</b>{' '}
        {lines
          .slice(0, most)
          .map((l) => l.words)
          .join(' · ')}
        {lines.length > most ? ` · and ${lines.length - most} more below` : ''}
      </Typography>
    </Box>
  );
}
