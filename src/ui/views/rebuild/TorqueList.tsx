import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Check from '@mui/icons-material/Check';
import { show } from '../../../core/quantity';
import type { Torque } from '../../../core/state';
import { useJob } from '../../job/useJob';
import { WorkHazards } from '../../widgets/Hazards';
import { Empty } from '../../controls/Empty';
import { SignButton } from '../../widgets/SignButton';
import { Card } from '../../controls/Card';
import { dayTime } from '../../controls/times';
import { fonts } from '../../theme/tokens';

/** Torques of this job: stage by stage, then signed. */
export function TorqueList() {
  const { rows } = useJob();
  const torques = rows('torque');
  const signed = new Set(rows('signature').map((s) => s.subjectId));
  const ordered = [...torques].sort((a, b) => Number(signed.has(a.id)) - Number(signed.has(b.id)));
  return (
    <Card
      title="Torque"
      over="Finger-tight, then in stages, criss-cross or from the centre out; small torque wrench for small torques"
      data-testid="torques"
    >
      {torques.length === 0 && (
        <Empty>
          No torque planned. Add the fasteners, the torque from the manual and its stages; each stage is ticked in order and signed.
        </Empty>
      )}
      {ordered.map((t) => (
        <TorqueLine key={t.id} torque={t} />
      ))}
    </Card>
  );
}

function TorqueLine({ torque }: { torque: Torque }) {
  const { store, rows, jobId } = useJob();
  const stages = rows('torqueStage')
    .filter((s) => s.torqueId === torque.id)
    .sort((a, b) => a.n - b.n);
  const signature = rows('signature')
    .filter((s) => s.subjectId === torque.id)
    .at(-1);
  const next = stages.find((s) => !s.doneAt);
  const words = (s: (typeof stages)[number]) => (s.kind === 'torque' ? `${show(s.value, torque.unit)} ${torque.unit}` : `+ ${s.value}°`);
  return (
    <Box sx={{ borderTop: 1, borderColor: 'divider', py: 1 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <Typography sx={{ fontWeight: 600, flex: '1 1 180px', minWidth: 0 }}>
          {torque.name} ({torque.count} × {torque.thread ?? 'other thread'})
        </Typography>
        <Box data-reading sx={{ fontFamily: fonts.head, fontWeight: 600, fontSize: '1.75rem', lineHeight: 1 }}>
          {show(torque.figureNm, torque.unit)}
        </Box>
        <Typography variant="body2" color="text.secondary">
          {torque.unit}
          {torque.unit !== 'N·m' ? ` = ${show(torque.figureNm, 'N·m')} N·m` : ''} · {torque.source}
        </Typography>
      </Box>
      {!signature && <WorkHazards words={[torque.name]} tightening place="torque" />}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center', mt: 0.5 }}>
        {stages.map((s) =>
          s.doneAt ? (
            <Box
              key={s.id}
              sx={{
                display: 'inline-flex',
                alignItems: 'center',
                minHeight: 48,
                gap: 0.5,
                borderBottom: '4px solid',
                borderColor: 'bench.green',
              }}
            >
              <Check fontSize="small" titleAccess="done" /> {words(s)}
            </Box>
          ) : (
            <Button
              key={s.id}
              variant={s === next ? 'contained' : 'outlined'}
              disabled={s !== next}
              onClick={() => store.act('torque.stage', s.id, { jobId, torqueId: torque.id })}
              aria-label={`Stage ${s.n} done: ${torque.name}, ${words(s)}`}
            >
              {words(s)}
            </Button>
          ),
        )}
        {!next && !signature && (
          <SignButton
            variant="contained"
            color="secondary"
            onSign={(signedBy) =>
              store.act('signature.sign', store.newId(), {
                jobId,
                kind: 'torque',
                subjectId: torque.id,
                signedBy,
                supersedes: null,
              })
            }
          >
            {(name) => `Sign as ${name}`}
          </SignButton>
        )}
        {signature && (
          <Typography variant="body2" color="text.secondary">
            Signed {signature.signedBy}, {dayTime(signature.signedAt)}
          </Typography>
        )}
      </Box>
    </Box>
  );
}
