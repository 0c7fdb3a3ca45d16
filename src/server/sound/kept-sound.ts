import { createHash } from 'node:crypto';
import { mkdtemp, rm, stat, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { fileTypeFromBuffer } from 'file-type';
import { Failed } from '../../core/failure.ts';
import { SAMPLE_RATE } from '../../core/time.ts';
import { dataPath } from '../config.ts';
import { ProgramError, run } from '../program.ts';
import { makeWhole } from '../store/files.ts';
import { needRoom } from '../store/room.ts';

/** How a sound that was brought is kept, and where, by what it is called. */
interface Kept {
  channels: 1 | 2;
  /** What is beyond is left out. */
  mostSeconds: number;
  fileOf(id: string): string;
}

/**
 * Keeps a sound as FLAC at 48 kHz, at the loudness that it came with, in whatever form it comes; the same one is kept once. Its
 * id is of its content. Throws Failed (no-sound).
 */
export async function keptSound(
  bytes: Uint8Array,
  { channels, mostSeconds, fileOf }: Kept,
): Promise<{ id: string; file: string }> {
  // A list that leads to other files is no sound, whatever it is called.
  const kind = await fileTypeFromBuffer(bytes);
  if (!kind || !/^(audio|video)\/|ogg/.test(kind.mime)) throw new Failed({ code: 'no-sound' });
  await needRoom(3 * bytes.length);
  const id = createHash('sha256').update(bytes).digest('hex').slice(0, 32);
  const file = fileOf(id);
  if (await stat(file).catch(() => null)) return { id, file };
  const work = await mkdtemp(path.join(dataPath(), 'sound-'));
  try {
    const came = path.join(work, 'came');
    await writeFile(came, bytes);
    await makeWhole(file, (temporary) =>
      run(
        'ffmpeg',
        [
          ...['-y', '-v', 'error', '-protocol_whitelist', 'file', '-i', came, '-map', '0:a:0', '-vn'],
          ...['-map_metadata', '-1', '-t', String(mostSeconds)],
          ...['-ac', String(channels), '-ar', String(SAMPLE_RATE), '-sample_fmt', 's16'],
          ...['-c:a', 'flac', '-f', 'flac', temporary],
        ],
        { timeoutMs: 600_000 },
      ),
    );
  } catch (e) {
    throw e instanceof ProgramError && e.code === undefined ? new Failed({ code: 'no-sound' }) : e;
  } finally {
    await rm(work, { recursive: true, force: true });
  }
  return { id, file };
}
