import path from 'node:path';
import type { About } from '../assets/assets.ts';
import type { AssetRecord } from '../assets/record.ts';
import { CONFIG } from '../config.ts';
import { ProcessPool } from './pool.ts';
import type { Tasks } from './tasks.ts';

const held = globalThis as { nabbetReaders?: ProcessPool<Tasks> };

/** The processes in which material of strangers is read, of this process; started when they are first needed. */
function readers(): ProcessPool<Tasks> {
  held.nabbetReaders ??= new ProcessPool<Tasks>(path.join(CONFIG.root, 'src/server/apart/process.ts'), {
    // A picture of 150 megapixels and a PDF of 500 pages stay below.
    taskMs: 18_000,
    memoryBytes: 1_400_000_000,
    heapMb: 700,
    processes: 2,
    waiting: 60,
    idleMs: 120_000,
  });
  return held.nabbetReaders;
}

/**
 * Does a task in a process of its own: material of strangers can be made to take time and memory without end, and then only
 * that process is stopped, with an answer. Throws Failed as the task does, and 'too-heavy' or 'busy'.
 */
export const apart = <N extends keyof Tasks>(
  name: N,
  ...args: Parameters<Tasks[N]>
): Promise<Awaited<ReturnType<Tasks[N]>>> => readers().run(name, ...args);

/** Takes a picture in, apart. */
export const pictureApart = (bytes: Buffer, about: About): Promise<AssetRecord> =>
  apart('picture', bytes, about);

/** Ends the processes, for tests that have done with them. */
export const closeApart = (): void => readers().close();
