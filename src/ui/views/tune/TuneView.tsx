import { factsOf } from '../../../core/knowledge';
import { limitFor } from '../../../core/measure';
import { useJob } from '../../job/useJob';
import { Column, Columns } from '../../controls/Columns';
import { Checklist } from '../../widgets/Checklist';
import { FitnessBar } from '../../widgets/fitness/FitnessBar';
import { LimitBar } from '../../widgets/LimitBar';
import { Card } from '../../controls/Card';
import { infoOf } from '../../widgets/test/readingDraft';
import { SideEffects } from '../../widgets/substitutes/SideEffects';
import { TakeReading } from '../../widgets/TakeReading';

export default function TuneView() {
  return (
    <Columns>
      <Column>
        <FitnessBar acts={['run', 'ride']} />
        <TakeReading only="idle-speed" />
        <SideEffects place="tune" />
        <LastReadings />
      </Column>
      <Card title="In this order, warm">
        <Checklist listId="tune" />
      </Card>
    </Columns>
  );
}

const tuned = ['idle-speed', 'charging-volts', 'chain-slack', 'points-gap'];

function LastReadings() {
  const { knowledge, traced } = useJob();
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const last = tuned.flatMap((q) => traced.readings.filter((r) => r.quantity === q).slice(-1));
  if (last.length === 0) return null;
  return (
    <Card title="Current readings">
      {last.map((r) => {
        const info = infoOf(knowledge, r.quantity, facts, r.unit);
        return (
          <LimitBar key={r.id} label={info.name} value={r.value} unit={r.unit} limit={limitFor(info, traced.specs)} error={info.error} />
        );
      })}
    </Card>
  );
}
