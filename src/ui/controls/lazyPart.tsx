import Alert from '@mui/material/Alert';
import { lazy, Suspense, useSyncExternalStore, type ComponentType, type ReactNode } from 'react';

/** In the place of a part of the screen that could not be fetched. The rest of the screen goes on. */
function Missing() {
  return (
    <Alert severity="warning" role="alert" sx={{ position: 'fixed', left: 16, bottom: 72, zIndex: 2000, maxWidth: 'calc(100vw - 32px)' }}>
      This part of the screen is not on this device and could not be fetched. Open the page again when the server can be reached; what you
      entered is kept.
    </Alert>
  );
}

const never = () => () => undefined;

/**
 * A part of a screen that is fetched when it is wanted; `meanwhile` stands in its place. Where it cannot be fetched, it says so and takes
 * nothing else along. It is never part of the page that the server sends: React would add it with scripts in the page, which a browser
 * told to run none of those refuses.
 */
export function lazyPart<P extends object>(load: () => Promise<{ default: ComponentType<P> }>, meanwhile: ReactNode = null) {
  const Part = lazy(() => load().catch((): { default: ComponentType<P> } => ({ default: Missing })));
  return function Later(props: P) {
    const awake = useSyncExternalStore(
      never,
      () => true,
      () => false,
    );
    if (!awake) return meanwhile;
    return (
      <Suspense fallback={meanwhile}>
        <Part {...props} />
      </Suspense>
    );
  };
}
