import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { TrailStep } from '../../../core/trace/trail';
import { dayTime } from '../../controls/times';

const kinds: Record<TrailStep['kind'], string> = { complaint: 'Complaint', result: 'Found', repair: 'Repaired', retest: 'Tried again' };

/** The way that was taken, one step at a time forward and back, and all of it on paper. */
export default function TrailDialog({ title, steps, onClose }: { title: string; steps: readonly TrailStep[]; onClose: () => void }) {
  const [at, setAt] = useState(0);
  const go = (n: number) => {
    const to = Math.min(steps.length - 1, Math.max(0, n));
    setAt(to);
    document.getElementById(`trail-${to}`)?.scrollIntoView({ block: 'nearest' });
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="trail-title" className="on-paper">
      <Box
        sx={{ p: 2.5 }}
        onKeyDown={(e) => {
          const by = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }[e.key];
          if (!by) return;
          e.preventDefault();
          go(at + by);
        }}
      >
        <Typography variant="h2" id="trail-title">
          {title}
        </Typography>
        <Box className="not-on-paper" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, my: 1, alignItems: 'center' }}>
          <Button disabled={at === 0} onClick={() => go(at - 1)}>
            Step back
          </Button>
          <Button disabled={at >= steps.length - 1} onClick={() => go(at + 1)} autoFocus>
            Step on
          </Button>
          <Typography role="status">{steps.length ? `Step ${at + 1} of ${steps.length}` : 'Nothing was done yet'}</Typography>
          <Button sx={{ ml: 'auto' }} onClick={() => window.print()}>
            Print
          </Button>
          <Button variant="contained" onClick={onClose}>
            Close
          </Button>
        </Box>
        <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }} data-testid="trail-steps">
          {steps.map((s, i) => (
            <Box
              component="li"
              key={i}
              id={`trail-${i}`}
              aria-current={i === at ? 'step' : undefined}
              onClick={() => setAt(i)}
              sx={{
                display: 'grid',
                gridTemplateColumns: { xs: '1fr', sm: '150px 1fr' },
                columnGap: 1.5,
                borderTop: 1,
                borderColor: 'divider',
                borderLeft: '6px solid',
                borderLeftColor: i === at ? 'bench.brass' : 'transparent',
                pl: 1,
                py: 0.75,
              }}
            >
              <Typography variant="body2" color="text.secondary">
                {i + 1}. {kinds[s.kind]}
                <br />
                {s.at && dayTime(s.at)}
              </Typography>
              <Box>
                <Typography sx={{ fontWeight: s.kind === 'result' ? 400 : 600 }}>{s.words}</Typography>
                {s.more.length > 0 && <Typography variant="body2">{s.more.join(' · ')}</Typography>}
                {s.led && (
                  <Typography variant="body2" color="text.secondary">
                    Top suspect then: {s.led}
                  </Typography>
                )}
              </Box>
            </Box>
          ))}
        </Box>
      </Box>
    </Dialog>
  );
}
