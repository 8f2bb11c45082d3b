import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo, useState } from 'react';
import { useJob, useJobView } from '../../job/useJob';
import { actName } from '../../job/actNames';
import { useRoom } from '../../device/useDevice';
import { ConnectionStatus } from '../../frame/ConnectionStatus';
import { Waits } from '../../widgets/Waits';
import { lazyPart } from '../../controls/lazyPart';

const Tray = lazyPart(() => import('../../widgets/Conflicts'));

/** What stands over every stage of a job: an entry that was refused, what is unsent, and what the job waits for. */
export const Notices = memo(function Notices() {
  const { store } = useJob();
  const view = useJobView((v) => v);
  const [trayOpen, setTrayOpen] = useState(false);
  const needs = view.conflicts.filter((i) => i.state === 'refused').length;
  const room = useRoom(view.waiting);
  return (
    <>
      {view.refused && (
        <Alert
          severity="warning"
          role="alert"
          sx={{ mb: 1.5 }}
          action={
            <Button color="inherit" onClick={store.dismiss}>
              Close
            </Button>
          }
        >
          {view.refused.refusal.message}
          {view.refused.refusal.entries?.map((e) => (
            <Box key={e.id}>{actName(e)}</Box>
          ))}
        </Alert>
      )}
      <ConnectionStatus line={view.line} waiting={view.waiting} room={room} unkept={view.unkept} photoPart={view.photoPart} />
      {needs > 0 && (
        <Alert
          severity="warning"
          role="alert"
          sx={{ mb: 1.5 }}
          action={
            <Button color="inherit" onClick={() => setTrayOpen(true)}>
              Look
            </Button>
          }
        >
          {needs === 1 ? 'One of your entries needs a decision.' : `${needs} of your entries need a decision.`}
        </Alert>
      )}
      <Waits />
      {trayOpen && <Tray onClose={() => setTrayOpen(false)} />}
    </>
  );
});
