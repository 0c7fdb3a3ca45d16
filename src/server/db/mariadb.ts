import type { ChildProcess } from 'node:child_process';
import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { existsSync, openSync } from 'node:fs';
import { chmod, mkdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { createServer } from 'node:net';
import { userInfo } from 'node:os';
import mysql from 'mysql2/promise';
import { CONFIG, dataPath } from '../config.ts';
import { run } from '../program.ts';
import { passwordFile } from './client.ts';

/** A condition that the user can mend; the message says how. */
export class StartError extends Error {
  override name = 'StartError';
}

/** Whether a port of an address is free. */
export function portFree(port: number, host = '127.0.0.1'): Promise<boolean> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, host, () => probe.close(() => resolve(true)));
  });
}

/**
 * Starts MariaDB on 127.0.0.1 with a data directory of its own, set up at the first time. Ready when a log-in works and
 * the server is the one with our data directory.
 */
export async function startMariaDb(): Promise<ChildProcess> {
  const folder = dataPath('mariadb');
  await mkdir(CONFIG.data, { recursive: true });
  if (!(await portFree(CONFIG.dbPort)))
    throw new StartError(
      `Port ${CONFIG.dbPort} is taken, and Nabbet wants it for its database. Is Nabbet running already? Otherwise set NABBET_DB_PORT to a free port.`,
    );
  if (!existsSync(folder)) await setUp(folder);
  if (!existsSync(passwordFile()))
    await writeFile(passwordFile(), randomBytes(24).toString('hex'), { mode: 0o600 });
  const password = (await readFile(passwordFile(), 'utf8')).trim();
  const init = dataPath('init.sql');
  await writeFile(
    init,
    [
      'CREATE DATABASE IF NOT EXISTS nabbet CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;',
      "CREATE USER IF NOT EXISTS 'nabbet'@'127.0.0.1' IDENTIFIED BY '';",
      `ALTER USER 'nabbet'@'127.0.0.1' IDENTIFIED BY '${password}';`,
      "GRANT ALL ON nabbet.* TO 'nabbet'@'127.0.0.1';",
    ].join('\n'),
    { mode: 0o600 },
  );
  await chmod(init, 0o600);
  const log = openSync(dataPath('mariadb.log'), 'a');
  const child = spawn(
    'setpriv',
    [
      '--pdeathsig',
      'SIGTERM',
      'mariadbd',
      '--no-defaults',
      ...asRoot('--user=root'),
      `--datadir=${folder}`,
      '--bind-address=127.0.0.1',
      `--port=${CONFIG.dbPort}`,
      `--socket=${socketPath()}`,
      `--pid-file=${dataPath('mariadb.pid')}`,
      `--init-file=${init}`,
      '--skip-name-resolve',
      '--character-set-server=utf8mb4',
      '--default-time-zone=+00:00',
      '--innodb-buffer-pool-size=128M',
      '--max-allowed-packet=64M',
    ],
    { stdio: ['ignore', log, log], detached: true },
  );
  await ready(child, password, folder);
  return child;
}

const asRoot = (option: string): string[] => (userInfo().uid === 0 ? [option] : []);

/** Socket paths have to stay under 108 bytes. */
function socketPath(): string {
  const wished = dataPath('mariadb.sock');
  return Buffer.byteLength(wished) < 100 ? wished : `/tmp/nabbet-${CONFIG.dbPort}.sock`;
}

async function setUp(folder: string): Promise<void> {
  const fresh = `${folder}.new`;
  await rm(fresh, { recursive: true, force: true });
  await run(
    'mariadb-install-db',
    [
      '--no-defaults',
      `--datadir=${fresh}`,
      ...asRoot('--user=root'),
      '--auth-root-authentication-method=socket',
      `--auth-root-socket-user=${userInfo().username}`,
      '--skip-test-db',
    ],
    { cwd: CONFIG.data, timeoutMs: 180_000 },
  );
  await rename(fresh, folder);
}

async function ready(child: ChildProcess, password: string, folder: string): Promise<void> {
  let ended = false;
  child.once('exit', () => {
    ended = true;
  });
  for (let i = 0; i < 600; i++) {
    if (ended) break;
    try {
      const c = await mysql.createConnection({
        host: '127.0.0.1',
        port: CONFIG.dbPort,
        user: 'nabbet',
        password,
        database: 'nabbet',
      });
      const [rows] = await c.query('SELECT @@datadir AS dir');
      await c.end();
      if ((rows as { dir: string }[])[0]?.dir.replace(/\/$/, '') === folder) return;
      throw new StartError(
        `Another database answers on port ${CONFIG.dbPort}. Set NABBET_DB_PORT to a free port.`,
      );
    } catch (e) {
      if (e instanceof StartError) throw e;
      await new Promise((r) => setTimeout(r, 100));
    }
  }
  throw new StartError(`The database did not start. Its log is ${dataPath('mariadb.log')}.`);
}
