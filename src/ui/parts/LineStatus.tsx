import Box from '@mui/material/Box';
import LinearProgress from '@mui/material/LinearProgress';
import Alert from '@mui/material/Alert';
import type { Room } from '../device/storage';
import type { Line } from '../device/types';

const entries = (n: number) => (n === 1 ? 'One entry waits' : `${n} entries wait`);

/** Says plainly how this device stands: without a server, sent away, short of room, or unable to keep anything. */
export function LineStatus({
  line,
  waiting,
  room,
  unkept = false,
  photoPart = null,
}: {
  line: Line;
  waiting: number;
  room: Room | null;
  unkept?: boolean;
  photoPart?: number | null;
}) {
  return (
    <>
      {unkept && (
        <Alert severity="error" role="alert" sx={{ mb: 1.5 }}>
          This device cannot write anything down (its storage is full or closed). What you just entered lives in this page only: leave it
          open until the server has it.
        </Alert>
      )}
      {line === 'away' && (
        <Alert severity="warning" role="alert" sx={{ mb: 1.5 }}>
          This device is not let in any more. {waiting > 0 && `${entries(waiting)} on it and will be sent once it is. `}
          <a href="/pair">Pair it again</a>, or choose the workshop anew.
        </Alert>
      )}
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
