import { statfs } from 'node:fs/promises';
import { Failed } from '../../core/failure.ts';
import { CONFIG } from '../config.ts';

/** Bytes that whoever runs this may still write on the disk of the data folder. */
export async function freeBytes(folder: string = CONFIG.data): Promise<number> {
  const { bavail, bsize } = await statfs(folder);
  return bavail * bsize;
}

/**
 * Throws Failed (no-room) when so many bytes more would eat into the reserve that the database, and everybody's edits, live
 * from. Large things are asked for before they begin.
 */
export async function needRoom(bytes: number, free: () => Promise<number> = freeBytes): Promise<void> {
  const left = (await free()) - CONFIG.reserveBytes;
  if (bytes > left) throw new Failed({ code: 'no-room', bytes, free: Math.max(0, left) });
}
