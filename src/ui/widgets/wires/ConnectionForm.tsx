import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import type { ConnectionKind } from '../../../core/state';
import { colourKey } from '../../../core/strip';
import { Choice } from '../../controls/Choice';
import { Field } from '../../controls/Field';
import { SelectField } from '../../controls/SelectField';
import { useJob } from '../../job/useJob';

const kinds: { value: ConnectionKind; label: string }[] = [
  { value: 'wire', label: 'Wire' },
  { value: 'hose', label: 'Hose' },
  { value: 'cable', label: 'Cable' },
];

/** A connection before it is parted; what looks like one that is parted already is asked to be marked. It stays open for the next one. */
// eslint-disable-next-line max-lines-per-function -- a form: its fields in the order in which they are filled in
export function ConnectionForm({ onClose }: { onClose(): void }) {
  const { store, rows, jobId } = useJob();
  const steps = rows('step').filter((s) => !s.refittedAt);
  const [kind, setKind] = useState<ConnectionKind>('wire');
  const [fromEnd, setFrom] = useState('');
  const [toEnd, setTo] = useState('');
  const [colour, setColour] = useState('');
  const [mark, setMark] = useState('');
  const [route, setRoute] = useState('');
  const [stepId, setStepId] = useState(steps.at(-1)?.id ?? '');
  const [tried, setTried] = useState(false);
  const key = colourKey(colour);
  const like =
    key && kind === 'wire' ? rows('connection').filter((c) => c.kind === 'wire' && !c.joinedAt && colourKey(c.colour) === key) : [];
  const taken = new Set(like.map((c) => c.mark));
  const free = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'].find((l) => !taken.has(l)) ?? '';
  const add = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    if (!fromEnd.trim() || !toEnd.trim()) return;
    const said = (text: string) => text.trim() || null;
    const payload = {
      jobId,
      stepId: said(stepId),
      kind,
      fromEnd: fromEnd.trim(),
      toEnd: toEnd.trim(),
      colour: said(colour),
      mark: said(mark),
      route: said(route),
    };
    if (!store.act('connection.add', store.newId(), payload).ok) return;
    setTo('');
    setColour('');
    setMark('');
    setRoute('');
    setTried(false);
    // The next wire of a plug begins where this one does.
    setFrom(fromEnd.includes(',') ? `${fromEnd.split(',')[0]}, ` : fromEnd);
  };
  return (
    <Box component="form" noValidate onSubmit={add} sx={{ display: 'grid', gap: 1.25, borderTop: 1, borderColor: 'divider', pt: 1, mt: 1 }}>
      <Choice label="Kind" hideLabel clearable={false} value={kind} options={kinds} onChange={(k) => k && setKind(k)} />
      <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        <Field
          label="From"
          value={fromEnd}
          onChange={(e) => setFrom(e.target.value)}
          hint="plug, pin: Ignition unit, pin 3"
          error={tried && !fromEnd.trim() ? 'Enter where it comes from.' : null}
          inputProps={{ maxLength: 120 }}
        />
        <Field
          label="To"
          value={toEnd}
          onChange={(e) => setTo(e.target.value)}
          error={tried && !toEnd.trim() ? 'Enter where it goes.' : null}
          inputProps={{ maxLength: 120 }}
        />
        <Field
          label="Colour"
          value={colour}
          onChange={(e) => setColour(e.target.value)}
          hint="ground/stripe: black/white"
          inputProps={{ maxLength: 40 }}
        />
        <Field label="Mark" value={mark} onChange={(e) => setMark(e.target.value)} inputProps={{ maxLength: 40 }} />
        <Field
          sx={{ gridColumn: '1 / -1' }}
          label="Route"
          value={route}
          onChange={(e) => setRoute(e.target.value)}
          inputProps={{ maxLength: 300 }}
        />
      </Box>
      {like.length > 0 && !mark.trim() && (
        <Box
          role="alert"
          sx={{
            display: 'flex',
            flexWrap: 'wrap',
            gap: 1,
            alignItems: 'center',
            borderLeft: '6px solid',
            borderColor: 'bench.red',
            bgcolor: 'bench.redWash',
            pl: 1.5,
            py: 0.5,
          }}
        >
          <Typography sx={{ flex: '1 1 12rem' }}>
            {like[0].fromEnd} has the same colour. Mark this one on both sides before it is disconnected.
          </Typography>
          <Button variant="outlined" onClick={() => setMark(free)}>
            Mark it {free}
          </Button>
        </Box>
      )}
      {steps.length > 0 && (
        <SelectField
          label="Disconnected for"
          value={stepId}
          options={[{ id: '', label: 'no step' }, ...steps.map((s) => ({ id: s.id, label: s.title }))]}
          onChange={setStepId}
        />
      )}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained">
          Add connection
        </Button>
        <Button onClick={onClose}>Done</Button>
      </Box>
    </Box>
  );
}
