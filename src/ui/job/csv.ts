import Papa from 'papaparse';

/** Rows as comma-separated values (RFC 4180), and back; empty lines are passed over. */
export const toCsv = (rows: readonly (readonly string[])[]): string => Papa.unparse(rows as string[][]);
export const fromCsv = (text: string): string[][] => Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' }).data;
