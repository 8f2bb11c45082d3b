import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { draftOfTest, faultById, testById, type Knowledge, type OwnProblem } from '../../../core/knowledge';
import type { Own } from '../../../core/state';

export function titleOf(row: Own, knowledge: Knowledge): string {
  if (row.what !== 'figure') return row.body.name;
  const { fault, test } = row.body;
  return (fault ? faultById(knowledge, fault)?.name : testById(knowledge, test ?? '')?.name) ?? fault ?? test ?? '';
}

/** One entry in two lines: what it is, and what it says. */
export function EntryLine({
  row,
  knowledge,
  currency,
  problem,
  onChange,
  onRetire,
}: {
  row: Own;
  knowledge: Knowledge;
  currency: string;
  problem?: OwnProblem;
  onChange: () => void;
  onRetire: () => void;
}) {
  const title = titleOf(row, knowledge);
  const fixed = row.what === 'test' && draftOfTest(knowledge, row.body) === null;
  return (
    <Box
      sx={{
        borderTop: 1,
        borderColor: 'divider',
        py: 1,
        display: 'grid',
        gap: 0.25,
        gridTemplateColumns: 'minmax(0,1fr) auto',
        alignItems: 'center',
      }}
      data-own={row.id}
    >
      <Box sx={{ minWidth: 0 }}>
        <Typography sx={{ fontWeight: 600, overflowWrap: 'anywhere', textDecoration: row.retired ? 'line-through' : 'none' }}>
          {title}
        </Typography>
        <Typography variant="body2" color="text.secondary" sx={{ overflowWrap: 'anywhere' }}>
          {row.retired ? 'Removed. ' : ''}
          {saysOf(row, knowledge, currency)}
        </Typography>
        {problem && (
          <Typography variant="body2" color={problem.idle ? 'text.primary' : 'error'} role={problem.idle ? undefined : 'alert'}>
            {problem.idle ? 'Unused so far' : 'Ignored'}: {problem.says}.
          </Typography>
        )}
        {fixed && (
          <Typography variant="body2" color="text.secondary">
            Too detailed for this form: edit its YAML file and import it.
          </Typography>
        )}
      </Box>
      <Box sx={{ display: 'flex', flexDirection: 'column' }}>
        {!fixed && (
          <Button onClick={onChange} aria-label={`Change: ${title}`}>
            Change
          </Button>
        )}
        <Button onClick={onRetire} aria-label={`${row.retired ? 'Restore' : 'Remove'}: ${title}`}>
          {row.retired ? 'Restore' : 'Remove'}
        </Button>
      </Box>
    </Box>
  );
}

function saysOf(row: Own, k: Knowledge, currency: string): string {
  const named = (id: string) => {
    const finding = k.findings.find((f) => f.id === id);
    // “Spark at the plug” alone would say that it is there; the first grade is the good one.
    const bad = finding?.grades?.slice(1);
    return [finding?.name ?? id, bad && `(${bad.join(' or ')})`].filter(Boolean).join(' ').toLowerCase();
  };
  switch (row.what) {
    case 'fault': {
      const brings = Object.keys(row.body.causes).map(named);
      return `1 bike in ${Math.round(1 / row.body.prior)}. Signs: ${brings.join(', ')}. ${row.body.remedy.do}`;
    }
    case 'test':
      return `${row.body.minutes} min. ${row.body.outcomes.map((o) => o.says).join(' / ')}`;
    case 'finding':
      return row.body.symptom ? `Owners say: ${row.body.symptom.words}` : 'Shown by a test';
    default: {
      const { prior, minutes, parts } = row.body;
      const said = [
        prior !== undefined && `1 bike in ${Math.round(1 / prior)}`,
        minutes !== undefined && `${minutes} min`,
        parts !== undefined && `parts ${parts} ${currency}`,
      ];
      return said.filter(Boolean).join(', ');
    }
  }
}
