import type { PoolConnection } from 'mysql2/promise';
import { afterAll, beforeAll } from 'vitest';
import { closeDatabase, connection, db } from '../db/client.ts';
import { favourites, ownPictures } from '../db/schema.ts';

/**
 * For test files that put pictures on the shelf of the run's one database: it is empty when they begin, and no other file
 * changes it until they are done.
 */
export function shelfToOurselves(): void {
  let held: PoolConnection | null = null;
  beforeAll(async () => {
    held = await connection().pool.getConnection();
    await held.query("SELECT GET_LOCK('the own shelf', 110)");
    await db().delete(ownPictures);
    await db().delete(favourites);
  });
  afterAll(async () => {
    await held?.query("SELECT RELEASE_LOCK('the own shelf')");
    held?.release();
    await closeDatabase();
  });
}
