import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Outline, Step } from '../../../core/state';
import { holesAt, screwLetter, screwsOf, type Alike, type Point } from '../../../core/strip';
import { Choice } from '../../controls/Choice';
import { Field } from '../../controls/Field';
import { SelectField } from '../../controls/SelectField';
import { useJob } from '../../job/useJob';
import { OutlineDrawing } from './OutlineDrawing';
import { Screws } from './Screws';

const alikes: { value: Alike['kind']; label: string }[] = [
  { value: 'one', label: 'one' },
  { value: 'sides', label: 'left and right' },
  { value: 'ends', label: 'top and bottom' },
  { value: 'both', label: 'all four' },
  { value: 'round', label: 'evenly round' },
];

interface OutlineEditProps {
  step: Step;
  outline: Outline;
}

/** Marks the holes of a cover: pick the screw, tap the hole, and its mirror images with it. */
export function OutlineEdit({ step, outline }: OutlineEditProps) {
  const { store, rows, jobId } = useJob();
  const holes = rows('hole').filter((h) => h.outlineId === outline.id);
  const screws = screwsOf(step.id, rows('fastener'), holes);
  const ids = screws.map((f) => f.id);
  const [screw, setScrew] = useState<string | null>(ids.at(0) ?? null);
  const [kind, setKind] = useState<Alike['kind']>('one');
  const [count, setCount] = useState('6');
  const [cursor, setCursor] = useState<Point>({ x: 0.5, y: 0.5 });
  const [chosen, setChosen] = useState<string | null>(null);
  const [corners, setCorners] = useState<number[]>([]);
  // A drawn one has no holes before it has its corners.
  const cornering = outline.shape === 'drawn' && outline.corners.length < 6;
  const round = Number(count);
  const wrong = kind === 'round' && !(Number.isInteger(round) && round >= 2 && round <= 40) ? 'A number from 2 to 40.' : null;
  const alike: Alike = kind === 'round' ? { kind, count: round } : { kind };
  const mark = (at: Point) => {
    setCursor(at);
    if (cornering) return setCorners([...corners, at.x, at.y].slice(0, 160));
    if (wrong) return;
    const marked = holesAt(at, alike).map((p) => ({ id: store.newId(), ...p }));
    store.act('holes.add', outline.id, { jobId, fastenerId: screw, holes: marked });
  };
  const hole = holes.find((h) => h.id === chosen);
  return (
    <>
      <Typography variant="body2">
        {cornering
          ? 'Tap its corners one after the other, or move the cross with the arrows and press Enter.'
          : 'Pick the screw, tap its hole. With keys: arrows move the cross (with Shift less), Enter marks.'}
      </Typography>
      <OutlineDrawing
        name={step.title}
        outline={cornering ? { shape: 'drawn', corners } : outline}
        holes={holes}
        screws={ids}
        chosen={chosen}
        cursor={cursor}
        onCursor={setCursor}
        onMark={mark}
      />
      {cornering ? (
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button variant="outlined" disabled={corners.length < 6} onClick={() => store.set('outline.set', outline.id, { corners })}>
            That is its outline
          </Button>
          <Button disabled={corners.length === 0} onClick={() => setCorners(corners.slice(0, -2))}>
            Last corner back
          </Button>
        </Box>
      ) : (
        <>
          <Choice<string>
            label="Screw"
            value={screw}
            options={screws.map((f) => ({ value: f.id, label: `${screwLetter(ids, f.id)} ${f.size}` }))}
            onChange={setScrew}
          />
          <Choice label="Holes at once" value={kind} options={alikes} clearable={false} onChange={(k) => setKind(k ?? 'one')} />
          {kind === 'round' && <Field label="How many round" value={count} onChange={(e) => setCount(e.target.value)} error={wrong} />}
          <Screws stepId={step.id} screws={screws} holes={holes} />
          {holes.length > 0 && (
            <SelectField
              label="Change a hole"
              value={chosen ?? ''}
              options={[
                { id: '', label: 'none' },
                ...holes.map((h, i) => ({ id: h.id, label: `Hole ${i + 1}, screw ${screwLetter(ids, h.fastenerId)}` })),
              ]}
              onChange={(id) => setChosen(id || null)}
            />
          )}
          {hole && (
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
              <Button variant="outlined" onClick={() => store.set('hole.set', hole.id, { fastenerId: screw })}>
                It takes {screwLetter(ids, screw)}
              </Button>
              <Button variant="outlined" onClick={() => store.set('hole.set', hole.id, { ...cursor })}>
                Move it to the cross
              </Button>
              <Button color="error" onClick={() => (store.act('hole.remove', hole.id, { jobId }), setChosen(null))}>
                Remove the hole
              </Button>
            </Box>
          )}
        </>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {holes.length > 0 && (
          <Button href={`/api/jobs/${jobId}/outline.pdf?outline=${outline.id}`} target="_blank">
            Print as a card, A4
          </Button>
        )}
        <Button color="error" onClick={() => store.act('outline.remove', outline.id, { jobId })}>
          Remove the outline
        </Button>
      </Box>
    </>
  );
}
