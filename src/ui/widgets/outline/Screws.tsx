import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Fastener, Hole } from '../../../core/state';
import { placedOf, screwLetter } from '../../../core/strip';
import { useJob } from '../../job/useJob';

/** The letters of an outline: each kind of screw, and how many of its holes are marked. */
export function Screws({ stepId, screws, holes }: { stepId: string; screws: readonly Fastener[]; holes: readonly Hole[] }) {
  const { rows } = useJob();
  const elsewhere = (f: Fastener) => (f.stepId === stepId ? null : rows('step').find((s) => s.id === f.stepId)?.title);
  const { kinds, empty } = placedOf(screws, holes);
  const ids = screws.map((f) => f.id);
  return (
    <Box component="ul" aria-label="Screws of the outline" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {kinds.map(({ fastener: f, placed }) => (
        <Typography component="li" key={f.id} sx={{ color: placed > f.count ? 'bench.red' : 'text.primary' }}>
          <b>{screwLetter(ids, f.id)}</b> {f.count} × {f.size}
          {f.place ? ` ${f.place}` : ''}
          {elsewhere(f) ? `, came off with: ${elsewhere(f)}` : ''}
          {placed === f.count ? '' : placed > f.count ? `: ${placed} holes for ${f.count}` : `: ${placed} of ${f.count} holes marked`}
        </Typography>
      ))}
      {empty > 0 && (
        <Typography component="li" sx={{ color: 'bench.red' }}>
          <b>?</b> {empty === 1 ? 'one hole without a screw' : `${empty} holes without a screw`}
        </Typography>
      )}
    </Box>
  );
}
