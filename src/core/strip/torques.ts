import type { Step, Torque } from '../state';
import { letters } from './named';

/**
 * The torques of what a step closes: those whose name begins with the name of what came off, or the other way round.
 * @param torques those of the job
 * @param step a step that is off
 * @returns in the order in which they were planned
 */
export function torquesOf(torques: readonly Torque[], step: Pick<Step, 'title'>): Torque[] {
  const title = letters(step.title);
  return torques.filter((t) => {
    const name = letters(t.name);
    return `${name} `.startsWith(`${title} `) || `${title} `.startsWith(`${name} `);
  });
}
