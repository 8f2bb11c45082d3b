import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { FitnessVerdict, FitnessReason } from '../../../core/fitness';
import { useJob } from '../../job/useJob';
import { lazyPart } from '../../controls/lazyPart';
import { actWords } from './words';

const OverruleDialog = lazyPart(() => import('./OverruleDialog'));

/** Reasons shown before the rest is asked for. */
const shownMost = 4;

/** What stands against one act: each reason with what lifts it and the way there; and what a person allowed all the same. */
export function Reasons({ verdict }: { verdict: FitnessVerdict }) {
  const { store, jobId } = useJob();
  const [overruling, setOverruling] = useState(false);
  const [all, setAll] = useState(false);
  const { act, reasons, overruled } = verdict;
  const shown = all ? reasons : reasons.slice(0, shownMost);
  const people = [...new Map(overruled.map((o) => [o.by.id, o.by])).values()];
  return (
    <Box data-testid={`reasons-${act}`}>
      {reasons.length > 0 && (
        <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {shown.map((r) => (
            <ReasonLine key={r.code} reason={r} />
          ))}
        </Box>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {reasons.length > shownMost && (
          <Button onClick={() => setAll(!all)} aria-expanded={all}>
            {all ? 'Show fewer' : `Show all ${reasons.length}`}
          </Button>
        )}
        {reasons.length > 0 && (
          <Button color="error" onClick={() => setOverruling(true)}>
            Allow anyway
          </Button>
        )}
      </Box>
      {people.map((o) => (
        <Box key={o.id} sx={{ display: 'flex', alignItems: 'center', gap: 1, borderTop: 1, borderColor: 'divider' }}>
          <Typography variant="body2" sx={{ flex: 1 }}>
            {o.saidBy} allows it anyway: “{o.reason}” (over{' '}
            {overruled
              .filter((x) => x.by.id === o.id)
              .map((x) => x.reason.because)
              .join('; ')}
            )
          </Typography>
          <Button onClick={() => store.act('overrule.end', o.id, { jobId })}>Withdraw</Button>
        </Box>
      ))}
      {overruling && (
        <OverruleDialog verdict={verdict} onClose={() => setOverruling(false)} title={`Allow it to be ${actWords[act]} anyway`} />
      )}
    </Box>
  );
}

/** One reason, what lifts it and the way there. */
export function ReasonLine({ reason: r }: { reason: FitnessReason }) {
  const { jobId } = useJob();
  return (
    <Box
      component="li"
      sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1.5, borderTop: 1, borderColor: 'divider', minHeight: 48 }}
    >
      <Box sx={{ flex: '1 1 240px', py: 0.5 }}>
        <Typography sx={{ fontWeight: 600, overflowWrap: 'anywhere' }}>{r.because}.</Typography>
        <Typography variant="body2" color="text.secondary">
          {r.lift}.
        </Typography>
      </Box>
      <Button href={`/job/${jobId}/${r.view}`} aria-label={`Go and lift it: ${r.because}`}>
        Go there
      </Button>
    </Box>
  );
}
