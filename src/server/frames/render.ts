import { mkdir, mkdtemp, rename, rm, stat, utimes, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { createCanvas } from '@napi-rs/canvas';
import type { Context2D } from '../../core/paint/context.ts';
import { paintFrame } from '../../core/paint/paint.ts';
import { FPS, framesToSeconds, SAMPLE_RATE } from '../../core/time.ts';
import { type Height, renderSize, type Segment, segments } from '../../core/timeline/segments.ts';
import type { Timeline } from '../../core/timeline/types.ts';
import { dataPath } from '../config.ts';
import { ProgramError, run, start } from '../program.ts';
import { shelf } from '../shelf/shelf.ts';
import { mixedBytes } from '../sound/mixing.ts';
import { keepNewest } from '../store/files.ts';
import { registerFonts } from './fonts.ts';
import { converter } from './i420.ts';
import { ServerPictures } from './pictures.ts';

/** The encoder's settings; part of each segment's key. */
export const ENCODER = [
  '-c:v',
  'libx264',
  '-preset',
  'veryfast',
  '-crf',
  '20',
  '-g',
  '60',
  '-flags',
  '+cgop',
  '-pix_fmt',
  'yuv420p',
  '-colorspace',
  'bt709',
  '-color_primaries',
  'bt709',
  '-color_trc',
  'bt709',
  '-color_range',
  'tv',
] as const;

/** Ticks a second in every segment, so that they can be joined as they are. */
const TIMESCALE = 15_360;

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
  /** Where the MP4 goes; written whole or not at all. */
  out: string;
  onProgress?: (p: RenderProgress) => void | Promise<void>;
  signal?: AbortSignal;
}

export class RenderCancelled extends Error {
  override name = 'RenderCancelled';
}

/** Paints, mixes and joins a timeline into an MP4 (H.264, AAC, moov in front). Segments that exist are not painted again. */
export async function render(timeline: Timeline, options: RenderOptions): Promise<void> {
  if (!timeline.frames) throw new Error('There is nothing to render: the piece has no scenes.');
  registerFonts();
  const size = renderSize(timeline, options.height);
  const files: Record<string, string> = {};
  for (const [id, e] of (await shelf()).entries)
    for (const [view, v] of Object.entries(e.views)) files[`${id}/${view}`] = v.hash;
  const list = segments(timeline, size, ENCODER.join(' '), files);
  const folder = dataPath('segments');
  await mkdir(folder, { recursive: true });
  const progress: RenderProgress = { done: 0, total: timeline.frames, painted: 0 };
  const painter = new Painter(timeline, size);
  try {
    for (const { there, run: part } of await runs(list, folder)) {
      throwIfCancelled(options.signal);
      if (there) {
        for (const s of part)
          await utimes(segmentFile(folder, s), new Date(), new Date()).catch(() => undefined);
        progress.done += part.reduce((n, s) => n + s.end - s.start, 0);
      } else
        await paintRun(painter, part, size, folder, options.signal, async (frames) => {
          progress.done += frames;
          progress.painted += frames;
          await options.onProgress?.({ ...progress });
        });
      await options.onProgress?.({ ...progress });
    }
  } finally {
    painter.close();
  }
  throwIfCancelled(options.signal);
  await join(timeline, list, folder, options.out);
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

/** Frames of a timeline as I420. */
class Painter {
  private readonly pictures = new ServerPictures();
  private readonly surface;
  private readonly convert;

  constructor(
    private readonly timeline: Timeline,
    private readonly size: { width: number; height: number },
  ) {
    this.surface = createCanvas(size.width, size.height);
    this.convert = converter(size.width, size.height);
  }

  /** Draws a frame; the pixels are in the canvas. */
  async draw(scene: number, frame: number): Promise<void> {
    await this.pictures.prepare(this.timeline, scene, frame);
    const ctx = this.surface.getContext('2d', { alpha: false }) as unknown as Context2D;
    paintFrame({ ctx, ...this.size }, this.timeline, { index: scene, frame }, this.pictures);
  }

  /** The drawn frame for the encoder; the buffer is used again by the next call. */
  i420(): Buffer {
    this.convert.rgba.set(this.surface.data());
    this.convert.run();
    return this.convert.i420;
  }

  close(): void {
    this.pictures.close();
  }
}

/**
 * Paints neighbouring segments through one encoder: a keyframe is forced at each seam, and the segment muxer writes each
 * segment to a file of its own, which takes its place as soon as it is whole. What is whole stays, whatever happens
 * afterwards.
 */
async function paintRun(
  painter: Painter,
  run: Segment[],
  size: { width: number; height: number },
  folder: string,
  signal: AbortSignal | undefined,
  onFrames: (frames: number) => Promise<void>,
): Promise<void> {
  const work = await mkdtemp(path.join(folder, 'run-'));
  const seams: number[] = [];
  for (const s of run.slice(0, -1)) seams.push((seams.at(-1) ?? 0) + s.end - s.start);
  const split = seams.length
    ? [
        '-force_key_frames',
        seams.map((f) => ((f - 0.02) / FPS).toFixed(5)).join(','),
        '-segment_frames',
        seams.join(','),
      ]
    : ['-segment_time', '100000'];
  const args = [
    ...[
      '-y',
      '-v',
      'error',
      '-f',
      'rawvideo',
      '-pix_fmt',
      'yuv420p',
      '-s',
      `${size.width}x${size.height}`,
      '-r',
      String(FPS),
    ],
    ...[
      '-i',
      'pipe:0',
      ...ENCODER,
      ...split,
      '-f',
      'segment',
      '-segment_format',
      'mp4',
      '-reset_timestamps',
      '1',
    ],
    ...[
      '-segment_format_options',
      `video_track_timescale=${TIMESCALE}`,
      '-segment_list',
      'pipe:1',
      '-segment_list_type',
      'csv',
    ],
    path.join(work, '%06d.mp4'),
  ];
  const child = start('ffmpeg', args, ['pipe', 'pipe', 'pipe']);
  let said = '';
  child.stderr?.on('data', (d: Buffer) => {
    said += d.toString();
  });
  let listed = 0;
  let placed = 0;
  let placing: Promise<void> = Promise.resolve();
  /** A file is known to be closed when the next one is listed, or the encoder has ended. */
  const place = (upTo: number): Promise<void> => {
    placing = placing.then(async () => {
      for (; placed < upTo; placed++)
        await rename(
          path.join(work, `${String(placed).padStart(6, '0')}.mp4`),
          segmentFile(folder, run[placed] as Segment),
        );
    });
    placing.catch(() => undefined);
    return placing;
  };
  child.stdout?.on('data', (d: Buffer) => {
    listed += d.toString().split('\n').length - 1;
    void place(Math.min(run.length, listed - 1));
  });
  const closed = new Promise<void>((resolve, reject) => {
    child.on('error', reject);
    child.on('close', (code) => {
      if (code === 0) resolve();
      else
        reject(new ProgramError(`The encoder ended with code ${code}: ${said.trim() || 'it said nothing'}`));
    });
  });
  closed.catch(() => undefined);
  child.stdin?.on('error', () => {
    // The encoder went away: its exit code, or the cancelling, says why.
  });
  try {
    let written: Promise<void> | null = null;
    let count = 0;
    for (const s of run)
      for (let f = s.start; f < s.end; f++) {
        throwIfCancelled(signal);
        await painter.draw(s.scene, f);
        if (written) await written;
        const i420 = painter.i420();
        written = new Promise((resolve, reject) =>
          child.stdin?.write(i420, (e) => (e ? reject(e) : resolve())),
        );
        written.catch(() => undefined);
        if (++count % PROGRESS_FRAMES === 0) await onFrames(PROGRESS_FRAMES);
        if (count % 4 === 0) (globalThis as { gc?: (o: { type: string }) => void }).gc?.({ type: 'minor' });
        await new Promise((r) => setImmediate(r));
      }
    await written;
    child.stdin?.end();
    await closed;
    await place(run.length);
    await onFrames(count % PROGRESS_FRAMES);
  } catch (e) {
    // A broken pipe is only the echo of what ended the encoder.
    const endedByItself = child.exitCode !== null || (e as NodeJS.ErrnoException).code === 'EPIPE';
    if (!endedByItself) child.kill('SIGKILL');
    await placing.catch(() => undefined);
    if (endedByItself) await closed;
    throw e;
  } finally {
    await rm(work, { recursive: true, force: true });
  }
}

async function join(timeline: Timeline, list: Segment[], folder: string, out: string): Promise<void> {
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
        '-y',
        '-v',
        'error',
        '-f',
        'concat',
        '-safe',
        '0',
        '-i',
        path.join(work, 'list.txt'),
        '-f',
        'f32le',
        '-ar',
        String(SAMPLE_RATE),
        '-ac',
        '2',
        '-i',
        'pipe:0',
        '-map',
        '0:v',
        '-map',
        '1:a',
        '-c:v',
        'copy',
        '-c:a',
        'aac',
        '-b:a',
        '192k',
        '-movflags',
        '+faststart',
        temporary,
      ],
      { input: mixedBytes(timeline), timeoutMs: 1_800_000 },
    );
    await rename(temporary, out);
  } finally {
    await rm(work, { recursive: true, force: true });
    await rm(temporary, { force: true });
  }
}
