import Box from '@mui/material/Box';
import FormLabel from '@mui/material/FormLabel';
import type { SymptomAnswer } from '../../core/record';
import { knowledge } from '../job/useJob';
import { Choice } from './Choice';

export const symptomKinds = knowledge.findings.filter((f) => f.symptom);

/** Each symptom: yes, no, or not asked. What nobody asked says nothing. */
export function SymptomPicker({
  value,
  onChange,
}: {
  value: Record<string, SymptomAnswer>;
  onChange: (v: Record<string, SymptomAnswer>) => void;
}) {
  const set = (id: string, a: SymptomAnswer | null) => {
    const next = { ...value };
    if (a) next[id] = a;
    else delete next[id];
    onChange(next);
  };
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
      <FormLabel component="legend">Symptoms: yes, no, or leave what was not asked</FormLabel>
      <Box sx={{ display: 'grid', gap: 0.5, gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' }, columnGap: 3 }}>
        {symptomKinds.map((s) => (
          <Box key={s.id} sx={{ display: 'flex', alignItems: 'center', gap: 1, borderTop: 1, borderColor: 'divider', py: 0.25 }}>
            <Box sx={{ flex: 1, minWidth: 0 }}>{s.name}</Box>
            <Choice
              hideLabel
              label={s.name}
              value={value[s.id] ?? null}
              options={[
                { value: 'present', label: 'yes' },
                { value: 'absent', label: 'no' },
              ]}
              onChange={(a) => set(s.id, a as SymptomAnswer | null)}
            />
          </Box>
        ))}
      </Box>
    </Box>
  );
}
