import { mkdir, mkdtemp, readFile, rename, rm, stat, writeFile } from 'node:fs/promises';
import path from 'node:path';
import Joi from 'joi';
import { CONFIG, dataPath } from '../config.ts';
import { dumpDatabase, loadDump } from '../db/dump.ts';
import { run } from '../program.ts';

/** What is kept besides the database. Segments, and the database's own files, are not: they can be made again. */
const MATERIAL = ['assets', 'music', 'recordings', 'takes', 'tracks', 'renders', 'voices'] as const;
const DUMP = 'database.sql';
const MANIFEST = 'nabbet-backup.json';
/** Milliseconds that packing may take: hundreds of gigabytes fit into this. */
const PACK_MS = 6 * 3_600_000;

interface Manifest {
  format: 'nabbet-backup';
  version: 1;
  at: string;
}

const manifestSchema = Joi.object<Manifest>({
  format: Joi.valid('nabbet-backup').required(),
  version: Joi.valid(1).required(),
  at: Joi.string().isoDate().required(),
});

/** A file is no backup, or one that cannot be used here; the message says why. */
export class NoBackup extends Error {
  override name = 'NoBackup';
}

/**
 * Writes database and material to one tar file (POSIX.1-2001 ustar with pax headers), while the application runs: the
 * database as it is at one moment, then the files, which never change once they are there, so that none is missing.
 */
export async function backup(file: string, now: Date): Promise<void> {
  await mkdir(CONFIG.data, { recursive: true });
  const work = await mkdtemp(dataPath('backup-'));
  const unfinished = `${path.resolve(file)}.unfinished`;
  try {
    await dumpDatabase(path.join(work, DUMP));
    const manifest: Manifest = { format: 'nabbet-backup', version: 1, at: now.toISOString() };
    await writeFile(path.join(work, MANIFEST), JSON.stringify(manifest));
    const folders: string[] = [];
    for (const name of MATERIAL) if (await stat(dataPath(name)).catch(() => null)) folders.push(name);
    await run(
      'tar',
      [
        '--create',
        '--format=pax',
        `--file=${unfinished}`,
        '--warning=no-file-changed',
        '--warning=no-file-removed',
        '--exclude=*.tmp',
        `--directory=${work}`,
        MANIFEST,
        DUMP,
        `--directory=${CONFIG.data}`,
        ...folders,
      ],
      // 1: a file went while it was read, such as a track that was replaced.
      { timeoutMs: PACK_MS, accept: [0, 1] },
    );
    await rename(unfinished, file);
  } finally {
    await rm(work, { recursive: true, force: true });
    await rm(unfinished, { force: true });
  }
}

/**
 * Puts a backup in the place of what is in the database; material is added to what is there. What was in the database
 * before is kept as a dump, whose file is given. Throws NoBackup, in which case nothing was changed.
 */
export async function restore(file: string, now: Date): Promise<{ before: string; manifest: Manifest }> {
  await mkdir(CONFIG.data, { recursive: true });
  const work = await mkdtemp(dataPath('restore-'));
  try {
    const manifest = await unpackHead(file, work);
    const before = dataPath('backups', `before-restore-${now.toISOString().replace(/[:.]/g, '-')}.sql`);
    await dumpDatabase(before);
    await run(
      'tar',
      [
        '--extract',
        `--file=${path.resolve(file)}`,
        `--directory=${CONFIG.data}`,
        '--skip-old-files',
        '--no-same-owner',
        `--exclude=${DUMP}`,
        `--exclude=${MANIFEST}`,
      ],
      { timeoutMs: PACK_MS },
    );
    try {
      await loadDump(path.join(work, DUMP));
    } catch (e) {
      await loadDump(before);
      throw e;
    }
    return { before, manifest };
  } finally {
    await rm(work, { recursive: true, force: true });
  }
}

/** Looks at a backup before anything is changed by it: all of its parts, the first two of which are unpacked. */
async function unpackHead(file: string, work: string): Promise<Manifest> {
  const { stdout } = await run('tar', ['--list', `--file=${path.resolve(file)}`], {
    timeoutMs: PACK_MS,
  }).catch(() => {
    throw new NoBackup(`${file} is no tar file, or it is cut off.`);
  });
  const names = stdout.toString('utf8').split('\n').filter(Boolean);
  const folders = new Set<string>(MATERIAL);
  const strange = names.find((n) => n !== DUMP && n !== MANIFEST && !folders.has(n.split('/')[0] ?? ''));
  if (!names.includes(MANIFEST) || !names.includes(DUMP) || strange !== undefined)
    throw new NoBackup(
      strange === undefined
        ? `${file} is no backup of Nabbet.`
        : `${file} is no backup of Nabbet: it holds “${strange.slice(0, 80)}”.`,
    );
  await run('tar', ['--extract', `--file=${path.resolve(file)}`, `--directory=${work}`, MANIFEST, DUMP], {
    timeoutMs: PACK_MS,
  });
  const { error, value } = manifestSchema.validate(
    JSON.parse(await readFile(path.join(work, MANIFEST), 'utf8')),
  );
  if (error) throw new NoBackup(`${file} was made by another version of Nabbet: ${error.message}.`);
  return value;
}
