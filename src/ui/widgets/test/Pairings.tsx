import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Test } from '../../../core/knowledge';
import { pairingKey, pairingsOf } from '../../../core/trace/pairings';
import { useJob } from '../../job/useJob';
import { Choice } from '../../controls/Choice';

/** Like-coloured ends, pairing by pair: the table of what was tried and what is left. Kept with the job as it goes. */
export function Pairings({ test }: { test: Test }) {
  const { store, traced } = useJob();
  const [ends, setEnds] = useState(test.ends!);
  const tried = traced.job.pairings ?? [];
  const all = pairingsOf(ends);
  const left = all.filter((p) => !tried.includes(pairingKey(test.id, p)));
  const toggle = (key: string) =>
    store.set('job.set', traced.job.id, { pairings: tried.includes(key) ? tried.filter((x) => x !== key) : [...tried, key] });
  return (
    <Box data-testid="pairings" sx={{ mb: 1 }}>
      <Choice
        label="Like-coloured ends on each side"
        value={ends}
        options={[2, 3, 4].map((n) => ({ value: n, label: n }))}
        onChange={(n) => n && setEnds(n)}
        clearable={false}
      />
      <Typography variant="body2" sx={{ my: 0.5 }}>
        {left.length === 0
          ? 'Every pairing was tried: none brings it back.'
          : `${all.length - left.length} tried, ${left.length} left. Tap one that was tried and changed nothing.`}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
        {all.map((p) => {
          const key = pairingKey(test.id, p);
          const done = tried.includes(key);
          const words = p.map((x, i) => `${i + 1}–${x}`).join(' ');
          return (
            <Button
              key={key}
              variant="outlined"
              color="secondary"
              aria-pressed={done}
              aria-label={`Pairing ${words}: ${done ? 'tried' : 'left'}`}
              onClick={() => toggle(key)}
              sx={{ textDecoration: done ? 'line-through' : 'none', minWidth: 0 }}
            >
              {words}
            </Button>
          );
        })}
      </Box>
    </Box>
  );
}
