/** Mutation tests of one part: `npm run test:mutants [core|encode|formats|schema|store]`; by hand, for they take long. */
const part = process.env.MUTANTS_OF ?? 'store';

export default {
  testRunner: 'jest',
  jest: {
    projectType: 'custom',
    configFile: 'jest.mutants.config.mjs',
    enableFindRelatedTests: true,
  },
  mutate: process.env.MUTANTS_IN?.split(',') ?? [
    `src/${part}/**/*.ts`,
    '!**/*.test.ts',
    '!**/test*.ts',
    '!src/store/react.tsx',
  ],
  coverageAnalysis: 'perTest',
  ignoreStatic: true,
  concurrency: Number(process.env.MUTANTS_AT_ONCE ?? 2),
  // The whole of `core` or `formats` takes minutes, and it is run once before anything is changed.
  dryRunTimeoutMinutes: 30,
  timeoutMS: 20_000,
  timeoutFactor: 2,
  tempDirName: '.cache/stryker',
  // Each mutant is a file as soon as it was tried: a run that is stopped has told what it found.
  reporters: ['clear-text', 'json', 'progress-append-only', 'event-recorder'],
  eventReporter: { baseDir: `.cache/mutants/${part.replaceAll('/', '-')}-tried` },
  jsonReporter: { fileName: `.cache/mutants/${part}.json` },
  clearTextReporter: { logTests: false, reportTests: false },
  ignorePatterns: ['.next', 'e2e', '.cache/reports', 'test-results'],
  thresholds: { high: 80, low: 80, break: null },
};
