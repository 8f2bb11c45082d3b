import { useEffect, useState, useSyncExternalStore } from 'react';
import { silent } from '../../core/instrument';
import { InstrumentLink, type LinkState, type Source } from './link';

const none: LinkState = { live: silent, controls: {}, problem: null };
const never = () => () => undefined;

/** The instrument that a screen listens to; let go when the screen goes. */
export function useLink(): { link: InstrumentLink | null; state: LinkState; open(source: Source): void; close(): void } {
  const [link, setLink] = useState<InstrumentLink | null>(null);
  useEffect(() => () => link?.close(), [link]);
  const state = useSyncExternalStore(link?.subscribe ?? never, link?.get ?? (() => none), () => none);
  return { link, state, open: (source) => setLink(new InstrumentLink(source)), close: () => setLink(null) };
}
