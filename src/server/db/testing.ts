import type { PoolConnection } from 'mysql2/promise';
import { afterAll, beforeAll } from 'vitest';
import { closeDatabase, connection } from './client.ts';

/** How long another test file may take, s. */
const WAIT_S = 580;

/**
 * For test files that need parts of the run's one database to themselves: no other file that asks for one of them by its name
 * runs until this one is done. empty: what it begins with.
 */
export function toOurselves(
  parts: readonly ('own shelf' | 'queue')[],
  empty: () => Promise<unknown> = async () => undefined,
): void {
  // All in one order, so that no two files wait for each other.
  const locks = [...parts].sort();
  let held: PoolConnection | null = null;
  beforeAll(async () => {
    held = await connection().pool.getConnection();
    for (const lock of locks) await held.query('SELECT GET_LOCK(?, ?)', [lock, WAIT_S]);
    await empty();
  });
  afterAll(async () => {
    for (const lock of locks) await held?.query('SELECT RELEASE_LOCK(?)', [lock]);
    held?.release();
    await closeDatabase();
  });
}
