import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Step } from '../../../core/state';
import { inOrder } from '../../../core/strip';
import { Field } from '../../controls/Field';
import { SelectField } from '../../controls/SelectField';
import { useJob } from '../../job/useJob';

/** A step that was two, and two that were one. Fasteners, notes, wires and pieces go along as they are ticked. */
export function SplitJoin({ step }: { step: Step }) {
  const { store, rows, jobId } = useJob();
  const [open, setOpen] = useState(false);
  const [title, setTitle] = useState('');
  const [bag, setBag] = useState('');
  const [goes, setGoes] = useState<ReadonlySet<string>>(new Set());
  const [tried, setTried] = useState(false);
  const order = inOrder(rows('step')).filter((s) => !s.refittedAt);
  const at = order.findIndex((s) => s.id === step.id);
  const beside = [order[at - 1], order[at + 1]].filter((s): s is Step => s !== undefined);
  const hangs = [
    ...rows('fastener').map((f) => ({ id: f.id, stepId: f.stepId, says: `${f.count} × ${f.size} ${f.place ?? ''}` })),
    ...rows('fact').map((f) => ({ id: f.id, stepId: f.stepId, says: f.about })),
    ...rows('connection').map((c) => ({ id: c.id, stepId: c.stepId, says: [c.colour, c.fromEnd].filter(Boolean).join(', ') })),
    ...rows('piece').map((p) => ({ id: p.id, stepId: p.stepId, says: p.name })),
  ].filter((x) => x.stepId === step.id);
  const split = () => {
    setTried(true);
    if (!title.trim()) return;
    const payload = { jobId, newId: store.newId(), title: title.trim(), bag: bag.trim() || null, rows: [...goes] };
    if (store.act('step.split', step.id, payload).ok) {
      setOpen(false);
      setTitle('');
      setGoes(new Set());
    }
  };
  return (
    <Box sx={{ gridColumn: '1 / -1', display: 'grid', gap: 1 }}>
      <Box>
        <Button variant="text" aria-expanded={open} onClick={() => setOpen(!open)} aria-label={`Split or join: ${step.title}`}>
          Split or join
        </Button>
      </Box>
      {open && (
        <Box sx={{ display: 'grid', gap: 1, borderLeft: '6px solid', borderColor: 'divider', pl: 1.5 }}>
          <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'minmax(0,1fr) 110px' }}>
            <Field
              label="Came off first"
              value={title}
              onChange={(e) => setTitle(e.target.value)}
              error={tried && !title.trim() ? 'Enter the part that came off first.' : null}
              inputProps={{ maxLength: 200 }}
            />
            <Field label="Its bag" value={bag} onChange={(e) => setBag(e.target.value)} inputProps={{ maxLength: 40 }} />
          </Box>
          {hangs.length > 0 && (
            <Box role="group" aria-label="Goes with it">
              <Typography variant="body2" color="text.secondary">
                Goes with it
              </Typography>
              {hangs.map((h) => (
                <FormControlLabel
                  key={h.id}
                  sx={{ display: 'flex' }}
                  label={h.says}
                  control={
                    <Checkbox
                      checked={goes.has(h.id)}
                      onChange={(e) => {
                        const next = new Set(goes);
                        if (e.target.checked) next.add(h.id);
                        else next.delete(h.id);
                        setGoes(next);
                      }}
                    />
                  }
                />
              ))}
            </Box>
          )}
          <Box>
            <Button variant="outlined" onClick={split}>
              Split
            </Button>
          </Box>
          {beside.length > 0 && (
            <SelectField
              label="Join with"
              value=""
              options={[{ id: '', label: 'choose the step' }, ...beside.map((s) => ({ id: s.id, label: s.title }))]}
              onChange={(into) => into && void store.act('step.join', step.id, { jobId, into })}
            />
          )}
        </Box>
      )}
    </Box>
  );
}
