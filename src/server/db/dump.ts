import { mkdir, readFile, writeFile } from 'node:fs/promises';
import path from 'node:path';
import mysql from 'mysql2/promise';
import { CONFIG, dataPath } from '../config.ts';
import { run } from '../program.ts';
import { connection, passwordFile } from './client.ts';

/** Milliseconds: a database of many years fits into this. */
const DUMP_MS = 600_000;

/** How the database's own programs come in: by a file that only its owner reads, never by an argument. */
async function clientFile(): Promise<string> {
  const file = dataPath('db-client.cnf');
  const password = (await readFile(passwordFile(), 'utf8')).trim();
  await writeFile(
    file,
    `[client]\nhost=127.0.0.1\nport=${CONFIG.dbPort}\nuser=nabbet\npassword=${password}\n`,
    { mode: 0o600 },
  );
  return file;
}

/** Writes the whole database as it is at one moment to a file of SQL, while it is in use. */
export async function dumpDatabase(file: string): Promise<void> {
  await mkdir(path.dirname(file), { recursive: true });
  await run(
    'mariadb-dump',
    [
      `--defaults-extra-file=${await clientFile()}`,
      '--single-transaction',
      '--skip-lock-tables',
      '--hex-blob',
      `--result-file=${file}`,
      'nabbet',
    ],
    { timeoutMs: DUMP_MS },
  );
}

/** Replaces what is in the database by a dump: tables that the dump does not know go too. */
export async function loadDump(file: string): Promise<void> {
  const { pool } = connection();
  const [tables] = await pool.query('SHOW TABLES');
  for (const name of (tables as Record<string, string>[]).flatMap((t) => Object.values(t)))
    await pool.query(`DROP TABLE ${mysql.escapeId(name)}`);
  await run('mariadb', [`--defaults-extra-file=${await clientFile()}`, '--batch', 'nabbet'], {
    input: await readFile(file),
    timeoutMs: DUMP_MS,
  });
}
