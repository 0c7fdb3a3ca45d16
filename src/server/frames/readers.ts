import type { ChildProcess } from 'node:child_process';
import path from 'node:path';
import type { Size } from '../../core/look/formats.ts';
import type { PictureTexture } from '../../core/paint/textures.ts';
import { FPS } from '../../core/time.ts';
import { clipFrame, clipSeconds } from '../../core/timeline/shots.ts';
import type { Crop, ShotClip } from '../../core/timeline/types.ts';
import { clipFile } from '../assets/lookup.ts';
import { start } from '../program.ts';
import { shelfFile } from '../shelf/shelf.ts';

/** Pixels as the canvas has them, or as the encoder does: planes of BT.709, limited range. */
export type PixelFormat = 'rgba' | 'yuv420p';

/** Loops and clips that are read at a time; those used last. */
const READERS_KEPT = 4;

/** Frames before the wanted one from which a clip is read, so that the frame rate filter has settled. */
const RUN_UP = 15;

/** Reads frames of loops and clips in the size in which they are used, in order. */
export class Readers {
  private readonly open = new Map<string, FrameReader>();

  constructor(private readonly format: PixelFormat) {}

  /** The pixels of a texture that moves; they may be overwritten by the next call. */
  async frame(of: PictureTexture): Promise<Uint8Array> {
    const { moving, assetId, view, region, width, height } = of;
    if (!moving) throw new Error(`The picture ${assetId} does not move.`);
    const part = moving.kind === 'clip' ? `${moving.clip.inMs}*${moving.clip.speed}` : '';
    const key = `${assetId}/${view} ${part} ${JSON.stringify(region)} ${width}x${height}`;
    const reader = this.open.get(key) ?? (await this.begin(of));
    // Those used last are at the end.
    this.open.delete(key);
    this.open.set(key, reader);
    for (const [old, r] of this.open) {
      if (this.open.size <= READERS_KEPT) break;
      r.close();
      this.open.delete(old);
    }
    return reader.goTo(moving.kind === 'loop' ? moving.frame : clipFrame(moving.clip, moving.run));
  }

  private async begin({ moving, assetId, view, ...of }: PictureTexture): Promise<FrameReader> {
    const fit = fitted(of.region, of, this.format);
    if (moving?.kind === 'clip') return openClip(assetId, moving.clip, of, fit, this.format);
    const file = await shelfFile(assetId, view);
    if (!file || !moving) throw new Error(`The loop ${assetId} is not on the shelf.`);
    return new FrameReader(file, of, moving.frames, this.format, (frame) => ({
      seek: frame > 0 ? ['-ss', ((frame - 0.5) / FPS).toFixed(5)] : [],
      filter: fit,
    }));
  }

  close(): void {
    for (const r of this.open.values()) r.close();
    this.open.clear();
  }
}

/** A part of a file in the wanted size, in the colours of the format. */
function fitted({ x, y, width, height }: Crop, to: Size, format: PixelFormat): string {
  const colours = format === 'rgba' ? 'out_range=pc' : 'out_color_matrix=bt709:out_range=tv';
  return `crop=${width}:${height}:${x}:${y}:exact=1,scale=${to.width}:${to.height}:${colours},setsar=1`;
}

async function openClip(
  assetId: string,
  clip: ShotClip,
  size: Size,
  fit: string,
  format: PixelFormat,
): Promise<FrameReader> {
  const file = await clipFile(assetId);
  if (!file) throw new Error(`The file of the clip ${assetId} is gone.`);
  return new FrameReader(file, size, clip.frames, format, (frame) => {
    const before = Math.min(frame, RUN_UP);
    return {
      seek: ['-ss', clipSeconds(clip, frame - before).toFixed(5)],
      filter: `setpts=PTS/${clip.speed},fps=${FPS}:start_time=0,trim=start_frame=${before},setpts=PTS-STARTPTS,${fit}`,
    };
  });
}

/** Reads frames of a video in order; the frame after the last one is the first. */
class FrameReader {
  private pixels: Uint8Array = new Uint8Array();
  private at = -1;
  private child: ChildProcess | null = null;
  private chunks: Buffer[] = [];
  private have = 0;
  private wake: (() => void) | null = null;
  private ended = false;
  private readonly bytes: number;

  constructor(
    private readonly file: string,
    { width, height }: Size,
    private readonly frames: number,
    private readonly format: PixelFormat,
    private readonly from: (frame: number) => { seek: string[]; filter: string },
  ) {
    this.bytes = width * height * (format === 'rgba' ? 4 : 1.5);
  }

  async goTo(frame: number): Promise<Uint8Array> {
    if (frame === this.at) return this.pixels;
    const next = this.at < 0 ? -1 : (this.at + 1) % this.frames;
    if (!this.child || frame !== next || frame === 0) this.begin(frame);
    let data = await this.read();
    if (!data && this.at >= 0 && frame === this.at + 1) {
      // A file may hold a frame less than its length says: the last one stands.
      this.at = frame;
      return this.pixels;
    }
    if (!data) {
      this.begin(frame);
      data = await this.read();
    }
    if (!data) throw new Error(`The video ${path.basename(this.file)} has no frame ${frame}.`);
    this.pixels = data;
    this.at = frame;
    return data;
  }

  private begin(frame: number): void {
    this.close();
    this.ended = false;
    const { seek, filter } = this.from(frame);
    const child = start(
      'ffmpeg',
      [
        ...['-v', 'error', '-protocol_whitelist', 'file', ...seek, '-i', this.file, '-an', '-vf', filter],
        // Every frame once: the muxer would fill a gap with copies.
        ...['-fps_mode', 'passthrough', '-f', 'rawvideo', '-pix_fmt', this.format, 'pipe:1'],
      ],
      ['ignore', 'pipe', 'ignore'],
    );
    this.child = child;
    child.stdout?.on('data', (d: Buffer) => {
      if (this.child !== child) return;
      this.chunks.push(d);
      this.have += d.length;
      if (this.have > this.bytes * 3) child.stdout?.pause();
      this.wake?.();
    });
    child.on('close', () => {
      if (this.child !== child) return;
      this.ended = true;
      this.wake?.();
    });
  }

  private async read(): Promise<Buffer | null> {
    while (this.have < this.bytes && !this.ended)
      await new Promise<void>((r) => {
        this.wake = r;
      });
    if (this.have < this.bytes) return null;
    const all = this.chunks.length === 1 ? (this.chunks[0] as Buffer) : Buffer.concat(this.chunks);
    this.chunks = all.length > this.bytes ? [all.subarray(this.bytes)] : [];
    this.have -= this.bytes;
    if (this.have < this.bytes * 2) this.child?.stdout?.resume();
    return all.subarray(0, this.bytes);
  }

  close(): void {
    const child = this.child;
    this.child = null;
    this.chunks = [];
    this.have = 0;
    child?.stdout?.destroy();
    child?.kill('SIGKILL');
  }
}
