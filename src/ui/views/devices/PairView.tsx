import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useState, type FormEvent } from 'react';
import { Field } from '../../controls/Field';
import { call } from '../../device/client';
import { Page } from '../../frame/Page';
import { Card } from '../../controls/Card';

/** A device that is new here says the code that is shown on the computer. */
export default function PairView() {
  const [code, setCode] = useState('');
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [tried, setTried] = useState(false);
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    const told = /^#(\d{6})$/.exec(location.hash)?.[1];
    if (told) setCode(told);
  }, []);
  const digits = code.replace(/[\s-]/g, '');
  const pair = async (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    if (!/^\d{6}$/.test(digits)) return;
    setBusy(true);
    const answer = await call('POST /api/pair', { body: { code: digits, name: name.trim() } });
    if (answer.ok) return location.assign('/');
    setProblem(answer.status ? answer.message : 'The computer cannot be reached just now.');
    setBusy(false);
  };
  return (
    <Page title="Pair this device">
      <Box component="form" noValidate onSubmit={(e) => void pair(e)} sx={{ display: 'grid', gap: 2, maxWidth: 620 }}>
        {problem && (
          <Alert severity="warning" role="alert">
            {problem}
          </Alert>
        )}
        <Card lead title="The code on the computer" sx={{ display: 'grid', gap: 1.5 }}>
          <Typography>
            On the computer that Ivrek runs on, open Tablets and show a code. It is good for one device and ten minutes.
          </Typography>
          <Field
            label="Code"
            value={code}
            onChange={(e) => setCode(e.target.value)}
            inputProps={{ inputMode: 'numeric', autoComplete: 'one-time-code', maxLength: 9 }}
            error={tried && !/^\d{6}$/.test(digits) ? 'Six digits.' : null}
            sx={{ maxWidth: 260, '& input': { fontSize: '1.9rem', letterSpacing: '0.15em' } }}
          />
          <Field
            label="Device name"
            value={name}
            onChange={(e) => setName(e.target.value)}
            placeholder="Workshop tablet"
            inputProps={{ maxLength: 60 }}
          />
          <Box>
            <Button type="submit" variant="contained" disabled={busy}>
              Pair
            </Button>
          </Box>
        </Card>
        <Typography color="text.secondary">
          Does the browser warn about this address? Compare the fingerprint with the one on the computer, then install the workshop’s
          certificate on this device, so that it works offline too.
        </Typography>
        <Box>
          <Button variant="outlined" href="/ivrek-authority.crt">
            Download certificate
          </Button>
        </Box>
      </Box>
    </Page>
  );
}
