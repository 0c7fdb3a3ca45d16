import { readFileSync } from 'node:fs';
import path from 'node:path';
import { migrate } from 'drizzle-orm/mysql2/migrator';
import type { PoolConnection } from 'mysql2/promise';
import { CONFIG, dataPath } from '../config.ts';
import { connection, db } from './client.ts';
import { dumpDatabase } from './dump.ts';

const MIGRATIONS = () => path.join(CONFIG.root, 'drizzle');
/** Seconds that a second starter waits for the migrations of the first. */
const LOCK_S = 120;

/**
 * Brings the tables up to date: one process at a time, and, when there is something to lose, with a dump beside the data
 * before. say: told where the dump is.
 */
export async function migrateDatabase(say: (line: string) => void = () => undefined): Promise<void> {
  const lock = await connection().pool.getConnection();
  try {
    const [rows] = await lock.query('SELECT GET_LOCK("nabbet-migrate", ?) AS got', [LOCK_S]);
    if ((rows as { got: number }[])[0]?.got !== 1)
      throw new Error('Another Nabbet has been changing the tables of this database for too long.');
    const { done, known } = await migrationsDone(lock);
    if (done > known)
      throw new Error(
        `The database was last used by a newer Nabbet (${done} changes of its tables, this one knows ${known}).`,
      );
    if (done > 0 && done < known) {
      const file = dataPath('backups', `before-change-${done + 1}.sql`);
      await dumpDatabase(file);
      say(`The tables are brought up to date; as they were before, they are kept in ${file}`);
    }
    await migrate(db() as never, { migrationsFolder: MIGRATIONS() });
  } finally {
    await lock.query('SELECT RELEASE_LOCK("nabbet-migrate")').catch(() => undefined);
    lock.release();
  }
}

/** How many changes of the tables the database has seen, and how many there are. */
async function migrationsDone(c: PoolConnection): Promise<{ done: number; known: number }> {
  const journal = JSON.parse(readFileSync(path.join(MIGRATIONS(), 'meta/_journal.json'), 'utf8'));
  const known = (journal as { entries: unknown[] }).entries.length;
  const [tables] = await c.query("SHOW TABLES LIKE '\\_\\_drizzle\\_migrations'");
  if (!(tables as unknown[]).length) return { done: 0, known };
  const [rows] = await c.query('SELECT COUNT(*) AS done FROM __drizzle_migrations');
  return { done: Number((rows as { done: number }[])[0]?.done ?? 0), known };
}
