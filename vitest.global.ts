import type { ChildProcess } from 'node:child_process';
import { rm } from 'node:fs/promises';
import { closeDatabase } from './src/server/db/client.ts';
import { startMariaDb } from './src/server/db/mariadb.ts';
import { migrateDatabase } from './src/server/db/migrate.ts';

/** The run's database, shared by the projects that need one. */
const shared = globalThis as { nabbetRun?: { users: number; database: Promise<ChildProcess> } };

async function startDatabase(): Promise<ChildProcess> {
  const database = await startMariaDb();
  await migrateDatabase();
  await closeDatabase();
  return database;
}

/** A database for the run, with all migrations; it goes with the run's data folder when the last project is done. */
export default async function setup(): Promise<() => Promise<void>> {
  shared.nabbetRun ??= { users: 0, database: startDatabase() };
  const run = shared.nabbetRun;
  run.users++;
  const database = await run.database;
  return async () => {
    if (--run.users > 0) return;
    const gone = new Promise((r) => database.once('exit', r));
    database.kill('SIGTERM');
    await gone;
    const data = process.env.NABBET_UNIT_DATA;
    if (data) await rm(data, { recursive: true, force: true });
  };
}
