import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
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
import { FindingForm } from './finding/FindingForm';
import { FindingList } from '../../widgets/FindingList';
import { OrderCard } from '../../widgets/order/OrderCard';
import { useReveal } from '../../widgets/order/useReveal';
import { WaysIn } from '../../widgets/WaysIn';
import { Pieces } from '../../widgets/Pieces';
import { TreatedParts } from '../../widgets/cleaning/TreatedParts';
import { Fluids } from '../../widgets/Fluids';
import { Connections } from '../../widgets/wires/Connections';
import { StepEdit } from './StepEdit';
import { StepForm } from './StepForm';
import { StripFiles } from './StripFiles';

export default function StripView() {
  const { rows, jobId } = useJob();
  const steps = inOrder(rows('step')).reverse();
  const fasteners = rows('fastener');
  // What stands in the way stands first.
  const [asked, reveal] = useReveal();
  const lost = openPieces(rows('piece')).length > 0;
  return (
    <Columns>
      <Column>
        <Asked />
        <StepForm />
        <Card title="Off the bike" over="Last off, first back on" data-testid="steps">
          {steps.length === 0 && (
            <Empty>
              Nothing removed yet. Clean, photograph and drain first; remove what is in the way and no more. Every step logged here comes
              back at the rebuild.
            </Empty>
          )}
          <ShowMore ordered list={steps} reveal={asked}>
            {(s) => <StepLine step={s} fasteners={fasteners.filter((f) => f.stepId === s.id)} />}
          </ShowMore>
          {steps.some((s) => !s.refittedAt) && (
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
              <Button href={`/api/jobs/${jobId}/labels.pdf?size=a4`} target="_blank">
                Print labels, A4
              </Button>
              <Button href={`/api/jobs/${jobId}/labels.pdf?size=label`} target="_blank">
                Print labels, 62 mm
              </Button>
            </Box>
          )}
          <StripFiles />
        </Card>
        <OrderCard way="strip" onOpen={reveal} />
        <WaysIn />
      </Column>
      <Column>
        {lost && <Pieces />}
        <FindingForm />
        {!lost && <Pieces />}
        <FindingList />
        <Connections />
        <TreatedParts />
        <Fluids />
      </Column>
    </Columns>
  );
}

/** What the code of a label asks for: a bag with everything that is in it, or a part. It stands before all else. */
function Asked() {
  const { rows } = useJob();
  const [asked, setAsked] = useState<URLSearchParams | null>(null);
  // The server does not know what follows the address.
  useEffect(() => setAsked(new URLSearchParams(location.search)), []);
  const bag = asked?.get('bag');
  const stepId = asked?.get('step');
  if (!bag && !stepId) return null;
  const steps = inOrder(rows('step')).filter((s) => (bag ? s.bag === bag : s.id === stepId));
  return (
    <Card title={bag ? `Bag ${bag}` : (steps.at(0)?.title ?? 'Part')} over="From its label" data-testid="asked">
      {steps.length === 0 && <Empty>{bag ? 'Nothing on this bike is in this bag.' : 'This part is not on this bike any more.'}</Empty>}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {steps.map((s) => (
          <StepLine key={s.id} asked step={s} fasteners={rows('fastener').filter((f) => f.stepId === s.id)} bagOpens={Boolean(bag)} />
        ))}
      </Box>
    </Card>
  );
}

interface StepLineProps {
  step: Step;
  fasteners: Fastener[];
  /** It stands apart, since its label was asked for. */
  asked?: boolean;
  /** Its bag's photos are shown at once. */
  bagOpens?: boolean;
}

/** One step that is off: what it was, its fasteners, its bag and its photos. */
function StepLine({ step, fasteners, asked = false, bagOpens = false }: StepLineProps) {
  const { rows } = useJob();
  const [bagOpen, setBagOpen] = useState(bagOpens);
  const [editing, setEditing] = useState(false);
  const bagPhotos = step.bag ? rows('photo').filter((p) => isOf(p, { subject: 'bag', bag: step.bag })).length : 0;
  return (
    <Box
      component="li"
      id={asked ? undefined : `step-${step.id}`}
      sx={{ borderTop: 1, borderColor: 'divider', py: 1, opacity: step.refittedAt ? 0.75 : 1 }}
    >
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
