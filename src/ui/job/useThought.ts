import { useEffect, useSyncExternalStore } from 'react';
import { cents } from '../../core/money';
import { spentCents } from './money';
import type { Thought } from './thinker';
import { useJob } from './useJob';

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
