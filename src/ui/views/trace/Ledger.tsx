import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { factsOf } from '../../../core/knowledge';
import { limitFor } from '../../../core/measure';
import { circumstanceWords, type Evidence } from '../../../core/state';
import { rowWords } from '../../../core/trace';
import { useJob } from '../../job/useJob';
import { Empty } from '../../controls/Empty';
import { LimitBar } from '../../widgets/LimitBar';
import { Card } from '../../controls/Card';
import { infoOf } from '../../widgets/test/readingDraft';
import { dayTime } from '../../controls/times';
import { CaseButton } from './CaseButton';

/** Everything found so far, newest first. Each line can be withdrawn, and the ranking goes back exactly. */
export function Ledger() {
  const { store, knowledge, traced, jobId, rows } = useJob();
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const predictions = rows('prediction');
  const lines: { at: string; id: string; evidence?: Evidence; words: string }[] = [
    ...traced.evidence.map((e) => ({ at: e.takenAt, id: e.id, evidence: e, words: rowWords(knowledge, traced, e.id) })),
    ...traced.repairs.map((r) => ({ at: r.madeAt, id: r.id, words: `Repair: ${r.words}` })),
    ...traced.retests.map((r) => ({
      at: r.takenAt,
      id: r.id,
      words: `Retest: ${r.result === 'same' ? 'the same' : r.result === 'back' ? 'gone for a while, then back' : r.result}${r.note ? `. ${r.note}` : ''}`,
    })),
  ].sort((a, b) => (a.at < b.at ? 1 : -1));
  return (
    <Card title="Results" aside={<CaseButton />} asideLast data-testid="ledger">
      {lines.length === 0 && <Empty>No results yet. Each one is listed here with its conditions and can be withdrawn.</Empty>}
      <Box component="ol" reversed sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {lines.map(({ at, id, evidence: e, words }) => {
          const reading = e?.readingId ? traced.readings.find((r) => r.id === e.readingId) : undefined;
          const prediction = e?.predictionId ? predictions.find((p) => p.id === e.predictionId) : undefined;
          const info = reading && infoOf(knowledge, reading.quantity, facts, reading.unit);
          return (
            <Box
              component="li"
              key={id}
              sx={{ display: 'flex', gap: 1, borderTop: 1, borderColor: 'divider', py: 0.75, alignItems: 'flex-start' }}
            >
              <Box sx={{ flex: 1, minWidth: 0 }}>
                <Typography sx={{ textDecoration: e?.withdrawn ? 'line-through' : 'none', fontWeight: e ? 400 : 600 }}>{words}</Typography>
                {reading && info && !e?.withdrawn && (
                  <LimitBar value={reading.value} unit={reading.unit} limit={limitFor(info, traced.specs)} error={info.error} />
                )}
                {prediction && (
                  <Typography variant="body2">
                    Expected: “{prediction.words}” {e?.held === 'yes' ? '— it held' : e?.held === 'no' ? '— it did not hold' : ''}
                  </Typography>
                )}
                <Typography variant="body2" color="text.secondary">
                  {[dayTime(at), e ? circumstanceWords(e.conditions) : '', e?.note, e?.withdrawn ? `withdrawn: ${e.withdrawn}` : '']
                    .filter(Boolean)
                    .join(' · ')}
                </Typography>
              </Box>
              {e && !e.withdrawn && (
                <Button
                  variant="text"
                  onClick={() => store.act('evidence.withdraw', e.id, { jobId, reason: 'undone' })}
                  aria-label={`Withdraw: ${words}`}
                >
                  Withdraw
                </Button>
              )}
            </Box>
          );
        })}
      </Box>
    </Card>
  );
}
