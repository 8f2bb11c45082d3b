import { useEffect, useSyncExternalStore } from 'react';
import { cents } from '../../core/money';
import { spentCents } from './money';
import type { Thought } from './thinker';
import { useJob } from './useJob';
import { whenIdle } from './whenIdle';

export interface UsedThought extends Thought {
  explain(key: string): void;
  askInstead(): void;
}

/** What is thought of this job's case as it stands; whoever asks first sets it going, and everyone hears the same. */
export function useThought(): UsedThought {
  const used = useJob();
  const { thinker, traced, own } = used;
  const upTo = used.rows('consent').at(-1)?.upTo;
  const agreedLeft = upTo ? (cents(upTo) - spentCents(used)) / 100 : null;
  useEffect(() => thinker.think({ traced, own, agreedLeft }), [thinker, traced, own, agreedLeft]);
  const thought = useSyncExternalStore(thinker.subscribe, thinker.get, thinker.get);
  return { ...thought, explain: thinker.explain, askInstead: thinker.askInstead };
}

/** How many suspects are still worth a look: worked out when there is nothing else to do, and null until then. */
export function useStanding(): number | null {
  const { thinker, traced, own } = useJob();
  useEffect(() => whenIdle(() => thinker.glance({ traced, own })), [thinker, traced, own]);
  const standing = () => thinker.get().standing;
  return useSyncExternalStore(thinker.subscribe, standing, standing);
}
