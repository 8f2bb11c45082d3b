import type { Fastener, Step } from '../state';
import { inOrder } from './order';

/** What is printed for a bag, or for a part that lies by itself. */
export interface StripLabel {
  /** In large type: "Bag 12", or the part. */
  head: string;
  lines: string[];
  /** What the address of its code asks for. */
  opens: { bag: string } | { step: string };
}

const fastenersIn = (step: Step, fasteners: readonly Fastener[]): string =>
  fasteners
    .filter((f) => f.stepId === step.id)
    .map((f) => `${f.count} × ${f.size}${f.place ? ` ${f.place}` : ''}`)
    .join(', ');

/**
 * A label for each bag that is out, and one for each part that went into none, in the order in which they came off.
 * @param steps those of one job
 * @param fasteners those of one job
 * @returns what is printed on each, and the address that its code opens
 */
export function labelsOf(steps: readonly Step[], fasteners: readonly Fastener[]): StripLabel[] {
  const off = inOrder(steps).filter((s) => !s.refittedAt);
  const bags = [...new Set(off.flatMap((s) => (s.bag ? [s.bag] : [])))];
  const ofBag = (bag: string): StripLabel => ({
    head: `Bag ${bag}`,
    lines: off.filter((s) => s.bag === bag).flatMap((s) => [s.title, fastenersIn(s, fasteners)].filter(Boolean)),
    opens: { bag },
  });
  const single = (s: Step): StripLabel => ({ head: s.title, lines: [fastenersIn(s, fasteners)].filter(Boolean), opens: { step: s.id } });
  return [...bags.map(ofBag), ...off.filter((s) => !s.bag).map(single)];
}
