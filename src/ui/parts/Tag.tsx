import Box, { type BoxProps } from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';

export interface TagProps extends Omit<BoxProps, 'title'> {
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
export function Tag({ title, over, aside, asideLast = false, lead, level = 'h2', children, sx, ...rest }: TagProps) {
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
        },
        ...(Array.isArray(sx) ? sx : [sx]),
      ]}
    >
      {(title || aside) && (
        <Box
          sx={{
            display: 'flex',
            alignItems: 'flex-start',
            gap: 1,
            pr: asideLast ? { xs: 2, sm: '190px' } : 2,
            mb: 1,
            minHeight: asideLast ? { sm: 58 } : 0,
          }}
        >
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
      {children}
      {asideLast && (
        <Box sx={{ mt: { xs: 1.5, sm: 0 }, position: { sm: 'absolute' }, top: { sm: 12, md: 16 }, right: { sm: 24 } }}>{aside}</Box>
      )}
    </Box>
  );
}
