import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { Root } from '../theme/Root';
import { TopBar } from './TopBar';

/** A screen that belongs to no job. */
export function Page({
  title,
  under,
  bar,
  find,
  children,
}: {
  title: ReactNode;
  under?: ReactNode;
  bar?: ReactNode;
  find?: boolean;
  children: ReactNode;
}) {
  return (
    <Root>
      <TopBar title={title} under={under} find={find}>
        {bar}
      </TopBar>
      <Box component="main" sx={{ p: { xs: 1.5, md: 3 }, maxWidth: 1240, mx: 'auto' }}>
        {children}
      </Box>
    </Root>
  );
}
