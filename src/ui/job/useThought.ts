import { useEffect, useSyncExternalStore } from 'react';
import type { Thought } from './thinker';
import { useJob } from './useJob';
import { whenIdle } from './whenIdle';

export interface UsedThought extends Thought {
  explain(key: string): void;
  askInstead(): void;
}

/** What is thought of this job's case as it stands; whoever asks first sets it going, and everyone hears the same. */
export function useThought(): UsedThought {
  const { thinker, traced, own, agreedLeft } = useJob();
  useEffect(() => thinker.think({ traced, own, agreedLeft }), [thinker, traced, own, agreedLeft]);
  const thought = useSyncExternalStore(thinker.subscribe, thinker.get, () => thinker.first);
  return { ...thought, explain: thinker.explain, askInstead: thinker.askInstead };
}

/** How many suspects are still worth a look: worked out when there is nothing else to do, and null until then. */
export function useStanding(): number | null {
  const { thinker, traced, own } = useJob();
  useEffect(() => whenIdle(() => thinker.glance({ traced, own })), [thinker, traced, own]);
  return useSyncExternalStore(
    thinker.subscribe,
    () => thinker.get().standing,
    () => thinker.first.standing,
  );
}
