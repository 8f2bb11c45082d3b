import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { hazardsOfDoings } from '../../core/knowledge';
import { fastenerStates, type Fastener, type FastenerState, type Step, type WayResult } from '../../core/state';
import { chanceWords } from '../../core/trace';
import { ladderFor, type Rung, type TroubleApproach } from '../../core/strip';
import { Choice } from '../controls/Choice';
import { SelectField } from '../controls/SelectField';
import { useJob } from '../job/useJob';
import { FreshParts } from './FreshParts';
import { Hazards } from './Hazards';

const states: Record<FastenerState, string> = {
  corroded: 'Corroded',
  rounded: 'Rounded',
  stretched: 'Stretched',
  snapped: 'Snapped',
  'thread pulled': 'Pulled out with its thread',
  'wrong one': 'Wrong one found',
  missing: 'Missing',
};

/** The state of each kind of fastener of a step; where one is in trouble, the ways to free or mend it, cheapest first. */
export function FastenerStates({ step }: { step: Step }) {
  const { rows } = useJob();
  const fasteners = rows('fastener').filter((f) => f.stepId === step.id);
  if (fasteners.length === 0) return null;
  return (
    <Box component="section" aria-label={`Fasteners of: ${step.title}`} sx={{ display: 'grid', gap: 1, gridColumn: '1 / -1' }}>
      {fasteners.map((f) => (
        <OneKind key={f.id} fastener={f} step={step} />
      ))}
    </Box>
  );
}

function OneKind({ fastener, step }: { fastener: Fastener; step: Step }) {
  const { store } = useJob();
  const set = (patch: Partial<Pick<Fastener, 'state' | 'affected'>>) => void store.set('fastener.set', fastener.id, patch);
  const counts = Array.from({ length: fastener.count }, (_x, i) => ({ id: String(i + 1), label: `${i + 1} of ${fastener.count}` }));
  return (
    <Box sx={{ display: 'grid', gap: 1 }} data-testid="fastener">
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Box sx={{ flex: '2 1 10rem' }}>
          <SelectField
            label={`${fastener.count} × ${fastener.size} ${fastener.place ?? ''}`}
            value={fastener.state ?? ''}
            options={[{ id: '', label: 'Sound' }, ...fastenerStates.map((s) => ({ id: s, label: states[s] }))]}
            onChange={(s) => set(s ? { state: s as FastenerState, affected: fastener.affected || 1 } : { state: null, affected: 0 })}
          />
        </Box>
        {fastener.state && fastener.count > 1 && (
          <Box sx={{ flex: '1 1 6rem' }}>
            <SelectField
              label="How many"
              value={String(fastener.affected)}
              options={counts}
              onChange={(x) => set({ affected: Number(x) })}
            />
          </Box>
        )}
      </Box>
      {fastener.state && fastener.affected > 0 && <Ladder fastener={fastener} state={fastener.state} step={step} />}
    </Box>
  );
}

const hourMs = 3_600_000;

/** The ways for a fastener in trouble, in the order that costs least, and what was tried. */
function Ladder({ fastener, state, step }: { fastener: Fastener; state: FastenerState; step: Step }) {
  const { knowledge, store, rows } = useJob();
  const [approach, setApproach] = useState<TroubleApproach>('patience');
  const tried = rows('fastenerAttempt').filter((a) => a.fastenerId === fastener.id);
  const ladder = ladderFor(
    knowledge.fastenerWays,
    state,
    tried.filter((a) => a.result !== 'worked'),
    Number(store.snapshot.shop.rate),
    approach,
  );
  const nameOf = (id: string) => knowledge.fastenerWays.find((w) => w.id === id)?.name ?? id;
  return (
    <Box sx={{ borderLeft: '6px solid', borderColor: 'bench.brass', pl: 1.5, display: 'grid', gap: 1 }} data-testid="ladder">
      <Choice
        label="Approach"
        value={approach}
        clearable={false}
        options={[
          { value: 'patience' as const, label: 'Patience first' },
          { value: 'force' as const, label: 'Heat and force' },
        ]}
        onChange={(a) => setApproach(a ?? 'patience')}
      />
      {tried.length > 0 && (
        <Typography variant="body2" color="text.secondary">
          Tried: {tried.map((a) => `${nameOf(a.way)} (${a.result})`).join(', ')}
        </Typography>
      )}
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }} aria-label="Ways, cheapest first">
        {ladder.map((r, i) => (
          <Way key={r.way.id} rung={r} fastener={fastener} step={step} first={i === 0} />
        ))}
      </Box>
      <Typography variant="body2" color="text.secondary">
        Order: trade judgement of time, risk and chance.
      </Typography>
    </Box>
  );
}

function Way({ rung: { way, cost }, fastener, step, first }: { rung: Rung; fastener: Fastener; step: Step; first: boolean }) {
  const { knowledge, store, jobId } = useJob();
  const [open, setOpen] = useState(first);
  const tried = (result: WayResult) =>
    void store.act('fastener.try', store.newId(), {
      jobId,
      fastenerId: fastener.id,
      way: way.id,
      result,
      note: null,
      ...(result === 'worse' && { newId: store.newId() }),
    });
  const { wait } = way;
  const begin = () => {
    const lookAgain = new Date(Date.now() + (wait ?? 0) * hourMs).toISOString();
    const what = `${fastener.size}, ${step.title}: ${way.name.toLowerCase()}`;
    store.act('wait.start', store.newId(), { jobId, kind: 'soaking', what, until: null, lookAgain });
  };
  const said = [
    `${way.minutes} min, about ${Math.round(cost)} ${store.snapshot.shop.currency}`,
    `works ${chanceWords(way.works)}`,
    way.breaks && `${chanceWords(way.breaks.chance)}: ${way.breaks.what}`,
  ];
  return (
    <Box component="li" sx={{ borderTop: 1, borderColor: 'divider', py: 0.5 }}>
      <Button
        variant="text"
        onClick={() => setOpen(!open)}
        aria-expanded={open}
        sx={{ justifyContent: 'flex-start', textAlign: 'left', color: 'text.primary', px: 0.5 }}
      >
        {way.name}
      </Button>
      <Typography variant="body2" color="text.secondary" sx={{ px: 0.5 }}>
        {said.filter(Boolean).join(' · ')}
      </Typography>
      {open && (
        <Box sx={{ display: 'grid', gap: 1, px: 0.5, pb: 0.5 }}>
          <Typography>{way.how}</Typography>
          <Hazards ids={hazardsOfDoings(knowledge, way.does ?? [])} place="strip" />
          <FreshParts names={(way.fresh ?? []).map((name) => `${name} ${fastener.size}`)} stepId={fastener.stepId} />
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            {wait !== undefined && (
              <Button variant="outlined" onClick={begin}>
                Start, check again in {wait} hours
              </Button>
            )}
            <Button variant="outlined" onClick={() => tried('worked')} aria-label={`Worked: ${way.name}`}>
              Worked
            </Button>
            <Button variant="text" onClick={() => tried('no luck')} aria-label={`No luck: ${way.name}`}>
              No luck
            </Button>
            {way.breaks && (
              <Button variant="text" color="error" onClick={() => tried('worse')} aria-label={`Worse: ${way.name}`}>
                Made it worse
              </Button>
            )}
          </Box>
        </Box>
      )}
    </Box>
  );
}
