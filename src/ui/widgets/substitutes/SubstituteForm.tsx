import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, type FormEvent } from 'react';
import { changedBy, effectsFor, factsOf } from '../../../core/knowledge';
import { Field } from '../../controls/Field';
import { SearchSelect } from '../../controls/SearchSelect';
import { useJob } from '../../job/useJob';

const fresh = { item: '', asFound: '', manual: '', chosen: '', why: '', modified: '', effects: [] as string[] };
const maybe = (text: string) => text.trim() || null;

/** What it is, as it was found, as the manual has it, as it is now, and what that brings. */
export function SubstituteForm({ onClose }: { onClose(): void }) {
  const { store, knowledge, traced } = useJob();
  const { bike, job } = traced;
  const [form, setForm] = useState(fresh);
  const [tried, setTried] = useState(false);
  const put = (patch: Partial<typeof fresh>) => setForm({ ...form, ...patch });
  const possible = effectsFor(knowledge, factsOf(bike, job, knowledge));
  const keep = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    if (!form.item.trim() || !form.chosen.trim()) return;
    const add = () =>
      store.act('substitute.add', store.newId(), {
        bikeId: bike.id,
        item: form.item.trim(),
        asFound: maybe(form.asFound),
        manual: maybe(form.manual),
        chosen: form.chosen.trim(),
        why: maybe(form.why),
        modified: maybe(form.modified),
        effects: form.effects,
      }).ok;
    // What it changes on the bike the tracer reads there.
    const changed = changedBy(
      bike,
      knowledge.effects.filter((x) => form.effects.includes(x.id)),
    );
    const set = () =>
      Object.keys(changed).length === 0 || store.set('bike.set', bike.id, changed as Parameters<typeof store.set<'bike.set'>>[2]).ok;
    if (store.together(() => add() && set())) onClose();
  };
  const field = (name: keyof typeof fresh & string, label: string, most: number, error: string | null = null) => (
    <Field
      label={label}
      value={form[name] as string}
      onChange={(e) => put({ [name]: e.target.value })}
      inputProps={{ maxLength: most }}
      error={error}
    />
  );
  return (
    <Box component="form" noValidate onSubmit={keep} sx={{ display: 'grid', gap: 1.25, mt: 1 }}>
      {field('item', 'Part or setting', 120, tried && !form.item.trim() ? 'Which part or setting?' : null)}
      <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr 1fr' } }}>
        {field('asFound', 'As found', 200)}
        {field('manual', 'Manual', 200)}
        {field('chosen', 'As chosen', 200, tried && !form.chosen.trim() ? 'Enter what it is now.' : null)}
      </Box>
      {field('modified', 'Changed to fit', 300)}
      {field('why', 'Why', 300)}
      <SearchSelect
        many
        label="What it brings"
        options={possible.map((e) => ({ id: e.id, label: e.name }))}
        value={form.effects}
        onChange={(effects) => put({ effects })}
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained">
          Save
        </Button>
        <Button onClick={onClose}>Back</Button>
      </Box>
    </Box>
  );
}
