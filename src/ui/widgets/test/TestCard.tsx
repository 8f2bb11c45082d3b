import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent, type ReactNode } from 'react';
import { accessOf, comesAndGoes, couldNot, factsOf, type Test } from '../../../core/knowledge';
import { forBike, limitFor } from '../../../core/measure';
import type { Bike, Conditions } from '../../../core/state';
import { likeliestOutcome, outcomeWeights, placeName, positionsOf, type Ranking, type TestView } from '../../../core/trace';
import { enterResult } from '../../job/evidence';
import { useJob } from '../../job/useJob';
import { Field } from '../../controls/Field';
import { Hazards } from '../Hazards';
import { Card } from '../../controls/Card';
import { useBareKeys } from '../../controls/useBareKeys';
import { ConditionsPicker } from './ConditionsPicker';
import { Pairings } from './Pairings';
import { ReadingField } from './ReadingField';
import { infoOf, readDraft } from './readingDraft';

export interface TestCardProps {
  test: Test;
  position: string | null;
  /** The tracer's figures for it, where it ranks this test. */
  view?: TestView;
  ranking: Ranking | null;
  why?: ReactNode;
  predict?: boolean;
  onDone?: () => void;
}

/** What a test is called at a place; what is measured is measured at all of them at once. */
export const testTitle = ({ name, measure }: Test, position: string | null, cylinders: Bike['cylinders']): string =>
  placeName(name, measure ? null : position, positionsOf(cylinders));

/** One test by itself. */
export function TestCard(props: TestCardProps) {
  const { traced } = useJob();
  return (
    <Card lead title={testTitle(props.test, props.position, traced.bike.cylinders)} data-testid="test-card">
      <TestBody {...props} />
    </Card>
  );
}

/** How a test is done, what to beware of, what each outcome would mean, and the place to enter it. */
export function TestBody({ test, position, view, ranking, why, predict = true, onDone }: TestCardProps) {
  const used = useJob();
  const { knowledge, traced } = used;
  const [conditions, setConditions] = useState<Conditions>({ temperature: 'cold', battery: 'own' });
  const [prediction, setPrediction] = useState('');
  const [expected, setExpected] = useState('');
  const minutes = view ? view.minutes + view.accessMinutes : test.minutes;
  const predicted = prediction.trim() ? { words: prediction.trim(), expected: expected || null } : null;

  const answer = (outcome: string) => {
    if (enterResult(used, { testId: test.id, position, outcome, conditions, prediction: predicted }, ranking)) onDone?.();
  };
  const steps = accessOf(knowledge, traced.bike.archetype);
  const access = (test.access ?? []).map((a) => steps.find((x) => x.id === a)?.name.toLowerCase());
  const facts = [
    `${minutes} min`,
    view && view.accessMinutes > 0 ? `${view.accessMinutes} for access` : '',
    ...access,
    test.tools?.length ? `needs ${test.tools.join(', ')}` : '',
  ].filter(Boolean);
  // On a phone the answers come before the words, so that they are within reach.
  const after = { xs: 1, sm: 0 };
  // Until all of the page is there they would stand where the answers come, and be pushed down by them.
  const late = { order: after, 'html:not([data-awake]) &': { visibility: { xs: 'hidden', sm: 'visible' } } };
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column' }}>
      {why && <Typography sx={{ mb: 0.5, ...late }}>{why}</Typography>}
      <Typography variant="body2" color="text.secondary">
        {facts.join(' · ')}
      </Typography>
      <Typography sx={{ my: 1, maxWidth: '72ch', ...late }}>
        {test.how}
        {test.moves && !test.ends && ` Watch whether ${test.moves} moves with it.`}
      </Typography>
      <Hazards ids={test.hazards} place={test.id} />
      {view?.gate ? (
        <Typography role="status" sx={{ fontWeight: 600, borderLeft: '6px solid', borderColor: 'bench.brass', pl: 1.5, py: 1 }}>
          {view.gate}
        </Typography>
      ) : (
        <>
          {test.measure ? (
            <MeasureEntry test={test} position={position} conditions={conditions} predicted={predicted} ranking={ranking} onDone={onDone} />
          ) : (
            <>
              {test.ends && <Pairings test={test} />}
              <Outcomes test={test} view={view} onPick={answer} />
            </>
          )}
          <Box sx={{ order: after }}>
            <Others test={test} onPick={answer} />
            <ConditionsPicker value={conditions} onChange={setConditions} />
            {predict && (
              <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-end' }}>
                <Field
                  sx={{ flex: '1 1 260px' }}
                  label="Your prediction"
                  value={prediction}
                  onChange={(e) => setPrediction(e.target.value)}
                  placeholder="If it is the points, …"
                  inputProps={{ maxLength: 500 }}
                />
                <Select
                  displayEmpty
                  value={expected}
                  onChange={(e) => setExpected(e.target.value)}
                  disabled={!prediction.trim()}
                  inputProps={{ 'aria-label': 'Expected result' }}
                  sx={{ flex: '0 1 200px' }}
                >
                  <MenuItem value="">no result chosen</MenuItem>
                  {test.outcomes.map((o) => (
                    <MenuItem key={o.id} value={o.id}>
                      {o.says}
                    </MenuItem>
                  ))}
                </Select>
              </Box>
            )}
          </Box>
        </>
      )}
    </Box>
  );
}

/** Outcomes that are picked: each with what it would do to the ranking, in one sentence. */
function Outcomes({ test, view, onPick }: { test: Test; view?: TestView; onPick: (id: string) => void }) {
  useBareKeys((key) => {
    const outcome = /^[1-9]$/.test(key) ? test.outcomes[Number(key) - 1] : undefined;
    if (outcome) onPick(outcome.id);
    return outcome !== undefined;
  });
  return (
    <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: 'repeat(auto-fit, minmax(200px, 1fr))' } }}>
      {test.outcomes.map((o, i) => (
        <Box key={o.id} sx={{ minWidth: 0 }}>
          <Button
            fullWidth
            data-main
            variant="outlined"
            aria-keyshortcuts={i < 9 ? String(i + 1) : undefined}
            onClick={() => onPick(o.id)}
            sx={{ justifyContent: 'flex-start', textAlign: 'left', minHeight: 52 }}
          >
            <Box component="span" aria-hidden sx={{ display: { xs: 'none', md: 'inline' }, color: 'text.secondary', mr: 1.25 }}>
              {i < 9 ? i + 1 : ''}
            </Box>
            {o.says}
          </Button>
          <Typography variant="body2" color="text.secondary" sx={{ mt: 0.25 }}>
            {view?.outcomes.find((x) => x.id === o.id)?.means}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}

/** Outcomes that every test has: it comes and goes, or it could not be done, and why. */
function Others({ test, onPick }: { test: Test; onPick: (id: string) => void }) {
  const reasons = [
    ...(test.couldNot ?? []).map((c) => ({ id: `${couldNot}:${c.id}`, says: c.says })),
    { id: `${couldNot}:no-tool`, says: 'No tool for it' },
    { id: 'skipped', says: 'Skipped for now' },
  ];
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
      <Button variant="outlined" color="secondary" onClick={() => onPick(comesAndGoes)}>
        Intermittent
      </Button>
      <Select
        displayEmpty
        value=""
        onChange={(e) => e.target.value && onPick(e.target.value)}
        inputProps={{ 'aria-label': 'Couldn’t test, and why' }}
        renderValue={() => 'Couldn’t test …'}
        sx={{ minWidth: 220 }}
      >
        {reasons.map((r) => (
          <MenuItem key={r.id} value={r.id}>
            {r.says}
          </MenuItem>
        ))}
      </Select>
    </Box>
  );
}

/** Outcomes that are measured: a figure for each place that is still open, judged as it is typed. */
function MeasureEntry({
  test,
  position,
  conditions,
  predicted,
  ranking,
  onDone,
}: Pick<TestCardProps, 'test' | 'position' | 'ranking' | 'onDone'> & {
  conditions: Conditions;
  predicted: { words: string; expected: string | null } | null;
}) {
  const used = useJob();
  const { knowledge, traced } = used;
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const measure = forBike(test.measure!, facts);
  const info = infoOf(knowledge, measure.quantity, facts);
  const limit = limitFor(info, traced.specs);
  const own = traced.specs.find((s) => s.quantity === measure.quantity) ?? null;
  const all = test.per === 'cylinder' ? positionsOf(traced.bike.cylinders) : [null];
  const open = all.filter((p) => p === position || !traced.evidence.some((e) => !e.withdrawn && e.testId === test.id && e.position === p));
  const [unit, setUnit] = useState(own?.unit ?? info.unit);
  const [texts, setTexts] = useState<Record<string, string>>({});
  const [strict, setStrict] = useState(false);
  const filled = open.filter((p) => (texts[p ?? ''] ?? '').trim() !== '');
  const keep = (e: FormEvent) => {
    e.preventDefault();
    setStrict(true);
    const drafts = filled.map((p) => ({ p, text: texts[p ?? ''].trim(), parsed: readDraft(texts[p ?? ''], unit, info, limit) }));
    if (drafts.length === 0 || drafts.some((d) => !d.parsed.ok)) return;
    for (const { p, text, parsed } of drafts) {
      if (!parsed.ok) return;
      const value = { kind: 'exact' as const, value: parsed.si };
      const outcome = likeliestOutcome(outcomeWeights(measure, value, own)) ?? test.outcomes[0].id;
      const entered = /[a-z°"]/i.test(text) ? text : `${text} ${unit}`.trim();
      if (
        !enterResult(
          used,
          {
            testId: test.id,
            position: p,
            outcome,
            reading: { quantity: measure.quantity, value, unit: parsed.unit, entered },
            conditions,
            prediction: p === position ? predicted : null,
          },
          ranking,
        )
      )
        return;
    }
    setTexts({});
    setStrict(false);
    onDone?.();
  };
  return (
    <Box component="form" onSubmit={keep} noValidate>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', sm: 'repeat(auto-fit, minmax(250px, 1fr))' } }}>
        {open.map((p) => (
          <ReadingField
            key={p ?? ''}
            label={p !== null && all.length > 1 ? `Cylinder ${p}` : info.name}
            info={info}
            limit={limit}
            text={texts[p ?? ''] ?? ''}
            unit={unit}
            onText={(t) => setTexts({ ...texts, [p ?? '']: t })}
            onUnit={setUnit}
            strict={strict}
          />
        ))}
      </Box>
      {strict && filled.length === 0 && (
        <Typography role="alert" color="error" sx={{ mt: 0.5 }}>
          Enter the reading first.
        </Typography>
      )}
      <Button type="submit" data-main variant="contained" sx={{ mt: 1 }}>
        Save {filled.length > 1 ? `${filled.length} readings` : 'reading'}
      </Button>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
        {limit ? `Limit: ${limit.source}${limit.general ? '; this bike’s manual overrides it' : ''}.` : ''}
      </Typography>
    </Box>
  );
}
