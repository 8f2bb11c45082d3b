import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

interface ColumnsProps {
  /** How the width is shared: parts of what is there, or one column's own width. */
  share?: readonly [number, number | `${number}px`];
  children: ReactNode;
}

/** The two columns of a screen; one below the other where it is narrow. */
export function Columns({ share: [left, right] = [1, 1], children }: ColumnsProps) {
  const lg = [left, right].map((w) => (typeof w === 'number' ? `minmax(0,${w}fr)` : w)).join(' ');
  return <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: 'minmax(0,1fr)', lg }, alignItems: 'start' }}>{children}</Box>;
}

/** What stands in one of them, from the top down. */
export function Column({ children }: { children: ReactNode }) {
  return <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>{children}</Box>;
}
