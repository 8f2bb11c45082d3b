import { freshSign, howStray, signFrom, type FindingKind, type SignDraft } from '../../../core/knowledge';
import { Choice } from '../../controls/Choice';
import { Field } from '../../controls/Field';
import { SearchSelect } from '../../controls/SearchSelect';
import { EntryDialog } from './EntryDialog';
import { familyOptions } from './options';
import { SelectField } from '../../controls/SelectField';
import { useEntry, type EntryFormProps } from './useEntry';

interface SignFormProps extends EntryFormProps<FindingKind> {
  first?: SignDraft;
  id?: string;
}

/** Something that is noticed: by the owner, or only with a test. */
export function SignForm(props: SignFormProps) {
  const { knowledge, first, id } = props;
  const { draft, set, wrong, keep } = useEntry(
    () => first ?? freshSign(),
    (d) => signFrom(knowledge, d, id),
    props,
  );
  const stray = howStray.some((s) => s.id === draft.stray)
    ? howStray
    : [...howStray, { id: draft.stray, label: `as now (${draft.stray})` }];
  return (
    <EntryDialog {...props} wrong={Object.keys(wrong).length} onKeep={keep}>
      <Field label="Sign" autoFocus value={draft.name} onChange={(e) => set({ name: e.target.value })} error={wrong.name} />
      <SearchSelect
        label="Complaint group"
        options={familyOptions(knowledge)}
        value={draft.family}
        hint="Blank if only a test shows it."
        onChange={(family) => set({ family })}
      />
      {draft.family && (
        <Field
          label="Other words"
          value={draft.words}
          error={wrong.words}
          hint="Used by the search, separated by commas."
          onChange={(e) => set({ words: e.target.value })}
        />
      )}
      <SelectField label="Shows without a listed cause" value={draft.stray} options={stray} onChange={(s) => set({ stray: s })} />
      <Choice
        label="Place"
        value={draft.perCylinder ? 'yes' : 'no'}
        options={[
          { value: 'no', label: 'on the bike' },
          { value: 'yes', label: 'on a cylinder' },
        ]}
        clearable={false}
        onChange={(v) => set({ perCylinder: v === 'yes' })}
      />
    </EntryDialog>
  );
}
