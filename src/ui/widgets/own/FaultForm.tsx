import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  faultFrom,
  freshFault,
  freshLook,
  howCommon,
  type Fault,
  type FaultDraft,
  type FindingKind,
  type LookDraft,
  type Test,
} from '../../../core/knowledge';
import { Choice } from '../../controls/Choice';
import { Field } from '../../controls/Field';
import { SearchSelect } from '../../controls/SearchSelect';
import { BringsRows } from './BringsRows';
import { EntryDialog, twoColumns } from './EntryDialog';
import { accessOptions, areaOptions, hazardOptions, kindLabels, systemOptions } from './options';
import { SelectField } from '../../controls/SelectField';
import { useEntry, type EntryFormProps } from './useEntry';

export interface MadeFault {
  fault: Fault;
  finding: FindingKind | null;
  test: Test | null;
}

interface FaultFormProps extends EntryFormProps<MadeFault> {
  currency: string;
  /** What is known already, for a change or from a bike. */
  first?: Partial<FaultDraft>;
  id?: string;
}

const yesNo = [
  { value: 'yes', label: 'on each cylinder' },
  { value: 'no', label: 'once on the bike' },
];

/** A fault that a shop knows and the list does not: what it is, what it brings, what cures it, and how it is found. */
// eslint-disable-next-line max-lines-per-function -- a form: its fields in the order in which they are filled in
export function FaultForm(props: FaultFormProps) {
  const { knowledge, currency, first, id } = props;
  const { draft, set, wrong, keep } = useEntry(
    () => ({ ...freshFault(), ...first }),
    (d) => faultFrom(knowledge, d, id),
    props,
  );
  const text = (name: keyof FaultDraft & string, label: string, more: object = {}) => (
    <Field label={label} value={draft[name] as string} onChange={(e) => set({ [name]: e.target.value })} error={wrong[name]} {...more} />
  );
  const look = draft.look;
  const setLook = (patch: Partial<LookDraft>) => set({ look: { ...look!, ...patch } });
  const lookText = (name: 'how' | 'shows' | 'clean' | 'minutes', label: string, more: object = {}) => (
    <Field
      label={label}
      value={look![name]}
      onChange={(e) => setLook({ [name]: e.target.value })}
      error={wrong[`look.${name}`]}
      {...more}
    />
  );
  const common = howCommon.some((c) => c.id === draft.common)
    ? howCommon
    : [...howCommon, { id: draft.common, label: `1 in ${Math.round(1 / Number(draft.common))}` }];
  return (
    <EntryDialog {...props} wrong={Object.keys(wrong).length} onKeep={keep}>
      {text('name', 'Fault', { autoFocus: true })}
      <Box sx={twoColumns}>
        <SelectField
          label="System"
          value={draft.system}
          options={systemOptions}
          error={wrong.system}
          onChange={(s) => set({ system: s as FaultDraft['system'] })}
        />
        <SelectField label="How common" value={draft.common} options={common} onChange={(c) => set({ common: c })} />
      </Box>
      <Choice
        label="Place"
        value={draft.perCylinder ? 'yes' : 'no'}
        options={yesNo}
        clearable={false}
        onChange={(v) => set({ perCylinder: v === 'yes' })}
      />
      <BringsRows knowledge={knowledge} rows={draft.brings} error={wrong.brings} onChange={(brings) => set({ brings })} />
      {!look && !id && (
        <Button variant="outlined" sx={{ justifySelf: 'start' }} onClick={() => set({ look: freshLook() })}>
          Add its own check
        </Button>
      )}
      {look && (
        <Box sx={{ borderLeft: '3px solid', borderColor: 'bench.brass', pl: 1.5, display: 'grid', gap: 1.5 }}>
          <Typography variant="h3">How to find it</Typography>
          {lookText('how', 'How to check', { multiline: true, minRows: 2 })}
          <Box sx={twoColumns}>
            {lookText('shows', 'Result if it is this')}
            {lookText('clean', 'Result if not')}
            <SelectField
              label="By"
              value={look.kind}
              options={(['look', 'feel', 'sound', 'smell'] as const).map((x) => ({ id: x, label: kindLabels[x] }))}
              onChange={(kind) => setLook({ kind: kind as LookDraft['kind'] })}
            />
            {lookText('minutes', 'Minutes', { inputProps: { inputMode: 'decimal' } })}
            <SearchSelect
              many
              label="Access for the check"
              options={accessOptions(knowledge)}
              value={look.access}
              onChange={(access) => setLook({ access })}
            />
            <SearchSelect
              many
              label="Cautions for the check"
              options={hazardOptions(knowledge)}
              value={look.hazards}
              onChange={(hazards) => setLook({ hazards })}
            />
          </Box>
          <Button sx={{ justifySelf: 'start' }} onClick={() => set({ look: null })}>
            Remove its own check
          </Button>
        </Box>
      )}
      {text('do', 'Repair', { multiline: true, minRows: 2 })}
      <Box sx={twoColumns}>
        {text('minutes', 'Repair minutes', { inputProps: { inputMode: 'decimal' } })}
        {text('parts', `Parts, roughly (${currency})`, { inputProps: { inputMode: 'decimal' } })}
        <SearchSelect
          many
          label="Access for the repair"
          options={accessOptions(knowledge)}
          value={draft.access}
          onChange={(access) => set({ access })}
        />
        <SearchSelect
          many
          label="Cautions for the repair"
          options={hazardOptions(knowledge)}
          value={draft.hazards}
          onChange={(hazards) => set({ hazards })}
        />
      </Box>
      {text('origin', 'Usual cause', { hint: 'Without it the fault comes back.' })}
      <Box sx={twoColumns}>
        {text('sideEffects', 'Side effects of the repair', { hint: 'Shown when you ask for the owner’s OK.' })}
        <SearchSelect
          many
          label="More likely after work on"
          options={areaOptions(knowledge)}
          value={draft.area}
          onChange={(area) => set({ area })}
        />
      </Box>
    </EntryDialog>
  );
}
