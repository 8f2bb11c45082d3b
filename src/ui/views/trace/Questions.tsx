import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { chanceWords, type Ranking } from '../../../core/trace';

const names = { compression: 'Compression', spark: 'Spark', fuel: 'Fuel and air' } as const;

/** The three questions: how likely the trouble lies in each, and how far each is answered. */
export function Questions({ ranking }: { ranking: Ranking }) {
  if (ranking.questions.every((q) => q.chance < 0.05)) return null;
  return (
    <Box
      component="dl"
      aria-label="The three questions"
      sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(6rem, 1fr))', gap: 1, m: 0, mb: 1 }}
      data-testid="questions"
    >
      {ranking.questions.map((q) => (
        <Box key={q.system} sx={{ borderTop: '4px solid', borderColor: q.answered > 0.7 ? 'primary.main' : 'bench.sunk', pt: 0.5 }}>
          <Typography component="dt" sx={{ fontWeight: 600, lineHeight: 1.15 }}>
            {names[q.system]}
          </Typography>
          <Typography component="dd" variant="body2" sx={{ m: 0 }}>
            {q.answered > 0.7
              ? q.chance > 0.5
                ? 'Fault here'
                : q.tested
                  ? 'Sound'
                  : 'Unchecked'
              : q.answered > 0.3
                ? 'Part checked'
                : 'Unchecked'}
            <br />
            {q.answered > 0.7 && q.chance < 0.5 ? '' : chanceWords(q.chance)}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
