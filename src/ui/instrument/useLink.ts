import { useEffect, useState, useSyncExternalStore } from 'react';
import { silent } from '../../core/instrument';
import { Link, type LinkState, type Source } from './link';

const none: LinkState = { live: silent, controls: {}, problem: null };
const never = () => () => undefined;

/** The instrument that a screen listens to; let go when the screen goes. */
export function useLink(): { link: Link | null; state: LinkState; open(source: Source): void; close(): void } {
  const [link, setLink] = useState<Link | null>(null);
  useEffect(() => () => link?.close(), [link]);
  const state = useSyncExternalStore(link?.subscribe ?? never, link?.get ?? (() => none), () => none);
  return { link, state, open: (source) => setLink(new Link(source)), close: () => setLink(null) };
}
