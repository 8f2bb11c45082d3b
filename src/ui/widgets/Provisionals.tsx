import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useJob } from '../job/useJob';
import { Empty } from '../controls/Empty';
import { DateField } from '../controls/DateField';
import { Field } from '../controls/Field';
import { WorkHazards } from './Hazards';
import { Card } from '../controls/Card';
import { day, wrongDate } from '../controls/times';

/** Provisional repairs are normal and written down: what, why, until when, and how far it may go with them. */
export function Provisionals() {
  const { store, rows, jobId } = useJob();
  const open = rows('provisional').filter((p) => !p.endedAt);
  const [what, setWhat] = useState('');
  const [why, setWhy] = useState('');
  const [until, setUntil] = useState('');
  const [untilOn, setUntilOn] = useState('');
  const [may, setMay] = useState({ mayRun: true, mayRide: false, mayLeave: false });
  const [tried, setTried] = useState(false);
  const keep = () => {
    setTried(true);
    if (!what.trim() || !why.trim() || wrongDate(untilOn)) return;
    if (
      !store.act('provisional.add', store.newId(), {
        jobId,
        what: what.trim(),
        why: why.trim(),
        until: until.trim() || null,
        untilOn: untilOn || null,
        ...may,
      }).ok
    )
      return;
    setWhat('');
    setWhy('');
    setUntil('');
    setUntilOn('');
    setTried(false);
  };
  const box = (k: keyof typeof may, label: string) => (
    <FormControlLabel
      key={k}
      control={<Checkbox checked={may[k]} onChange={(e) => setMay({ ...may, [k]: e.target.checked })} />}
      label={label}
    />
  );
  return (
    <Card title="Temporary repairs" data-testid="provisional">
      {open.length === 0 && (
        <Empty>No temporary repairs. A mock-up, liquid gasket for one on order, a borrowed part: add it here so it isn’t forgotten.</Empty>
      )}
      {open.map((p) => (
        <Box key={p.id} sx={{ borderTop: 1, borderColor: 'divider', py: 0.75, display: 'flex', gap: 1, alignItems: 'center' }}>
          <Box sx={{ flex: 1, minWidth: 0 }}>
            <Typography sx={{ fontWeight: 600 }}>{p.what}</Typography>
            <Typography variant="body2" color="text.secondary">
              {[
                p.why,
                p.until ? `until ${p.until}` : '',
                p.untilOn ? `by ${day(p.untilOn)}` : '',
                `${p.mayRun ? 'may' : 'may not'} run, ${p.mayRide ? 'may' : 'may not'} be ridden, ${p.mayLeave ? 'may' : 'may not'} leave`,
              ]
                .filter(Boolean)
                .join(' · ')}
            </Typography>
          </Box>
          <Button variant="text" onClick={() => store.act('provisional.end', p.id, { jobId })} aria-label={`Fixed properly: ${p.what}`}>
            Fixed properly
          </Button>
        </Box>
      ))}
      <Box sx={{ display: 'grid', gap: 1, mt: 1 }}>
        <Field
          label="Temporary repair"
          value={what}
          onChange={(e) => setWhat(e.target.value)}
          error={tried && !what.trim() ? 'Enter the temporary repair.' : null}
        />
        <Field
          label="Reason"
          value={why}
          onChange={(e) => setWhy(e.target.value)}
          error={tried && !why.trim() ? 'Enter the reason.' : null}
        />
        <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
          <Field label="Until" value={until} onChange={(e) => setUntil(e.target.value)} />
          <DateField label="Latest date" value={untilOn} onChange={setUntilOn} error={tried ? wrongDate(untilOn) : null} />
        </Box>
        <Box>
          {box('mayRun', 'may run')}
          {box('mayRide', 'may be ridden')}
          {box('mayLeave', 'may leave with it')}
        </Box>
        <WorkHazards words={[what]} place="temporary" />
        <Box>
          <Button variant="outlined" onClick={keep}>
            Save temporary repair
          </Button>
        </Box>
      </Box>
    </Card>
  );
}
