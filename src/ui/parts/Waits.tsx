import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import HourglassEmpty from '@mui/icons-material/HourglassEmpty';
import { useJob } from '../job/useJob';
import { dayTime } from './times';

/** What this job waits for now, on every screen of it. */
export function Waits() {
  const { store, rows, jobId } = useJob();
  const open = rows('wait').filter((w) => !w.endedAt);
  return (
    <>
      {open.map((w) => (
        <Box
          key={w.id}
          role="status"
          sx={{
            display: 'flex',
            gap: 1,
            alignItems: 'center',
            borderLeft: '6px solid',
            borderColor: 'bench.brass',
            bgcolor: 'bench.brassWash',
            pl: 1.5,
            mb: 1,
          }}
        >
          <HourglassEmpty />
          <Typography sx={{ flex: 1, minWidth: 0 }}>
            {w.kind}: {w.what}. {w.lookAgain ? `Look again ${dayTime(w.lookAgain)}.` : ''} {w.until ? `Until ${dayTime(w.until)}.` : ''}
          </Typography>
          <Button variant="text" onClick={() => store.act('wait.end', 'wait', w.id, { jobId })} aria-label={`Over: ${w.what}`}>
            Over
          </Button>
        </Box>
      ))}
    </>
  );
}
