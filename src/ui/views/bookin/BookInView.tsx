import Box from '@mui/material/Box';
import FormLabel from '@mui/material/FormLabel';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import ToggleButton from '@mui/material/ToggleButton';
import type { SetOf } from '../../../core/command';
import type { Bike } from '../../../core/state';
import { useJob, useJobView } from '../../job/useJob';
import { Column, Columns } from '../../controls/Columns';
import { Choice } from '../../controls/Choice';
import { AutosaveField } from '../../controls/AutosaveField';
import { Card } from '../../controls/Card';
import { Complaints } from '../../widgets/Complaints';
import { Agreed } from '../../widgets/Agreed';
import { Traits } from './Traits';

export default function BookInView() {
  return (
    <Columns share={[1.15, 1]}>
      <Column>
        <Complaints />
        <WhatItIs />
        <Traits />
      </Column>
      <Column>
        <History />
        <OwnerPart />
        <Agreed />
      </Column>
    </Columns>
  );
}

const opts = <T extends string | number>(...list: (T | [T, string])[]) =>
  list.map((o) => (Array.isArray(o) ? { value: o[0], label: o[1] } : { value: o, label: String(o) }));

type BikeChoice = { field: keyof Bike; label: string; options: { value: string | number; label: string }[] };
const bikeChoices: BikeChoice[] = [
  { field: 'strokes', label: 'Strokes', options: opts(['two', 'two-stroke'], ['four', 'four-stroke']) },
  { field: 'cylinders', label: 'Cylinders', options: opts(1, 2, 3, 4, 6) },
  { field: 'cooling', label: 'Cooling', options: opts('air', 'liquid') },
  { field: 'ignition', label: 'Ignition', options: opts('points', 'electronic', 'magneto') },
  { field: 'fuelling', label: 'Fuelling', options: opts('carburettor', 'injection') },
  { field: 'starting', label: 'Starting', options: opts('kick', 'electric', 'both') },
  { field: 'voltage', label: 'Volts', options: opts(6, 12) },
  { field: 'decompressor', label: 'Decompressor', options: opts('none', 'manual', 'automatic') },
  { field: 'clutch', label: 'Clutch', options: opts('cable', 'hydraulic', 'automatic') },
];

const text = (v: string | number | null) => (v === null ? '' : String(v));

function number(t: string, low: number, high: number, whole: boolean): { ok: true; value: number | null } | { ok: false; message: string } {
  if (t === '') return { ok: true, value: null };
  if (/^\d+,\d+$/.test(t)) return { ok: false, message: `A comma: did you mean ${t.replace(',', '.')}?` };
  const v = Number(t);
  if (!Number.isFinite(v)) return { ok: false, message: `'${t}' is not a number.` };
  if (whole && !Number.isInteger(v)) return { ok: false, message: 'A whole number, please.' };
  if (v < low || v > high) return { ok: false, message: `Between ${low} and ${high}.` };
  return { ok: true, value: v };
}

/** What the bike is: everything the tracer and the panels need to know of it. */
function WhatItIs() {
  const { store, knowledge, traced } = useJob();
  const { bike } = traced;
  const set = (patch: SetOf<'bike.set'>) => store.set('bike.set', bike.id, patch);
  const numberField = (
    field: 'year' | 'mileageKm' | 'boreMm' | 'strokeMm' | 'compressionRatio',
    label: string,
    low: number,
    high: number,
    whole: boolean,
    unit?: string,
  ) => (
    <AutosaveField
      key={field}
      label={label}
      unit={unit}
      value={text(bike[field])}
      inputProps={{ inputMode: 'decimal' }}
      onSet={(t) => {
        const n = number(t, low, high, whole);
        if (!n.ok) return n.message;
        set({ [field]: n.value });
        return null;
      }}
    />
  );
  return (
    <Card title="What it is">
      <Box sx={{ display: 'grid', gap: 1.25 }}>
        <AutosaveField
          label="Make and model"
          value={bike.name}
          onSet={(t) => {
            if (!t) return 'A bike needs a name.';
            set({ name: t });
            return null;
          }}
        />
        <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 3, rowGap: 1 }}>
          <Box sx={{ flex: '1 1 100%', minWidth: 0, maxWidth: 420 }}>
            <FormLabel sx={{ display: 'block' }}>Kind of bike</FormLabel>
            <Select
              fullWidth
              displayEmpty
              value={bike.archetype ?? ''}
              onChange={(e) => set({ archetype: e.target.value || null })}
              inputProps={{ 'aria-label': 'Kind of bike' }}
            >
              <MenuItem value="">not given</MenuItem>
              {knowledge.archetypes.map((a) => (
                <MenuItem key={a.id} value={a.id}>
                  {a.name}
                </MenuItem>
              ))}
            </Select>
          </Box>
          {bikeChoices.map((c) => (
            <Choice
              key={c.field}
              label={c.label}
              value={bike[c.field] as string | number | null}
              options={c.options}
              onChange={(v) => set({ [c.field]: v })}
            />
          ))}
        </Box>
        <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))' }}>
          {numberField('year', 'Year', 1885, 2100, true)}
          {numberField('mileageKm', 'Distance', 0, 2000000, true, 'km')}
          {numberField('boreMm', 'Bore', 20, 150, false, 'mm')}
          {numberField('strokeMm', 'Stroke', 20, 150, false, 'mm')}
          {numberField('compressionRatio', 'Compression ratio', 4, 20, false, ': 1')}
          <AutosaveField label="Colour" value={text(bike.colour)} onSet={(t) => (set({ colour: t || null }), null)} />
          <AutosaveField label="Frame number" value={text(bike.frameNo)} onSet={(t) => (set({ frameNo: t || null }), null)} />
          <AutosaveField label="Engine number" value={text(bike.engineNo)} onSet={(t) => (set({ engineNo: t || null }), null)} />
        </Box>
      </Box>
    </Card>
  );
}

const yesNo = opts('yes', 'no');

/** How it stood, and whose hands were in it last. History moves the odds before anything is tested. */
function History() {
  const { store, knowledge, traced, jobId } = useJob();
  const { job } = traced;
  const set = (patch: SetOf<'job.set'>) => store.set('job.set', jobId, patch);
  const touched = job.lastTouched ?? [];
  return (
    <Card title="History">
      <Box sx={{ display: 'grid', gap: 1.25 }}>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 3, rowGap: 1 }}>
          <AutosaveField
            sx={{ maxWidth: '11rem' }}
            label="Off the road for"
            unit="months"
            value={text(job.standingMonths)}
            inputProps={{ inputMode: 'numeric' }}
            onSet={(t) => {
              const n = number(t, 0, 1200, true);
              if (!n.ok) return n.message;
              set({ standingMonths: n.value });
              return null;
            }}
          />
          <Choice
            label="Where"
            value={job.storage}
            options={opts('dry', 'damp', 'flooded', 'outside')}
            onChange={(v) => set({ storage: v })}
          />
          <Choice label="Fuel left in" value={job.fuelLeft} options={yesNo} onChange={(v) => set({ fuelLeft: v })} />
          <Choice label="Crash" value={job.crash} options={yesNo} onChange={(v) => set({ crash: v })} />
          <Choice label="Ran when parked" value={job.ranWhenParked} options={yesNo} onChange={(v) => set({ ranWhenParked: v })} />
        </Box>
        <Box>
          <FormLabel id="touched">Last worked on</FormLabel>
          <Box role="group" aria-labelledby="touched" sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
            {knowledge.areas.map((a) => (
              <ToggleButton
                key={a.id}
                value={a.id}
                selected={touched.includes(a.id)}
                onChange={() => set({ lastTouched: touched.includes(a.id) ? touched.filter((t) => t !== a.id) : [...touched, a.id] })}
                sx={{ borderWidth: 2, '&.Mui-selected': { textDecoration: 'underline', textUnderlineOffset: 4 } }}
              >
                {a.name}
              </ToggleButton>
            ))}
          </Box>
        </Box>
        <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
          <AutosaveField label="By whom" value={text(job.lastTouchedBy)} onSet={(t) => (set({ lastTouchedBy: t || null }), null)} />
          <AutosaveField
            label="When, and what"
            value={text(job.lastTouchedWhen)}
            onSet={(t) => (set({ lastTouchedWhen: t || null }), null)}
          />
        </Box>
        <AutosaveField label="Notes" multiline minRows={2} value={text(job.notes)} onSet={(t) => (set({ notes: t || null }), null)} />
      </Box>
    </Card>
  );
}

function OwnerPart() {
  const { store, state, traced } = useJob();
  const personal = useJobView((v) => v.personal);
  const owner = traced.bike.ownerId ? state.rows.owner.get(traced.bike.ownerId) : undefined;
  const known = owner?.personalId ? personal.find((p) => p.id === owner.personalId) : undefined;
  if (!owner) return null;
  const set = (patch: { name?: string | null; phone?: string | null }) => {
    const id = store.newId();
    const next = { name: known?.name ?? null, phone: known?.phone ?? null, ...patch };
    store.set('owner.set', owner.id, { personalId: id }, [{ id, ...next, email: null }]);
  };
  return (
    <Card title="Owner" over="Stored apart so it can be erased">
      <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        <AutosaveField label="Name" value={known?.name ?? ''} onSet={(t) => (t ? (set({ name: t }), null) : 'An owner needs a name.')} />
        <AutosaveField label="Telephone" value={known?.phone ?? ''} onSet={(t) => (set({ phone: t || null }), null)} />
      </Box>
    </Card>
  );
}
