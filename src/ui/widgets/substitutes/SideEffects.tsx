import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { effectsOn, hazardsOfDoings } from '../../../core/knowledge';
import { Card } from '../../controls/Card';
import { useJob } from '../../job/useJob';
import { Hazards } from '../Hazards';

/** What fitted parts that are not the maker's bring, where it matters: before it is started, tuned or handed over. */
export function SideEffects({ place }: { place: string }) {
  const { knowledge, traced } = useJob();
  const effects = effectsOn(knowledge, traced.substitutes ?? []);
  if (effects.length === 0) return null;
  return (
    <Card title="Not as the manual has it" over="Side effects" data-testid="side-effects">
      <Hazards ids={hazardsOfDoings(knowledge, [...new Set(effects.flatMap((e) => e.does ?? []))])} place={`${place}-substitutes`} />
      {effects.map((e) => (
        <Box key={e.id} sx={{ borderTop: 1, borderColor: 'divider', py: 0.75 }}>
          <Typography sx={{ fontWeight: 600 }}>{e.name}</Typography>
          {e.says.map((s) => (
            <Typography key={s}>{s}</Typography>
          ))}
        </Box>
      ))}
    </Card>
  );
}
