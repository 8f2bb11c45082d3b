import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControl from '@mui/material/FormControl';
import FormLabel from '@mui/material/FormLabel';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import { factsOf } from '../../../../core/knowledge';
import { fromSi, parseQuantity, sameKind } from '../../../../core/quantity';
import { specOrigins, type Spec, type SpecOrigin } from '../../../../core/state';
import { crossing, enteredAs } from '../../../../core/specification';
import { useJob } from '../../../job/useJob';
import { Field } from '../../../controls/Field';
import { quantitiesOf } from '../../../widgets/FreeReading';
import { infoOf } from '../../../widgets/test/readingDraft';
import { saveSpec } from './saveSpec';
import { originWords } from './origins';

export interface LimitDraft {
  quantity: string;
  unit: string;
  low: string;
  high: string;
  serviceLow: string;
  serviceHigh: string;
  source: string;
  origin: SpecOrigin;
}

export const emptyLimit: LimitDraft = {
  quantity: '',
  unit: '',
  low: '',
  high: '',
  serviceLow: '',
  serviceHigh: '',
  source: '',
  origin: 'book',
};

/** A limit that is there, to be changed. */
export function limitDraftOf(s: Spec): LimitDraft {
  const text = (si: number | null | undefined) => (si == null ? '' : String(Number(fromSi(si, s.unit).toPrecision(7))));
  return {
    quantity: s.quantity,
    unit: s.unit,
    low: text(s.low),
    high: text(s.high),
    serviceLow: text(s.serviceLow),
    serviceHigh: text(s.serviceHigh),
    source: s.source,
    origin: s.origin ?? 'book',
  };
}

const bounds = ['low', 'high', 'serviceLow', 'serviceHigh'] as const;
const labels = { low: 'From', high: 'To', serviceLow: 'Service limit, min', serviceHigh: 'Service limit, max' } as const;

// eslint-disable-next-line max-lines-per-function -- a form: its fields in the order in which they are filled in
export function LimitForm({ draft, onDraft }: { draft: LimitDraft; onDraft(d: LimitDraft): void }) {
  const used = useJob();
  const { knowledge, traced } = used;
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const [tried, setTried] = useState(false);
  const { quantity, unit, source } = draft;
  const set = (patch: Partial<LimitDraft>) => onDraft({ ...draft, ...patch });
  const parsed = Object.fromEntries(
    bounds.map((b) => [b, quantity && draft[b].trim() !== '' ? parseQuantity(draft[b], unit) : null]),
  ) as Record<(typeof bounds)[number], ReturnType<typeof parseQuantity> | null>;
  const si = (b: (typeof bounds)[number]) => (parsed[b]?.ok ? parsed[b].si : null);
  const values = { low: si('low'), high: si('high'), serviceLow: si('serviceLow'), serviceHigh: si('serviceHigh') };
  const unread = bounds.some((b) => parsed[b] && !parsed[b].ok);
  const none = bounds.every((b) => parsed[b] === null);
  const crossed = unread ? null : crossing(values);
  const known = traced.specs.find((s) => s.quantity === quantity);
  const keep = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    if (!quantity || none || unread || crossed || !source.trim()) return;
    const entry = {
      quantity,
      ...values,
      unit,
      entered: enteredAs(draft.low.trim(), draft.high.trim(), unit).slice(0, 80),
      source: source.trim(),
      origin: draft.origin,
    };
    if (!saveSpec(used, entry)) return;
    onDraft(emptyLimit);
    setTried(false);
  };
  return (
    <Box component="form" noValidate onSubmit={keep} sx={{ display: 'grid', gap: 1, mt: 1 }}>
      <FormControl fullWidth>
        <FormLabel id="limit-of">Limit of</FormLabel>
        <Select
          displayEmpty
          labelId="limit-of"
          value={quantity}
          onChange={(e) => {
            const there = traced.specs.find((s) => s.quantity === e.target.value);
            onDraft(
              there
                ? limitDraftOf(there)
                : { ...emptyLimit, quantity: e.target.value, unit: e.target.value ? infoOf(knowledge, e.target.value, facts).unit : '' },
            );
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
            {bounds.map((b) => (
              <Field
                key={b}
                label={labels[b]}
                value={draft[b]}
                onChange={(e) => set({ [b]: e.target.value })}
                inputProps={{ inputMode: 'decimal', autoComplete: 'off' }}
                error={parsed[b] && !parsed[b].ok ? parsed[b].message : null}
                sx={{ gridColumn: b === 'low' || b === 'serviceLow' ? 1 : 2, gridRow: b.startsWith('service') ? 2 : 1 }}
              />
            ))}
            <Select
              value={unit}
              onChange={(e) => set({ unit: e.target.value })}
              sx={{ mt: '1.7rem', gridColumn: 3, gridRow: 1 }}
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
            label="Manual page"
            value={source}
            onChange={(e) => set({ source: e.target.value })}
            hint="manual of this bike, page 61"
            inputProps={{ maxLength: 200 }}
            error={tried && !source.trim() ? 'Enter the source.' : null}
          />
          <Select
            value={draft.origin}
            onChange={(e) => set({ origin: e.target.value as SpecOrigin })}
            inputProps={{ 'aria-label': 'It comes from' }}
          >
            {specOrigins.map((o) => (
              <MenuItem key={o} value={o}>
                {originWords[o]}
              </MenuItem>
            ))}
          </Select>
          {crossed && (
            <Typography role="alert" color="error">
              {crossed[0].toUpperCase() + crossed.slice(1)}
            </Typography>
          )}
          {tried && none && (
            <Typography role="alert" color="error">
              Enter at least one value.
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
  );
}
