import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Fastener, Step } from '../../../core/state';
import { inOrder, openPieces } from '../../../core/strip';
import { useJob } from '../../job/useJob';
import { Column, Columns } from '../../controls/Columns';
import { Empty } from '../../controls/Empty';
import { ShowMore } from '../../controls/ShowMore';
import { PhotoStrip } from '../../widgets/photo/PhotoStrip';
import { BagTag } from '../../widgets/BagTag';
import { isOf } from '../../widgets/photo/usePhotos';
import { Card } from '../../controls/Card';
import { dayTime } from '../../controls/times';
import { FindingForm } from './FindingForm';
import { FindingList } from '../../widgets/FindingList';
import { Pieces } from '../../widgets/Pieces';
import { StepEdit } from './StepEdit';
import { StepForm } from './StepForm';

export default function StripView() {
  const { rows } = useJob();
  const steps = inOrder(rows('step')).reverse();
  const fasteners = rows('fastener');
  // What stands in the way stands first.
  const lost = openPieces(rows('piece')).length > 0;
  return (
    <Columns>
      <Column>
        <StepForm />
        <Card title="Off the bike" over="Last off, first back on" data-testid="steps">
          {steps.length === 0 && (
            <Empty>
              Nothing removed yet. Clean, photograph and drain first; remove what is in the way and no more. Every step logged here comes
              back at the rebuild.
            </Empty>
          )}
          <ShowMore ordered list={steps}>
            {(s) => <StepLine step={s} fasteners={fasteners.filter((f) => f.stepId === s.id)} />}
          </ShowMore>
        </Card>
      </Column>
      <Column>
        {lost && <Pieces />}
        <FindingForm />
        {!lost && <Pieces />}
        <FindingList />
      </Column>
    </Columns>
  );
}

/** One step that is off: what it was, its fasteners, its bag and its photos. */
function StepLine({ step, fasteners }: { step: Step; fasteners: Fastener[] }) {
  const { rows } = useJob();
  const [bagOpen, setBagOpen] = useState(false);
  const [editing, setEditing] = useState(false);
  const bagPhotos = step.bag ? rows('photo').filter((p) => isOf(p, { subject: 'bag', bag: step.bag })).length : 0;
  return (
    <Box component="li" sx={{ borderTop: 1, borderColor: 'divider', py: 1, opacity: step.refittedAt ? 0.75 : 1 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
        <Typography sx={{ fontWeight: 600, flex: 1, minWidth: 0 }}>{step.title}</Typography>
        <Button variant="text" onClick={() => setEditing(!editing)} aria-expanded={editing} aria-label={`Edit: ${step.title}`}>
          Edit
        </Button>
        {step.bag && (
          <ButtonBase
            onClick={() => setBagOpen(!bagOpen)}
            aria-expanded={bagOpen}
            aria-label={`Bag ${step.bag}${bagPhotos ? `, ${bagPhotos} photos` : ''}`}
            sx={{ minHeight: 48, minWidth: 48, font: 'inherit' }}
          >
            <BagTag label={`${step.bag}${bagPhotos ? ` · ${bagPhotos}` : ''}`} back={step.refittedAt !== null} />
          </ButtonBase>
        )}
      </Box>
      {editing && <StepEdit step={step} />}
      <Typography variant="body2">
        {fasteners.map((f) => `${f.count} × ${f.size}${f.place ? ` ${f.place}` : ''}`).join(', ') || 'no fasteners'}
      </Typography>
      {fasteners.some((f) => f.state) && (
        <Typography variant="body2" sx={{ color: 'bench.red', fontWeight: 600 }}>
          {fasteners.flatMap((f) => (f.state ? [`${f.size}: ${f.affected} ${f.state}`] : [])).join(', ')}
        </Typography>
      )}
      <Typography variant="body2" color="text.secondary">
        {[dayTime(step.madeAt), step.note, step.refittedAt ? 'refitted' : ''].filter(Boolean).join(' · ')}
      </Typography>
      <PhotoStrip of={{ subject: 'step', subjectId: step.id }} label={step.title} />
      {step.bag && bagOpen && <PhotoStrip of={{ subject: 'bag', bag: step.bag }} label={`bag ${step.bag}`} />}
    </Box>
  );
}
