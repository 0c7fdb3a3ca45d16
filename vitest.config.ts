import { mkdirSync, mkdtempSync, symlinkSync } from 'node:fs';
import { createServer } from 'node:net';
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

/** A port that nobody listens on, for the run's database. */
const freePort = () =>
  new Promise<number>((resolve, reject) => {
    const probe = createServer().once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const at = probe.address();
      probe.close(() => resolve(typeof at === 'object' && at ? at.port : 0));
    });
  });

// The configuration is read once more for each part of the runner; folder and port stay the same.
process.env.NABBET_UNIT_DATA ??= emptyData();
process.env.NABBET_UNIT_DB_PORT ??= String(await freePort());
const env = { NABBET_DATA: process.env.NABBET_UNIT_DATA, NABBET_DB_PORT: process.env.NABBET_UNIT_DB_PORT };
Object.assign(process.env, env);

/** Tests that need no database, no program and no file of their own: they share what they import. */
const PURE = ['src/{api,core,ui,workers,wording}/**/*.test.ts'];

/** Tests that look at, or replace, everything that is stored: they run when the others are done, one after the other. */
const ALONE = ['src/server/{backup,check}/**/*.test.ts'];

const outside = { env, globalSetup: ['./vitest.global.ts'], pool: 'forks' as const };

export default defineConfig({
  test: {
    testTimeout: 600_000,
    hookTimeout: 600_000,
    maxWorkers: 2,
    projects: [
      { extends: true, test: { name: 'pure', include: PURE, pool: 'threads', isolate: false } },
      {
        extends: true,
        test: {
          name: 'outside',
          include: ['src/**/*.test.ts', 'studio/**/*.test.ts'],
          exclude: [...PURE, ...ALONE, 'node_modules/**'],
          ...outside,
        },
      },
      {
        extends: true,
        test: {
          name: 'alone',
          include: ALONE,
          ...outside,
          fileParallelism: false,
          sequence: { groupOrder: 1 },
        },
      },
    ],
  },
});
