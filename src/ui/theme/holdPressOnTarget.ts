/** How far, in CSS pixels, a press may wander before it counts as slid off and is dropped. */
const slideOff = 24;

/**
 * A press that began on a button ends on it, though the page moves in between: a new ranking or a kept entry may
 * shift what is below it between press and release, and a browser then sends the click to neither of the two places.
 * The pointer is held by the button it went down on; sliding off still lets go of it.
 *
 * @returns takes it off again
 */
export function holdPressOnTarget(root: Document): () => void {
  const held = new AbortController();
  const { signal } = held;
  root.addEventListener(
    'pointerdown',
    (down) => {
      if (down.button !== 0 || !(down.target instanceof Element)) return;
      const button = down.target.closest('button, [role="button"]');
      if (!button) return;
      button.setPointerCapture(down.pointerId);
      const slid = (move: PointerEvent) => {
        if (Math.hypot(move.clientX - down.clientX, move.clientY - down.clientY) < slideOff) return;
        if (button.hasPointerCapture(move.pointerId)) button.releasePointerCapture(move.pointerId);
        button.removeEventListener('pointermove', slid as EventListener);
      };
      button.addEventListener('pointermove', slid as EventListener, { signal });
      button.addEventListener('lostpointercapture', () => button.removeEventListener('pointermove', slid as EventListener), {
        once: true,
        signal,
      });
    },
    { capture: true, signal },
  );
  return () => held.abort();
}
