import type { Conditions } from './values';

const batteries = { own: null, helped: 'jump battery', weak: 'weak battery' } as const;

/**
 * The circumstances of a result in words; empty where none was noted.
 * @param conditions SI, each left out where it was not noted
 * @returns words between commas
 */
export function circumstanceWords({ temperature, battery, tries, air, note }: Conditions): string {
  return [
    temperature && `engine ${temperature}`,
    battery && batteries[battery],
    tries && tries > 1 ? `${tries} tries` : null,
    air === undefined ? null : `air ${Math.round(air - 273.15)} °C`,
    note,
  ]
    .filter(Boolean)
    .join(', ');
}
