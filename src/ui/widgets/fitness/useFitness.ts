import { useMemo } from 'react';
import { fitnessOf, type Fitness } from '../../../core/fitness';
import { useJob } from '../../job/useJob';

/** Whether this bike may be turned, cranked, run, ridden and handed over, from everything on record. */
export function useFitness(): Fitness {
  const { knowledge, traced } = useJob();
  return useMemo(() => fitnessOf(knowledge, traced), [knowledge, traced]);
}
