import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { openComplaints } from '../../../core/stage';
import type { Ranking } from '../../../core/trace';
import { useJob } from '../../job/useJob';

/** What else is worth asking the owner: symptoms that would part the suspects, yes or no with one tap. */
export function AskSymptoms({ asks }: Pick<Ranking, 'asks'>) {
  const { store, traced } = useJob();
  const [complaint] = openComplaints(traced);
  if (!complaint || asks.length === 0) return null;
  const answer = (id: string, a: 'present' | 'absent') =>
    store.set('complaint.set', complaint.id, { symptoms: { ...complaint.symptoms, [id]: a } });
  return (
    <Box component="section" aria-label="Ask as well" data-testid="ask-symptoms">
      <Typography variant="h4" component="h3">
        Ask as well
      </Typography>
      {asks.map((s) => (
        <Box key={s.id} sx={{ display: 'flex', alignItems: 'center', gap: 1, borderTop: 1, borderColor: 'divider' }}>
          <Typography sx={{ flex: 1 }}>{s.name}?</Typography>
          <Button onClick={() => answer(s.id, 'present')} aria-label={`Yes: ${s.name}`}>
            Yes
          </Button>
          <Button onClick={() => answer(s.id, 'absent')} aria-label={`No: ${s.name}`}>
            No
          </Button>
        </Box>
      ))}
    </Box>
  );
}
