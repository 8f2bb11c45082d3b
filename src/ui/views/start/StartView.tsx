import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { factsOf } from '../../../core/knowledge';
import { checklist } from '../../../core/stage';
import { useJob } from '../../job/useJob';
import { Column, Columns } from '../../controls/Columns';
import { SideEffects } from '../../widgets/substitutes/SideEffects';
import { Checklist } from '../../widgets/Checklist';
import { Empty } from '../../controls/Empty';
import { Reasons } from '../../widgets/fitness/Reasons';
import { useFitness } from '../../widgets/fitness/useFitness';
import { Card } from '../../controls/Card';

/** The first start: every gate shut until it is checked, and only then what to watch. */
export default function StartView() {
  const { store, state, knowledge, traced, jobId } = useJob();
  const liquid = factsOf(traced.bike, traced.job, knowledge).cooling !== 'air';
  const gates = checklist(state, knowledge, jobId, 'first-start').filter((i) => i.gate);
  const open = gates.filter((g) => g.mark?.state !== 'done');
  const { run } = useFitness();
  const { may } = run;
  const shut = open.length;
  const nextGate = open[0];
  return (
    <Columns share={[1.2, 1]}>
      <Card
        lead
        title={may && shut === 0 ? 'It may be started' : shut ? `Don’t start: ${shut} of ${gates.length} checks open` : 'Don’t start yet'}
        over="Oil pressure before spark: crank with the plugs out first"
        data-testid="gates"
      >
        {nextGate && (
          <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mb: 1 }}>
            <Typography sx={{ flex: '1 1 220px' }}>Next: {nextGate.text}</Typography>
            <Button
              variant="contained"
              onClick={() =>
                store.act('check.mark', store.newId(), {
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
        {!may && (
          <Box sx={{ mb: 1 }}>
            <Reasons verdict={run} />
          </Box>
        )}
        <Checklist listId="first-start" gates />
      </Card>
      <Column>
        <SideEffects place="start" />
        <Card title="When it runs">
          {may && shut === 0 ? (
            <Typography sx={{ mb: 1 }}>Choke as little as it needs. Short run, stop, let the levels settle, top up.</Typography>
          ) : (
            <Empty>These come after the checks.</Empty>
          )}
          <Checklist listId="first-start" gates={false} without={liquid ? [] : ['coolant']} />
        </Card>
      </Column>
    </Columns>
  );
}
