import Box from '@mui/material/Box';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import type { SchoolId } from '../../../core/state';
import type { SchoolView } from '../../../core/trace';
import { useJob } from '../../job/useJob';
import { Card } from '../../controls/Card';

/** Which question to ask first is a matter of school; each is shown with what following it is expected to cost. */
export function Schools({ schools }: { schools: SchoolView[] | null }) {
  const { store, knowledge, traced, jobId } = useJob();
  const money = (x: number) => `about ${Math.round(x)} ${store.snapshot.shop.currency}`;
  return (
    <Card title="Approach" level="h3" data-testid="schools">
      <RadioGroup
        aria-label="Approach"
        value={traced.job.school}
        onChange={(_e, school) => store.set('job.set', jobId, { school: school as SchoolId })}
      >
        {knowledge.schools.map((s) => {
          const view = schools?.find((x) => x.id === s.id);
          return (
            <FormControlLabel
              key={s.id}
              value={s.id}
              control={<Radio sx={{ width: 48, height: 48 }} />}
              sx={{ mr: 0, alignItems: 'flex-start', '& .MuiFormControlLabel-label': { flex: 1, pt: 1.1 } }}
              label={
                <Box>
                  <Box sx={{ display: 'flex', gap: 1 }}>
                    <Box sx={{ flex: 1, fontWeight: 600 }}>{s.name}</Box>
                    <Box sx={{ whiteSpace: 'nowrap' }}>{view ? money(view.expected) : '…'}</Box>
                  </Box>
                  {traced.job.school === s.id && (
                    <Typography variant="body2" color="text.secondary">
                      {s.says}
                    </Typography>
                  )}
                </Box>
              }
            />
          );
        })}
      </RadioGroup>
      <Typography variant="body2" color="text.secondary">
        Expected cost from here until the complaint is cured, work at your rate and parts.
      </Typography>
    </Card>
  );
}
