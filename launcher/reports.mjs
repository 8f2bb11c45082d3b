import { existsSync, readFileSync } from 'node:fs';
import { relative } from 'node:path';
import { stripVTControlCharacters } from 'node:util';

const read = (report) => (existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')) : null);

/** The file beside a report that tells errors of no test. */
export const outsideOf = (report) => report.replace(/json$/, 'outside.json');

const outside = (report) => read(outsideOf(report)) ?? [];

/** Counts from the JSON reports of the two runners; a missing report counts as nothing. */
export function counts(report) {
  const r = read(report);
  if (!r) return { passed: 0, failed: 0 };
  if (r.stats) return { passed: r.stats.expected, failed: r.stats.unexpected + r.stats.flaky };
  return { passed: r.numPassedTests, failed: r.numFailedTests + outside(report).length };
}

/** What failed and why, a line each, from the same reports. */
export function failures(report) {
  const r = read(report);
  if (!r) return [];
  const found = r.stats ? r.suites.flatMap(inBrowser) : [...r.testResults.flatMap(inVitest), ...outside(report).map(ofNoTest)];
  return found.map(({ where, title, why }) => `${where} › ${title}: ${short(why)}`);
}

/** The lines that say what went wrong, without colours. */
const short = (why) =>
  stripVTControlCharacters(why ?? 'no message')
    .split('\n')
    .map((l) => l.trim())
    .filter((l) => l && !l.startsWith('at '))
    .slice(0, 6)
    .join(' | ');

function inBrowser(suite) {
  const own = (suite.specs ?? [])
    .filter((s) => !s.ok)
    .map((s) => ({
      where: `${s.file}:${s.line}`,
      title: s.title,
      why: s.tests.flatMap((t) => t.results).flatMap((x) => x.errors ?? [])[0]?.message,
    }));
  return [...own, ...(suite.suites ?? []).flatMap(inBrowser)];
}

/** The runner names the test that ran last, which need not be the one that left it behind. */
function ofNoTest({ file, test, why }) {
  return { where: file ? relative('.', file) : 'in no file', title: `an error of no test${test ? `, after “${test}”` : ''}`, why };
}

function inVitest({ name, assertionResults, message }) {
  const where = relative('.', name);
  const own = assertionResults
    .filter((a) => a.status === 'failed')
    .map((a) => ({ where, title: a.fullName, why: a.failureMessages.join('\n') }));
  return own.length || !message ? own : [{ where, title: 'the file itself', why: message }];
}
