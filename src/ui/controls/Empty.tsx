import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';

/** What a list says while there is nothing in it: what will stand here, and how it gets here. */
export function Empty({ children }: { children: ReactNode }) {
  return (
    <Typography color="text.secondary" sx={{ borderLeft: '3px dotted', borderColor: 'divider', pl: 1.5, py: 0.5, maxWidth: '62ch' }}>
      {children}
    </Typography>
  );
}
