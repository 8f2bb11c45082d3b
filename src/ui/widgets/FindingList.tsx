import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { factsOf, faultById } from '../../core/knowledge';
import { limitFor } from '../../core/measure';
import { placeName } from '../../core/trace';
import { useJob } from '../job/useJob';
import { ShowMore } from '../controls/ShowMore';
import { Empty } from '../controls/Empty';
import { PhotoStrip } from './photo/PhotoStrip';
import { LimitBar } from './LimitBar';
import { WearDrawing } from './wear/WearDrawing';
import { Card } from '../controls/Card';
import { infoOf } from './test/readingDraft';

/** Findings of this job, newest first, each with its reading and its verdict. */
export function FindingList() {
  const { rows, knowledge, traced } = useJob();
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const findings = [...rows('finding')].reverse();
  return (
    <Card title="Findings" data-testid="findings">
      {findings.length === 0 && <Empty>No finding yet. Part, what is seen, what was measured, and a verdict.</Empty>}
      <ShowMore list={findings}>
        {(f) => {
          const reading = f.readingId ? traced.readings.find((r) => r.id === f.readingId) : undefined;
          const info = reading && infoOf(knowledge, reading.quantity, facts, reading.unit);
          const fault = f.faultId ? faultById(knowledge, f.faultId) : undefined;
          return (
            <Box sx={{ borderTop: 1, borderColor: 'divider', py: 1 }}>
              <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
                <Typography sx={{ fontWeight: 600, flex: 1, minWidth: 0 }}>{f.item}</Typography>
                <Box sx={{ fontWeight: 600, borderBottom: '3px double', borderColor: 'bench.brass' }}>{f.verdict}</Box>
              </Box>
              <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
                {f.wear && <WearDrawing wear={f.wear} size={32} />}
                <Typography>{f.seen}</Typography>
              </Box>
              {reading && info && (
                <LimitBar
                  label={info.name}
                  value={reading.value}
                  unit={reading.unit}
                  limit={limitFor(info, traced.specs)}
                  error={info.error}
                />
              )}
              <PhotoStrip of={{ subject: 'finding', subjectId: f.id }} label={f.item} />
              {f.past && (
                <Typography variant="body2" color="text.secondary">
                  Of the past: {knowledge.past.find((p) => p.id === f.past)?.name ?? f.past}
                </Typography>
              )}
              {fault && (
                <Typography variant="body2" color="text.secondary">
                  Evidence on: {placeName(fault.name, f.position, f.position ? ['1', '2'] : [])}
                </Typography>
              )}
            </Box>
          );
        }}
      </ShowMore>
    </Card>
  );
}
