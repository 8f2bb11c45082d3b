import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { Root } from '../theme/Root';
import type { BarAct } from './BarActs';
import { ScreenFrame } from './ScreenFrame';
import { TopBar } from './TopBar';

/** A screen that belongs to no job. */
export function Page({
  title,
  under,
  bar,
  find,
  people,
  acts,
  line,
  children,
}: {
  title: ReactNode;
  under?: ReactNode;
  bar?: ReactNode;
  find?: boolean;
  people?: readonly BarAct[];
  acts?: readonly BarAct[];
  line?: ReactNode;
  children: ReactNode;
}) {
  const plank = (
    <TopBar title={title} under={under} find={find} people={people} acts={acts}>
      {bar}
    </TopBar>
  );
  if (line)
    return (
      <Root>
        <ScreenFrame bar={plank} line={line}>
          <Box sx={{ maxWidth: 1240, mx: 'auto', p: { xs: 0.5, md: 1 } }}>{children}</Box>
        </ScreenFrame>
      </Root>
    );
  return (
    <Root>
      {plank}
      <Box component="main" sx={{ p: { xs: 1.5, md: 3 }, maxWidth: 1240, mx: 'auto' }}>
        {children}
      </Box>
    </Root>
  );
}
