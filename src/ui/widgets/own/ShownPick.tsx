import Box from '@mui/material/Box';
import { gradesOf, type Knowledge, type Shown } from '../../../core/knowledge';
import { SearchSelect } from '../../controls/SearchSelect';
import { findingOptions } from './options';
import { SelectField } from '../../controls/SelectField';

/** A finding, and how bad it is where it has grades: two cells of a row. */
export function ShownPick({
  knowledge,
  label,
  value,
  onChange,
}: {
  knowledge: Knowledge;
  label: string;
  value: Shown;
  onChange: (shown: Shown) => void;
}) {
  const grades = gradesOf(knowledge, value.finding).slice(1);
  return (
    <>
      <Box sx={{ gridColumn: { xs: '1 / -1', sm: 'auto' } }}>
        <SearchSelect
          label={label}
          options={findingOptions(knowledge)}
          value={value.finding}
          onChange={(finding) => onChange({ finding, grade: gradesOf(knowledge, finding)[1] })}
        />
      </Box>
      <SelectField
        label="How bad"
        value={value.grade}
        options={grades.map((g) => ({ id: g, label: g }))}
        onChange={(grade) => onChange({ finding: value.finding, grade })}
        disabled={grades.length < 2}
      />
    </>
  );
}
