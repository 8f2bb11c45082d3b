import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { FitnessReason } from '../../../core/fitness';
import type { FitnessAct } from '../../../core/state';
import { useJob } from '../../job/useJob';
import { Field } from '../../controls/Field';
import { SignButton } from '../SignButton';

interface OverruleProps {
  verdict: { act: FitnessAct; reasons: readonly Pick<FitnessReason, 'code' | 'because'>[] };
  title: string;
  onClose: () => void;
}

/** A person's word that something is done all the same: with a reason, in their name, for these reasons only. */
export default function OverruleDialog({ verdict, title, onClose }: OverruleProps) {
  const { store, jobId } = useJob();
  const [reason, setReason] = useState('');
  const [tried, setTried] = useState(false);
  const allow = (saidBy: string) => {
    setTried(true);
    if (!reason.trim()) return;
    const codes = verdict.reasons.map((r) => r.code);
    if (store.act('overrule.say', store.newId(), { jobId, act: verdict.act, reason: reason.trim(), codes, saidBy }).ok) onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="overrule-title">
      <Box sx={{ p: 2.5, display: 'grid', gap: 1.5 }}>
        <Typography variant="h2" id="overrule-title">
          {title}
        </Typography>
        <Box sx={{ borderLeft: '6px solid', borderColor: 'bench.red', bgcolor: 'bench.redWash', pl: 1.5, py: 1 }}>
          {verdict.reasons.map((r) => (
            <Typography key={r.code}>{r.because}.</Typography>
          ))}
        </Box>
        <Typography variant="body2">Your name and reason stand in the record. Something new that comes up is not covered by it.</Typography>
        <Field
          label="Reason"
          value={reason}
          onChange={(e) => setReason(e.target.value)}
          error={tried && !reason.trim() ? 'Enter the reason.' : null}
          inputProps={{ maxLength: 500 }}
        />
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          <SignButton variant="contained" color="error" onSign={allow}>
            {(name) => `Allow as ${name}`}
          </SignButton>
          <Button onClick={onClose}>Cancel</Button>
        </Box>
      </Box>
    </Dialog>
  );
}
