import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { faultById, figureFrom, freshFigure, testById, type FigureDraft, type OwnFigure } from '../../../core/knowledge';
import { Field } from '../../controls/Field';
import { SearchSelect } from '../../controls/SearchSelect';
import { EntryDialog, twoColumns } from './EntryDialog';
import { subjectOptions } from './options';
import { useEntry, type EntryFormProps } from './useEntry';

interface FigureFormProps extends EntryFormProps<OwnFigure> {
  /** Without the shop's own figures: what ships stands beside what is typed. */
  currency: string;
  first?: FigureDraft;
}

/** What a shop knows better for itself: how common a fault is, how long it takes, what the parts cost. */
export function FigureForm(props: FigureFormProps) {
  const { knowledge, currency, first } = props;
  const { draft, set, wrong, keep } = useEntry(
    () => first ?? freshFigure(),
    (d) => figureFrom(knowledge, d),
    props,
  );
  const [kind, id] = draft.about.split(':');
  const fault = kind === 'fault' ? faultById(knowledge, id) : undefined;
  const test = kind === 'test' ? testById(knowledge, id) : undefined;
  const field = (name: 'oneIn' | 'minutes' | 'parts', label: string, ships: number | undefined) => (
    <Field
      label={label}
      value={draft[name]}
      inputProps={{ inputMode: 'decimal' }}
      error={wrong[name]}
      hint={ships === undefined ? undefined : `Ships as ${ships}. Blank = unchanged.`}
      onChange={(e) => set({ [name]: e.target.value })}
    />
  );
  return (
    <EntryDialog {...props} wrong={Object.keys(wrong).length} onKeep={keep}>
      {first ? (
        <Typography variant="h3">{fault?.name ?? test?.name ?? id}</Typography>
      ) : (
        <SearchSelect
          label="About"
          options={subjectOptions(knowledge)}
          value={draft.about}
          error={wrong.about}
          onChange={(about) => set({ about })}
        />
      )}
      {fault && (
        <Box sx={twoColumns}>
          {field('oneIn', 'One bike in', Math.round(1 / fault.prior))}
          {field('minutes', 'Repair minutes', fault.remedy.minutes)}
          {field('parts', `Parts (${currency})`, fault.remedy.parts)}
        </Box>
      )}
      {test && field('minutes', 'Test minutes', test.minutes)}
      {!fault && !test && wrong.minutes && <Typography color="error">{wrong.minutes}</Typography>}
    </EntryDialog>
  );
}
