import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { checklist } from '../../../core/stage';
import type { JobSnapshot as Snapshot } from '../../../core/record';
import { useJob } from '../../job/useJob';
import { Checklist } from '../../parts/Checklist';
import { Empty } from '../../parts/Empty';
import { JobShell } from '../../parts/JobShell';
import { Tag } from '../../parts/Tag';

export default function StartView({ snapshot }: { snapshot: Snapshot }) {
  return (
    <JobShell snapshot={snapshot} stage="start">
      <Start />
    </JobShell>
  );
}

/** The first start: every gate shut until it is checked, and only then what to watch. */
function Start() {
  const { store, view, knowledge, rows, jobId } = useJob();
  const gates = checklist(view.state, knowledge, jobId, 'first-start').filter((i) => i.gate);
  const open = gates.filter((g) => g.mark?.state !== 'done');
  const held = rows('provisional').filter((p) => !p.endedAt && !p.mayRun);
  const unsigned = rows('torque').filter((t) => !rows('signature').some((s) => s.subjectId === t.id));
  const may = open.length === 0 && held.length === 0;
  const nextGate = open[0];
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,1.2fr) minmax(0,1fr)' },
        alignItems: 'start',
      }}
    >
      <Tag
        lead
        title={may ? 'It may be started' : `${open.length + held.length} of ${gates.length + held.length} gates are shut`}
        over="Oil pressure before spark: spin it with the plugs out first"
        data-testid="gates"
      >
        {nextGate && (
          <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mb: 1 }}>
            <Typography sx={{ flex: '1 1 220px' }}>Next: {nextGate.text}</Typography>
            <Button
              variant="contained"
              onClick={() =>
                store.act('check.mark', 'checkmark', store.newId(), {
                  jobId,
                  list: 'first-start',
                  item: nextGate.id,
                  state: 'done',
                  note: null,
                })
              }
            >
              Checked
            </Button>
          </Box>
        )}
        {held.map((p) => (
          <Typography key={p.id} role="alert" sx={{ fontWeight: 600 }}>
            Provisional, and it may not run: {p.what}
          </Typography>
        ))}
        {unsigned.length > 0 && (
          <Typography sx={{ my: 1 }}>
            {unsigned.length === 1 ? 'One torque is' : `${unsigned.length} torques are`} not signed:{' '}
            {unsigned.map((t) => t.name).join(', ')}.
          </Typography>
        )}
        <Checklist listId="first-start" gates />
      </Tag>
      <Tag title="When it runs">
        {may ? (
          <Typography sx={{ mb: 1 }}>Choke as little as it needs. Short run, stop, let the levels settle, top up.</Typography>
        ) : (
          <Empty>These come after the gates.</Empty>
        )}
        <Checklist listId="first-start" gates={false} />
      </Tag>
    </Box>
  );
}
