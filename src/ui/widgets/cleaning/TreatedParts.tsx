import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import { treatedStates, type TreatedPart, type TreatedState } from '../../../core/state';
import { Card } from '../../controls/Card';
import { Field } from '../../controls/Field';
import { SelectField } from '../../controls/SelectField';
import { dayTime } from '../../controls/times';
import { useJob } from '../../job/useJob';
import { CleanWith } from './CleanWith';
import { Materials } from './Materials';

const labels: Record<TreatedState, string> = {
  'as removed': 'As removed',
  soaking: 'Soaking',
  washed: 'Washed',
  dried: 'Dried',
  oiled: 'Oiled',
  painted: 'Painted',
  machined: 'Machined',
  away: 'Away, at somebody’s',
  ready: 'Ready to refit',
};

/** Parts that are cleaned, mended or away before they go back: how far each is, and what it may be cleaned with. */
export function TreatedParts() {
  const { rows } = useJob();
  const parts = rows('treatedPart');
  const open = parts.filter((p) => p.state !== 'ready');
  const [adding, setAdding] = useState(false);
  return (
    <Card title="Parts to clean" over={open.length > 0 ? `${open.length} not ready` : undefined} data-testid="treated">
      {parts.length === 0 && !adding && (
        <Typography>
          A part to clean, machine or paint: what it is made of decides what may touch it. Its step waits until it is ready.
        </Typography>
      )}
      {[...open, ...parts.filter((p) => p.state === 'ready')].map((p) => (
        <OnePart key={p.id} part={p} />
      ))}
      {adding ? (
        <PartForm onClose={() => setAdding(false)} />
      ) : (
        <Box sx={{ mt: 1 }}>
          <Button variant="outlined" onClick={() => setAdding(true)}>
            Add a part to clean
          </Button>
        </Box>
      )}
    </Card>
  );
}

function OnePart({ part }: { part: TreatedPart }) {
  const { store, rows, jobId, knowledge } = useJob();
  const [cleaning, setCleaning] = useState(false);
  const [at, setAt] = useState(part.at ?? '');
  const done = rows('cleaning').filter((c) => c.partId === part.id);
  const nameOf = (id: string) => knowledge.cleaners.find((c) => c.id === id)?.name ?? id;
  const move = (state: TreatedState, where: string | null = null) =>
    void store.act('treated.move', part.id, { jobId, state, at: state === 'away' ? where : null });
  return (
    <Box sx={{ borderTop: 1, borderColor: 'divider', py: 1, display: 'grid', gap: 1 }} data-testid="treated-part">
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'flex-end' }}>
        <Box sx={{ flex: '1 1 9rem', minWidth: 0 }}>
          <Typography sx={{ fontWeight: 600 }}>{part.item}</Typography>
          <Typography variant="body2" color="text.secondary">
            {[part.materials.map((m) => knowledge.materials.find((x) => x.id === m)?.name ?? m).join(', '), dayTime(part.changedAt)]
              .filter(Boolean)
              .join(' · ')}
          </Typography>
        </Box>
        <Box sx={{ flex: '1 1 9rem' }}>
          <SelectField
            label={`State: ${part.item}`}
            value={part.state}
            options={treatedStates.map((s) => ({ id: s, label: labels[s] }))}
            onChange={(s) => move(s as TreatedState, at.trim() || null)}
          />
        </Box>
        {part.state !== 'away' && part.state !== 'ready' && (
          <Button variant="outlined" aria-expanded={cleaning} onClick={() => setCleaning(!cleaning)} aria-label={`Clean: ${part.item}`}>
            Clean
          </Button>
        )}
      </Box>
      {part.state === 'away' && (
        <Field
          label="At whom"
          value={at}
          onChange={(e) => setAt(e.target.value)}
          onBlur={() => at.trim() !== (part.at ?? '') && move('away', at.trim() || null)}
          inputProps={{ maxLength: 120 }}
        />
      )}
      {done.length > 0 && (
        <Typography variant="body2" color="text.secondary">
          {done
            .map((c) =>
              [`${nameOf(c.cleaner)}${c.rounds > 1 ? `, ${c.rounds} rounds` : ''}`, dayTime(c.madeAt), c.note].filter(Boolean).join(', '),
            )
            .join(' · ')}
        </Typography>
      )}
      {cleaning && <CleanWith part={part} onClose={() => setCleaning(false)} />}
    </Box>
  );
}

function PartForm({ onClose }: { onClose(): void }) {
  const { store, rows, jobId } = useJob();
  const steps = rows('step').filter((s) => !s.refittedAt);
  const [stepId, setStepId] = useState(steps.at(-1)?.id ?? '');
  const [item, setItem] = useState<string | null>(null);
  const name = item ?? steps.find((s) => s.id === stepId)?.title ?? '';
  const [materials, setMaterials] = useState<string[]>([]);
  const [tried, setTried] = useState(false);
  const add = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    if (!name.trim() || materials.length === 0) return;
    if (store.act('treated.add', store.newId(), { jobId, stepId: stepId || null, item: name.trim().slice(0, 120), materials }).ok)
      onClose();
  };
  return (
    <Box component="form" noValidate onSubmit={add} sx={{ display: 'grid', gap: 1.25, borderTop: 1, borderColor: 'divider', pt: 1, mt: 1 }}>
      {steps.length > 0 && (
        <SelectField
          label="Came off with"
          value={stepId}
          options={[{ id: '', label: 'no step' }, ...steps.map((s) => ({ id: s.id, label: s.title }))]}
          onChange={setStepId}
        />
      )}
      <Field
        label="Part to clean"
        value={name}
        onChange={(e) => setItem(e.target.value)}
        error={tried && !name.trim() ? 'Enter the part.' : null}
        inputProps={{ maxLength: 120 }}
      />
      <Materials
        value={materials}
        onChange={setMaterials}
        error={tried && materials.length === 0 ? 'Tap everything that it is made of.' : null}
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained">
          Add part
        </Button>
        <Button onClick={onClose}>Back</Button>
      </Box>
    </Box>
  );
}
