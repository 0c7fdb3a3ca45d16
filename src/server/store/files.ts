import { randomUUID } from 'node:crypto';
import { mkdir, open, readdir, rename, rm, stat, writeFile } from 'node:fs/promises';
import path from 'node:path';

/**
 * Writes a file whole or not at all: to a temporary name beside it, synced to the disk, then renamed. The temporary
 * file is taken away when anything fails.
 */
export const writeWhole = (
  file: string,
  content: Uint8Array | string | Iterable<Uint8Array> | AsyncIterable<Uint8Array>,
): Promise<void> => makeWhole(file, (temporary) => writeFile(temporary, content));

/** The same for a file that somebody else writes under the temporary name that is given. */
export async function makeWhole(file: string, make: (temporary: string) => Promise<unknown>): Promise<void> {
  await mkdir(path.dirname(file), { recursive: true });
  const temporary = `${file}.${process.pid}.${randomUUID().slice(0, 8)}.tmp`;
  try {
    await make(temporary);
    const handle = await open(temporary, 'r');
    try {
      await handle.sync();
    } finally {
      await handle.close();
    }
    await rename(temporary, file);
  } catch (e) {
    await rm(temporary, { force: true });
    throw e;
  }
}

/** Removes the oldest files of a folder of things that can be made again, so that at most `keep` remain. */
export async function keepNewest(folder: string, keep: number): Promise<void> {
  const names = await readdir(folder).catch(() => [] as string[]);
  if (names.length <= keep) return;
  const aged = await Promise.all(
    names.map(async (name) => ({
      name,
      used: (await stat(path.join(folder, name)).catch(() => null))?.mtimeMs ?? 0,
    })),
  );
  aged.sort((a, b) => b.used - a.used);
  await Promise.all(
    aged.slice(keep).map(({ name }) => rm(path.join(folder, name), { force: true, recursive: true })),
  );
}

/** A work folder that has not been touched for so long belongs to a process that was killed. */
const ABANDONED_MS = 3_600_000;

/** Removes work folders (by the start of their name) that a killed process left behind. */
export async function sweep(folder: string, prefix: string, now: number): Promise<void> {
  const names = (await readdir(folder).catch(() => [] as string[])).filter((n) => n.startsWith(prefix));
  for (const name of names) {
    const touched = (await stat(path.join(folder, name)).catch(() => null))?.mtimeMs ?? now;
    if (now - touched > ABANDONED_MS) await rm(path.join(folder, name), { recursive: true, force: true });
  }
}
