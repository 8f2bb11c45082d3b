/** The files named by `--own FILE`, and what else was said. Stops where a file's name is missing. */
export function ownFiles(args: readonly string[]): { own: string[]; rest: string[] } {
  const own: string[] = [];
  const rest: string[] = [];
  for (let i = 0; i < args.length; i++) {
    if (args[i] !== '--own') {
      rest.push(args[i]);
      continue;
    }
    const file = args[++i];
    if (!file || file.startsWith('--')) {
      console.error('--own needs the name of a YAML file with faults, findings, tests or figures');
      process.exit(2);
    }
    own.push(file);
  }
  return { own, rest };
}
