import { useEffect, type ReactNode } from 'react';
import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import { keepScreens } from '../device/screens';
import { steadyPress } from './steadyPress';
import { theme } from './theme';
import { allTaken, sendAgain } from './typedEarly';

/** The provider takes this but its types do not name it: the page's head holds the sheet already (see css.ts). */
const sheetIsInHead: object = { disableStyleSheetGeneration: true };

/** Wraps every island: colours, fonts and measures of the bench. */
export function Root({ children }: { children: ReactNode }) {
  // Says when the page answers to hands and keys: until then it is only a picture.
  useEffect(() => {
    void allTaken().then(() => {
      document.documentElement.setAttribute('data-awake', '');
      sendAgain();
    });
    // Not in a hurry: it fetches every screen, and the one that is looked at comes first.
    const screens = import.meta.env.PROD && 'serviceWorker' in navigator ? keepScreens(navigator.serviceWorker) : undefined;
    const press = steadyPress(document);
    return () => {
      screens?.();
      press();
    };
  }, []);
  return (
    <ThemeProvider theme={theme} disableTransitionOnChange {...sheetIsInHead}>
      <CssBaseline />
      {children}
    </ThemeProvider>
  );
}
