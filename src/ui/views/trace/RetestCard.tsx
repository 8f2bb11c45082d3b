import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Complaint, Conditions, Repair, RetestResult, SymptomAnswer } from '../../../core/state';
import { useJob } from '../../job/useJob';
import { Choice } from '../../controls/Choice';
import { Field } from '../../controls/Field';
import { SymptomPicker } from '../../widgets/SymptomPicker';
import { Card } from '../../controls/Card';
import { ConditionsPicker } from '../../widgets/test/ConditionsPicker';

/** After a repair the complaint is tried again, under the same circumstances: gone, changed, or the same. */
export function RetestCard({ open, repair }: { open: readonly Complaint[]; repair: Repair }) {
  const { store, jobId, traced } = useJob();
  const about = traced.causes.find((c) => c.id === repair.causeId)?.complaintId;
  const [chosen, setChosen] = useState<string | null>(null);
  const complaint = open.find((c) => c.id === (chosen ?? about)) ?? open[0];
  const [conditions, setConditions] = useState<Conditions>({ temperature: 'cold', battery: 'own' });
  const [note, setNote] = useState('');
  const [changing, setChanging] = useState(false);
  const [words, setWords] = useState('');
  const [symptoms, setSymptoms] = useState<Record<string, SymptomAnswer>>({});
  const [missing, setMissing] = useState(false);
  const log = (result: RetestResult) => {
    if (result === 'changed' && !words.trim()) {
      setMissing(true);
      return;
    }
    const changed = result === 'changed' ? { id: store.newId(), words: words.trim(), symptoms } : null;
    store.act('retest.log', store.newId(), {
      jobId,
      complaintId: complaint.id,
      repairId: repair.id,
      result,
      conditions,
      note: note.trim() || null,
      changed,
    });
  };
  return (
    <Card lead over={`After: ${repair.words}`} title="Retest" data-testid="retest-card">
      {open.length > 1 ? (
        <Choice
          label="Complaint"
          clearable={false}
          value={complaint.id}
          options={open.map((c) => ({ value: c.id, label: c.words }))}
          onChange={(id) => setChosen(id)}
        />
      ) : (
        <Typography>“{complaint.words}”</Typography>
      )}
      <Typography variant="body2" color="text.secondary" sx={{ my: 1 }}>
        Same conditions as before: if it showed after twenty warm minutes, retest after twenty warm minutes.
      </Typography>
      <ConditionsPicker value={conditions} onChange={setConditions} />
      <Field label="Note" value={note} onChange={(e) => setNote(e.target.value)} sx={{ mb: 1 }} />
      {changing ? (
        <Box sx={{ display: 'grid', gap: 1 }}>
          <Field
            label="Complaint now"
            autoFocus
            value={words}
            onChange={(e) => setWords(e.target.value)}
            error={missing && !words.trim() ? 'Enter the complaint as it is now.' : null}
          />
          <SymptomPicker words={words} value={symptoms} onChange={setSymptoms} />
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button variant="contained" onClick={() => log('changed')}>
              Save change
            </Button>
            <Button onClick={() => setChanging(false)}>Back</Button>
          </Box>
        </Box>
      ) : (
        <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
          <Button variant="contained" onClick={() => log('gone')}>
            Gone
          </Button>
          <Button variant="outlined" onClick={() => setChanging(true)}>
            Changed
          </Button>
          <Button variant="outlined" onClick={() => log('same')}>
            The same
          </Button>
          <Button variant="outlined" onClick={() => log('back')}>
            Gone for a while, then back
          </Button>
        </Box>
      )}
    </Card>
  );
}
