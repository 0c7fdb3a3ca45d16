import { rm } from 'node:fs/promises';
import { closeDatabase } from './src/server/db/client.ts';
import { startMariaDb } from './src/server/db/mariadb.ts';
import { migrateDatabase } from './src/server/db/migrate.ts';

/** A database for the run, with all migrations; it goes with the run's data folder when the run is over. */
export default async function setup(): Promise<() => Promise<void>> {
  const database = await startMariaDb();
  await migrateDatabase();
  await closeDatabase();
  return async () => {
    const gone = new Promise((r) => database.once('exit', r));
    database.kill('SIGTERM');
    await gone;
    const data = process.env.NABBET_UNIT_DATA;
    if (data) await rm(data, { recursive: true, force: true });
  };
}
