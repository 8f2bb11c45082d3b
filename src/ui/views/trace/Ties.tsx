import Typography from '@mui/material/Typography';
import { apart, chanceWords, joined, type Ranking, type ComplaintLink } from '../../../core/trace';
import { useJob } from '../../job/useJob';

const says = ({ chance }: ComplaintLink) =>
  chance >= joined ? 'Likely one cause' : chance < apart ? 'Likely two causes' : 'One cause or two: undecided';

/** Several complaints on one bike: joined where one cause explains both, kept apart where the evidence says so. */
export function Ties({ ranking }: { ranking: Ranking }) {
  const { traced } = useJob();
  const words = (id: string) => traced.complaints.find((c) => c.id === id)?.words ?? '';
  return ranking.ties.map((t) => (
    <Typography key={t.complaints.join()} data-testid="tie" sx={{ borderLeft: '6px solid', borderColor: 'bench.sunk', pl: 1.5 }}>
      “{words(t.complaints[0])}” and “{words(t.complaints[1])}”. {says(t)} (one cause for both: {chanceWords(t.chance)}).
    </Typography>
  ));
}
