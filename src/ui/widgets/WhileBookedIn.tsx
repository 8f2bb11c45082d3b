import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useContext, useSyncExternalStore, type ReactNode } from 'react';
import type { JobView } from '../job/store';
import { JobContext } from '../job/useJob';
import { TopBar } from '../frame/TopBar';

/** Screens of a job stand while the job does: where its booking in is undone, here or on another device, it can be put back. */
export function WhileBookedIn({ children }: { children: ReactNode }) {
  const { store } = useContext(JobContext)!;
  const isIn = ({ state }: JobView) => state.rows.job.has(store.snapshot.jobId);
  const there = useSyncExternalStore(
    store.subscribe,
    () => isIn(store.get()),
    () => isIn(store.first),
  );
  if (there) return children;
  const { redo } = store.targets();
  return (
    <>
      <TopBar title="Undone" under={store.snapshot.shop.name} find />
      <Box component="main" sx={{ p: { xs: 1.5, md: 3 }, display: 'grid', gap: 2, justifyItems: 'start', maxWidth: 640 }}>
        <Typography variant="h2" component="h2">
          The booking was undone
        </Typography>
        <Typography>Nothing else was entered. You can restore it.</Typography>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          <Button variant="outlined" disabled={!redo} onClick={() => redo && store.redo(redo.id)}>
            Restore it
          </Button>
          <Button variant="contained" href="/">
            What can be done now
          </Button>
        </Box>
      </Box>
    </>
  );
}
