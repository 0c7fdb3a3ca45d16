import { mkdirSync, mkdtempSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { defineConfig } from 'vitest/config';

/** Every run has an empty data folder of its own, so that nothing an earlier run left can change its outcome. */
function emptyData(): string {
  const data = mkdtempSync(path.join(tmpdir(), 'nabbet-unit-'));
  const bin = path.resolve(process.env.NABBET_DATA || 'var', 'bin');
  mkdirSync(bin, { recursive: true });
  symlinkSync(bin, path.join(data, 'bin'));
  return data;
}

// The configuration is read once more for each part of the runner; the folder stays the same.
process.env.NABBET_UNIT_DATA ??= emptyData();

export default defineConfig({
  test: {
    include: ['src/**/*.test.ts', 'studio/**/*.test.ts'],
    env: { NABBET_DATA: process.env.NABBET_UNIT_DATA },
    globalSetup: ['./vitest.cleanup.ts'],
    testTimeout: 60_000,
    hookTimeout: 120_000,
    pool: 'forks',
    maxWorkers: 2,
  },
});
