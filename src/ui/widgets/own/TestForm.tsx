import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormHelperText from '@mui/material/FormHelperText';
import IconButton from '@mui/material/IconButton';
import Close from '@mui/icons-material/Close';
import { freshTest, testFrom, type Knowledge, type Test, type TestDraft } from '../../../core/knowledge';
import { Choice } from '../../controls/Choice';
import { Field } from '../../controls/Field';
import { SearchSelect } from '../../controls/SearchSelect';
import { EntryDialog, twoColumns } from './EntryDialog';
import { accessOptions, hazardOptions, kindLabels, stateOptions, systemOptions, unitOptions } from './options';
import { SelectField } from '../../controls/SelectField';
import { ShownPick } from './ShownPick';
import { useEntry, type EntryFormProps } from './useEntry';

interface TestFormProps extends EntryFormProps<Test> {
  first?: TestDraft;
  id?: string;
}

const kindOptions = Object.entries(kindLabels).map(([id, label]) => ({ id, label }));

/** A test of the shop's own: how it is done, and what each result says. */
export function TestForm(props: TestFormProps) {
  const { knowledge, first, id } = props;
  const { draft, set, wrong, keep } = useEntry(
    () => first ?? freshTest(),
    (d) => testFrom(knowledge, d, id),
    props,
  );
  const text = (name: 'name' | 'how' | 'tools' | 'minutes' | 'moves' | 'normal', label: string, more: object = {}) => (
    <Field label={label} value={draft[name]} onChange={(e) => set({ [name]: e.target.value })} error={wrong[name]} {...more} />
  );
  const figure = (name: 'name' | 'low' | 'high' | 'gauge', label: string, more: object = {}) => (
    <Field
      label={label}
      value={draft.measure[name]}
      onChange={(e) => set({ measure: { ...draft.measure, [name]: e.target.value } })}
      error={wrong[`measure.${name}`]}
      {...more}
    />
  );
  const measuring = draft.kind === 'measure';
  return (
    <EntryDialog {...props} wrong={Object.keys(wrong).length} onKeep={keep}>
      {text('name', 'Test name', { autoFocus: true })}
      <Box sx={twoColumns}>
        <SelectField
          label="System"
          value={draft.system}
          options={systemOptions}
          error={wrong.system}
          onChange={(s) => set({ system: s as TestDraft['system'] })}
        />
        <SelectField label="By" value={draft.kind} options={kindOptions} onChange={(k) => set({ kind: k as Test['kind'] })} />
      </Box>
      {text('how', 'Method', { multiline: true, minRows: 2 })}
      {draft.kind === 'swap' && text('moves', 'Moves with a bad part')}
      <Box sx={twoColumns}>
        {text('minutes', 'Minutes', { inputProps: { inputMode: 'decimal' } })}
        {text('tools', 'Tools, separated by commas')}
        <SearchSelect many label="Access" options={accessOptions(knowledge)} value={draft.access} onChange={(access) => set({ access })} />
        <SearchSelect many label="Engine must" options={stateOptions(knowledge)} value={draft.needs} onChange={(needs) => set({ needs })} />
      </Box>
      <SearchSelect
        many
        label="Cautions"
        options={hazardOptions(knowledge)}
        value={draft.hazards}
        error={wrong.hazards}
        onChange={(hazards) => set({ hazards })}
      />
      <Choice
        label="Done"
        value={draft.perCylinder ? 'yes' : 'no'}
        options={[
          { value: 'no', label: 'once' },
          { value: 'yes', label: 'for each cylinder' },
        ]}
        clearable={false}
        hint={wrong.perCylinder}
        onChange={(v) => set({ perCylinder: v === 'yes' })}
      />
      {measuring && (
        <Box sx={twoColumns}>
          {figure('name', 'Quantity')}
          <SearchSelect
            label="Unit"
            options={unitOptions}
            value={draft.measure.unit}
            error={wrong['measure.unit']}
            onChange={(unit) => set({ measure: { ...draft.measure, unit } })}
          />
          {figure('low', 'Lower limit', { inputProps: { inputMode: 'decimal' } })}
          {figure('high', 'Upper limit', { inputProps: { inputMode: 'decimal' } })}
          {figure('gauge', 'Gauge error', { unit: '%', inputProps: { inputMode: 'decimal' } })}
        </Box>
      )}
      <Outcomes
        knowledge={knowledge}
        rows={draft.outcomes}
        labels={measuring ? sidesOf(draft) : null}
        error={wrong.outcomes}
        onChange={(outcomes) => set({ outcomes })}
      />
      {!measuring && text('normal', 'Result if all is well')}
    </EntryDialog>
  );
}

/** What a measurement can be other than good: below, above, or both. */
function sidesOf({ measure }: TestDraft): string[] {
  const sides = [measure.low.trim() && 'Below the limit it shows', measure.high.trim() && 'Above the limit it shows'].filter(Boolean);
  return sides.length ? sides : ['Outside the limit it shows'];
}

function Outcomes({
  knowledge,
  rows,
  labels,
  error,
  onChange,
}: {
  knowledge: Knowledge;
  rows: TestDraft['outcomes'];
  labels: string[] | null;
  error?: string;
  onChange: (rows: TestDraft['outcomes']) => void;
}) {
  const blank = { says: '', finding: '', grade: '' };
  const shown = labels ? labels.map((_l, i) => rows.at(i) ?? blank) : rows;
  const put = (i: number, patch: Partial<TestDraft['outcomes'][number]>) =>
    onChange(shown.map((r, n) => (n === i ? { ...r, ...patch } : r)));
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0, display: 'grid', gap: 1 }}>
      <legend>Results that show something</legend>
      {shown.map((row, i) => {
        return (
          <Box
            key={i}
            sx={{
              display: 'grid',
              gap: 1,
              alignItems: 'end',
              gridTemplateColumns: {
                xs: 'minmax(0,1fr) auto',
                sm: `${labels ? '' : 'minmax(0,1.4fr) '}minmax(0,1.6fr) minmax(0,0.8fr) auto`,
              },
            }}
          >
            {!labels && (
              <Box sx={{ gridColumn: { xs: '1 / -1', sm: 'auto' } }}>
                <Field label={`Result ${i + 1}`} value={row.says} onChange={(e) => put(i, { says: e.target.value })} />
              </Box>
            )}
            <ShownPick knowledge={knowledge} label={labels?.[i] ?? `It shows, ${i + 1}`} value={row} onChange={(shown) => put(i, shown)} />
            {!labels && (
              <IconButton aria-label={`Take result ${i + 1} away`} onClick={() => onChange(rows.filter((_r, n) => n !== i))}>
                <Close />
              </IconButton>
            )}
          </Box>
        );
      })}
      {error && (
        <FormHelperText error role="alert" sx={{ m: 0 }}>
          {error}
        </FormHelperText>
      )}
      {!labels && (
        <Button sx={{ justifySelf: 'start' }} onClick={() => onChange([...rows, blank])}>
          Another result
        </Button>
      )}
    </Box>
  );
}
