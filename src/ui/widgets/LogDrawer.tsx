import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Drawer from '@mui/material/Drawer';
import Typography from '@mui/material/Typography';
import { actsOf, isUndoable, undoneIn } from '../../core/command';
import { actsName } from '../job/actNames';
import { useJob } from '../job/useJob';
import { dayTime } from '../controls/times';

/** Everything that was done on this job, newest first; each entry can be taken back where nothing builds on it. */
export default function LogDrawer({ onClose }: { onClose: () => void }) {
  const { store, state, jobId } = useJob();
  const { journal } = state;
  const takenBack = undoneIn(journal);
  return (
    <Drawer
      anchor="right"
      open
      onClose={onClose}
      slotProps={{ paper: { sx: { width: 'min(460px, 100vw)', p: 2 }, role: 'dialog', 'aria-label': 'Log of this job' } }}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', mb: 1 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          Log
        </Typography>
        <Button href={`/api/jobs/${jobId}/export?zip`} download>
          Export
        </Button>
        <Button onClick={onClose}>Close</Button>
      </Box>
      {store.journalFrom !== null && (
        <Typography variant="body2" color="text.secondary" role="status">
          Older entries are still on their way.
        </Typography>
      )}
      <Box component="ol" reversed sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {actsOf(journal)
          .reverse()
          .map(({ id, entries }) => {
            const e = entries.at(-1)!;
            // Of an act with a signature the rest can be taken back; the signature stands.
            const free = entries.filter((x) => x.targetId || isUndoable(x.type));
            const undone = free.length > 0 && free.every((x) => takenBack.has(x.id));
            const canUndo = free.some((x) => !x.targetId) && !undone;
            const name = actsName(entries);
            return (
              <Box
                component="li"
                key={id}
                sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 52, borderTop: 1, borderColor: 'divider' }}
              >
                <Box sx={{ flex: 1, minWidth: 0 }}>
                  <Typography sx={{ textDecoration: undone ? 'line-through' : 'none', overflowWrap: 'anywhere' }}>{name}</Typography>
                  <Typography variant="body2" color="text.secondary">
                    {dayTime(e.madeAt)}
                    {e.seq === null ? ' · not sent yet' : ''}
                    {undone ? ' · undone' : ''}
                  </Typography>
                </Box>
                {canUndo && (
                  <Button variant="outlined" onClick={() => store.undo(id)} aria-label={`Undo: ${actsName(free)}`}>
                    Undo
                  </Button>
                )}
                {e.type === 'undo' && !undone && (
                  <Button variant="outlined" onClick={() => store.redo(id)}>
                    Redo
                  </Button>
                )}
              </Box>
            );
          })}
      </Box>
    </Drawer>
  );
}
