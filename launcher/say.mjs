/** What the launcher prints, and how it gives up: always what is wrong and what to do about it. */
export class Stop extends Error {
  constructor(what, doThis, code = 1) {
    super(what);
    this.doThis = doThis;
    this.code = code;
  }
}

// With --json standard output belongs to the figures, so everything said goes to standard error.
export const say = (line) => process.stderr.write(`ivrek: ${line}\n`);

export function giveUp(error) {
  if (error instanceof Stop) {
    process.stderr.write(`\nivrek: ${error.message}\n`);
    if (error.doThis) process.stderr.write(`       ${error.doThis.split('\n').join('\n       ')}\n`);
    process.exit(error.code);
  }
  process.stderr.write(`\nivrek: unexpected failure\n${error?.stack ?? error}\n`);
  process.exit(1);
}
