import { useEffect, useEffectEvent } from 'react';

/**
 * Single keys that do something on a screen: digits answer, a letter chooses. Not while something is typed, a dialog or a
 * list is open, or another key is held with it. `onKey` says whether the key was one of its own.
 */
export function useBareKeys(onKey: (key: string) => boolean): void {
  const pressed = useEffectEvent((e: KeyboardEvent) => {
    if (e.defaultPrevented || e.repeat || e.ctrlKey || e.metaKey || e.altKey) return;
    const on = e.target instanceof Element ? e.target : document.body;
    if (on.closest('input, textarea, select, [contenteditable], [role="combobox"]')) return;
    if (document.querySelector('[role="dialog"], [role="listbox"]')) return;
    if (onKey(e.key)) e.preventDefault();
  });
  useEffect(() => {
    const listen = (e: KeyboardEvent) => pressed(e);
    document.addEventListener('keydown', listen);
    return () => document.removeEventListener('keydown', listen);
  }, []);
}
