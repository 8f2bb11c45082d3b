import Box, { type BoxProps } from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';

export interface CardProps extends Omit<BoxProps, 'title'> {
  title?: ReactNode;
  /** Small words above the title. */
  over?: ReactNode;
  /** Beside the title where there is room. On a phone a big one (`asideLast`) stands at the end. */
  aside?: ReactNode;
  asideLast?: boolean;
  /** Stronger edge for the one thing to do now. */
  lead?: boolean;
  level?: 'h2' | 'h3';
}

/** A sheet with a clipped corner and a punched hole: the label that hangs on everything in the shop. */
export function Card({ title, over, aside, asideLast = false, lead, level = 'h2', children, sx, ...rest }: CardProps) {
  return (
    <Box
      component="section"
      {...rest}
      sx={[
        {
          position: 'relative',
          bgcolor: 'background.paper',
          border: 1,
          borderColor: 'divider',
          borderLeft: lead ? '6px solid' : 1,
          borderLeftColor: lead ? 'bench.brass' : 'divider',
          clipPath: 'polygon(0 0, calc(100% - 18px) 0, 100% 18px, 100% 100%, 0 100%)',
          // the clipped corner gets its edge back
          backgroundImage: 'linear-gradient(225deg, var(--mui-palette-divider) 13.5px, transparent 13.5px)',
          p: { xs: 1.5, md: 2 },
          minWidth: 0,
          ...(asideLast && {
            display: 'grid',
            gridTemplateColumns: { xs: 'minmax(0,1fr)', sm: 'minmax(0,1fr) auto' },
            alignItems: 'start',
          }),
        },
        ...(Array.isArray(sx) ? sx : [sx]),
      ]}
    >
      {(title || aside) && (
        <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 1, pr: 2, mb: 1 }}>
          <Box sx={{ flex: 1, minWidth: 0 }}>
            {over && (
              <Typography variant="body2" color="text.secondary">
                {over}
              </Typography>
            )}
            {title && (
              <Typography variant={level} component={level} sx={{ overflowWrap: 'anywhere' }}>
                {title}
              </Typography>
            )}
          </Box>
          {!asideLast && aside}
        </Box>
      )}
      {asideLast ? <Box sx={{ gridColumn: '1 / -1', minWidth: 0 }}>{children}</Box> : children}
      {asideLast && <Box sx={{ gridArea: { sm: '1 / 2' }, mt: { xs: 1.5, sm: 0 }, mr: { sm: 1.5 }, mb: { sm: 1 } }}>{aside}</Box>}
    </Box>
  );
}
