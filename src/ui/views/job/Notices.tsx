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

/** How the line is and what waits; a photo on its way draws this and nothing else. */
function Status() {
  const { line, waiting, unkept, photoPart } = useJobView((v) => v);
  return <ConnectionStatus line={line} waiting={waiting} room={useRoom(waiting)} unkept={unkept} photoPart={photoPart} />;
}

/** What stands over every stage of a job: an entry that was refused, what is unsent, and what the job waits for. */
export const Notices = memo(function Notices() {
  const { store } = useJob();
  const refused = useJobView((v) => v.refused);
  const conflicts = useJobView((v) => v.conflicts);
  const [trayOpen, setTrayOpen] = useState(false);
  const needs = conflicts.filter((i) => i.state === 'refused').length;
  return (
    <>
      {refused && (
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
          {refused.refusal.message}
          {refused.refusal.entries?.map((e) => (
            <Box key={e.id}>{actName(e)}</Box>
          ))}
        </Alert>
      )}
      <Status />
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
