import { useEffect, useState } from 'react';

/** The step that was asked for in the ribbon or the drawing: its list shows it, and it is scrolled to and focused. */
export function useReveal(): [string | null, (id: string) => void] {
  const [asked, setAsked] = useState<{ id: string } | null>(null);
  useEffect(() => {
    const line = asked && document.getElementById(`step-${asked.id}`);
    line?.scrollIntoView({ block: 'center' });
    line?.querySelector('button')?.focus({ preventScroll: true });
  }, [asked]);
  return [asked?.id ?? null, (id) => setAsked({ id })];
}
