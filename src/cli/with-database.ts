import { CONFIG } from '../server/config.ts';
import { closeDatabase } from '../server/db/client.ts';
import { portFree, startMariaDb } from '../server/db/mariadb.ts';
import { migrateDatabase } from '../server/db/migrate.ts';
import { endProcess } from './supervise.ts';

/** Does work with the database: with that of the application when it runs, otherwise with one that is started for it. */
export async function withDatabase(work: () => Promise<void>, say: (line: string) => void): Promise<void> {
  const database = (await portFree(CONFIG.dbPort)) ? await startMariaDb() : null;
  try {
    await migrateDatabase(say);
    await work();
  } finally {
    await closeDatabase();
    if (database) await endProcess(database, 15_000);
  }
}
