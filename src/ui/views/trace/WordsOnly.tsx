import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Complaint } from '../../../core/state';
import { symptomsMeant } from '../../../core/meaning';
import { useJob } from '../../job/useJob';
import { SymptomPicker } from '../../widgets/SymptomPicker';
import { Card } from '../../controls/Card';

/** A complaint in words of which no symptom was picked: what the words seem to mean, one tap each, and the rest to choose from. */
export function WordsOnly({ complaint }: { complaint: Complaint }) {
  const { store, knowledge } = useJob();
  const meant = symptomsMeant(knowledge, complaint.words, 5);
  const [all, setAll] = useState(meant.length === 0);
  const set = (symptoms: Complaint['symptoms']) => store.set('complaint.set', complaint.id, { symptoms });
  return (
    <Card lead over={`“${complaint.words}”`} title={meant.length ? 'Which of these is it?' : 'What does it do?'} data-testid="words-only">
      <Typography sx={{ mb: 1 }}>Pick a symptom to start tracing. More than one may be right.</Typography>
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: 'repeat(auto-fit, minmax(220px, 1fr))' } }}>
        {meant.map(({ kind }) => (
          <Button
            key={kind.id}
            data-main
            variant="outlined"
            sx={{ justifyContent: 'flex-start', textAlign: 'left', minHeight: 52 }}
            onClick={() => set({ ...complaint.symptoms, [kind.id]: 'present' })}
          >
            {kind.name}
          </Button>
        ))}
      </Box>
      {!all && (
        <Button sx={{ mt: 1 }} onClick={() => setAll(true)}>
          Something else
        </Button>
      )}
      {all && <SymptomPicker words={complaint.words} value={complaint.symptoms} onChange={set} />}
    </Card>
  );
}
