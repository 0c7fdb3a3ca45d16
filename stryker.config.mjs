/**
 * Mutation testing of the core: small changes are planted one by one, and its tests have to notice them. Not part of the
 * tests that always run, since it takes minutes for a file. Which files is said on the command line.
 * @type {import('@stryker-mutator/api/core').PartialStrykerOptions}
 */
export default {
  testRunner: 'vitest',
  vitest: { configFile: 'vitest.mutants.ts', related: false },
  coverageAnalysis: 'perTest',
  // It knows no TypeScript of this version: Vitest takes the types off, and nothing checks them.
  tsconfigFile: 'none.json',
  disableTypeChecks: true,
  ignorePatterns: ['shelf', 'docs', '.next*', 'var', 'public', 'reports', 'test-results', 'drizzle'],
  // Values of tables (levels, times, sizes) are set by ear and eye; a test that repeats them notices nothing.
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 20_000,
  reporters: ['clear-text', 'progress-append-only', 'json'],
  jsonReporter: { fileName: 'var/mutants.json' },
  clearTextReporter: { logTests: false, allowColor: false, reportTests: false },
  tempDirName: 'var/stryker',
  cleanTempDir: 'always',
  allowEmpty: false,
};
