/** Fetched when a table is wanted, and not before: most visits want none. */
const papa = async () => (await import('papaparse')).default;

/** A cell that a spreadsheet would work out instead of showing (OWASP, CSV injection); a plain number is none. */
const formula = /^[=+\-@\t\r]/;
const plainNumber = /^[+-]?\d*[.,]?\d+$/;
/** What makes it text, and what stood there already. */
const disarmed = /^'+(?=[=+\-@\t\r'])/;

const disarm = (cell: string): string => ((formula.test(cell) && !plainNumber.test(cell)) || disarmed.test(cell) ? `'${cell}` : cell);
const arm = (cell: string): string => (disarmed.test(cell) ? cell.slice(1) : cell);

/** Rows as comma-separated values (RFC 4180). What a spreadsheet would take for a formula is marked as text. */
export async function toCsv(rows: readonly (readonly string[])[]): Promise<string> {
  return (await papa()).unparse(rows.map((row) => row.map(disarm)));
}

/** The rows of such a text, as they were before they went out; empty lines are passed over. */
export async function fromCsv(text: string): Promise<string[][]> {
  const { data } = (await papa()).parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  return data.map((row) => row.map(arm));
}

/** Where it cannot be fetched: no server, and a device that does not hold the screens yet. */
export const notHere = 'What reads and writes tables is not on this device yet, and the server does not answer.';
