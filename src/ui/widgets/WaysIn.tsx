import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { accessOf, applicability, factsOf } from '../../core/knowledge';
import { opensBeside, waysIn, type WayIn } from '../../core/strip';
import { chanceWords } from '../../core/trace';
import { lastRepairId } from '../../core/repairs';
import { Card } from '../controls/Card';
import { SelectField } from '../controls/SelectField';
import { useJob } from '../job/useJob';

/** Ways to a part, compared by time and by what may snap or drop in; what snapped is written as a finding with its repair. */
export function WaysIn() {
  const { rows, knowledge, traced, store } = useJob();
  const [to, setTo] = useState('');
  const off = new Set(rows('step').flatMap((s) => (s.access && !s.refittedAt ? [s.access] : [])));
  const rate = Number(traced.job.rate || store.snapshot.shop.rate);
  const all = accessOf(knowledge, traced.bike.archetype).filter((a) => !off.has(a.id) && !a.fluid);
  const ways = to ? waysIn(knowledge, traced.bike.archetype, to, off, rate) : [];
  return (
    <Card title="Ways in" data-testid="ways-in">
      <SelectField
        label="Access wanted"
        value={to}
        options={[{ id: '', label: 'choose' }, ...all.map((a) => ({ id: a.id, label: a.thing ?? a.name }))]}
        onChange={setTo}
      />
      {to !== '' && ways.length === 0 && <Typography role="status">It is open already.</Typography>}
      <Box component="ol" aria-label="Ways, cheapest first" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {ways.map((w, i) => (
          <OneWay key={w.steps.map((s) => s.id).join()} way={w} off={off} first={i === 0} many={ways.length > 1} />
        ))}
      </Box>
      {ways.length > 0 && (
        <Typography variant="body2" color="text.secondary">
          Time off and on again, and what breakages cost by their chance: trade judgement.
        </Typography>
      )}
    </Card>
  );
}

function OneWay({ way, off, first, many }: { way: WayIn; off: ReadonlySet<string>; first: boolean; many: boolean }) {
  const { knowledge, traced, store, jobId } = useJob();
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const beside = opensBeside(knowledge, way, off).filter((t) => applicability(t.applies, facts, knowledge.attributes) > 0);
  const broke = (risk: WayIn['risks'][number]) =>
    void store.act('finding.add', store.newId(), {
      jobId,
      stepId: null,
      item: risk.at,
      position: null,
      seen: `${risk.what} broke on the way in`,
      reading: null,
      conditions: {},
      verdict: 'repair',
      faultId: null,
      afterRepairId: lastRepairId(traced.repairs),
    });
  return (
    <Box component="li" sx={{ borderTop: 1, borderColor: 'divider', py: 1, display: 'grid', gap: 0.5 }}>
      <Typography sx={{ fontWeight: first && many ? 600 : 400 }}>{way.steps.map((s) => s.thing ?? s.name).join(', then ')}</Typography>
      <Typography variant="body2">
        {way.minutes[0]} to {way.minutes[1]} min · about {Math.round(way.cost)} {store.snapshot.shop.currency} · nothing breaks{' '}
        {chanceWords(way.whole)}
      </Typography>
      {way.risks.map((r) => (
        <Box key={`${r.at} ${r.what}`} sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
          <Typography variant="body2" sx={{ flex: '1 1 10rem' }}>
            May break, {chanceWords(r.chance)}: {r.what} ({r.minutes} min, {r.parts} {store.snapshot.shop.currency})
          </Typography>
          <Button variant="text" onClick={() => broke(r)} aria-label={`It broke: ${r.what}`}>
            It broke
          </Button>
        </Box>
      ))}
      {way.fallsIn.length > 0 && <Typography variant="body2">May drop: {way.fallsIn.join(', ')}. Cover it.</Typography>}
      {beside.length > 0 && (
        <Typography variant="body2" color="text.secondary">
          Then open too:{' '}
          {beside
            .slice(0, 4)
            .map((t) => t.name)
            .join(', ')}
          {beside.length > 4 ? ` and ${beside.length - 4} more` : ''}
        </Typography>
      )}
    </Box>
  );
}
