import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { TestView } from '../../../core/trace';
import { useJob } from '../../job/useJob';

/** Something about the bike that nobody has filled in yet: looking is a test as well. */
export function AskBody({ view, why, onDone }: { view: TestView; why: ReactNode; onDone: () => void }) {
  const { store, traced } = useJob();
  const attribute = view.testId.slice('ask:'.length);
  const set = (v: string) => {
    store.set('bike.set', traced.bike.id, { [attribute]: attribute === 'voltage' ? Number(v) : v });
    onDone();
  };
  return (
    <>
      <Typography sx={{ mb: 1 }}>{why}</Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {view.outcomes.map((o) => (
          <Button key={o.id} variant="outlined" onClick={() => set(o.id)}>
            {o.says}
          </Button>
        ))}
      </Box>
    </>
  );
}
