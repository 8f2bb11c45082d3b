import { useEffect, useRef, type RefObject } from 'react';

type Typed = HTMLInputElement | HTMLTextAreaElement;

declare global {
  interface Window {
    /** Fields that a hand wrote in before the page was awake, kept by the script in its head (server/http/early). */
    ivrekTyped?: WeakSet<EventTarget>;
    /** The form that was sent meanwhile. */
    ivrekSent?: EventTarget | null;
  }
}

/** Says once more what was typed, to a form that listens by now. It hears of a value only that is set past its own setter. */
function sayAgain(field: Typed, typed: string): void {
  field.value = field.defaultValue;
  const { prototype } = field instanceof HTMLInputElement ? HTMLInputElement : HTMLTextAreaElement;
  Reflect.set(prototype, 'value', typed, field);
  field.dispatchEvent(new Event('input', { bubbles: true }));
}

/** One field after the other: a form that keeps all of them in one state takes the next once it has drawn the last. */
let saying: Promise<void> = Promise.resolve();

/**
 * For the element around a text field: hands what was typed before the page was awake over to its form. A page that was drawn by
 * the server knows nothing of it, and its next drawing would wipe it out.
 */
export function usePreHydrationInput<E extends HTMLElement>(): RefObject<E | null> {
  const around = useRef<E>(null);
  useEffect(() => {
    const field = around.current?.querySelector<Typed>('input, textarea');
    if (!field || !window.ivrekTyped?.has(field)) return;
    window.ivrekTyped.delete(field);
    const typed = field.value;
    saying = saying.then(async () => {
      if (field.isConnected) sayAgain(field, typed);
      await new Promise((done) => setTimeout(done));
    });
  }, []);
  return around;
}

/** Settles once everything that was typed early is in its form. */
export const allTaken = (): Promise<void> => saying;

/** Sends the form that was sent before anyone listened. */
export function sendAgain(): void {
  const sent = window.ivrekSent;
  delete window.ivrekSent;
  if (sent instanceof HTMLFormElement && sent.isConnected) sent.requestSubmit();
}
