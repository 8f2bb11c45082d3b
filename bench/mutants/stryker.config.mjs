// Changes the code in place, one expression at a time, and puts it back; a stopped run is put back by `git checkout src`.
export default {
  packageManager: 'npm',
  plugins: ['@stryker-mutator/vitest-runner'],
  testRunner: 'vitest',
  vitest: { configFile: 'bench/mutants/vitest.config.ts', related: false },
  coverageAnalysis: 'perTest',
  inPlace: true,
  concurrency: 1,
  timeoutMS: 20000,
  reporters: ['progress-append-only', 'json'],
  jsonReporter: { fileName: '.data/mutants/report.json' },
  tempDirName: '.data/mutants/tmp',
  allowConsoleColors: false,
};
