import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useJob } from '../../job/useJob';
import { Column, Columns } from '../../controls/Columns';
import { Checklist } from '../../widgets/Checklist';
import { Empty } from '../../controls/Empty';
import { Field } from '../../controls/Field';
import { Reasons } from '../../widgets/fitness/Reasons';
import { useFitness } from '../../widgets/fitness/useFitness';
import { lazyPart } from '../../controls/lazyPart';
import { SideEffects } from '../../widgets/substitutes/SideEffects';
import { Provisionals } from '../../widgets/Provisionals';
import { SignButton } from '../../widgets/SignButton';
import { Card } from '../../controls/Card';
import { dayTime } from '../../controls/times';

const BackAgain = lazyPart(() => import('../../widgets/BackAgain'));

/** The bike leaves: what still stands against it, its record, and the signature. */
export default function HandOverView() {
  const { store, rows, traced, jobId } = useJob();
  const fitness = useFitness();
  const { may } = fitness.handOver;
  const handed = traced.job.handedOverAt;
  const signature = rows('signature')
    .filter((s) => s.kind === 'handOver')
    .at(-1);
  const handOver = (signedBy: string) =>
    store.together(() => {
      const signing = { jobId, kind: 'handOver' as const, subjectId: jobId, signedBy, supersedes: signature?.id ?? null };
      return store.act('signature.sign', store.newId(), signing).ok && store.act('job.handOver', jobId, {}).ok;
    });
  return (
    <Columns>
      <Column>
        <Card lead title={handed ? `Handed over ${dayTime(handed)}` : 'Hand over'} data-testid="hand-over">
          {!handed && (!may || fitness.handOver.overruled.length > 0) && (
            <Box sx={{ mb: 1.5 }}>
              {!may && <Typography sx={{ fontWeight: 600 }}>Before it leaves:</Typography>}
              <Reasons verdict={fitness.handOver} />
            </Box>
          )}
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            {!handed && (
              <SignButton variant="contained" onSign={handOver} disabled={!may}>
                {(name) => `Sign as ${name} and hand over`}
              </SignButton>
            )}
            <Button variant="outlined" href={`/job/${jobId}/record`}>
              The record
            </Button>
            <Button variant="outlined" href={`/api/jobs/${jobId}/record.pdf`}>
              As PDF
            </Button>
            <Button variant="outlined" href={`/api/jobs/${jobId}/export?zip`} download>
              Export
            </Button>
          </Box>
          {handed && (
            <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
              {signature && `Signed ${signature.signedBy}. `}Undo takes the hand-over back; a signature stays and a new one takes its place.
            </Typography>
          )}
        </Card>
        {handed && <BackAgain />}
        <Card title="Road test">
          <Checklist listId="road-test" />
        </Card>
      </Column>
      <Column>
        <SideEffects place="handover" />
        <Provisionals />
        <Watches />
      </Column>
    </Columns>
  );
}

function Watches() {
  const { store, rows, jobId } = useJob();
  const [what, setWhat] = useState('');
  const [due, setDue] = useState('');
  const [tried, setTried] = useState(false);
  const keep = () => {
    setTried(true);
    if (!what.trim() || !due.trim()) return;
    if (!store.act('watch.add', store.newId(), { jobId, what: what.trim(), due: due.trim() }).ok) return;
    setWhat('');
    setDue('');
    setTried(false);
  };
  return (
    <Card title="Watch list">
      {rows('watch').length === 0 && <Empty>Points for the owner to check, and when.</Empty>}
      {rows('watch').map((w) => (
        <Typography key={w.id} sx={{ borderTop: 1, borderColor: 'divider', py: 0.75 }}>
          {w.what}: {w.due}
        </Typography>
      ))}
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr auto' }, alignItems: 'start', mt: 1 }}>
        <Field
          label="Point to watch"
          value={what}
          onChange={(e) => setWhat(e.target.value)}
          error={tried && !what.trim() ? 'Enter what to watch.' : null}
        />
        <Field label="When" value={due} onChange={(e) => setDue(e.target.value)} error={tried && !due.trim() ? 'When?' : null} />
        <Button variant="outlined" onClick={keep} sx={{ mt: { sm: '1.7rem' } }}>
          Add
        </Button>
      </Box>
    </Card>
  );
}
