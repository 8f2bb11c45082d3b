import Box from '@mui/material/Box';
import { gradesOf, type Knowledge, type Shown } from '../../../core/knowledge';
import { Pick } from '../../parts/Pick';
import { findingOptions } from './options';
import { Pull } from './Pull';

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
        <Pick
          label={label}
          options={findingOptions(knowledge)}
          value={value.finding}
          onChange={(finding) => onChange({ finding, grade: gradesOf(knowledge, finding)[1] })}
        />
      </Box>
      <Pull
        label="How bad"
        value={value.grade}
        options={grades.map((g) => ({ id: g, label: g }))}
        onChange={(grade) => onChange({ finding: value.finding, grade })}
        disabled={grades.length < 2}
      />
    </>
  );
}
