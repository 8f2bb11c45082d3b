import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import { waitKinds, type WaitKind } from '../../core/state';
import { useJob } from '../job/useJob';
import { Choice } from '../controls/Choice';
import { DateField } from '../controls/DateField';
import { Field } from '../controls/Field';
import { WorkHazards } from './Hazards';
import { fromClock, toClock, wrongDate } from '../controls/times';
import { checkAgainTimes } from './checkAgain';
import { waitWords } from './waitWords';

/** Begins a wait: what for, and when to look again. */
export default function WaitDialog({ onClose }: { onClose: () => void }) {
  const { store, jobId } = useJob();
  const [kind, setKind] = useState<WaitKind>('soaking');
  const [what, setWhat] = useState('');
  const [lookAgain, setLookAgain] = useState('');
  const [until, setUntil] = useState('');
  const [tried, setTried] = useState(false);
  const keep = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    if (!what.trim() || (!lookAgain && !until) || wrongDate(lookAgain) || wrongDate(until)) return;
    if (
      store.act('wait.start', store.newId(), {
        jobId,
        kind,
        what: what.trim(),
        until: fromClock(until),
        lookAgain: fromClock(lookAgain),
      }).ok
    )
      onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="wait-title">
      <Box component="form" noValidate onSubmit={keep} sx={{ p: 2.5, display: 'grid', gap: 1.5 }}>
        <Typography variant="h2" id="wait-title">
          Put on hold
        </Typography>
        <Choice
          label="Kind"
          clearable={false}
          value={kind}
          options={waitKinds.map((k) => ({ value: k, label: waitWords[k] }))}
          onChange={(k) => k && setKind(k)}
        />
        <Field
          label="Waiting for"
          value={what}
          onChange={(e) => setWhat(e.target.value)}
          error={tried && !what.trim() ? 'Enter what it waits for.' : null}
          hint={kind === 'curing' ? 'Use the time on the sealant’s own sheet; no general value will do.' : undefined}
        />
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }} role="group" aria-label="Check again">
          <Typography>Check again</Typography>
          {checkAgainTimes.map(([words, when]) => (
            <Button key={words} variant="outlined" onClick={() => setLookAgain(toClock(when()))}>
              {words}
            </Button>
          ))}
        </Box>
        <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
          <DateField
            label="Time to check again"
            withTime
            value={lookAgain}
            onChange={setLookAgain}
            error={tried ? (wrongDate(lookAgain) ?? (!lookAgain && !until ? 'Enter when to check again, or until when.' : null)) : null}
          />
          <DateField label="Until" withTime value={until} onChange={setUntil} error={tried ? wrongDate(until) : null} />
        </Box>
        <WorkHazards words={[what]} wait={kind} place="wait" />
        <Box sx={{ display: 'flex', gap: 1, justifyContent: 'flex-end' }}>
          <Button onClick={onClose}>Back</Button>
          <Button type="submit" variant="contained">
            Put on hold
          </Button>
        </Box>
      </Box>
    </Dialog>
  );
}
