import { stat } from 'node:fs/promises';
import { NoBackup, restore as readBackup, backup as writeBackup } from '../server/backup/backup.ts';
import { UsageError } from './usage.ts';
import { withDatabase } from './with-database.ts';

const say = (line: string) => process.stderr.write(`${line}\n`);

function oneFile(argv: string[], command: string): string {
  const [file, ...more] = argv;
  if (file === undefined || more.length || file.startsWith('-'))
    throw new UsageError(`usage: nabbet ${command} FILE.tar`);
  return file;
}

/** nabbet backup: database and material in one tar file, also while the application runs. */
export async function backup(argv: string[]): Promise<void> {
  const file = oneFile(argv, 'backup');
  if (await stat(file).catch(() => null))
    throw new UsageError(`${file} is there already; give another name, or move it away.`);
  await withDatabase(() => writeBackup(file, new Date()), say);
  say(`${file} is ready, ${((await stat(file)).size / 1e6).toFixed(1)} MB`);
}

/** nabbet restore: puts a backup in the place of what is there. */
export async function restore(argv: string[]): Promise<void> {
  const file = oneFile(argv, 'restore');
  if (!(await stat(file).catch(() => null))) throw new UsageError(`There is no file ${file}.`);
  await withDatabase(async () => {
    try {
      const { before, manifest } = await readBackup(file, new Date());
      say(`What was kept on ${manifest.at} is back. What was in the database before is in ${before}`);
    } catch (e) {
      throw e instanceof NoBackup ? new UsageError(e.message) : e;
    }
  }, say);
  // The backup may be older than the tables.
  await withDatabase(async () => undefined, say);
  say('Pages that are open show what was there before: reload them.');
}
