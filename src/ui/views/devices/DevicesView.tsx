import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { Empty } from '../../controls/Empty';
import { Page } from '../../frame/Page';
import { AutosaveField } from '../../controls/AutosaveField';
import { Card } from '../../controls/Card';
import { dayTime } from '../../controls/times';
import { fonts } from '../../theme/tokens';
import type { DeviceList, PairedDevice, PairingCode } from '../../../wire';
import { call, type CallResult } from '../../device/client';

export interface DevicesProps extends DeviceList {
  lan: { urls: string[]; fingerprint: string; qr: string } | null;
}

/** Tablets of this workshop: how one gets in, and which are in. */
export default function DevicesView({ lan, ...first }: DevicesProps) {
  const [{ devices, refusals }, setAnswer] = useState<DeviceList>(first);
  const [code, setCode] = useState<PairingCode | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const take = (answer: CallResult<DeviceList>) => {
    setProblem(answer.ok ? null : answer.message);
    if (answer.ok) setAnswer(answer.body);
  };
  useEffect(() => {
    if (!code) return undefined;
    let shown = true;
    // While a code is shown someone is about to use it.
    const timer = setInterval(() => {
      void call('GET /api/devices').then((a) => shown && a.ok && setAnswer(a.body));
      if (Date.parse(code.expiresAt) < Date.now()) setCode(null);
    }, 2000);
    return () => {
      shown = false;
      clearInterval(timer);
    };
  }, [code]);
  const show = async () => {
    const answer = await call('POST /api/devices');
    if (answer.ok) setCode(answer.body);
    else setProblem(answer.message);
  };
  return (
    <Page
      title="Tablets"
      bar={
        <Button href="/" color="inherit">
          Next
        </Button>
      }
    >
      {problem && (
        <Alert severity="warning" role="alert" sx={{ mb: 2 }}>
          {problem}
        </Alert>
      )}
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1.2fr) minmax(0,1fr)' },
          alignItems: 'start',
        }}
      >
        <Card lead title="Pair a tablet" data-testid="let-in">
          <LetIn lan={lan} code={code} onShow={() => void show()} />
        </Card>
        <Card title="Paired tablets" data-testid="devices">
          {devices.length === 0 && <Empty>No tablets paired. Name each one here, and remove it if it is lost.</Empty>}
          {devices.map((d) => (
            <Tablet key={d.id} device={d} onAnswer={take} />
          ))}
          {refusals.length > 0 && (
            <Box sx={{ borderTop: 1, borderColor: 'divider', pt: 1, mt: 1 }} data-testid="refusals">
              <Typography sx={{ fontWeight: 600 }}>Refused in the last seven days</Typography>
              {refusals.map((r) => (
                <Typography key={`${r.at}${r.address}`} variant="body2" sx={{ overflowWrap: 'anywhere' }}>
                  {r.name} from {r.address}: {r.why}, {dayTime(r.at)}
                </Typography>
              ))}
            </Box>
          )}
        </Card>
      </Box>
    </Page>
  );
}

/** How a tablet gets in: the address as a picture and in words, and a code when one is wanted. */
function LetIn({ lan, code, onShow }: Pick<DevicesProps, 'lan'> & { code: PairingCode | null; onShow(): void }) {
  if (!lan)
    return (
      <Typography>
        Ivrek answers on this computer only. Restart it with <code>./ivrek start --lan</code> to pair tablets in this network, each with a
        code.
      </Typography>
    );
  return (
    <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '210px minmax(0,1fr)' } }}>
      <Box
        role="img"
        aria-label={`QR code of ${lan.urls[0]}/pair`}
        sx={{ bgcolor: '#fff', p: 1, '& svg': { display: 'block', width: '100%', height: 'auto' } }}
        dangerouslySetInnerHTML={{ __html: lan.qr }}
      />
      <Box sx={{ display: 'grid', gap: 1, alignContent: 'start', minWidth: 0 }}>
        <Typography>Point the tablet’s camera here, or type the address:</Typography>
        {lan.urls.map((u) => (
          <Box key={u} sx={{ fontWeight: 600, fontSize: '1.2rem', overflowWrap: 'anywhere' }}>
            {u}/pair
          </Box>
        ))}
        {code ? (
          <Box role="status">
            <Typography>The code, good for one device until {dayTime(code.expiresAt)}:</Typography>
            <Box
              data-testid="code"
              sx={{ fontFamily: fonts.head, fontWeight: 600, fontSize: '3rem', letterSpacing: '0.12em', lineHeight: 1.1 }}
            >
              {code.code.slice(0, 3)} {code.code.slice(3)}
            </Box>
          </Box>
        ) : (
          <Box>
            <Button variant="contained" onClick={onShow}>
              Show a code
            </Button>
          </Box>
        )}
      </Box>
      <Box sx={{ gridColumn: '1 / -1' }}>
        <Typography variant="body2" color="text.secondary">
          A tablet warns about the address once, because the certificate is the workshop’s own. Compare the fingerprint, then install the
          certificate on it: <span style={{ overflowWrap: 'anywhere' }}>{lan.fingerprint}</span>
        </Typography>
        <Button variant="outlined" href="/ivrek-authority.crt" sx={{ mt: 1 }}>
          Download certificate
        </Button>
      </Box>
    </Box>
  );
}

/** A tablet that is in: it can be named, and sent away. */
function Tablet({ device: d, onAnswer }: { device: PairedDevice; onAnswer(answer: CallResult<DeviceList>): void }) {
  return (
    <Box sx={{ borderTop: 1, borderColor: 'divider', py: 1, display: 'grid', gap: 0.5 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-end' }}>
        <AutosaveField
          sx={{ flex: 1 }}
          label="Name"
          value={d.name ?? ''}
          onSet={(t) => {
            if (!t) return 'Enter a name.';
            void call('PUT /api/devices', { body: { id: d.id, name: t } }).then(onAnswer);
            return null;
          }}
        />
        <Button
          variant="outlined"
          onClick={() => void call('DELETE /api/devices', { body: { id: d.id } }).then(onAnswer)}
          aria-label={`Remove: ${d.name ?? 'device'}`}
        >
          Remove
        </Button>
      </Box>
      <Typography variant="body2" color="text.secondary">
        {[d.person, `paired ${dayTime(d.pairedAt)}`, d.seenAt ? `last seen ${dayTime(d.seenAt)}` : ''].filter(Boolean).join(' · ')}
      </Typography>
    </Box>
  );
}
