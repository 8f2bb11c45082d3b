import Box from '@mui/material/Box';
import type { Step } from '../../../core/state';
import { inOrder, placesFor } from '../../../core/strip';
import { AutosaveField } from '../../controls/AutosaveField';
import { SelectField } from '../../controls/SelectField';
import { useJob } from '../../job/useJob';
import { FastenerStates } from '../../widgets/FastenerTrouble';
import { SplitJoin } from './SplitJoin';
import { StepOutline } from '../../widgets/outline/StepOutline';
import { StepFacts } from '../../widgets/StepFacts';

/** What was written of a step, put right; and where it stands in the order in which things came off. */
export function StepEdit({ step }: { step: Step }) {
  const { store, rows, jobId } = useJob();
  const steps = rows('step').filter((s) => s.jobId === jobId);
  const places = placesFor(steps, step.id);
  const order = inOrder(steps);
  const last = order.at(-1)?.id === step.id;
  return (
    <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: '1fr 110px' }, py: 1 }}>
      <AutosaveField
        label="Part removed"
        value={step.title}
        inputProps={{ maxLength: 200 }}
        onSet={(t) => (t ? (store.set('step.set', step.id, { title: t }), null) : 'Enter the part.')}
      />
      <AutosaveField
        label="Bag"
        value={step.bag ?? ''}
        inputProps={{ maxLength: 40 }}
        onSet={(t) => (store.set('step.set', step.id, { bag: t || null }), null)}
      />
      <AutosaveField
        label="Which way round, wires, hoses, marks"
        value={step.note ?? ''}
        inputProps={{ maxLength: 2000 }}
        sx={{ gridColumn: '1 / -1' }}
        onSet={(t) => (store.set('step.set', step.id, { note: t || null }), null)}
      />
      <FastenerStates step={step} />
      <StepOutline step={step} />
      <StepFacts step={step} />
      {places.length > 0 && (
        <Box sx={{ gridColumn: '1 / -1' }}>
          <SelectField
            label="Came off before"
            value={step.before ?? ''}
            options={[
              { id: '', label: last && !step.before ? 'nothing: it was the last' : 'as logged' },
              ...places.map((s) => ({ id: s.id, label: s.title })),
            ]}
            onChange={(before) => void store.act('step.place', step.id, { jobId, before: before || null })}
          />
        </Box>
      )}
      {!step.refittedAt && <SplitJoin step={step} />}
    </Box>
  );
}
