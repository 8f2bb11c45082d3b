import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Drawer from '@mui/material/Drawer';
import Typography from '@mui/material/Typography';
import { actName } from '../job/actNames';
import { casesOf, decide, type ConflictCase } from '../job/conflicts';
import { useJob, useJobView } from '../job/useJob';
import { fieldName, valueWords } from './fieldNames';
import { dayTime } from '../controls/times';

/** Entries of this device that the server could not take as they were: both values, one tap to choose. */
export default function Conflicts({ onClose }: { onClose: () => void }) {
  const conflicts = useJobView((v) => v.conflicts);
  const cases = casesOf(conflicts);
  return (
    <Drawer
      anchor="right"
      open
      onClose={onClose}
      slotProps={{ paper: { sx: { width: 'min(520px, 100vw)', p: 2 }, role: 'dialog', 'aria-label': 'Decide' } }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', mb: 1 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          Decide
        </Typography>
        <Button onClick={onClose}>Close</Button>
      </Box>
      {cases.length === 0 && <Typography>Nothing to decide. If two people change the same thing, both values appear here.</Typography>}
      {cases.map((c) => (
        <Case key={c.item.id} of={c} />
      ))}
    </Drawer>
  );
}

function Case({ of }: { of: ConflictCase }) {
  const { store, device } = useJob();
  const { item, fields, behind } = of;
  const said = item.refusal?.message ?? 'The server refused this and gave no reason. Try again.';
  return (
    <Box sx={{ borderTop: '3px solid', borderColor: 'bench.brass', py: 1.5, display: 'grid', gap: 1 }} data-testid="conflict-case">
      <Typography sx={{ fontWeight: 600 }}>{actName({ ...item.command, changes: item.changes })}</Typography>
      <Typography variant="body2" color="text.secondary">
        Entered {dayTime(item.command.madeAt)}. {said}
        {behind > 0 && ` ${behind === 1 ? 'One later entry waits' : `${behind} later entries wait`} for this.`}
      </Typography>
      {fields.map((f) => (
        <Typography key={f.field}>
          <b>{fieldName(f.field)}</b>: it now says “{valueWords(f.theirs)}”; you wrote “{valueWords(f.yours)}”.
        </Typography>
      ))}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {fields.length > 0 ? (
          <>
            <Button variant="outlined" onClick={() => decide(store, device, of, 'theirs')}>
              Keep {fields.length === 1 ? `“${valueWords(fields[0].theirs)}”` : 'theirs'}
            </Button>
            <Button variant="contained" onClick={() => decide(store, device, of, 'mine')}>
              Use {fields.length === 1 ? `“${valueWords(fields[0].yours)}”` : 'mine'}
            </Button>
          </>
        ) : (
          <>
            <Button variant="contained" onClick={() => void device.again(item)}>
              Try again
            </Button>
            <Button variant="outlined" onClick={() => decide(store, device, of, 'theirs')}>
              Discard
            </Button>
          </>
        )}
      </Box>
    </Box>
  );
}
