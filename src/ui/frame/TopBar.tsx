import Box from '@mui/material/Box';
import DarkModeOutlined from '@mui/icons-material/DarkModeOutlined';
import LightModeOutlined from '@mui/icons-material/LightModeOutlined';
import { useColorScheme } from '@mui/material/styles';
import { useEffect, useState, type ReactNode } from 'react';
import { fonts } from '../theme/tokens';
import { BarActs, MoreActs, type BarAct } from './BarActs';
import { FindButton } from './find/FindButton';

/** Day or night, for every screen of this device. */
function useLamp(): BarAct {
  const { mode, systemMode, setMode } = useColorScheme();
  const [awake, setAwake] = useState(false);
  useEffect(() => setAwake(true), []);
  const isDark = awake && (mode === 'system' ? systemMode : mode) === 'dark';
  return {
    label: isDark ? 'Light colours' : 'Dark colours for night',
    icon: isDark ? <LightModeOutlined /> : <DarkModeOutlined />,
    does: () => setMode(isDark ? 'light' : 'dark'),
  };
}

/**
 * The plank across the top: the way home, what this is, and what can be done from anywhere. `people` stand in the menu of a
 * phone only; elsewhere a button of its own names who works.
 */
export function TopBar({
  title,
  under,
  find = false,
  people = [],
  acts = [],
  children,
}: {
  title: ReactNode;
  under?: ReactNode;
  find?: boolean;
  people?: readonly BarAct[];
  acts?: readonly BarAct[];
  children?: ReactNode;
}) {
  const lamp = useLamp();
  // With nothing else to put away the lamp stays in sight on a phone too.
  const all = [...people, ...acts, { ...lamp, always: people.length + acts.length === 0 }];
  return (
    <Box
      component="header"
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: { xs: 0.5, md: 2 },
        minHeight: 64,
        px: { xs: 0.5, md: 2 },
        bgcolor: '#1d3b2f',
        color: '#f4eedf',
        borderBottom: '4px solid #b5852f',
      }}
    >
      <Box
        component="a"
        href="/"
        aria-label="Ivrek: what can be done now"
        sx={{
          display: 'inline-flex',
          alignItems: 'center',
          minHeight: 48,
          minWidth: 48,
          px: 1,
          color: 'inherit',
          textDecoration: 'none',
          fontFamily: fonts.head,
          fontWeight: 600,
          fontSize: { xs: '1.25rem', md: '1.6rem' },
          letterSpacing: '0.04em',
        }}
      >
        Ivrek
      </Box>
      <Box sx={{ flex: 1, minWidth: 0, borderLeft: '2px solid #55705f', pl: { xs: 1, md: 2 } }}>
        <Box
          component="h1"
          sx={{
            m: 0,
            fontFamily: fonts.head,
            fontWeight: 600,
            fontSize: { xs: '1.2rem', md: '1.5rem' },
            lineHeight: 1.1,
            overflowWrap: 'anywhere',
          }}
        >
          {title}
        </Box>
        {under && <Box sx={{ fontSize: '1rem', lineHeight: 1.15, color: '#d8d3c0', display: { xs: 'none', sm: 'block' } }}>{under}</Box>}
      </Box>
      {children}
      <BarActs acts={acts} />
      {find && <FindButton />}
      <BarActs acts={[all.at(-1)!]} />
      <MoreActs acts={all} />
    </Box>
  );
}
