import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import FormControl from '@mui/material/FormControl';
import FormLabel from '@mui/material/FormLabel';
import { useId } from 'react';
import { factsOf, type Knowledge } from '../../core/knowledge';
import { judge, limitFor } from '../../core/measure';
import type { AgainstLimit } from '../../core/strip';
import { useJob } from '../job/useJob';
import { infoOf, readDraft } from './test/readingDraft';
import { ReadingField } from './test/ReadingField';

export interface FreeDraft {
  quantity: string;
  text: string;
  unit: string;
}

export const quantitiesOf = (knowledge: Knowledge) =>
  [
    ...knowledge.tests.flatMap((t) => (t.measure ? [{ id: t.measure.quantity, name: t.measure.name ?? t.name }] : [])),
    ...knowledge.quantities,
  ].sort((a, b) => a.name.localeCompare(b.name));

/** A reading of any quantity: what was measured, the figure, and the bar under it. */
export function FreeReading({
  draft,
  onDraft,
  strict,
  optional,
}: {
  draft: FreeDraft;
  onDraft: (d: FreeDraft) => void;
  strict: boolean;
  optional?: boolean;
}) {
  const { knowledge, traced } = useJob();
  const id = useId();
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const info = draft.quantity ? infoOf(knowledge, draft.quantity, facts) : null;
  return (
    <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, alignItems: 'start' }}>
      <FormControl fullWidth>
        <FormLabel id={id}>{optional ? 'Reading (optional)' : 'Quantity'}</FormLabel>
        <Select
          displayEmpty
          labelId={id}
          value={draft.quantity}
          onChange={(e) =>
            onDraft({ ...draft, quantity: e.target.value, unit: e.target.value ? infoOf(knowledge, e.target.value, facts).unit : '' })
          }
        >
          <MenuItem value="">{optional ? 'not measured' : 'choose'}</MenuItem>
          {quantitiesOf(knowledge).map((q) => (
            <MenuItem key={q.id} value={q.id}>
              {q.name}
            </MenuItem>
          ))}
        </Select>
      </FormControl>
      {info && (
        <ReadingField
          label="Reading"
          info={info}
          limit={limitFor(info, traced.specs)}
          text={draft.text}
          unit={draft.unit}
          onText={(text) => onDraft({ ...draft, text })}
          onUnit={(unit) => onDraft({ ...draft, unit })}
          strict={strict}
        />
      )}
    </Box>
  );
}

export const emptyDraft: FreeDraft = { quantity: '', text: '', unit: '' };

/** The draft as a reading to be kept; null where there is none, 'bad' where it cannot be read. */
export function useReadDraft() {
  const { knowledge, traced, store } = useJob();
  return (draft: FreeDraft) => {
    if (!draft.quantity) return null;
    const facts = factsOf(traced.bike, traced.job, knowledge);
    const info = infoOf(knowledge, draft.quantity, facts);
    const parsed = readDraft(draft.text, draft.unit, info, limitFor(info, traced.specs));
    if (!parsed.ok) return 'bad' as const;
    const text = draft.text.trim();
    return {
      id: store.newId(),
      bikeId: traced.bike.id,
      quantity: draft.quantity,
      value: { kind: 'exact' as const, value: parsed.si },
      unit: parsed.unit,
      entered: /[a-z°"]/i.test(text) ? text : `${text} ${draft.unit}`.trim(),
      instrument: null,
    };
  };
}

/** How the draft stands to its limit, as far as a verdict minds: what is doubtful, or has no limit, is unknown. */
export function useDraftAgainst(draft: FreeDraft): AgainstLimit {
  const { knowledge, traced } = useJob();
  if (!draft.quantity || !draft.text.trim()) return 'unknown';
  const info = infoOf(knowledge, draft.quantity, factsOf(traced.bike, traced.job, knowledge));
  const limit = limitFor(info, traced.specs);
  const parsed = readDraft(draft.text, draft.unit, info, limit);
  if (!parsed.ok) return 'unknown';
  const { verdict } = judge({ kind: 'exact', value: parsed.si }, limit, info.error);
  return verdict === 'in' ? 'in' : ['low', 'high', 'past service'].includes(verdict) ? 'out' : 'unknown';
}
