import { startTransition, useEffect, useState } from 'react';

/**
 * The beginning of a list in the first response, as much of it as a screen shows; all of it as soon as the page is awake, in
 * between other work. What is below the screen is not drawn twice, on the server and again on the device.
 */
export function useDeferredRest<T>(list: readonly T[], first: number): readonly T[] {
  const [awake, setAwake] = useState(false);
  useEffect(() => startTransition(() => setAwake(true)), []);
  return awake ? list : list.slice(0, first);
}
