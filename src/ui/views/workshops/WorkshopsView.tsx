import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import { command as commandOf } from '../../../core/command';
import type { Backup } from '../../../core/state';
import { sendNow } from '../../device/post';
import { Empty } from '../../controls/Empty';
import { Field } from '../../controls/Field';
import type { DemoAct, EnterWish } from '../../../wire';
import { call } from '../../device/client';
import { forgetPick } from '../../device/picked';
import { Page } from '../../frame/Page';
import { Card } from '../../controls/Card';
import { dayTime } from '../../controls/times';

export interface WorkshopsProps {
  shops: { id: string; name: string; demo: boolean; people: { id: string; name: string }[] }[];
  demo: 'shown' | 'hidden' | 'gone';
  backups: Backup[];
}

/** The first screen: which workshop, and who is working. */
export default function WorkshopsView({ shops, demo, backups }: WorkshopsProps) {
  const [problem, setProblem] = useState<string | null>(null);
  const [name, setName] = useState('');
  const go = async (wish: EnterWish) => {
    const answer = await call('POST /api/session', { body: wish });
    if (answer.ok) forgetPick(answer.body.shopId);
    if (answer.ok) location.assign('/');
    else setProblem(answer.message);
  };
  const open = (e: FormEvent) => {
    e.preventDefault();
    if (!name.trim()) setProblem('Give the new workshop a name.');
    else void go({ newShop: name.trim() });
  };
  return (
    <Page title="Which workshop?">
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: 'minmax(0,1fr)', md: '1fr 1fr' }, alignItems: 'start' }}>
        {problem && (
          <Alert severity="warning" role="alert" sx={{ gridColumn: '1 / -1' }}>
            {problem}
          </Alert>
        )}
        {shops.map((s) => (
          <Card
            key={s.id}
            title={s.name}
            over={s.demo ? 'Four bikes at work, everything in it invented' : 'Your own'}
            lead={!s.demo}
            data-testid={s.demo ? 'demo-shop' : 'own-shop'}
          >
            <Box sx={{ display: 'grid', gap: 1 }}>
              {s.people.map((p) => (
                <Button key={p.id} variant="outlined" onClick={() => void go({ shopId: s.id, personId: p.id })}>
                  Open as {p.name}
                </Button>
              ))}
              {s.demo && <DemoActs acts={['hide', 'remove']} onProblem={setProblem} />}
              {s.people.length === 0 && (
                <>
                  <FirstPerson shopId={s.id} onProblem={setProblem} />
                  <Button variant="text" onClick={() => void go({ shopId: s.id })}>
                    Open without a name
                  </Button>
                </>
              )}
            </Box>
          </Card>
        ))}
        <Card title="Another workshop" level="h3">
          <Box component="form" onSubmit={open} sx={{ display: 'grid', gap: 1 }}>
            <Field label="Name" value={name} onChange={(e) => setName(e.target.value)} inputProps={{ maxLength: 80 }} />
            <Button type="submit" variant="outlined">
              Create
            </Button>
          </Box>
        </Card>
        {demo !== 'shown' && (
          <Card title="The demo workshop" level="h3" data-testid="demo-away">
            <Typography sx={{ mb: 1 }}>
              {demo === 'hidden' ? 'It is out of sight.' : 'It is not here.'} Four invented bikes at different stages, to try things on.
            </Typography>
            <DemoActs acts={[demo === 'hidden' ? 'show' : 'bring']} onProblem={setProblem} />
          </Card>
        )}
        <Backups backups={backups} />
        <Typography color="text.secondary">Ivrek keeps everything on this machine. Nothing is sent anywhere.</Typography>
      </Box>
    </Page>
  );
}

/** The last backups: when each was made, and that it was restored to see that it can be. */
function Backups({ backups }: { backups: Backup[] }) {
  const shown = backups.slice(0, 5);
  return (
    <Card title="Backups" level="h3" data-testid="backups">
      {shown.length === 0 && (
        <Empty>
          One is made every day while Ivrek runs, and restored into a scratch database to prove it. <code>./ivrek backup FILE</code> makes
          one to keep elsewhere.
        </Empty>
      )}
      {shown.map((b) => (
        <Box key={b.file} sx={{ borderTop: 1, borderColor: 'divider', py: 0.75 }}>
          <Typography sx={{ overflowWrap: 'anywhere' }}>
            {b.kind === 'daily' ? 'Daily' : b.kind === 'upgrade' ? 'Before an upgrade' : b.file.split('/').at(-1)}, {dayTime(b.madeAt)}
            {b.bytes !== undefined && `, ${(b.bytes / 1e6).toFixed(1)} MB`}
          </Typography>
          <Typography variant="body2" color={b.problem ? 'error' : 'text.secondary'} sx={{ overflowWrap: 'anywhere' }}>
            {b.problem
              ? `Does not count: ${b.problem}`
              : `Restored to check it: ${b.entries} entries in ${b.seconds?.toFixed(1)} s, ${dayTime(b.provedAt ?? b.madeAt)}`}
          </Typography>
        </Box>
      ))}
    </Card>
  );
}

/** A workshop without people: the first one says who they are, and goes in. */
function FirstPerson({ shopId, onProblem }: { shopId: string; onProblem: (p: string | null) => void }) {
  const [name, setName] = useState('');
  const [tried, setTried] = useState(false);
  const keep = async (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    if (!name.trim()) return;
    const inside = await call('POST /api/session', { body: { shopId } });
    if (!inside.ok) return onProblem(inside.message);
    const id = crypto.randomUUID();
    const answer = await sendNow(
      commandOf('person.add', id, { name: name.trim() }, { id: crypto.randomUUID(), madeAt: new Date().toISOString() }),
      shopId,
    );
    if (answer.kind !== 'kept')
      return onProblem(answer.kind === 'refused' ? answer.refusal.message : 'The server cannot be reached just now.');
    const named = await call('POST /api/session', { body: { shopId, personId: id } });
    if (named.ok) location.assign('/');
    else onProblem(named.message);
  };
  return (
    <Box component="form" noValidate onSubmit={(e) => void keep(e)} sx={{ display: 'grid', gap: 1 }}>
      <Field
        label="Who is working?"
        value={name}
        onChange={(e) => setName(e.target.value)}
        inputProps={{ maxLength: 80 }}
        error={tried && !name.trim() ? 'Your name, as it stands on a signature.' : null}
      />
      <Button type="submit" variant="contained">
        Open
      </Button>
    </Box>
  );
}

const demoWords: Record<DemoAct, string> = { hide: 'Hide the demo', show: 'Show it', remove: 'Remove the demo', bring: 'Bring it back' };

/** The demo out of sight, away, or back. Removing it takes what was tried in it along, so that is asked once more. */
function DemoActs({ acts, onProblem }: { acts: DemoAct[]; onProblem: (p: string | null) => void }) {
  const [sure, setSure] = useState(false);
  const [busy, setBusy] = useState(false);
  const act = async (which: DemoAct) => {
    if (which === 'remove' && !sure) return setSure(true);
    setBusy(true);
    const answer = await call('POST /api/demo', { body: { act: which } });
    if (answer.ok) return location.reload();
    onProblem(answer.message);
    setBusy(false);
  };
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
      {acts.map((a) => (
        <Button key={a} variant="text" disabled={busy} onClick={() => void act(a)}>
          {a === 'remove' && sure ? 'Really remove it, with what was tried in it' : demoWords[a]}
        </Button>
      ))}
    </Box>
  );
}
