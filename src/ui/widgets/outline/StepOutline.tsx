import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { outlineShapes, type Outline, type OutlineShape, type Step } from '../../../core/state';
import { screwsOf } from '../../../core/strip';
import { SelectField } from '../../controls/SelectField';
import { useJob } from '../../job/useJob';
import { OutlineDrawing } from './OutlineDrawing';
import { OutlineEdit } from './OutlineEdit';
import { Screws } from './Screws';

const shapes: Record<OutlineShape, string> = {
  round: 'Round',
  oval: 'Oval',
  square: 'Square',
  tall: 'Taller than wide',
  wide: 'Wider than tall',
  drawn: 'Another: tap its corners',
};

/** The outline of a cover, where its screws are of several lengths: each hole has its screw. */
export function StepOutline({ step }: { step: Step }) {
  const { store, rows, jobId } = useJob();
  const outlines = rows('outline').filter((o) => o.stepId === step.id);
  const [shape, setShape] = useState<OutlineShape>('round');
  if (outlines.length === 0 && !rows('fastener').some((f) => f.stepId === step.id)) return null;
  return (
    <Box component="section" aria-label={`Outline of: ${step.title}`} sx={{ display: 'grid', gap: 1, gridColumn: '1 / -1' }}>
      {/* Steps that were joined bring one each. */}
      {outlines.map((o) => (
        <OutlineEdit key={o.id} step={step} outline={o} />
      ))}
      {outlines.length === 0 && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'end' }}>
          <Box sx={{ flex: '1 1 10rem' }}>
            <SelectField
              label="Outline of the cover"
              value={shape}
              options={outlineShapes.map((s) => ({ id: s, label: shapes[s] }))}
              onChange={(s) => setShape(s as OutlineShape)}
            />
          </Box>
          <Button
            variant="outlined"
            onClick={() => store.act('outline.draw', store.newId(), { jobId, stepId: step.id, shape, corners: [] })}
          >
            Mark its holes
          </Button>
        </Box>
      )}
    </Box>
  );
}

/** The same at the refit, to be read. */
export function OutlineShown({ step }: { step: Step }) {
  const { rows } = useJob();
  return rows('outline')
    .filter((o) => o.stepId === step.id)
    .map((o) => <Shown key={o.id} step={step} outline={o} />);
}

function Shown({ step, outline }: { step: Step; outline: Outline }) {
  const { rows } = useJob();
  const holes = rows('hole').filter((h) => h.outlineId === outline.id);
  const screws = screwsOf(step.id, rows('fastener'), holes);
  return (
    <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: 'minmax(0,1.6fr) minmax(0,1fr)' }, alignItems: 'center' }}>
      <OutlineDrawing name={step.title} outline={outline} holes={holes} screws={screws.map((f) => f.id)} />
      <Box>
        <Typography sx={{ fontWeight: 600 }}>Which screw in which hole</Typography>
        <Screws stepId={step.id} screws={screws} holes={holes} />
      </Box>
    </Box>
  );
}
