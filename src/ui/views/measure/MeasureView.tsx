import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { factsOf } from '../../../core/knowledge';
import { cylindersOf } from '../../../core/knowledge';
import { limitFor, spread } from '../../../core/measure';
import { panelById } from '../../../core/measure/panels';
import { circumstanceWords, groupBy, placeWords } from '../../../core/state';
import { hrefOf, visit } from '../../job/address';
import { useJob } from '../../job/useJob';
import { Column, Columns } from '../../controls/Columns';
import { Empty } from '../../controls/Empty';
import { LimitBar } from '../../widgets/LimitBar';
import { Errata } from '../../widgets/Errata';
import { Card } from '../../controls/Card';
import { infoOf } from '../../widgets/test/readingDraft';
import { dayTime } from '../../controls/times';
import { SpecSheet } from './sheet/SpecSheet';
import { TakeReading } from '../../widgets/TakeReading';
import { PanelView } from './panel/PanelView';
import { PanelList } from './panel/PanelList';

/** The panel that the address names, or all of them with what was read so far. */
export default function MeasureView({ panel: panelId }: { panel: string | null }) {
  const { jobId } = useJob();
  const panel = panelById(panelId ?? '');
  if (panel) return <PanelView key={panel.id} panel={panel} onBack={() => visit(hrefOf(jobId, { stage: 'measure', panel: null }))} />;
  return (
    <Column>
      <PanelList />
      <Columns share={[1.2, 1]}>
        <Column>
          <TakeReading />
          <Readings />
        </Column>
        <Column>
          <SpecSheet />
          <Errata />
        </Column>
      </Columns>
    </Column>
  );
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

function Readings() {
  const { knowledge, traced } = useJob();
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const groups = [...groupBy(traced.readings, (r) => r.quantity)];
  return (
    <Card title="Readings" data-testid="readings">
      {groups.length === 0 && <Empty>No readings yet. Each shows here on its limit bar.</Empty>}
      {groups.map(([quantity, readings]) => {
        const info = infoOf(knowledge, quantity, facts);
        // Cylinders are held against each other; other places of a quantity are not alike.
        const exact = readings.flatMap((r) => (r.value.kind === 'exact' && /^\d+$/.test(r.position ?? '') ? [r.value.value] : []));
        return (
          <Box key={quantity} sx={{ borderTop: 1, borderColor: 'divider', py: 1 }}>
            <Typography variant="h3">{info.name}</Typography>
            {exact.length > 1 && <Typography variant="body2">Spread {(spread(exact) * 100).toFixed(1)} % of the highest</Typography>}
            <Box sx={{ display: 'grid', columnGap: 3, gridTemplateColumns: { xs: '1fr', sm: 'repeat(auto-fit, minmax(230px, 1fr))' } }}>
              {readings.map((r) => (
                <LimitBar
                  key={r.id}
                  label={[
                    capital(placeWords(r.position, cylindersOf(traced.bike, knowledge))),
                    dayTime(r.takenAt),
                    r.instrument,
                    circumstanceWords(r.conditions),
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                  value={r.value}
                  unit={r.unit}
                  limit={limitFor(info, traced.specs)}
                  error={info.error}
                  entered={r.entered.includes(r.unit) ? undefined : r.entered}
                />
              ))}
            </Box>
          </Box>
        );
      })}
    </Card>
  );
}
