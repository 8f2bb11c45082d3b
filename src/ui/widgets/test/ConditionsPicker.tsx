import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Conditions } from '../../../core/state';
import { Choice } from '../../controls/Choice';

const words = ({ temperature, battery, tries }: Conditions) =>
  [
    temperature ?? 'temperature not noted',
    battery === 'helped' ? 'jump battery' : battery === 'weak' ? 'weak battery' : battery === 'own' ? 'own battery' : '',
    tries && tries > 1 ? `${tries} tries` : '',
  ]
    .filter(Boolean)
    .join(', ');

/** The circumstances of a result: one line until someone wants to change them. */
export function ConditionsPicker({ value, onChange }: { value: Conditions; onChange: (c: Conditions) => void }) {
  const [open, setOpen] = useState(false);
  const set = (patch: Conditions) =>
    onChange(Object.fromEntries(Object.entries({ ...value, ...patch }).filter(([, v]) => v !== undefined && v !== null)) as Conditions);
  return (
    <Box sx={{ minWidth: 0 }}>
      <Button variant="text" onClick={() => setOpen(!open)} aria-expanded={open} sx={{ px: 0.5, color: 'text.primary' }}>
        Conditions: {words(value)} {open ? '▴' : '▾'}
      </Button>
      {open && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, pb: 1 }}>
          <Choice
            label="Engine"
            value={value.temperature ?? null}
            options={(['cold', 'warm', 'hot'] as const).map((v) => ({ value: v, label: v }))}
            onChange={(v) => set({ temperature: v ?? undefined })}
          />
          <Choice
            label="Battery"
            value={value.battery ?? null}
            options={(['own', 'helped', 'weak'] as const).map((v) => ({ value: v, label: v }))}
            onChange={(v) => set({ battery: v ?? undefined })}
          />
          <Choice
            label="Tries"
            value={value.tries ?? 1}
            clearable={false}
            options={[1, 2, 3, 5, 10].map((v) => ({ value: v, label: String(v) }))}
            onChange={(v) => set({ tries: v ?? undefined })}
          />
        </Box>
      )}
    </Box>
  );
}
