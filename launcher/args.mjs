import { parseArgs } from 'node:util';
import { Stop } from './say.mjs';

/** An option that is there or not, and one that brings a word along. */
export const flag = /** @type {const} */ ({ type: 'boolean' });
export const text = /** @type {const} */ ({ type: 'string' });

/** What ./ivrek bench is told; the launcher checks it and bench/main.ts acts on it. */
export const benchOptions = { quick: flag, json: flag, bikes: text, draw: text, of: text, share: text };

/**
 * What stands behind a command, read as Node reads it: `--name`, `--name=value`, and the rest as words.
 *
 * @param {string[]} args
 * @param {import('node:util').ParseArgsConfig['options']} options
 * @param {{ usage: string, words?: number }} help what is said where it does not fit, and how many words there may be (none given: any)
 * @returns {{ values: Record<string, any>, words: string[] }}
 * @throws {Stop} with the usage
 */
export function readArgs(args, options, { usage, words = Infinity }) {
  const parsed = (() => {
    try {
      return parseArgs({ args, options, allowPositionals: true, strict: true });
    } catch (error) {
      if (!error.code?.startsWith('ERR_PARSE_ARGS')) throw error;
      throw new Stop(
        error.message.split('. ')[0].replace(/^./, (c) => c.toLowerCase()),
        usage,
      );
    }
  })();
  if (parsed.positionals.length > words) throw new Stop(`'${parsed.positionals[words]}' is not expected here`, usage);
  return { values: parsed.values, words: parsed.positionals };
}
