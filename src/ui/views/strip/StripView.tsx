import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { JobSnapshot as Snapshot } from '../../../core/record';
import { useJob } from '../../job/useJob';
import { Empty } from '../../parts/Empty';
import { JobShell } from '../../parts/JobShell';
import { Tag } from '../../parts/Tag';
import { dayTime } from '../../parts/times';
import { FindingForm } from './FindingForm';
import { FindingList } from './FindingList';
import { StepForm } from './StepForm';

export default function StripView({ snapshot }: { snapshot: Snapshot }) {
  return (
    <JobShell snapshot={snapshot} stage="strip">
      <Strip />
    </JobShell>
  );
}

function Strip() {
  const { rows } = useJob();
  const steps = [...rows('step')].reverse();
  const fasteners = rows('fastener');
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) minmax(0,1fr)' },
        alignItems: 'start',
      }}
    >
      <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
        <StepForm />
        <Tag title="Off the bike" over="Newest first: the order it goes back on" data-testid="steps">
          {steps.length === 0 && (
            <Empty>
              Nothing is off yet. Clean first, photograph first, drain first; take off what is in the way and no more. Every step you log
              here is led back through at the rebuild.
            </Empty>
          )}
          <Box component="ol" reversed sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {steps.map((s) => (
              <Box component="li" key={s.id} sx={{ borderTop: 1, borderColor: 'divider', py: 1, opacity: s.refittedAt ? 0.7 : 1 }}>
                <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', flexWrap: 'wrap' }}>
                  <Typography sx={{ fontWeight: 600, flex: 1, minWidth: 0 }}>{s.title}</Typography>
                  {s.bag && <BagTag label={s.bag} back={s.refittedAt !== null} />}
                </Box>
                <Typography variant="body2">
                  {fasteners
                    .filter((f) => f.stepId === s.id)
                    .map((f) => `${f.count} × ${f.size}${f.place ? ` ${f.place}` : ''}`)
                    .join(', ') || 'no fasteners'}
                </Typography>
                <Typography variant="body2" color="text.secondary">
                  {[dayTime(s.madeAt), s.note, s.refittedAt ? 'back on' : ''].filter(Boolean).join(' · ')}
                </Typography>
              </Box>
            ))}
          </Box>
        </Tag>
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
        <FindingForm />
        <FindingList />
      </Box>
    </Box>
  );
}

/** The little string tag of a bag. */
export function BagTag({ label, back }: { label: string; back: boolean }) {
  return (
    <Box
      component="span"
      sx={{
        display: 'inline-flex',
        alignItems: 'center',
        gap: 0.75,
        border: '2px solid',
        borderColor: back ? 'divider' : 'bench.brass',
        bgcolor: back ? 'transparent' : 'bench.brassWash',
        px: 1,
        minHeight: 32,
        fontWeight: 600,
        clipPath: 'polygon(8px 0, 100% 0, 100% 100%, 8px 100%, 0 50%)',
        pl: 1.75,
        textDecoration: back ? 'line-through' : 'none',
      }}
    >
      Bag {label}
    </Box>
  );
}
