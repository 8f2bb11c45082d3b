import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControl from '@mui/material/FormControl';
import FormLabel from '@mui/material/FormLabel';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import { factsOf } from '../../../core/knowledge';
import { parseQuantity, sameKind, show } from '../../../core/quantity';
import { useJob } from '../../job/useJob';
import { Empty } from '../../parts/Empty';
import { Field } from '../../parts/Field';
import { quantitiesOf } from '../../parts/FreeReading';
import { Tag } from '../../parts/Tag';
import { infoOf } from '../../parts/test/readingDraft';

/** This bike's own limits, from its book. Where one stands here the general figure steps back. */
export function Limits() {
  const { store, knowledge, traced } = useJob();
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const [quantity, setQuantity] = useState('');
  const [unit, setUnit] = useState('');
  const [low, setLow] = useState('');
  const [high, setHigh] = useState('');
  const [source, setSource] = useState('');
  const [tried, setTried] = useState(false);
  const read = (t: string) => (t.trim() === '' ? null : parseQuantity(t, unit));
  const [l, h] = [quantity ? read(low) : null, quantity ? read(high) : null];
  const crossed = l?.ok && h?.ok && l.si > h.si;
  const known = traced.specs.find((s) => s.quantity === quantity);
  const keep = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    if (!quantity || (!l && !h) || (l && !l.ok) || (h && !h.ok) || crossed || !source.trim()) return;
    const values = {
      low: l?.ok ? l.si : null,
      high: h?.ok ? h.si : null,
      unit,
      entered: `${low.trim() || '…'} to ${high.trim() || '…'} ${unit}`,
      source: source.trim(),
    };
    const done = known
      ? store.set('spec.set', 'spec', known.id, values)
      : store.act('spec.add', 'spec', store.newId(), { bikeId: traced.bike.id, quantity, ...values });
    if (!done.ok) return;
    setLow('');
    setHigh('');
    setTried(false);
  };
  const wrong = (p: typeof l) => (p && !p.ok ? p.message : null);
  return (
    <Tag title="Limits of this bike" over="From its own book, with the page">
      {traced.specs.length === 0 && <Empty>None entered. Until then readings are held against general figures, and say so.</Empty>}
      {traced.specs.map((s) => (
        <Box key={s.id} sx={{ borderTop: 1, borderColor: 'divider', py: 0.75 }}>
          <Typography sx={{ fontWeight: 600 }}>{infoOf(knowledge, s.quantity, facts).name}</Typography>
          <Typography variant="body2">
            {s.low !== null ? show(s.low, s.unit) : '…'} to {s.high !== null ? show(s.high, s.unit) : '…'} {s.unit} · {s.source}
          </Typography>
        </Box>
      ))}
      <Box component="form" noValidate onSubmit={keep} sx={{ display: 'grid', gap: 1, mt: 1 }}>
        <FormControl fullWidth>
          <FormLabel id="limit-of">Limit of</FormLabel>
          <Select
            displayEmpty
            labelId="limit-of"
            value={quantity}
            onChange={(e) => {
              setQuantity(e.target.value);
              setUnit(e.target.value ? infoOf(knowledge, e.target.value, facts).unit : '');
            }}
          >
            <MenuItem value="">choose</MenuItem>
            {quantitiesOf(knowledge).map((q) => (
              <MenuItem key={q.id} value={q.id}>
                {q.name}
              </MenuItem>
            ))}
          </Select>
        </FormControl>
        {quantity && (
          <>
            <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: '1fr 1fr 110px', alignItems: 'start' }}>
              <Field
                label="From"
                value={low}
                onChange={(e) => setLow(e.target.value)}
                inputProps={{ inputMode: 'decimal' }}
                error={wrong(l) ?? (crossed ? 'From is over to.' : null)}
              />
              <Field
                label="To"
                value={high}
                onChange={(e) => setHigh(e.target.value)}
                inputProps={{ inputMode: 'decimal' }}
                error={wrong(h)}
              />
              <Select
                value={unit}
                onChange={(e) => setUnit(e.target.value)}
                sx={{ mt: '27px' }}
                inputProps={{ 'aria-label': 'Unit of the limit' }}
              >
                {sameKind(unit).map((u) => (
                  <MenuItem key={u} value={u}>
                    {u}
                  </MenuItem>
                ))}
              </Select>
            </Box>
            <Field
              label="Where it says so"
              value={source}
              onChange={(e) => setSource(e.target.value)}
              hint="book of this bike, page 61"
              error={tried && !source.trim() ? 'Say where the figure comes from.' : null}
            />
            {tried && !l && !h && (
              <Typography role="alert" color="error">
                Give at least one of the two.
              </Typography>
            )}
          </>
        )}
        <Box>
          <Button type="submit" variant="outlined" disabled={!quantity}>
            {known ? 'Change the limit' : 'Enter the limit'}
          </Button>
        </Box>
      </Box>
    </Tag>
  );
}
