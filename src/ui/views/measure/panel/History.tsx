import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { memo } from 'react';
import { factsOf } from '../../../../core/knowledge';
import { fromSi, show } from '../../../../core/quantity';
import { circumstanceWords, groupBy, list, type Reading } from '../../../../core/state';
import { useJob } from '../../../job/useJob';
import { lazyPart } from '../../../controls/lazyPart';
import { Card } from '../../../controls/Card';
import { infoOf } from '../../../widgets/test/readingDraft';
import { day } from '../../../controls/times';

// Drawing charts is heavy: it is fetched where there is a second reading, and not before.
const HistoryChart = lazyPart(() => import('./HistoryChart'));

const valueOf = (r: Reading) =>
  r.value.kind === 'exact' ? r.value.value : r.value.kind === 'interval' ? (r.value.low + r.value.high) / 2 : null;

const mostLines = 5;

/**
 * Earlier readings of the same quantities on this bike, each place a line of its own; and what a panel of this name said before, in
 * words.
 */
export default memo(function History({ quantities, panel }: { quantities: readonly string[]; panel: string }) {
  const { store, state, knowledge, traced } = useJob();
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const own = [...(store.snapshot.earlier ?? []), ...list(state, 'reading')].filter(
    (r) => r.bikeId === traced.bike.id && quantities.includes(r.quantity) && valueOf(r) !== null,
  );
  const said = list(state, 'finding')
    .filter((f) => f.item === panel && f.jobId === traced.job.id)
    .slice(-mostLines)
    .reverse();
  if (own.length + said.length === 0) return null;
  return (
    <Card title="Earlier on this bike">
      {[...groupBy(own, (r) => r.quantity)].map(([quantity, readings]) => {
        const { name, unit } = infoOf(knowledge, quantity, facts, readings[0].unit);
        const times = [...new Set(readings.map((r) => r.takenAt))].sort();
        const places = [...new Set(readings.map((r) => r.position ?? ''))].sort();
        const data = times.map((t) => ({
          t: day(t),
          ...Object.fromEntries(readings.filter((r) => r.takenAt === t).map((r) => [r.position ?? '', fromSi(valueOf(r)!, unit)])),
        }));
        const last = readings.at(-1)!;
        return (
          <Box key={quantity}>
            <Typography variant="h3">{name}</Typography>
            <Typography variant="body2" color="text.secondary">
              {readings.length} {readings.length === 1 ? 'reading' : 'readings'}, the last {show(valueOf(last)!, unit)} {unit} on{' '}
              {[day(last.takenAt), last.instrument, circumstanceWords(last.conditions)].filter(Boolean).join(', ')}
            </Typography>
            {times.length > 1 && (
              <Box aria-hidden sx={{ height: 120 }}>
                <HistoryChart data={data} places={places} />
              </Box>
            )}
          </Box>
        );
      })}
      {said.length > 0 && (
        <Box>
          <Typography variant="h3">What it said before</Typography>
          {said.map((f) => (
            <Typography key={f.id} variant="body2" sx={{ overflowWrap: 'anywhere', my: 0.5 }}>
              <b>{day(f.takenAt)}</b> {f.seen}
            </Typography>
          ))}
        </Box>
      )}
    </Card>
  );
});
