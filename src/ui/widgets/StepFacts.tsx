import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { panelNotes } from '../../core/measure/panel';
import type { Fact, FactKind, Step } from '../../core/state';
import { AutosaveField } from '../controls/AutosaveField';
import { Choice } from '../controls/Choice';
import { Field } from '../controls/Field';
import { useJob } from '../job/useJob';

const kinds: readonly { value: FactKind; label: string }[] = [
  { value: 'way', label: 'Which way round' },
  { value: 'check', label: 'Check before closing' },
];

/** What is known of a step and comes back at its refit; each can be put right, and more can be added. */
export function StepFacts({ step }: { step: Step }) {
  const { store, rows, jobId } = useJob();
  const facts = rows('fact').filter((f) => f.stepId === step.id);
  const [kind, setKind] = useState<FactKind>('way');
  const [about, setAbout] = useState('');
  const [says, setSays] = useState('');
  const [tried, setTried] = useState(false);
  const check = kind === 'check';
  const add = () => {
    setTried(true);
    if (!about.trim() || (!check && !says.trim())) return;
    const said = check ? null : says.trim();
    if (!store.act('fact.add', store.newId(), { jobId, stepId: step.id, kind, about: about.trim(), says: said }).ok) return;
    setAbout('');
    setSays('');
    setTried(false);
  };
  return (
    <Box component="section" aria-label={`For the refit of: ${step.title}`} sx={{ display: 'grid', gap: 1, gridColumn: '1 / -1' }}>
      {facts
        .filter((f) => f.kind !== 'again' || f.says)
        .map((f) =>
          f.kind === 'way' ? (
            <AutosaveField
              key={f.id}
              label={f.about}
              value={f.says ?? ''}
              inputProps={{ maxLength: 500 }}
              onSet={(t) => (store.act('fact.say', f.id, { jobId, says: t || null }), null)}
            />
          ) : (
            <Typography key={f.id} variant="body2">
              {f.kind === 'again' ? 'Used again' : 'Check before closing'}: {f.about}
              {f.says ? ` (${f.says})` : ''}
            </Typography>
          ),
        )}
      <Choice label="For the refit" value={kind} options={kinds} onChange={(k) => setKind(k ?? 'way')} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'end' }}>
        <Field
          sx={{ flex: '1 1 9rem' }}
          label={check ? 'What is checked' : 'What'}
          value={about}
          onChange={(e) => setAbout(e.target.value)}
          inputProps={{ maxLength: 200 }}
          error={tried && !about.trim() ? (check ? 'Enter what is checked.' : 'Enter what it is about: an arrow, a washer, a mark.') : null}
        />
        {!check && (
          <Field
            sx={{ flex: '1 1 9rem' }}
            label="How it stood"
            value={says}
            onChange={(e) => setSays(e.target.value)}
            inputProps={{ maxLength: 500 }}
            error={tried && !says.trim() ? 'Enter how it stood.' : null}
          />
        )}
        <Button variant="outlined" onClick={add}>
          Add note
        </Button>
      </Box>
    </Box>
  );
}

/** A check before a step is closed: made with one tap, with what it showed where that is worth a word. */
export function CheckLine({ fact }: { fact: Fact }) {
  const { store, jobId } = useJob();
  const [says, setSays] = useState('');
  const panel = panelNotes.find((n) => n.check === fact.about)?.panel;
  const say = (text: string | null) => void store.act('fact.say', fact.id, { jobId, says: text });
  return (
    <Box
      component="li"
      sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1, alignItems: 'center', borderTop: 1, borderColor: 'divider', py: 0.5 }}
    >
      <Typography sx={{ flex: '1 1 180px', minWidth: 0, color: fact.says === null ? 'text.primary' : 'text.secondary' }}>
        {fact.about}
        {fact.says === null ? '' : `: ${fact.says}`}
      </Typography>
      {panel && (
        <Button variant="text" href={`/job/${jobId}/measure?panel=${panel}`} aria-label={`Measure: ${fact.about}`}>
          Measure
        </Button>
      )}
      {fact.says === null ? (
        <>
          <Field
            sx={{ flex: '1 1 7rem' }}
            label="Result"
            inputProps={{ 'aria-label': `Result: ${fact.about}`, maxLength: 500 }}
            value={says}
            onChange={(e) => setSays(e.target.value)}
          />
          <Button variant="outlined" onClick={() => say(says.trim() || 'checked')} aria-label={`Checked: ${fact.about}`}>
            Checked
          </Button>
        </>
      ) : (
        <Button variant="text" onClick={() => say(null)} aria-label={`Open again: ${fact.about}`}>
          Open again
        </Button>
      )}
    </Box>
  );
}
