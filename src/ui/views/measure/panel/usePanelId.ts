import { createContext, useContext, useSyncExternalStore } from 'react';

const changed = 'ivrek-panel';
const subscribe = (listener: () => void) => {
  window.addEventListener('popstate', listener);
  window.addEventListener(changed, listener);
  return () => {
    window.removeEventListener('popstate', listener);
    window.removeEventListener(changed, listener);
  };
};

/** The panel that the server was asked for: so that the first picture of a page is already the right one. */
export const AskedPanel = createContext<string | null>(null);

export const panelHref = (id: string | null): string => (id ? `?panel=${encodeURIComponent(id)}` : '?');

/** Goes to a panel, or to the rack, without another page. */
export function goToPanel(id: string | null): void {
  history.pushState(null, '', id ? panelHref(id) : location.pathname);
  window.dispatchEvent(new Event(changed));
  const scroller = document.querySelector('[data-scroller]');
  if (scroller) scroller.scrollTop = 0;
}

/** Which panel the address names; null for none. */
export function usePanelId(): string | null {
  const asked = useContext(AskedPanel);
  return useSyncExternalStore(
    subscribe,
    () => new URLSearchParams(location.search).get('panel'),
    () => asked,
  );
}
