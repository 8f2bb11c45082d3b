import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import { factsOf } from '../../../core/knowledge';
import { cylindersOf } from '../../../core/knowledge';
import { limitFor, spread } from '../../../core/measure';
import { panelById } from '../../../core/measure/panels';
import { circumstanceWords, groupBy, placeWords } from '../../../core/state';
import { positionsOf } from '../../../core/trace';
import { hrefOf, visit } from '../../job/address';
import { useJob } from '../../job/useJob';
import { Column, Columns } from '../../controls/Columns';
import { Choice } from '../../controls/Choice';
import { Empty } from '../../controls/Empty';
import { emptyDraft, FreeReading, useReadDraft } from '../../widgets/FreeReading';
import { LimitBar } from '../../widgets/LimitBar';
import { Errata } from '../../widgets/Errata';
import { Card } from '../../controls/Card';
import { infoOf } from '../../widgets/test/readingDraft';
import { dayTime } from '../../controls/times';
import { SpecSheet } from './sheet/SpecSheet';
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

/** A reading that no test asked for. Those that a test asks for are entered there, and stand here by themselves. */
export function TakeReading({ only }: { only?: string }) {
  const { store, knowledge, traced, jobId } = useJob();
  const readDraft = useReadDraft();
  const start = only
    ? { ...emptyDraft, quantity: only, unit: infoOf(knowledge, only, factsOf(traced.bike, traced.job, knowledge)).unit }
    : emptyDraft;
  const [draft, setDraft] = useState(start);
  const [position, setPosition] = useState<string | null>(null);
  const [tried, setTried] = useState(false);
  const positions = positionsOf(cylindersOf(traced.bike, knowledge));
  const keep = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    const reading = readDraft(draft);
    if (!reading || reading === 'bad') return;
    if (!store.act('reading.add', reading.id, { jobId, position, conditions: {}, reading }).ok) return;
    setDraft({ ...draft, text: '' });
    setTried(false);
  };
  return (
    <Card lead title="Take a reading">
      <Box component="form" noValidate onSubmit={keep} sx={{ display: 'grid', gap: 1 }}>
        <FreeReading draft={draft} onDraft={setDraft} strict={tried} />
        {positions.length > 1 && (
          <Choice
            label="Cylinder"
            value={position}
            options={positions.map((p) => ({ value: p, label: p }))}
            onChange={(p) => setPosition(p as string | null)}
          />
        )}
        {tried && !draft.quantity && (
          <Typography role="alert" color="error">
            Choose what was measured.
          </Typography>
        )}
        <Box>
          <Button type="submit" variant="contained">
            Keep the reading
          </Button>
        </Box>
      </Box>
    </Card>
  );
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

function Readings() {
  const { knowledge, traced } = useJob();
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const groups = [...groupBy(traced.readings, (r) => r.quantity)];
  return (
    <Card title="Readings" data-testid="readings">
      {groups.length === 0 && <Empty>No reading yet. Each stands here on its limit bar, with what it is held against.</Empty>}
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
