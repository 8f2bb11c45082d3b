import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { effectOf, command as commandOf } from '../../core/command';
import type { JobSnapshot, Reading, SymptomAnswer } from '../../core/state';
import { openJob, openingProblem } from '../device/openJob';
import { useJob, type UsedJob } from '../job/useJob';
import { Field } from '../controls/Field';
import { SymptomPicker } from './SymptomPicker';
import { Card } from '../controls/Card';
import { useStoredDraft } from '../controls/useStoredDraft';

interface Words {
  words: string;
  symptoms: Record<string, SymptomAnswer>;
}

const nothing: Words = { words: '', symptoms: {} };
const whole = (kept: unknown): Words => ({ ...nothing, ...(kept as Partial<Words> | null) });

/** What another visit begins with: the bike, its book and its owner as they are, and what was measured on it before. */
function nextVisit({ store, rows }: UsedJob, jobId: string): JobSnapshot {
  const { rows: all, earlier = [], journal, ...rest } = store.toSnapshot();
  const { bike, spec, erratum, substitute, owner, person, own } = all;
  const [steps, fasteners, facts] = [rows('step'), rows('fastener'), rows('fact')];
  return {
    ...rest,
    jobId,
    rows: { bike, spec, erratum, substitute, owner, person, own },
    journal: journal.filter((e) => e.jobId === null),
    earlier: [...earlier, ...rows('reading')] as Reading[],
    ...(steps.length > 0 && { lastStrip: { steps, fasteners, facts } }),
  };
}

/** The bike was handed over and is back: only what is wrong now is asked; the rest is known. */
export default function BackAgain() {
  const used = useJob();
  const { store, device, state, traced, jobId } = used;
  const { value, change, clear } = useStoredDraft(`ivrek-back:${jobId}`, nothing, whole);
  const [tried, setTried] = useState(false);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const words = value.words.trim();
  const missing = words === '' ? 'Enter the complaint.' : null;
  const book = async () => {
    setTried(true);
    if (missing || busy) return;
    const newJobId = crypto.randomUUID();
    const command = commandOf(
      'job.open',
      newJobId,
      {
        bikeId: traced.bike.id,
        complaintId: crypto.randomUUID(),
        words,
        symptoms: value.symptoms,
        rate: store.snapshot.shop.rate,
      },
      { id: crypto.randomUUID(), madeAt: new Date().toISOString(), after: store.heardUpTo },
    );
    const outcome = effectOf(state, command);
    if (!outcome.ok) return setProblem(outcome.refusal.message);
    setBusy(true);
    const opening = await openJob(device, nextVisit(used, newJobId), {
      id: command.id,
      shopId: store.snapshot.shop.id,
      jobId: newJobId,
      command,
      actorId: store.get().actor?.id ?? null,
      photos: [],
      changes: outcome.changes,
      state: 'waiting',
    });
    setBusy(false);
    const wrong = openingProblem(opening);
    if (wrong) return setProblem(wrong);
    clear();
    location.assign(`/job/${newJobId}/look`);
  };
  return (
    <Card title="Returning bike" over="A new job for this bike. Its limits, owner and readings come along." data-testid="back-again">
      <Box
        component="form"
        noValidate
        sx={{ display: 'grid', gap: 1.25 }}
        onSubmit={(e) => {
          e.preventDefault();
          void book();
        }}
      >
        <Field
          label="Complaint now, in the owner’s words"
          multiline
          minRows={2}
          value={value.words}
          onChange={(e) => change({ ...value, words: e.target.value })}
          error={tried ? missing : null}
          inputProps={{ maxLength: 2000 }}
        />
        {problem && (
          <Typography role="alert" color="error">
            {problem}
          </Typography>
        )}
        <Box>
          <Button type="submit" variant="contained" disabled={busy}>
            Book it in again
          </Button>
        </Box>
        <SymptomPicker words={value.words} value={value.symptoms} onChange={(symptoms) => change({ ...value, symptoms })} />
      </Box>
    </Card>
  );
}
