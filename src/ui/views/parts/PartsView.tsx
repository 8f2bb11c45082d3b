import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { amount, cents } from '../../../core/money';
import { partStatuses, type Part } from '../../../core/state';
import { useJob } from '../../job/useJob';
import { Column, Columns } from '../../controls/Columns';
import { Substitutes } from '../../widgets/substitutes/Substitutes';
import { ShowMore } from '../../controls/ShowMore';
import { Empty } from '../../controls/Empty';
import { DateField } from '../../controls/DateField';
import { Field } from '../../controls/Field';
import { Card } from '../../controls/Card';
import { day, wrongDate } from '../../controls/times';

export default function PartsView() {
  return (
    <Columns share={[1, 1.3]}>
      <Column>
        <NeedPart />
        <Substitutes />
      </Column>
      <PartList />
    </Columns>
  );
}

interface Form {
  name: string;
  number: string;
  source: string;
  quantity: string;
  price: string;
  dueOn: string;
}
const blank: Form = { name: '', number: '', source: '', quantity: '1', price: '', dueOn: '' };

function NeedPart() {
  const { store, jobId } = useJob();
  const { register, control, handleSubmit, reset, formState } = useForm<Form>({ defaultValues: blank });
  const [more, setMore] = useState(false);
  const field = (name: keyof Form, validate?: (v: string) => true | string) => {
    const { ref, ...rest } = register(name, { validate });
    return { ...rest, inputRef: ref, error: formState.errors[name]?.message };
  };
  const keep = handleSubmit((f) => {
    const done = store.act('part.add', store.newId(), {
      jobId,
      findingId: null,
      name: f.name.trim(),
      number: f.number.trim() || null,
      source: f.source.trim() || null,
      quantity: Number(f.quantity),
      price: f.price.trim() || '0',
      dueOn: f.dueOn || null,
    });
    if (done.ok) reset(blank);
  });
  return (
    <Card lead title="Add a part" data-testid="part-form">
      <Box component="form" noValidate onSubmit={keep} sx={{ display: 'grid', gap: 1.25 }}>
        <Field label="Part" {...field('name', (v) => v.trim() !== '' || 'Which part?')} />
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.25 }}>
          <Field
            sx={{ flex: '1 1 6rem' }}
            label="How many"
            inputProps={{ inputMode: 'numeric' }}
            {...field('quantity', (v) => /^[1-9]\d{0,2}$/.test(v.trim()) || 'From 1 to 999.')}
          />
          <Field
            sx={{ flex: '3 1 9rem' }}
            label={`Price each (${store.snapshot.shop.currency})`}
            inputProps={{ inputMode: 'decimal' }}
            {...field(
              'price',
              (v) =>
                /^((0|[1-9]\d{0,8})(\.\d{1,2})?)?$/.test(v.trim()) ||
                (/,/.test(v) ? `A comma: did you mean ${v.trim().replace(',', '.')}?` : 'An amount like 12 or 12.50.'),
            )}
          />
        </Box>
        {more && (
          <>
            <Field label="Part number" {...field('number')} />
            <Field label="Supplier" {...field('source')} />
            <Controller
              name="dueOn"
              control={control}
              rules={{ validate: (v) => wrongDate(v) ?? true }}
              render={({ field: { value, onChange } }) => (
                <DateField label="Expected" value={value} onChange={onChange} error={formState.errors.dueOn?.message} />
              )}
            />
          </>
        )}
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button type="submit" variant="contained">
            Add part
          </Button>
          <Button variant="text" onClick={() => setMore(!more)} aria-expanded={more}>
            {more ? 'Less' : 'More'}
          </Button>
        </Box>
        <Typography variant="body2" color="text.secondary">
          Don’t forget seals, gaskets, crush washers and circlips. Check for superseding parts.
        </Typography>
      </Box>
    </Card>
  );
}

/** What is done with a part next. */
const next: Partial<Record<Part['status'], { does: string; status: Part['status'] }>> = {
  needed: { does: 'Ordered', status: 'ordered' },
  ordered: { does: 'Arrived', status: 'arrived' },
  arrived: { does: 'Fitted', status: 'fitted' },
  spare: { does: 'Wanted after all', status: 'arrived' },
};
/** The way of a part; one that is spare came as far as "arrived" and goes no further. */
const way = (status: Part['status']) => partStatuses.filter((s) => (status === 'spare' ? s !== 'fitted' : s !== 'spare'));

function PartList() {
  const { store, rows, jobId } = useJob();
  const parts = rows('part');
  const { currency } = store.snapshot.shop;
  const total = parts.reduce((s, p) => s + cents(p.price) * p.quantity, 0);
  const set = (p: Part, status: Part['status']) => store.set('part.set', p.id, { status });
  return (
    <Card title="Parts" aside={<Typography sx={{ fontWeight: 600 }}>{`${amount(total)} ${currency}`}</Typography>} data-testid="parts">
      {parts.length === 0 && <Empty>No parts yet. Each goes from needed to ordered, arrived and fitted.</Empty>}
      <ShowMore list={parts}>
        {(p) => {
          const at = way(p.status).indexOf(p.status);
          const then = next[p.status];
          return (
            <Box sx={{ borderTop: 1, borderColor: 'divider', py: 1, display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
              <Box sx={{ flex: '1 1 220px', minWidth: 0 }}>
                <Typography sx={{ fontWeight: 600 }}>
                  {p.quantity > 1 ? `${p.quantity} × ` : ''}
                  {p.name}
                </Typography>
                <Typography variant="body2" color="text.secondary">
                  {[
                    `${amount(cents(p.price) * p.quantity)} ${currency}`,
                    p.number,
                    p.source,
                    p.status === 'ordered' && p.dueOn ? `expected ${day(p.dueOn)}` : '',
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </Typography>
                <Box aria-label={`Status: ${p.status}`} role="img" sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, mt: 0.5 }}>
                  {way(p.status).map((s, i) => (
                    <Box
                      key={s}
                      sx={{
                        flex: '1 0 4.1rem',
                        maxWidth: '6rem',
                        fontSize: '1rem',
                        borderTop: '5px solid',
                        borderColor: i <= at ? 'bench.green' : 'divider',
                        fontWeight: i === at ? 600 : 400,
                        color: i <= at ? 'text.primary' : 'text.secondary',
                      }}
                    >
                      {s}
                    </Box>
                  ))}
                </Box>
              </Box>
              {p.status === 'needed' && (
                <Button variant="text" onClick={() => store.act('part.remove', p.id, { jobId })} aria-label={`Not needed: ${p.name}`}>
                  Not needed
                </Button>
              )}
              {p.status === 'arrived' && (
                <Button variant="text" onClick={() => set(p, 'spare')} aria-label={`Spare: ${p.name}`}>
                  Spare
                </Button>
              )}
              {then && (
                <Button variant="outlined" onClick={() => set(p, then.status)} aria-label={`${then.does}: ${p.name}`}>
                  {then.does}
                </Button>
              )}
            </Box>
          );
        }}
      </ShowMore>
    </Card>
  );
}
