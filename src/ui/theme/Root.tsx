import { useEffect, type ReactNode } from 'react';
import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import { registerServiceWorker } from '../device/serviceWorker';
import { holdPressOnTarget } from './holdPressOnTarget';
import { theme } from './theme';
import { allTaken, sendAgain } from './preHydrationInput';

/** The provider takes this but its types do not name it: the page's head holds the sheet already (see css.ts). */
const sheetIsInHead: object = { disableStyleSheetGeneration: true };

let wake: () => void;
/** Fulfilled when the page answers to hands and keys, and ever after. */
export const pageAwake = new Promise<void>((done) => (wake = done));

/** Says when the page answers to hands and keys: until then it is only a picture. Stands after everything that has to be awake. */
export function Awake() {
  useEffect(() => {
    void allTaken().then(() => {
      document.documentElement.setAttribute('data-awake', '');
      wake();
      sendAgain();
    });
  }, []);
  return null;
}

/** Wraps every island: colours, fonts and measures of the bench. `awake` is false where a part within says so itself. */
export function Root({ awake = true, children }: { awake?: boolean; children: ReactNode }) {
  useEffect(() => {
    // Not in a hurry: it fetches every screen, and the one that is looked at comes first.
    const screens = import.meta.env.PROD && 'serviceWorker' in navigator ? registerServiceWorker(navigator.serviceWorker) : undefined;
    const press = holdPressOnTarget(document);
    return () => {
      screens?.();
      press();
    };
  }, []);
  return (
    // Colours are variables of the sheet: nothing that is drawn differs by the scheme, and needs no second drawing once that is known.
    <ThemeProvider theme={theme} noSsr disableTransitionOnChange {...sheetIsInHead}>
      <CssBaseline />
      {children}
      {awake && <Awake />}
    </ThemeProvider>
  );
}
