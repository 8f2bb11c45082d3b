import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import HourglassEmpty from '@mui/icons-material/HourglassEmpty';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import type { Wait } from '../../core/state';
import { useJob } from '../job/useJob';
import { dayTime } from '../controls/times';
import { checkAgainTimes } from './checkAgain';
import { waitWords } from './waitWords';

/** What this job waits for now, on every screen of it. */
export function Waits() {
  const { store, rows, jobId } = useJob();
  const open = rows('wait').filter((w) => !w.endedAt);
  return (
    <>
      {open.map((w) => (
        <Box
          key={w.id}
          role="status"
          sx={{
            display: 'flex',
            flexWrap: 'wrap',
            columnGap: 1,
            alignItems: 'center',
            borderLeft: '6px solid',
            borderColor: 'bench.brass',
            bgcolor: 'bench.brassWash',
            pl: 1.5,
            mb: 1,
          }}
        >
          <HourglassEmpty />
          <Typography sx={{ flex: '1 1 220px', minWidth: 0, py: 0.5 }}>
            {waitWords[w.kind]}: {w.what}. {w.lookAgain ? `Check again ${dayTime(w.lookAgain)}.` : ''}{' '}
            {w.until ? `Until ${dayTime(w.until)}.` : ''}
          </Typography>
          <Later wait={w} />
          <Button variant="text" onClick={() => store.act('wait.end', w.id, { jobId })} aria-label={`Done: ${w.what}`}>
            Done
          </Button>
        </Box>
      ))}
    </>
  );
}

/** Not yet: look again in a while. */
function Later({ wait }: { wait: Wait }) {
  const { store } = useJob();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <Button variant="text" onClick={(e) => setAnchor(e.currentTarget)} aria-haspopup="menu" aria-label={`Snooze: ${wait.what}`}>
        Snooze
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {checkAgainTimes.map(([label, when]) => (
          <MenuItem
            key={label}
            onClick={() => {
              setAnchor(null);
              store.set('wait.set', wait.id, { lookAgain: when() });
            }}
          >
            Check again {label}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
