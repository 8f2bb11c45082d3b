import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Page } from '../../frame/Page';
import { Card } from '../../controls/Card';
import { call } from '../../device/client';

/** The waits of the workshop for a calendar: once as a file, or as an address that keeps it up to date. */
export default function CalendarView({ shopId, token: first, bases }: { shopId: string; token: string; bases: string[] }) {
  const [token, setToken] = useState(first);
  const [problem, setProblem] = useState<string | null>(null);
  const [copied, setCopied] = useState<string | null>(null);
  const copy = async (address: string) => {
    try {
      await navigator.clipboard.writeText(address);
      setCopied(address);
    } catch {
      setProblem('This browser does not let a page copy. Mark the address and copy it by hand.');
    }
  };
  const anew = async () => {
    const answer = await call('POST /api/calendar');
    if (answer.ok) setToken(answer.body.token);
    setProblem(answer.ok ? null : answer.message);
  };
  return (
    <Page
      title="Calendar of waits"
      bar={
        <Button href="/" color="inherit">
          Next
        </Button>
      }
    >
      <Box sx={{ display: 'grid', gap: 2, maxWidth: 820 }}>
        {problem && (
          <Alert severity="warning" role="alert">
            {problem}
          </Alert>
        )}
        <Card lead title="Keep a calendar up to date">
          <Typography sx={{ mb: 1 }}>
            Give this address to your calendar. It shows what soaks, cures and cools, parts that should arrive, and temporary repairs with a
            day. Who has the address can read these lines, so keep it to yourself.
          </Typography>
          {bases.map((b) => {
            const address = `${b}/calendar/${shopId}.${token}.ics`;
            return (
              <Box key={b} sx={{ display: 'flex', alignItems: 'center', gap: 1, borderTop: 1, borderColor: 'divider' }}>
                <Box data-testid="feed" sx={{ flex: 1, minWidth: 0, overflowWrap: 'anywhere', fontSize: '1rem', py: 0.5 }}>
                  {address}
                </Box>
                <Button onClick={() => void copy(address)} aria-label={`Copy the address at ${new URL(b).host}`}>
                  {copied === address ? 'Copied' : 'Copy'}
                </Button>
              </Box>
            );
          })}
          <Button variant="outlined" onClick={() => void anew()} sx={{ mt: 1 }}>
            Make a new address, the old one stops
          </Button>
        </Card>
        <Card title="As a file">
          <Button variant="outlined" href="/api/calendar" download>
            The calendar as it stands
          </Button>
        </Card>
      </Box>
    </Page>
  );
}
