/** Fetched when a table is wanted, and not before: most visits want none. */
const papa = async () => (await import('papaparse')).default;

/** Rows as comma-separated values (RFC 4180). */
export async function toCsv(rows: readonly (readonly string[])[]): Promise<string> {
  return (await papa()).unparse(rows as string[][]);
}

/** The rows of such a text; empty lines are passed over. */
export async function fromCsv(text: string): Promise<string[][]> {
  return (await papa()).parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' }).data;
}

/** Where it cannot be fetched: no server, and a device that does not hold the screens yet. */
export const notHere = 'What reads and writes tables is not on this device yet, and the server does not answer.';
