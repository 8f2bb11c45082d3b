import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import { factsOf, hazardsOfDoings } from '../../core/knowledge';
import { limitFor, quantityInfo } from '../../core/measure';
import { parseQuantity } from '../../core/quantity';
import { fluidActs, list, type FluidAct } from '../../core/state';
import { fluidsOf, type FluidLine } from '../../core/strip';
import { Card } from '../controls/Card';
import { Choice } from '../controls/Choice';
import { Field } from '../controls/Field';
import { SelectField } from '../controls/SelectField';
import { dayTime } from '../controls/times';
import { useJob } from '../job/useJob';
import { Hazards } from './Hazards';

const ml = (n: number): string => `${Math.round(n)} ml`;

/** The ledger of fluids: what came out, what is in, what is still to fill, and what is to be changed. */
export function Fluids() {
  const { rows, knowledge, traced, state } = useJob();
  const facts = factsOf(traced.bike, traced.job, knowledge);
  const lines = fluidsOf(knowledge, { fluids: rows('fluid'), cleanings: rows('cleaning'), evidence: traced.evidence }, facts);
  const out = lines.filter((l) => l.out).length;
  const owed = lines.filter((l) => l.owed.length > 0).length;
  const [open, setOpen] = useState(false);
  const errata = list(state, 'erratum').filter((e) => e.bikeId === traced.bike.id);
  return (
    <Card
      title="Fluids"
      over={[out && `${out} out`, owed && `${owed} to change`].filter(Boolean).join(' · ') || undefined}
      data-testid="fluids"
    >
      {lines
        .filter((l) => l.rows.length > 0 || l.owed.length > 0)
        .map((l) => (
          <Line key={l.fluid.id} line={l} errata={errata.filter((e) => e.quantity !== null && e.quantity === l.fluid.capacity)} />
        ))}
      {lines.every((l) => l.rows.length === 0) && !open && (
        <Typography>What is drained and filled, measured: what came out goes back in.</Typography>
      )}
      {open ? (
        <FluidForm lines={lines} onClose={() => setOpen(false)} />
      ) : (
        <Box sx={{ mt: 1 }}>
          <Button variant="outlined" onClick={() => setOpen(true)}>
            Log a fluid
          </Button>
        </Box>
      )}
    </Card>
  );
}

/** How much goes in, by the bike's own sheet; null where it says nothing. */
function useCapacity() {
  const { rows, knowledge, traced } = useJob();
  return (quantity: string | undefined): number | null => {
    const info = quantity ? quantityInfo(knowledge, quantity, factsOf(traced.bike, traced.job, knowledge)) : null;
    const limit = info && limitFor(info, rows('spec'));
    const most = limit?.high ?? limit?.low ?? null;
    return most === null ? null : most * 1e6;
  };
}

function Line({
  line: { fluid, rows, out, drained, inside, owed },
  errata,
}: {
  line: FluidLine;
  errata: { id: string; says: string; right: string }[];
}) {
  const capacity = useCapacity()(fluid.capacity);
  const left = capacity !== null && inside !== null ? capacity - inside : null;
  const said = [
    drained !== null && `${ml(drained)} came out`,
    inside !== null && `${ml(inside)} in`,
    capacity !== null && `manual of this bike ${ml(capacity)}`,
    left !== null && left > 20 && `${ml(left)} to fill`,
    left !== null && left < -20 && `${ml(-left)} too much`,
  ].filter(Boolean);
  return (
    <Box sx={{ borderTop: 1, borderColor: 'divider', py: 0.75 }} data-testid="fluid">
      <Typography>
        <strong>{fluid.name}</strong> {out ? 'is out' : ''}
      </Typography>
      {said.length > 0 && <Typography>{said.join(' · ')}</Typography>}
      {owed.length > 0 && (
        <Typography sx={{ color: 'bench.red', fontWeight: 600 }}>To change: {owed.map((o) => o.toLowerCase()).join(', ')}.</Typography>
      )}
      {(out || (left !== null && left > 20)) && <Typography variant="body2">{fluid.fill}</Typography>}
      {errata.map((e) => (
        <Typography key={e.id} variant="body2" sx={{ fontWeight: 600 }}>
          Manual correction: <s>{e.says}</s> {e.right}
        </Typography>
      ))}
      {rows.map((r) => (
        <Typography key={r.id} variant="body2" color="text.secondary">
          {[r.act, r.ml === null ? 'not measured' : ml(r.ml), r.grade, dayTime(r.madeAt), r.note].filter(Boolean).join(' · ')}
        </Typography>
      ))}
    </Box>
  );
}

const acts: Record<FluidAct, string> = { drained: 'Drained', 'left in': 'Stays in', filled: 'Filled' };

function FluidForm({ lines, onClose }: { lines: FluidLine[]; onClose(): void }) {
  const { store, rows, jobId, knowledge } = useJob();
  const [id, setId] = useState(lines.find((l) => l.out)?.fluid.id ?? lines[0]?.fluid.id ?? '');
  const line = lines.find((l) => l.fluid.id === id);
  const [act, setAct] = useState<FluidAct>(line?.out ? 'filled' : 'drained');
  const [amount, setAmount] = useState('');
  const [grade, setGrade] = useState('');
  const [note, setNote] = useState('');
  const [tried, setTried] = useState(false);
  const read = amount.trim() ? parseQuantity(amount, 'ml', { low: 0, high: 0.03 }) : null;
  const missing = act === 'left in' && !read;
  const add = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    if (!line || missing || (read && !read.ok)) return;
    const stepId = rows('step').findLast((s) => !s.refittedAt)?.id ?? null;
    const payload = {
      jobId,
      stepId,
      fluid: id,
      act,
      ml: read?.ok ? Math.round(read.si * 1e8) / 100 : null,
      grade: grade.trim() || null,
      note: note.trim() || null,
    };
    if (store.act('fluid.log', store.newId(), payload).ok) onClose();
  };
  return (
    <Box component="form" noValidate onSubmit={add} sx={{ display: 'grid', gap: 1.25, borderTop: 1, borderColor: 'divider', pt: 1, mt: 1 }}>
      <SelectField label="Fluid" value={id} options={lines.map((l) => ({ id: l.fluid.id, label: l.fluid.name }))} onChange={setId} />
      <Choice
        label="What was done"
        hideLabel
        clearable={false}
        value={act}
        options={fluidActs.map((a) => ({ value: a, label: acts[a] }))}
        onChange={(a) => a && setAct(a)}
      />
      <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: '1fr 1fr' }}>
        <Field
          label="How much"
          unit="ml"
          value={amount}
          onChange={(e) => setAmount(e.target.value)}
          hint="1600, 1.6 l"
          error={read && !read.ok ? read.message : tried && missing ? 'Enter how much stays in.' : null}
          inputProps={{ inputMode: 'decimal' }}
        />
        {act === 'filled' && (
          <Field label="Grade" value={grade} onChange={(e) => setGrade(e.target.value)} inputProps={{ maxLength: 80 }} />
        )}
      </Box>
      <Field label="Note" value={note} onChange={(e) => setNote(e.target.value)} inputProps={{ maxLength: 500 }} />
      {line && act === 'filled' && <Typography>{line.fluid.fill}</Typography>}
      {line && <Hazards ids={hazardsOfDoings(knowledge, line.fluid.does ?? [])} place="strip" />}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained">
          Log fluid
        </Button>
        <Button onClick={onClose}>Back</Button>
      </Box>
    </Box>
  );
}
