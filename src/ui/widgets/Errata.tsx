import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControl from '@mui/material/FormControl';
import FormLabel from '@mui/material/FormLabel';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import { list } from '../../core/state';
import { useJob } from '../job/useJob';
import { Empty } from '../controls/Empty';
import { Field } from '../controls/Field';
import { quantitiesOf } from './FreeReading';
import { Card } from '../controls/Card';

const emptyErratum = { quantity: '', page: '', says: '', right: '', source: '' };

/** Where the manual of this bike is wrong: what it says, what is right, and how that is known. It stays with the bike. */
export function Errata() {
  const { store, state, traced, knowledge } = useJob();
  const errata = list(state, 'erratum').filter((e) => e.bikeId === traced.bike.id);
  const [open, setOpen] = useState(false);
  const [form, setForm] = useState(emptyErratum);
  const [tried, setTried] = useState(false);
  const put = (patch: Partial<typeof form>) => setForm({ ...form, ...patch });
  const quantities = quantitiesOf(knowledge);
  const nameOf = (id: string | null) => quantities.find((q) => q.id === id)?.name ?? id;
  const keep = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    if (!form.says.trim() || !form.right.trim() || !form.source.trim()) return;
    const done = store.act('erratum.add', store.newId(), {
      bikeId: traced.bike.id,
      book: 'manual of this bike',
      page: form.page.trim() || null,
      quantity: form.quantity || null,
      says: form.says.trim(),
      right: form.right.trim(),
      source: form.source.trim(),
    });
    if (!done.ok) return;
    setForm(emptyErratum);
    setTried(false);
    setOpen(false);
  };
  return (
    <Card title="Manual corrections" data-testid="errata">
      {errata.length === 0 && !open && (
        <Empty>No corrections. If a value in the manual proved wrong, enter it here once for every job on this bike.</Empty>
      )}
      {errata.map((e) => (
        <Box key={e.id} sx={{ borderTop: 1, borderColor: 'divider', py: 0.75 }}>
          <Typography>
            <Box component="s" sx={{ color: 'text.secondary' }}>
              {e.says}
            </Box>{' '}
            <b>{e.right}</b>
          </Typography>
          <Typography variant="body2" color="text.secondary">
            {[nameOf(e.quantity), e.book + (e.page ? `, page ${e.page}` : ''), e.source].filter(Boolean).join(' · ')}
          </Typography>
        </Box>
      ))}
      {open ? (
        <Box component="form" noValidate onSubmit={keep} sx={{ display: 'grid', gap: 1, mt: 1 }}>
          <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: '110px 1fr 1fr' } }}>
            <Field label="Page" value={form.page} onChange={(e) => put({ page: e.target.value })} inputProps={{ maxLength: 40 }} />
            <Field
              label="Manual says"
              value={form.says}
              onChange={(e) => put({ says: e.target.value })}
              error={tried && !form.says.trim() ? 'Enter what the manual says.' : null}
            />
            <Field
              label="Correct value"
              value={form.right}
              onChange={(e) => put({ right: e.target.value })}
              error={tried && !form.right.trim() ? 'Enter the correct value.' : null}
            />
          </Box>
          <FormControl fullWidth>
            <FormLabel id="erratum-of">Limit concerned</FormLabel>
            <Select displayEmpty labelId="erratum-of" value={form.quantity} onChange={(e) => put({ quantity: e.target.value })}>
              <MenuItem value="">none</MenuItem>
              {quantities.map((q) => (
                <MenuItem key={q.id} value={q.id}>
                  {q.name}
                </MenuItem>
              ))}
            </Select>
          </FormControl>
          <Field
            label="Evidence"
            value={form.source}
            onChange={(e) => put({ source: e.target.value })}
            error={tried && !form.source.trim() ? 'Enter the evidence: a later edition, a bulletin, a measurement.' : null}
          />
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button type="submit" variant="contained">
              Save correction
            </Button>
            <Button onClick={() => setOpen(false)}>Back</Button>
          </Box>
        </Box>
      ) : (
        <Button variant="outlined" onClick={() => setOpen(true)} sx={{ mt: 1 }}>
          Add correction
        </Button>
      )}
    </Card>
  );
}
