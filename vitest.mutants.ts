import { defineConfig } from 'vitest/config';

/** The core's own tests, for mutation testing: no database, no browser; of one folder (MUTANTS_OF), or all. */
const part = process.env.MUTANTS_OF || '**';

export default defineConfig({
  test: {
    include: [`src/core/${part}/**/*.test.ts`],
    testTimeout: 60_000,
    pool: 'threads',
    isolate: false,
  },
});
