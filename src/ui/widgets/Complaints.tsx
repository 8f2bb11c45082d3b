import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import type { Complaint, SymptomAnswer } from '../../core/state';
import { lastRepairId } from '../../core/trace';
import { useJob } from '../job/useJob';
import { Field } from '../controls/Field';
import { SymptomPicker, symptomsIn } from './SymptomPicker';

/** The complaints of this job, each with its two marks: the symptom is gone, the cause is explained. */
export function Complaints() {
  const { traced } = useJob();
  const [adding, setAdding] = useState(false);
  return (
    <Box component="section" aria-label="Complaints" sx={{ display: 'grid', gap: 0.5 }}>
      {traced.complaints.map((c, i) => (
        <Line
          key={c.id}
          complaint={c}
          more={
            i === traced.complaints.length - 1 && !adding ? (
              <Button variant="text" onClick={() => setAdding(true)}>
                Another complaint
              </Button>
            ) : null
          }
        />
      ))}
      {adding && <Add onClose={() => setAdding(false)} />}
    </Box>
  );
}

function Line({ complaint, more }: { complaint: Complaint; more: ReactNode }) {
  const { store, knowledge } = useJob();
  const [editing, setEditing] = useState(false);
  const set = (patch: Partial<Complaint>) => store.set('complaint.set', complaint.id, patch);
  const answered = (answer: SymptomAnswer) =>
    symptomsIn(knowledge)
      .filter((s) => complaint.symptoms[s.id] === answer)
      .map((s) => s.name.toLowerCase())
      .join(', ');
  const [yes, no] = [answered('present'), answered('absent')];
  return (
    <Box>
      <Typography variant="h3" component="h2">
        “{complaint.words}”
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, alignItems: 'center' }}>
        <Typography variant="body2" color="text.secondary" sx={{ flex: '1 1 100%', minWidth: 0 }}>
          {[yes && `Yes: ${yes}.`, no && `No: ${no}.`].filter(Boolean).join(' ') || 'No symptom picked yet'}
        </Typography>
        <FormControlLabel
          sx={{ mr: 0 }}
          control={<Checkbox checked={complaint.state !== 'open'} onChange={(e) => set({ state: e.target.checked ? 'gone' : 'open' })} />}
          label={complaint.state === 'changed' ? 'Symptom changed' : 'Symptom gone'}
        />
        <FormControlLabel
          sx={{ mr: 0 }}
          control={<Checkbox checked={complaint.explained} onChange={(e) => set({ explained: e.target.checked })} />}
          label="Cause explained"
        />
        <Button variant="text" onClick={() => setEditing(!editing)} aria-expanded={editing}>
          Symptoms
        </Button>
        {more}
      </Box>
      {editing && (
        <Box>
          <SymptomPicker words={complaint.words} value={complaint.symptoms} onChange={(symptoms) => set({ symptoms })} />
        </Box>
      )}
    </Box>
  );
}

function Add({ onClose }: { onClose: () => void }) {
  const { store, jobId, traced } = useJob();
  const [words, setWords] = useState('');
  const [symptoms, setSymptoms] = useState<Record<string, SymptomAnswer>>({});
  const [tried, setTried] = useState(false);
  const keep = () => {
    setTried(true);
    if (!words.trim()) return;
    if (
      store.act('complaint.add', store.newId(), {
        jobId,
        words: words.trim(),
        symptoms,
        afterRepairId: lastRepairId(traced.repairs),
      }).ok
    )
      onClose();
  };
  return (
    <Box sx={{ display: 'grid', gap: 1, borderTop: 1, borderColor: 'divider', pt: 1 }}>
      <Field
        label="Another complaint, in the owner’s words or yours"
        autoFocus
        value={words}
        onChange={(e) => setWords(e.target.value)}
        error={tried && !words.trim() ? 'Enter the complaint.' : null}
      />
      <SymptomPicker words={words} value={symptoms} onChange={setSymptoms} />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button variant="contained" onClick={keep}>
          Add the complaint
        </Button>
        <Button onClick={onClose}>Back</Button>
      </Box>
    </Box>
  );
}
