import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterEach, beforeEach, expect, it } from 'vitest';
import Outside from './outside.mjs';
import { counts, failures } from './reports.mjs';

let folder: string;
const report = (content: unknown): string => {
  const file = join(folder, 'report.json');
  writeFileSync(file, JSON.stringify(content));
  return file;
};

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ivrek-reports-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

it('names what failed in the browser, however deep it lies, and why', () => {
  const ok = { title: 'goes', ok: true, file: 'a.spec.ts', line: 3, tests: [{ results: [{ errors: [] }] }] };
  const bad = {
    title: 'does not',
    ok: false,
    file: 'a.spec.ts',
    line: 9,
    tests: [{ results: [{ errors: [{ message: '\u001b[31mError: timed out\u001b[39m\n\n  waiting for Save\n    at a.spec.ts:9' }] }] }],
  };
  const file = report({ stats: { expected: 1, unexpected: 1, flaky: 0 }, suites: [{ specs: [ok], suites: [{ specs: [bad] }] }] });
  expect(counts(file)).toEqual({ passed: 1, failed: 1 });
  expect(failures(file)).toEqual(['a.spec.ts:9 › does not: Error: timed out | waiting for Save']);
});

it('names what failed in the other runner, also a file that did not load', () => {
  const assertions = [
    { status: 'passed', fullName: 'a holds', failureMessages: [] },
    { status: 'failed', fullName: 'a breaks', failureMessages: ['AssertionError: 1 is not 2\n    at x.ts:1'] },
  ];
  const file = report({
    numPassedTests: 1,
    numFailedTests: 1,
    testResults: [
      { name: resolve('src/a.test.ts'), message: '', assertionResults: assertions },
      { name: resolve('src/b.test.ts'), message: 'SyntaxError: no', assertionResults: [] },
    ],
  });
  expect(failures(file)).toEqual([
    'src/a.test.ts › a breaks: AssertionError: 1 is not 2',
    'src/b.test.ts › the file itself: SyntaxError: no',
  ]);
});

it('tells and counts an error of no test, with which the run failed although each test passed', () => {
  const file = report({ numPassedTests: 4, numFailedTests: 0, testResults: [] });
  new Outside({}, file).onTestRunEnd(
    [],
    [
      {
        name: 'ReferenceError',
        message: 'window is not defined',
        stack: 'ReferenceError: window is not defined\n    at late (src/x.ts:3:1)',
        VITEST_TEST_PATH: resolve('src/c.test.ts'),
        VITEST_TEST_NAME: 'c holds',
      },
      { message: 'a worker died' },
    ],
  );
  expect(counts(file)).toEqual({ passed: 4, failed: 2 });
  expect(failures(file)).toEqual([
    'src/c.test.ts › an error of no test, after “c holds”: ReferenceError: window is not defined | late (src/x.ts:3:1)',
    'in no file › an error of no test: Error: a worker died',
  ]);
});

it('says nothing of a report that was never written', () => {
  expect(counts(join(folder, 'none.json'))).toEqual({ passed: 0, failed: 0 });
  expect(failures(join(folder, 'none.json'))).toEqual([]);
});
