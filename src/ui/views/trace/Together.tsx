import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Ranking } from '../../../core/trace';
import { Card } from '../../controls/Card';

/** What is cheap now that something is off, and what one strip would show besides: each a tap away. */
export function Together({ ranking, onChoose }: { ranking: Ranking; onChoose: (key: string) => void }) {
  const lists = [
    { title: 'While it is open', says: 'Nothing more has to come off for these.', keys: ranking.whileOpen },
    { title: 'Same access also allows', says: 'No further access needed for these.', keys: ranking.sameStrip },
  ].filter((l) => l.keys.length > 0);
  if (lists.length === 0) return null;
  return (
    <Card title="While it’s apart" level="h3" data-testid="together">
      {lists.map((l) => (
        <Box key={l.title} sx={{ mb: 1 }}>
          <Typography sx={{ fontWeight: 600 }}>
            {l.title}{' '}
            <Typography component="span" variant="body2" color="text.secondary">
              {l.says}
            </Typography>
          </Typography>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
            {l.keys.map((key) => {
              const t = ranking.tests.find((x) => x.key === key)!;
              return (
                <Button key={key} variant="outlined" onClick={() => onChoose(key)} sx={{ textAlign: 'left' }}>
                  {t.name}, {t.minutes} min
                </Button>
              );
            })}
          </Box>
        </Box>
      ))}
    </Card>
  );
}
