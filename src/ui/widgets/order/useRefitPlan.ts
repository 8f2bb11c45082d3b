import { planOf, type RefitPlan } from '../../../core/strip';
import { useJob } from '../../job/useJob';

/** The refit of this job, computed: what is ready and what waits for what. */
export function useRefitPlan(): RefitPlan {
  const { rows, knowledge, traced } = useJob();
  return planOf(
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
