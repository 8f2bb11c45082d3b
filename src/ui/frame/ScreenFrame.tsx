import Box from '@mui/material/Box';
import { useEffect, useRef, type ReactNode } from 'react';

/**
 * The frame of a screen that has a bench line: the plank above, the line below, and only what lies between them moves, so
 * that nothing is ever hidden under the line.
 */
export function ScreenFrame({ bar, side, line, children }: { bar: ReactNode; side?: ReactNode; line: ReactNode; children: ReactNode }) {
  const main = useRef<HTMLElement>(null);
  // The arrow and page keys move the middle from the start; a field that wants the keys keeps them.
  useEffect(() => {
    if (document.activeElement === document.body) main.current?.focus({ preventScroll: true });
  }, []);
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateRows: 'auto minmax(0,1fr) auto',
        height: '100dvh',
        minHeight: 320,
        // On paper the middle stands alone and at its full length.
        '@media print': { display: 'block', height: 'auto', '& > *:not([data-middle])': { display: 'none' } },
      }}
    >
      {bar}
      <Box data-middle sx={{ display: 'flex', minHeight: 0 }}>
        {side && (
          <Box className="not-on-paper" sx={{ overflowY: 'auto', overflowX: 'hidden', flexShrink: 0, py: { xs: 0.5, md: 1 } }}>
            {side}
          </Box>
        )}
        <Box
          component="main"
          ref={main}
          tabIndex={-1}
          data-scroller
          sx={{
            flex: 1,
            minWidth: 0,
            overflowY: 'auto',
            p: { xs: 1, md: 2 },
            borderLeft: side ? 1 : 0,
            borderColor: 'divider',
            '&:focus': { outline: 'none' },
            '@media print': { overflow: 'visible', borderLeft: 0 },
          }}
        >
          {children}
        </Box>
      </Box>
      {line}
    </Box>
  );
}
