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

/** Where the book of this bike is wrong: what it says, what is right, and how that is known. It stays with the bike. */
export function Errata() {
  const { store, view, traced, knowledge } = useJob();
  const errata = list(view.state, 'erratum').filter((e) => e.bikeId === traced.bike.id);
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
      book: 'book of this bike',
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
    <Card title="The book is wrong" data-testid="errata">
      {errata.length === 0 && !open && (
        <Empty>No erratum. Where a figure in the book proved wrong, write it here once, for every job of this bike.</Empty>
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
              label="It says"
              value={form.says}
              onChange={(e) => put({ says: e.target.value })}
              error={tried && !form.says.trim() ? 'What does it say?' : null}
            />
            <Field
              label="Right is"
              value={form.right}
              onChange={(e) => put({ right: e.target.value })}
              error={tried && !form.right.trim() ? 'What is right?' : null}
            />
          </Box>
          <FormControl fullWidth>
            <FormLabel id="erratum-of">Limit it concerns, if one</FormLabel>
            <Select displayEmpty labelId="erratum-of" value={form.quantity} onChange={(e) => put({ quantity: e.target.value })}>
              <MenuItem value="">none of them</MenuItem>
              {quantities.map((q) => (
                <MenuItem key={q.id} value={q.id}>
                  {q.name}
                </MenuItem>
              ))}
            </Select>
          </FormControl>
          <Field
            label="How you know"
            value={form.source}
            onChange={(e) => put({ source: e.target.value })}
            error={tried && !form.source.trim() ? 'A later edition, a bulletin, measured?' : null}
          />
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button type="submit" variant="contained">
              Write it down
            </Button>
            <Button onClick={() => setOpen(false)}>Back</Button>
          </Box>
        </Box>
      ) : (
        <Button variant="outlined" onClick={() => setOpen(true)} sx={{ mt: 1 }}>
          An erratum
        </Button>
      )}
    </Card>
  );
}
