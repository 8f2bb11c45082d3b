import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormLabel from '@mui/material/FormLabel';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import type { FindingKind, Knowledge } from '../../core/knowledge';
import type { SymptomAnswer } from '../../core/state';
import { symptomsMeant } from '../../core/meaning';
import { useKnowledge } from '../job/useJob';
import { Choice } from '../controls/Choice';
import { Field } from '../controls/Field';

/** What an owner may complain of. */
export const symptomsIn = (k: Knowledge): FindingKind[] => k.findings.filter((f) => f.symptom && !f.retired);

/** Shown before anything was said: what bikes are most often brought in with. */
const usualMany = 8;

/**
 * Each symptom: yes, no, or not asked. What nobody asked says nothing. The words of the complaint, or those typed here,
 * bring up what they may mean.
 */
export function SymptomPicker({
  value,
  words = '',
  onChange,
}: {
  value: Record<string, SymptomAnswer>;
  words?: string;
  onChange: (v: Record<string, SymptomAnswer>) => void;
}) {
  const knowledge = useKnowledge();
  const symptomKinds = useMemo(() => symptomsIn(knowledge), [knowledge]);
  const usual = symptomKinds.slice(0, usualMany);
  const [typed, setTyped] = useState('');
  const [all, setAll] = useState(false);
  const set = (id: string, a: SymptomAnswer | null) => {
    const next = { ...value };
    if (a) next[id] = a;
    else delete next[id];
    onChange(next);
  };
  const said = typed.trim() || words;
  const meant = useMemo(() => symptomsMeant(knowledge, said).map((m) => m.kind), [knowledge, said]);
  const shown = [...new Set([...meant, ...symptomKinds.filter((s) => value[s.id]), ...(typed.trim() && meant.length ? [] : usual)])];
  const row = (s: FindingKind) => (
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
  );
  const grid = { display: 'grid', gap: 0.5, gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' }, columnGap: 3 };
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
      <FormLabel component="legend">Symptoms: yes, no, or leave what was not asked</FormLabel>
      <Field
        label="Find a symptom by what it does"
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
        hint={typed.trim() && meant.length === 0 ? 'No symptom has these words. Try others, or show all.' : undefined}
      />
      {all ? (
        knowledge.families.map((f) => (
          <Box key={f.id}>
            <Typography variant="h4" component="h4" sx={{ mt: 1 }}>
              {f.name}
            </Typography>
            <Box sx={grid}>{symptomKinds.filter((s) => s.symptom!.family === f.id).map(row)}</Box>
          </Box>
        ))
      ) : (
        <Box sx={{ ...grid, mt: 0.5 }}>{shown.map(row)}</Box>
      )}
      <Button sx={{ mt: 0.5 }} onClick={() => setAll(!all)} aria-expanded={all}>
        {all ? 'Show fewer' : `Show all ${symptomKinds.length}`}
      </Button>
    </Box>
  );
}
