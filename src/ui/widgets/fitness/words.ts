import type { FitnessAct } from '../../../core/state';

/** What is done, as it is asked: may it be … */
export const actWords: Record<FitnessAct, string> = {
  turn: 'turned',
  crank: 'cranked',
  run: 'run',
  ride: 'ridden',
  handOver: 'handed over',
};

/** The same as what one does. */
export const doWords: Record<FitnessAct, string> = { turn: 'Turn', crank: 'Crank', run: 'Run', ride: 'Ride', handOver: 'Hand over' };
