import { readFileSync } from 'node:fs';
import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2';
import mysql, { type Pool } from 'mysql2/promise';
import { CONFIG, dataPath } from '../config.ts';

export type Db = MySql2Database;

/** The password is made when the database is set up, and stands in a file that only its owner can read. */
export const passwordFile = (): string => dataPath('db-password');

interface Connection {
  db: Db;
  pool: Pool;
}

const held = globalThis as { nabbetDb?: Connection };

/** The connection of this process, made at the first call. */
export function connection(): Connection {
  if (!held.nabbetDb) {
    const pool = mysql.createPool({
      host: '127.0.0.1',
      port: CONFIG.dbPort,
      user: 'nabbet',
      password: readFileSync(passwordFile(), 'utf8').trim(),
      database: 'nabbet',
      timezone: 'Z',
      connectionLimit: 8,
      charset: 'utf8mb4',
    });
    held.nabbetDb = { pool, db: drizzle(pool) as unknown as Db };
  }
  return held.nabbetDb;
}

export const db = (): Db => connection().db;

export async function closeDatabase(): Promise<void> {
  await held.nabbetDb?.pool.end();
  delete held.nabbetDb;
}
