import Box from '@mui/material/Box';
import { factsOf } from '../../../core/knowledge';
import { limitFor } from '../../../core/measure';
import { useJob } from '../../job/useJob';
import { Checklist } from '../../parts/Checklist';
import { FitnessBar } from '../../parts/fitness/FitnessBar';
import { LimitBar } from '../../parts/LimitBar';
import { Tag } from '../../parts/Tag';
import { infoOf } from '../../parts/test/readingDraft';
import { TakeReading } from '../measure/MeasureView';

export default function TuneView() {
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
        <FitnessBar acts={['run', 'ride']} />
        <TakeReading only="idle-speed" />
        <LastReadings />
      </Box>
      <Tag title="In this order, warm">
        <Checklist listId="tune" />
      </Tag>
    </Box>
  );
}

const tuned = ['idle-speed', 'charging-volts', 'chain-slack', 'points-gap'];

function LastReadings() {
  const { knowledge, traced } = useJob();
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const last = tuned.flatMap((q) => traced.readings.filter((r) => r.quantity === q).slice(-1));
  if (last.length === 0) return null;
  return (
    <Tag title="As it stands">
      {last.map((r) => {
        const info = infoOf(knowledge, r.quantity, facts, r.unit);
        return (
          <LimitBar key={r.id} label={info.name} value={r.value} unit={r.unit} limit={limitFor(info, traced.specs)} error={info.error} />
        );
      })}
    </Tag>
  );
}
