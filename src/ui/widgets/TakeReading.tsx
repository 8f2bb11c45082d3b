import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import { cylindersOf, factsOf } from '../../core/knowledge';
import { positionsOf } from '../../core/trace';
import { Card } from '../controls/Card';
import { Choice } from '../controls/Choice';
import { useJob } from '../job/useJob';
import { emptyDraft, FreeReading, useReadDraft } from './FreeReading';
import { infoOf } from './test/readingDraft';

/** A reading that no test asked for. Those that a test asks for are entered there, and stand here by themselves. */
export function TakeReading({ only }: { only?: string }) {
  const { store, knowledge, traced, jobId } = useJob();
  const readDraft = useReadDraft();
  const start = only
    ? { ...emptyDraft, quantity: only, unit: infoOf(knowledge, only, factsOf(traced.bike, traced.job, knowledge)).unit }
    : emptyDraft;
  const [draft, setDraft] = useState(start);
  const [position, setPosition] = useState<string | null>(null);
  const [tried, setTried] = useState(false);
  const positions = positionsOf(cylindersOf(traced.bike, knowledge));
  const keep = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    const reading = readDraft(draft);
    if (!reading || reading === 'bad') return;
    if (!store.act('reading.add', reading.id, { jobId, position, conditions: {}, reading }).ok) return;
    setDraft({ ...draft, text: '' });
    setTried(false);
  };
  return (
    <Card lead title="Take a reading">
      <Box component="form" noValidate onSubmit={keep} sx={{ display: 'grid', gap: 1 }}>
        <FreeReading draft={draft} onDraft={setDraft} strict={tried} />
        {positions.length > 1 && (
          <Choice
            label="Cylinder"
            value={position}
            options={positions.map((p) => ({ value: p, label: p }))}
            onChange={(p) => setPosition(p as string | null)}
          />
        )}
        {tried && !draft.quantity && (
          <Typography role="alert" color="error">
            Choose the quantity.
          </Typography>
        )}
        <Box>
          <Button type="submit" variant="contained">
            Save reading
          </Button>
        </Box>
      </Box>
    </Card>
  );
}
