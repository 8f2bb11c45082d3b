const years = /^(19|20|21)\d\d-/;

/** What is said where a date is out of all reason. */
export const yearWords = 'Write a year from 1900 to 2199.';

/**
 * True for a date or an instant (ISO text) in a year that a workshop has to do with; a slip of the finger lies outside.
 * @param iso ISO date or instant
 */
export const isYearOfUse = (iso: string): boolean => years.test(iso);
