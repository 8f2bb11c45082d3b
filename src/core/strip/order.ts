import type { Step } from '../state';

/**
 * Steps in the order in which they came off. A step that names another as the one it came off before stands right in front of it,
 * several in the order of the log; all others stand in the order of the log. Where steps name each other in a circle, those stand
 * in the order of the log at the end, so that none is ever lost.
 *
 * @param steps of one job, in the order of the log
 * @returns the same steps, each once
 */
export function inOrder<S extends Pick<Step, 'id' | 'before'>>(steps: readonly S[]): S[] {
  const known = new Set(steps.map((s) => s.id));
  const inFrontOf = new Map<string, S[]>();
  const roots: S[] = [];
  for (const s of steps) {
    if (s.before === null || s.before === s.id || !known.has(s.before)) roots.push(s);
    else inFrontOf.set(s.before, [...(inFrontOf.get(s.before) ?? []), s]);
  }
  const ordered: S[] = [];
  // Depth first without recursion: a chain of steps may be as long as the strip.
  const open: { step: S; ready: boolean }[] = roots.map((step) => ({ step, ready: false })).reverse();
  for (let next = open.pop(); next; next = open.pop()) {
    if (next.ready) ordered.push(next.step);
    else {
      open.push({ step: next.step, ready: true });
      const first = inFrontOf.get(next.step.id) ?? [];
      for (const s of [...first].reverse()) open.push({ step: s, ready: false });
    }
  }
  const placed = new Set(ordered);
  return [...ordered, ...steps.filter((s) => !placed.has(s))];
}

/**
 * Steps that a step can be put in front of: all but itself and those that stand in front of it already, or there would be a circle.
 * @param steps those of one job
 * @param id the step that is moved
 * @returns steps in their order
 */
export function placesFor<S extends Pick<Step, 'id' | 'before'>>(steps: readonly S[], id: string): S[] {
  const leadsTo = (s: S): boolean => {
    const seen = new Set<string>();
    for (let at: S | undefined = s; at && !seen.has(at.id); at = steps.find((x) => x.id === at!.before)) {
      if (at.id === id) return true;
      seen.add(at.id);
    }
    return false;
  };
  return inOrder(steps).filter((s) => !leadsTo(s));
}
