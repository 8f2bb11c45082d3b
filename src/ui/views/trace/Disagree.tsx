import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { disagreements, rowWords } from '../../../core/trace';
import { useJob } from '../../job/useJob';
import { dayTime } from '../../controls/times';

/** Two results of one test that contradict each other: both stand until somebody says which is right. */
export function Disagree() {
  const { store, knowledge, traced, jobId } = useJob();
  const pairs = disagreements(knowledge, traced);
  return pairs.map((pair) => (
    <Box
      key={pair[1].id}
      role="alert"
      data-testid="disagree"
      sx={{ borderLeft: '6px solid', borderColor: 'bench.brass', bgcolor: 'bench.brassWash', px: 1.5, py: 0.5 }}
    >
      <Typography sx={{ fontWeight: 600 }}>Two results disagree. Withdraw the wrong one, or note that it is intermittent.</Typography>
      {pair.map((e) => (
        <Box key={e.id} sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
          <Typography sx={{ flex: 1 }}>
            {rowWords(knowledge, traced, e.id)} ({dayTime(e.takenAt)})
          </Typography>
          <Button
            onClick={() => store.act('evidence.withdraw', e.id, { jobId, reason: 'disagreed with another result' })}
            aria-label={`Withdraw: ${rowWords(knowledge, traced, e.id)}, ${dayTime(e.takenAt)}`}
          >
            Withdraw
          </Button>
        </Box>
      ))}
    </Box>
  ));
}
