import Alert from '@mui/material/Alert';
import { lazy, type ComponentType } from 'react';

/** In the place of a part of the screen that could not be fetched. The rest of the screen goes on. */
function Missing() {
  return (
    <Alert severity="warning" role="alert" sx={{ position: 'fixed', left: 16, bottom: 72, zIndex: 2000, maxWidth: 'calc(100vw - 32px)' }}>
      This part of the screen is not on this device and could not be fetched. Open the page again when the server can be reached; what you
      entered is kept.
    </Alert>
  );
}

/** A part of a screen that is fetched when it is wanted. Where it cannot be, it says so and takes nothing else along. */
export const later = <P extends object>(load: () => Promise<{ default: ComponentType<P> }>) =>
  lazy(() => load().catch((): { default: ComponentType<P> } => ({ default: Missing })));
