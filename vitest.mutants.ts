import { defineConfig } from 'vitest/config';

/** The core's own tests, for mutation testing: no database, no browser. */
export default defineConfig({
  test: {
    include: ['src/core/**/*.test.ts'],
    testTimeout: 60_000,
    pool: 'threads',
    isolate: false,
  },
});
