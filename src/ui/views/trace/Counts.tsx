import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { experienceWeight } from '../../../core/trace';
import { useJob } from '../../job/useJob';

/** That the shop's own closed jobs move the odds, by how much, and the way to leave them out here. */
export function Counts() {
  const { store, state, traced } = useJob();
  const causes = state.experience?.causes ?? 0;
  if (causes === 0) return null;
  const counted = traced.job.counts !== 'no';
  const those = `The ${causes} ${causes === 1 ? 'cause' : 'causes'} this workshop has closed`;
  return (
    <Typography variant="body2" color="text.secondary" component="div" sx={{ mt: 0.5 }}>
      {counted ? `${those} count as well; the trade’s values weigh as ${experienceWeight}.` : `${those} are left out here.`}{' '}
      <Button
        variant="text"
        aria-pressed={counted}
        sx={{ px: 0.5 }}
        onClick={() => store.set('job.set', traced.job.id, { counts: counted ? 'no' : null })}
      >
        {counted ? 'Leave them out' : 'Count them'}
      </Button>
    </Typography>
  );
}
