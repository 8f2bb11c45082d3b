import { useEffect, type ReactNode } from 'react';
import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import { theme } from './theme';

/** Wraps every island: colours, fonts and measures of the bench. */
export function Root({ children }: { children: ReactNode }) {
  // Says when the page answers to hands and keys: until then it is only a picture.
  useEffect(() => document.documentElement.setAttribute('data-awake', ''), []);
  return (
    <ThemeProvider theme={theme} disableTransitionOnChange>
      <CssBaseline />
      {children}
    </ThemeProvider>
  );
}
