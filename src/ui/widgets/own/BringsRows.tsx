import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import FormHelperText from '@mui/material/FormHelperText';
import Close from '@mui/icons-material/Close';
import { howSurely, type FaultDraft, type Knowledge } from '../../../core/knowledge';
import { SelectField } from '../../controls/SelectField';
import { ShownPick } from './ShownPick';

type Rows = FaultDraft['brings'];

/** What a fault brings, row by row: the finding, how bad it gets, and how surely. */
export function BringsRows({
  knowledge,
  rows,
  error,
  onChange,
}: {
  knowledge: Knowledge;
  rows: Rows;
  error?: string;
  onChange: (rows: Rows) => void;
}) {
  const put = (i: number, patch: Partial<Rows[number]>) => onChange(rows.map((r, n) => (n === i ? { ...r, ...patch } : r)));
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0, display: 'grid', gap: 1 }}>
      <legend>Causes</legend>
      {rows.map((row, i) => {
        const surely = howSurely.some((s) => s.id === row.surely)
          ? howSurely
          : [...howSurely, { id: row.surely, label: `${Math.round(Number(row.surely) * 100)} in 100` }];
        return (
          <Box
            key={i}
            sx={{
              display: 'grid',
              gap: 1,
              alignItems: 'end',
              gridTemplateColumns: { xs: 'minmax(0,1fr) auto', sm: 'minmax(0,2fr) minmax(0,1fr) minmax(0,1.2fr) auto' },
            }}
          >
            <ShownPick knowledge={knowledge} label={`Sign, ${i + 1}`} value={row} onChange={(shown) => put(i, shown)} />
            <SelectField label="How often" value={row.surely} options={surely} onChange={(s) => put(i, { surely: s })} />
            <IconButton aria-label={`Take row ${i + 1} away`} onClick={() => onChange(rows.filter((_r, n) => n !== i))}>
              <Close />
            </IconButton>
          </Box>
        );
      })}
      {error && (
        <FormHelperText error role="alert" sx={{ m: 0 }}>
          {error}
        </FormHelperText>
      )}
      <Button sx={{ justifySelf: 'start' }} onClick={() => onChange([...rows, { finding: '', grade: 'yes', surely: 'mostly' }])}>
        {rows.length ? 'Add another sign' : 'Add a sign'}
      </Button>
    </Box>
  );
}
