import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { zone } from '../../controls/times';
import { changedTogether, trailMarkdown, trailOf, trailSvg } from '../../../core/trace/trail';
import { lazyPart } from '../../controls/lazyPart';
import { saveFile } from '../../job/saveFile';
import { useJob } from '../../job/useJob';

const TrailDialog = lazyPart(() => import('./TrailDialog'));

/** The way that was taken, to be kept: as a text or as a picture. Says where two things were changed at once. */
export function Trail() {
  const { knowledge, traced, rows } = useJob();
  const [open, setOpen] = useState(false);
  const title = `${traced.bike.name}: the trail`;
  const steps = () => trailOf(knowledge, traced, rows('prediction'));
  const name = `trail-${traced.job.id.slice(0, 8)}`;
  const words = (id: string) => traced.repairs.find((r) => r.id === id)?.words ?? id;
  return (
    <Box>
      {changedTogether(traced).map((ids) => (
        <Typography key={ids.join()} role="status" sx={{ borderLeft: '6px solid', borderColor: 'bench.brass', pl: 1.5, my: 1 }}>
          Changed at once: {ids.map(words).join(' and ')}. Which of them it was stays open.
        </Typography>
      ))}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button variant="outlined" onClick={() => setOpen(true)}>
          Follow the trail back
        </Button>
        <Button onClick={() => saveFile(`${name}.md`, 'text/markdown', trailMarkdown(title, steps(), zone()))}>Trail as text</Button>
        <Button onClick={() => saveFile(`${name}.svg`, 'image/svg+xml', trailSvg(title, steps(), zone()))}>Trail as a picture</Button>
      </Box>
      {open && <TrailDialog title={title} steps={steps()} onClose={() => setOpen(false)} />}
    </Box>
  );
}
