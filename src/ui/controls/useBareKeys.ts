import { useEffect, useEffectEvent, useSyncExternalStore } from 'react';

const kept = 'ivrek-single-keys';
const listeners = new Set<() => void>();
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

const isOn = (): boolean => {
  try {
    return localStorage.getItem(kept) !== 'off';
  } catch {
    return true;
  }
};

/**
 * Whether single keys do anything on this device, and how to change that: one who dictates, or leans on the keyboard, can
 * switch them off (WCAG 2.1.4).
 */
export function useSingleKeys(): [on: boolean, set: (on: boolean) => void] {
  const on = useSyncExternalStore(subscribe, isOn, () => true);
  const set = (wanted: boolean) => {
    try {
      localStorage.setItem(kept, wanted ? 'on' : 'off');
    } catch {
      // Nothing can be kept here: the keys stay as they are.
    }
    for (const listener of listeners) listener();
  };
  return [on, set];
}

/**
 * Single keys that do something on a screen: digits answer, a letter chooses. Not while something is typed, a dialog or a
 * list is open, another key is held with it, or they are switched off. `onKey` says whether the key was one of its own.
 */
export function useBareKeys(onKey: (key: string) => boolean): void {
  const pressed = useEffectEvent((e: KeyboardEvent) => {
    if (e.defaultPrevented || e.repeat || e.ctrlKey || e.metaKey || e.altKey || !isOn()) return;
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
