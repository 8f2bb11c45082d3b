import { writeFileSync } from 'node:fs';
import { outsideOf } from './reports.mjs';

/** Where it came from, as far as the runner knows. */
const framesOf = (error) =>
  (error.stack ?? '')
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line.startsWith('at '))
    .slice(0, 3)
    .map((line) => line.slice(3));

/**
 * Notes errors that belong to no test: they fail the run although each test passed, and the runner's own report leaves them out.
 * Where to is said by IVREK_TEST_REPORT, the file of that report.
 */
export default class Outside {
  constructor(_options, report = process.env.IVREK_TEST_REPORT) {
    this.report = report;
  }

  onTestRunEnd(_modules, errors) {
    const notes = errors.map((e) => ({
      file: e.VITEST_TEST_PATH ?? null,
      test: e.VITEST_TEST_NAME ?? null,
      why: [`${e.name ?? 'Error'}: ${e.message}`, ...framesOf(e)].join('\n'),
    }));
    writeFileSync(outsideOf(this.report), JSON.stringify(notes));
  }
}
