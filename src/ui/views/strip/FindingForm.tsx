import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControl from '@mui/material/FormControl';
import FormLabel from '@mui/material/FormLabel';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import Typography from '@mui/material/Typography';
import { useMemo, useState, type FormEvent } from 'react';
import { verdicts, type StoredVerdict } from '../../../core/state';
import { faultsHere, lastRepairId, placeName } from '../../../core/trace';
import { useJob } from '../../job/useJob';
import { Choice } from '../../controls/Choice';
import { Field } from '../../controls/Field';
import { emptyDraft, FreeReading, useReadDraft } from '../../widgets/FreeReading';
import { Card } from '../../controls/Card';

/** What was seen on a part, measured or not, and the verdict; it is evidence on that part's fault in the same moment. */
export function FindingForm() {
  const { store, rows, knowledge, traced, jobId } = useJob();
  const readDraft = useReadDraft();
  const suspects = useMemo(() => faultsHere(knowledge, traced.bike, traced.job), [knowledge, traced]);
  const [item, setItem] = useState('');
  const [seen, setSeen] = useState('');
  const [draft, setDraft] = useState(emptyDraft);
  const [verdict, setVerdict] = useState<StoredVerdict | null>(null);
  const [faultKey, setFaultKey] = useState('');
  const [tried, setTried] = useState(false);
  const keep = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    const reading = readDraft(draft);
    if (!item.trim() || !seen.trim() || !verdict || reading === 'bad') return;
    const suspect = suspects.find((s) => s.key === faultKey);
    const done = store.act('finding.add', store.newId(), {
      jobId,
      stepId: rows('step').at(-1)?.id ?? null,
      item: item.trim(),
      position: suspect?.position ?? null,
      seen: seen.trim(),
      reading,
      conditions: {},
      verdict,
      faultId: suspect?.fault.id ?? null,
      afterRepairId: lastRepairId(traced.repairs),
    });
    if (!done.ok) return;
    setItem('');
    setSeen('');
    setDraft(emptyDraft);
    setVerdict(null);
    setFaultKey('');
    setTried(false);
  };
  return (
    <Card title="Add a finding" data-testid="finding-form">
      <Box component="form" noValidate onSubmit={keep} sx={{ display: 'grid', gap: 1.25 }}>
        <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: { xs: '1fr', sm: '1fr 1.4fr' } }}>
          <Field
            label="Part"
            value={item}
            onChange={(e) => setItem(e.target.value)}
            error={tried && !item.trim() ? 'Which part?' : null}
            inputProps={{ maxLength: 120 }}
          />
          <Field
            label="Condition"
            value={seen}
            onChange={(e) => setSeen(e.target.value)}
            error={tried && !seen.trim() ? 'Enter the condition.' : null}
          />
        </Box>
        <FreeReading optional draft={draft} onDraft={setDraft} strict={tried} />
        <Choice
          label="Verdict"
          value={verdict}
          options={verdicts.map((v) => ({ value: v, label: v }))}
          onChange={(v) => setVerdict(v)}
          hint={tried && !verdict ? 'Choose a verdict; what is judged by feel is “watch”.' : undefined}
        />
        <FormControl fullWidth>
          <FormLabel id="speaks-label">Evidence on</FormLabel>
          <Select
            displayEmpty
            labelId="speaks-label"
            value={faultKey}
            onChange={(e) => setFaultKey(e.target.value)}
            MenuProps={{ slotProps: { paper: { sx: { maxHeight: 420 } } } }}
          >
            <MenuItem value="">no suspect</MenuItem>
            {suspects.map((s) => (
              <MenuItem key={s.key} value={s.key}>
                {placeName(s.fault.name, s.position, s.position ? ['1', '2'] : [])}
              </MenuItem>
            ))}
          </Select>
        </FormControl>
        <Box>
          <Button type="submit" variant="contained">
            Add finding
          </Button>
        </Box>
        <Typography variant="body2" color="text.secondary">
          A score that catches a fingernail is too deep to hone. Keep together what ran together. Fit new head and crush washers.
        </Typography>
      </Box>
    </Card>
  );
}
