import Box from '@mui/material/Box';
import LinearProgress from '@mui/material/LinearProgress';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { call, pageShop } from '../device/client';
import type { Room } from '../device/storage';
import type { Connection } from '../device/types';

/** Another tab took this browser into another workshop: nothing is sent from here until it is back. */
function Elsewhere({ waiting }: { waiting: number }) {
  const [problem, setProblem] = useState<string | null>(null);
  const back = async () => {
    const shopId = pageShop() ?? '';
    const answer = await call('POST /api/session', { body: { shopId, personId: document.documentElement.dataset.person } });
    if (answer.ok) location.reload();
    else setProblem(answer.message);
  };
  return (
    <Alert
      severity="warning"
      role="alert"
      sx={{ mb: 1.5 }}
      action={
        <Button color="inherit" onClick={() => void back()}>
          Back to this workshop
        </Button>
      }
    >
      This browser is in another workshop now. {waiting > 0 ? `${entries(waiting)} on this device` : 'What you enter stays on this device'}{' '}
      and goes to the workshop of this page once you are back in it. {problem}
    </Alert>
  );
}

const entries = (n: number) => (n === 1 ? 'One entry waits' : `${n} entries wait`);

/** Says plainly how this device stands: without a server, sent away, short of room, or unable to keep anything. */
export function ConnectionStatus({
  line,
  waiting,
  room,
  unkept = false,
  photoPart = null,
}: {
  line: Connection;
  waiting: number;
  room: Room | null;
  unkept?: boolean;
  photoPart?: number | null;
}) {
  return (
    <>
      {unkept && (
        <Alert severity="error" role="alert" sx={{ mb: 1.5 }}>
          This device cannot save anything: its storage is full or closed. What you just entered is in this page only. Leave it open until
          the server has it.
        </Alert>
      )}
      {line === 'away' && (
        <Alert severity="warning" role="alert" sx={{ mb: 1.5 }}>
          This device is not paired any more. {waiting > 0 && `${entries(waiting)} on it and will be sent once it is. `}
          <a href="/pair">Pair it again</a>, or choose the workshop anew.
        </Alert>
      )}
      {line === 'elsewhere' && <Elsewhere waiting={waiting} />}
      {line === 'cut' && (
        <Alert severity="info" role="status" sx={{ mb: 1.5 }}>
          The server cannot be reached. {waiting > 0 ? `${entries(waiting)} on this device and will be sent by itself.` : ''}
          {waiting === 0 && 'What you enter is kept on this device and sent by itself.'}
        </Alert>
      )}
      {photoPart !== null && (
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mb: 1 }}>
          A photo is on its way
          <LinearProgress variant="determinate" value={photoPart * 100} aria-label="Photo sent" sx={{ flex: 1, maxWidth: 300 }} />
        </Box>
      )}
      {room?.short && (
        <Alert severity="warning" role="alert" sx={{ mb: 1.5 }}>
          This device has only {room.freeMb} MB left for Ivrek. Make room on it before you take more photos.
        </Alert>
      )}
    </>
  );
}
