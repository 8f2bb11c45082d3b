import { planOf, type RefitPlan, type RefitRows } from '../../../core/strip';
import type { Knowledge } from '../../../core/knowledge';
import { useJob } from '../../job/useJob';

let last: { knowledge: Knowledge; rows: RefitRows; archetype: string | null; plan: RefitPlan } | null = null;

/** List and ribbon ask for the same plan: it is worked out once until something that it hangs on has changed. */
function planFor(knowledge: Knowledge, rows: RefitRows, archetype: string | null): RefitPlan {
  const same =
    last?.knowledge === knowledge &&
    last.archetype === archetype &&
    Object.entries(rows).every(([k, v]) => last!.rows[k as keyof RefitRows] === v);
  if (!same) last = { knowledge, rows, archetype, plan: planOf(knowledge, rows, archetype) };
  return last!.plan;
}

const none: RefitPlan = { steps: [], ready: 0 };

/** The refit of this job, computed: what is ready and what waits for what; empty where it is not wanted yet. */
export function useRefitPlan(wanted = true): RefitPlan {
  const { rows, knowledge, traced } = useJob();
  if (!wanted) return none;
  return planFor(
    knowledge,
    {
      steps: rows('step'),
      fasteners: rows('fastener'),
      facts: rows('fact'),
      connections: rows('connection'),
      pieces: rows('piece'),
      overrules: rows('overrule'),
      parts: rows('part'),
      treated: rows('treatedPart'),
    },
    traced.bike.archetype,
  );
}
