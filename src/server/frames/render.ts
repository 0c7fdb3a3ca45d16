import { mkdir, mkdtemp, rename, rm, stat, utimes, writeFile } from 'node:fs/promises';
import path from 'node:path';
import type { Loudness } from '../../core/deliver/loudness.ts';
import { frameAt } from '../../core/paint/frame.ts';
import type { PainterChoice } from '../../core/paint/painters.ts';
import { framesToSeconds } from '../../core/time.ts';
import type { Height } from '../../core/timeline/heights.ts';
import { renderSize, type Segment, segments } from '../../core/timeline/segments.ts';
import type { Timeline } from '../../core/timeline/types.ts';
import { dataPath } from '../config.ts';
import { run } from '../program.ts';
import { shelf } from '../shelf/shelf.ts';
import { encodedSound } from '../sound/encoded.ts';
import { keepNewest } from '../store/files.ts';
import { encodeParts, encoderFor } from './encode.ts';
import { readyFonts } from './fonts.ts';
import { painterOf } from './painter.ts';

/** Frames between two reports of progress. */
const PROGRESS_FRAMES = 15;

const SEGMENTS_KEPT = 4000;

export interface RenderProgress {
  /** Frames that are done, those taken from earlier renders included, of all. */
  done: number;
  total: number;
  /** Frames that had to be painted, so far. */
  painted: number;
}

export interface RenderOptions {
  height: Height;
  /** -14 LUFS when nothing is said. */
  loudness?: Loudness;
  /** Where the MP4 goes; written whole or not at all. */
  out: string;
  painter?: PainterChoice;
  onProgress?: (p: RenderProgress) => void | Promise<void>;
  signal?: AbortSignal;
}

export class RenderCancelled extends Error {
  override name = 'RenderCancelled';
}

/** Paints, mixes and joins a timeline into an MP4 (H.264, AAC, moov in front). Segments that exist are not painted again. */
export async function render(timeline: Timeline, options: RenderOptions): Promise<void> {
  if (!timeline.frames) throw new Error('There is nothing to render: the piece has no scenes.');
  readyFonts();
  const size = renderSize(timeline, options.height);
  const files: Record<string, string> = {};
  for (const [id, e] of (await shelf()).entries)
    for (const [view, v] of Object.entries(e.views)) files[`${id}/${view}`] = v.hash;
  const { name, open } = await painterOf(options.painter ?? 'auto');
  const encoder = encoderFor(options.height);
  const list = segments(timeline, size, `${name} ${encoder.join(' ')}`, files);
  const folder = dataPath('segments');
  await mkdir(folder, { recursive: true });
  const progress: RenderProgress = { done: 0, total: timeline.frames, painted: 0 };
  // The sound is made meanwhile; what goes wrong with it is told when it is wanted.
  const sound = encodedSound(timeline, options.loudness);
  sound.catch(() => undefined);
  const report = (frames: number, painted: boolean) => {
    progress.done += frames;
    if (painted) progress.painted += frames;
    return options.onProgress?.({ ...progress });
  };
  for (const { there, run: part } of await runs(list, folder)) {
    throwIfCancelled(options.signal);
    if (there) {
      for (const s of part)
        await utimes(segmentFile(folder, s), new Date(), new Date()).catch(() => undefined);
      await report(
        part.reduce((n, s) => n + s.end - s.start, 0),
        false,
      );
      continue;
    }
    const files = part.map((s) => ({ frames: s.end - s.start, file: segmentFile(folder, s) }));
    await encodeParts(open, files, { size, encoder }, folder, async (painter) => {
      let count = 0;
      for (const s of part)
        for (let frame = s.start; frame < s.end; frame++) {
          throwIfCancelled(options.signal);
          await painter.frame(frameAt(timeline, { index: s.scene, frame }, size));
          if (++count % PROGRESS_FRAMES === 0) await report(PROGRESS_FRAMES, true);
        }
      await report(count % PROGRESS_FRAMES, true);
    });
  }
  throwIfCancelled(options.signal);
  await join(list, folder, await sound, options.out);
  await keepNewest(folder, SEGMENTS_KEPT);
}

/** Neighbouring segments that are all there, or all missing. A key that comes twice is made once. */
async function runs(list: Segment[], folder: string): Promise<{ there: boolean; run: Segment[] }[]> {
  const out: { there: boolean; run: Segment[] }[] = [];
  const made = new Set<string>();
  for (const s of list) {
    const there = made.has(s.key) || (await stat(segmentFile(folder, s)).catch(() => null)) !== null;
    made.add(s.key);
    const last = out.at(-1);
    if (last?.there === there) last.run.push(s);
    else out.push({ there, run: [s] });
  }
  return out;
}

const segmentFile = (folder: string, s: Segment) => path.join(folder, `${s.key}.mp4`);

function throwIfCancelled(signal?: AbortSignal): void {
  if (signal?.aborted) throw new RenderCancelled('The render was cancelled.');
}

async function join(list: Segment[], folder: string, sound: string, out: string): Promise<void> {
  await mkdir(path.dirname(path.resolve(out)), { recursive: true });
  const work = await mkdtemp(path.join(dataPath(), 'join-'));
  const temporary = `${out}.${process.pid}.tmp.mp4`;
  try {
    const names = list.map(
      (s) => `file '${segmentFile(folder, s)}'\nduration ${framesToSeconds(s.end - s.start).toFixed(6)}`,
    );
    await writeFile(path.join(work, 'list.txt'), `${names.join('\n')}\n`);
    await run(
      'ffmpeg',
      [
        ...['-y', '-v', 'error', '-f', 'concat', '-safe', '0', '-i', path.join(work, 'list.txt')],
        ...['-i', sound, '-map', '0:v', '-map', '1:a', '-c', 'copy', '-movflags', '+faststart', temporary],
      ],
      { timeoutMs: 1_800_000 },
    );
    await rename(temporary, out);
  } finally {
    await rm(work, { recursive: true, force: true });
    await rm(temporary, { force: true });
  }
}
