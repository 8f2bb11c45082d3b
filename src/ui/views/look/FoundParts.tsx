import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { foundWork } from '../../../core/stage';
import { useJob } from '../../job/useJob';
import { Empty } from '../../controls/Empty';
import { Card } from '../../controls/Card';
import { addPart } from '../../widgets/addPart';

/** What the first look found, with what mends it, one tap from the parts list. */
export function FoundParts() {
  const { store, knowledge, traced, rows, jobId } = useJob();
  const { currency } = store.snapshot.shop;
  const found = foundWork(knowledge, traced);
  const listed = new Set(rows('part').map((p) => p.name));
  return (
    <Card title="Found" data-testid="found-work">
      {found.length === 0 && <Empty>What is not fine is listed here with its repair. The trace uses it at once.</Empty>}
      {found.map((f) => (
        <Box key={f.evidenceId} sx={{ borderTop: 1, borderColor: 'divider', py: 1 }}>
          <Typography sx={{ fontWeight: 600 }}>{f.says}</Typography>
          {f.work.map((w) => (
            <Box key={w.faultId} sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1 }}>
              <Box sx={{ flex: '1 1 200px', minWidth: 0 }}>
                <Typography variant="body2">{w.name}</Typography>
                <Typography variant="body2" color="text.secondary">
                  {w.remedy} About {w.minutes} min{w.parts > 0 ? `, parts ${w.parts} ${currency}` : ''}.
                </Typography>
              </Box>
              {w.parts > 0 &&
                (listed.has(w.name) ? (
                  <Typography variant="body2">On the parts list</Typography>
                ) : (
                  <Button onClick={() => addPart(store, jobId, w.name)} aria-label={`Add to parts: ${w.name}`}>
                    Add to parts
                  </Button>
                ))}
            </Box>
          ))}
        </Box>
      ))}
    </Card>
  );
}
