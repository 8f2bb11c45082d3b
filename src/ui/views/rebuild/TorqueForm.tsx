import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import Typography from '@mui/material/Typography';
import { useState, type FormEvent } from 'react';
import { parseQuantity, sameKind, show } from '../../../core/quantity';
import type { TorqueUnit } from '../../../core/state';
import { parseStages, parseThread, queryTorque } from '../../../core/torque';
import { useJob } from '../../job/useJob';
import { Field } from '../../controls/Field';
import { WorkHazards } from '../../widgets/Hazards';
import { Card } from '../../controls/Card';

/** One group of fasteners with its figure: asked back where thread and figure cannot belong together. */
// eslint-disable-next-line max-lines-per-function -- a form: its fields in the order in which they are filled in
export function TorqueForm() {
  const { store, jobId } = useJob();
  const [name, setName] = useState('');
  const [thread, setThread] = useState('');
  const [count, setCount] = useState('1');
  const [figure, setFigure] = useState('');
  const [unit, setUnit] = useState('N·m');
  const [stagesText, setStagesText] = useState('');
  const [source, setSource] = useState('manual of this bike');
  const [insist, setInsist] = useState(false);
  const [tried, setTried] = useState(false);
  const torque = parseQuantity(figure, unit, { low: 0.1, high: 2000 });
  const threadBad =
    thread.trim() !== '' && !parseThread(thread)
      ? 'Write it like M8, M10x1.25, 1/4 UNC or 2BA, or leave it empty for other threads.'
      : null;
  const query = torque.ok && thread.trim() && !threadBad ? queryTorque(thread, torque.si, torque.unit) : null;
  const stages = torque.ok ? parseStages(stagesText, unit, torque.si) : null;
  const countBad = !/^[1-9]\d?$/.test(count.trim());

  const keep = (e: FormEvent) => {
    e.preventDefault();
    setTried(true);
    if (!name.trim() || !torque.ok || threadBad || countBad || !stages?.ok || !source.trim() || (query && !insist)) return;
    const done = store.act('torque.plan', store.newId(), {
      jobId,
      name: name.trim(),
      thread: thread.trim() || null,
      count: Number(count),
      figureNm: torque.si,
      unit: torque.unit as TorqueUnit,
      entered: `${figure.trim().replace(/[^\d.]+$/, '')} ${torque.unit}`,
      source: source.trim(),
      stages: stages.stages.map((s) => ({ id: store.newId(), ...s })),
    });
    if (!done.ok) return;
    setName('');
    setThread('');
    setCount('1');
    setFigure('');
    setStagesText('');
    setInsist(false);
    setTried(false);
  };
  return (
    <Card title="Plan a torque" data-testid="torque-form">
      <Box component="form" noValidate onSubmit={keep} sx={{ display: 'grid', gap: 1.25 }}>
        <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: { xs: '1fr', sm: 'minmax(0,2fr) minmax(0,1fr) 90px' } }}>
          <Field
            label="Fasteners"
            value={name}
            onChange={(e) => setName(e.target.value)}
            error={tried && !name.trim() ? 'Enter the fasteners.' : null}
          />
          <Field label="Thread" value={thread} onChange={(e) => setThread(e.target.value)} error={threadBad} placeholder="M8" />
          <Field
            label="How many"
            value={count}
            onChange={(e) => setCount(e.target.value)}
            inputProps={{ inputMode: 'numeric' }}
            error={countBad ? '1 to 99' : null}
          />
        </Box>
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start', flexWrap: 'wrap' }}>
          <Field
            sx={{ flex: '1 1 9rem' }}
            label="Torque"
            value={figure}
            onChange={(e) => (setFigure(e.target.value), setInsist(false))}
            inputProps={{ inputMode: 'decimal' }}
            error={(tried || figure.trim() !== '') && !torque.ok ? torque.message : null}
          />
          <Select
            value={unit}
            onChange={(e) => setUnit(e.target.value)}
            sx={{ mt: '1.7rem', width: '7rem' }}
            inputProps={{ 'aria-label': 'Unit of the torque' }}
          >
            {sameKind('N·m').map((u) => (
              <MenuItem key={u} value={u}>
                {u}
              </MenuItem>
            ))}
          </Select>
          <Field
            sx={{ flex: '1 1 220px' }}
            label="Stages"
            value={stagesText}
            onChange={(e) => setStagesText(e.target.value)}
            hint="blank = even steps; or 10, 20, 25; or 20, 90°, 90°"
            error={stages && !stages.ok ? stages.message : null}
          />
        </Box>
        {torque.ok && (
          <Typography variant="body2" role="status">
            {sameKind(torque.unit)
              .map((u) => `${show(torque.si, u)} ${u}`)
              .join(' = ')}
          </Typography>
        )}
        {query && (
          <Box role="alert" sx={{ borderLeft: '6px solid', borderColor: 'bench.red', bgcolor: 'bench.redWash', px: 1.5, py: 1 }}>
            <Typography>{query}</Typography>
            <Button variant="outlined" color="error" onClick={() => setInsist(true)} disabled={insist} sx={{ mt: 0.5 }}>
              {insist ? 'Entered value kept' : 'Manual confirmed'}
            </Button>
          </Box>
        )}
        <Field
          label="Source"
          value={source}
          onChange={(e) => setSource(e.target.value)}
          error={tried && !source.trim() ? 'Enter the source.' : null}
        />
        <WorkHazards words={[name]} tightening place="torque" />
        <Box>
          <Button type="submit" variant="outlined">
            Plan torque
          </Button>
        </Box>
      </Box>
    </Card>
  );
}
