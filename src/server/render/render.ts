import type { ChildProcess } from 'node:child_process';
import { mkdir, mkdtemp, rename, rm, stat, utimes, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { createCanvas } from '@napi-rs/canvas';
import type { Context2D } from '../../core/paint/context.ts';
import { paintFrame } from '../../core/paint/paint.ts';
import { mix, type Stereo } from '../../core/sound/mix.ts';
import { FPS, SAMPLE_RATE } from '../../core/time.ts';
import { type Height, renderSize, type Segment, segments } from '../../core/timeline/segments.ts';
import type { Timeline } from '../../core/timeline/types.ts';
import { dataPath } from '../config.ts';
import { trackSamples } from '../music/tracks.ts';
import { ProgramError, run, start } from '../program.ts';
import { shelf } from '../shelf/shelf.ts';
import { takeSamples } from '../speech/takes.ts';
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
  '-video_track_timescale',
  '15360',
] as const;

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
  const progress = { done: 0, total: timeline.frames, painted: 0 };
  const painter = new SegmentPainter(timeline, size, folder);
  try {
    for (const s of list) {
      throwIfCancelled(options.signal);
      const file = segmentFile(folder, s);
      if (await stat(file).catch(() => null))
        await utimes(file, new Date(), new Date()).catch(() => undefined);
      else
        await painter.paint(s, options.signal, async (n) => {
          await options.onProgress?.({ ...progress, done: progress.done + n, painted: progress.painted + n });
        });
      const fresh = painter.last === s.key;
      progress.done += s.to - s.from;
      if (fresh) progress.painted += s.to - s.from;
      await options.onProgress?.({ ...progress });
    }
    await painter.finish();
  } finally {
    await painter.close();
  }
  throwIfCancelled(options.signal);
  await join(timeline, list, folder, options.out);
  await keepNewest(folder, SEGMENTS_KEPT);
}

const segmentFile = (folder: string, s: Segment) => path.join(folder, `${s.key}.mp4`);

function throwIfCancelled(signal?: AbortSignal): void {
  if (signal?.aborted) throw new RenderCancelled('The render was cancelled.');
}

/** Paints segments one after the other; the encoder of one may still be finishing while the next is begun. */
class SegmentPainter {
  /** Key of the segment painted last. */
  last = '';
  private readonly pictures = new ServerPictures();
  private pending: Promise<void> = Promise.resolve();
  private readonly children = new Set<ChildProcess>();
  private readonly surface;
  private readonly convert;

  constructor(
    private readonly timeline: Timeline,
    private readonly size: { width: number; height: number },
    private readonly folder: string,
  ) {
    this.surface = createCanvas(size.width, size.height);
    this.convert = converter(size.width, size.height);
  }

  async paint(
    s: Segment,
    signal: AbortSignal | undefined,
    onFrames: (n: number) => Promise<void>,
  ): Promise<void> {
    const { width, height } = this.size;
    const temporary = path.join(this.folder, `${s.key}.${process.pid}.tmp.mp4`);
    const child = start(
      'ffmpeg',
      [
        '-y',
        '-v',
        'error',
        '-f',
        'rawvideo',
        '-pix_fmt',
        'yuv420p',
        '-s',
        `${width}x${height}`,
        '-r',
        String(FPS),
        '-i',
        'pipe:0',
        ...ENCODER,
        temporary,
      ],
      ['pipe', 'ignore', 'pipe'],
    );
    this.children.add(child);
    let said = '';
    child.stderr?.on('data', (d: Buffer) => {
      said += d.toString();
    });
    const closed = new Promise<void>((resolve, reject) => {
      child.on('error', reject);
      child.on('close', (code) => {
        this.children.delete(child);
        if (code === 0) resolve();
        else
          reject(
            new ProgramError(`The encoder ended with code ${code}: ${said.trim() || 'it said nothing'}`),
          );
      });
    });
    closed.catch(() => undefined);
    child.stdin?.on('error', () => {
      // The encoder went away: its exit code, or the cancelling, says why.
    });
    const ctx = this.surface.getContext('2d', { alpha: false }) as unknown as Context2D;
    let written: Promise<void> | null = null;
    for (let f = s.from; f < s.to; f++) {
      throwIfCancelled(signal);
      await this.pictures.prepare(this.timeline, s.scene, f);
      paintFrame(ctx, this.timeline, s.scene, f, this.pictures, width, height);
      const rgba = this.surface.data();
      if (written) await written;
      this.convert.rgba.set(rgba);
      this.convert.run();
      written = new Promise((resolve, reject) =>
        child.stdin?.write(this.convert.i420, (e) => (e ? reject(e) : resolve())),
      );
      written.catch(() => undefined);
      if ((f - s.from) % 30 === 29) await onFrames(f - s.from + 1);
      if (f % 4 === 0) (globalThis as { gc?: (o: { type: string }) => void }).gc?.({ type: 'minor' });
      await new Promise((r) => setImmediate(r));
    }
    await written?.catch(async () => closed);
    child.stdin?.end();
    await this.pending;
    this.last = s.key;
    this.pending = closed.then(() => rename(temporary, segmentFile(this.folder, s)));
    this.pending.catch(() => rm(temporary, { force: true }));
  }

  finish(): Promise<void> {
    return this.pending;
  }

  async close(): Promise<void> {
    this.pictures.close();
    for (const c of this.children) c.kill('SIGKILL');
    await this.pending.catch(() => undefined);
  }
}

/** The sound of a timeline, from the takes and the track in the store. */
export async function mixTimeline(timeline: Timeline): Promise<Stereo> {
  const takes = new Map<string, Float32Array>();
  for (const { voice } of timeline.scenes)
    if (voice && !takes.has(voice.key)) takes.set(voice.key, await takeSamples(voice.key));
  const { music } = timeline.sound;
  const track = music ? await trackSamples(music.key) : null;
  return mix(timeline, { take: (k) => takes.get(k) ?? null, track: () => track });
}

function interleaved({ left, right }: Stereo): Buffer {
  const out = new Float32Array(left.length * 2);
  for (let i = 0; i < left.length; i++) {
    out[i * 2] = left[i] as number;
    out[i * 2 + 1] = right[i] as number;
  }
  return Buffer.from(out.buffer);
}

async function join(timeline: Timeline, list: Segment[], folder: string, out: string): Promise<void> {
  await mkdir(path.dirname(path.resolve(out)), { recursive: true });
  const work = await mkdtemp(path.join(dataPath(), 'join-'));
  const temporary = `${out}.${process.pid}.tmp.mp4`;
  try {
    const names = list.map(
      (s) => `file '${segmentFile(folder, s)}'\nduration ${((s.to - s.from) / FPS).toFixed(6)}`,
    );
    await writeFile(path.join(work, 'list.txt'), `${names.join('\n')}\n`);
    const sound = interleaved(await mixTimeline(timeline));
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
      { input: sound, timeoutMs: 1_800_000 },
    );
    await rename(temporary, out);
  } finally {
    await rm(work, { recursive: true, force: true });
    await rm(temporary, { force: true });
  }
}
