import type { ChildProcess } from 'node:child_process';
import type { PictureTexture } from '../../core/paint/textures.ts';
import { FPS, type Frames } from '../../core/time.ts';
import { clipFrame, clipSeconds } from '../../core/timeline/shots.ts';
import { clipFile } from '../assets/lookup.ts';
import { start } from '../program.ts';
import { shelfFile } from '../shelf/shelf.ts';

/** Loops and clips that are read at a time; those used last. */
export const READERS_KEPT = 4;

/** Frames before the wanted one from which a clip is read, so that the frame rate filter has settled. */
const RUN_UP = 15;

/** Pixels as the canvas has them, or as the encoder does: planes of BT.709, limited range. */
export type PixelFormat = 'rgba' | 'yuv420p';

/** Same key, same frames, in the same size. */
export function readerKey({ moving, assetId, view, region, width, height }: PictureTexture): string {
  const part = moving?.kind === 'clip' ? `${moving.clip.inMs}*${moving.clip.speed}` : '';
  return `${assetId}/${view} ${part} ${JSON.stringify(region)} ${width}x${height}`;
}

/** The frame of its file that a texture is. */
export function frameOf({ moving, assetId }: PictureTexture): Frames {
  if (!moving) throw new Error(`The picture ${assetId} does not move.`);
  return moving.kind === 'loop' ? moving.frame : clipFrame(moving.clip, moving.run);
}

/**
 * What ffmpeg is told to decode a texture that moves, from a frame of it on, each frame once.
 * to: where they go. cube: a file with what is done to its colours, of a path without signs that filters read.
 */
export async function decoderArguments(
  of: PictureTexture,
  format: PixelFormat,
  to: string,
  cube: string | null = null,
): Promise<string[]> {
  const { assetId, view, moving, region, width, height } = of;
  const frame = frameOf(of);
  const file = moving?.kind === 'clip' ? await clipFile(assetId) : await shelfFile(assetId, view);
  if (!file || !moving) throw new Error(`The file of the moving picture ${assetId} is gone.`);
  const colours = format === 'rgba' ? 'out_range=pc' : 'out_color_matrix=bt709:out_range=tv';
  const part = `crop=${region.width}:${region.height}:${region.x}:${region.y}:exact=1`;
  const graded = cube ? `scale=${width}:${height},format=gbrp,lut3d=file=${cube},` : '';
  const fit = `${part},${graded}scale=${width}:${height}:${colours},setsar=1`;
  const before = Math.min(frame, RUN_UP);
  const seconds = moving.kind === 'loop' ? (frame - 0.5) / FPS : clipSeconds(moving.clip, frame - before);
  const seek = seconds > 0 ? ['-ss', seconds.toFixed(5)] : [];
  const pace =
    moving.kind === 'loop'
      ? ''
      : `setpts=PTS/${moving.clip.speed},fps=${FPS}:start_time=0,trim=start_frame=${before},setpts=PTS-STARTPTS,`;
  return [
    ...[
      '-v',
      'error',
      '-y',
      '-protocol_whitelist',
      'file,pipe',
      ...seek,
      '-i',
      file,
      '-an',
      '-vf',
      pace + fit,
    ],
    // The muxer would fill a gap with copies.
    ...['-fps_mode', 'passthrough', '-f', 'rawvideo', '-pix_fmt', format, to],
  ];
}

/** Reads frames of loops and clips for the canvas, in the size in which they are used, in order. */
export class Readers {
  private readonly open = new Map<string, FrameReader>();

  /** The pixels of a texture that moves. */
  frame(of: PictureTexture): Promise<Uint8Array> {
    const key = readerKey(of);
    const reader = this.open.get(key) ?? new FrameReader();
    // Those used last are at the end.
    this.open.delete(key);
    this.open.set(key, reader);
    for (const [old, r] of this.open) {
      if (this.open.size <= READERS_KEPT) break;
      r.close();
      this.open.delete(old);
    }
    return reader.goTo(of);
  }

  close(): void {
    for (const r of this.open.values()) r.close();
    this.open.clear();
  }
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

  async goTo(of: PictureTexture): Promise<Uint8Array> {
    const frame = frameOf(of);
    if (frame === this.at) return this.pixels;
    const bytes = of.width * of.height * 4;
    const goesOn = this.child !== null && frame === this.at + 1;
    if (!goesOn) await this.begin(of, bytes);
    const data = await this.read(bytes);
    if (data) this.pixels = data;
    // A file may hold a frame less than its length says: the last one stands.
    else if (!goesOn) throw new Error(`The moving picture ${of.assetId} has no frame ${frame}.`);
    this.at = frame;
    return this.pixels;
  }

  private async begin(of: PictureTexture, bytes: number): Promise<void> {
    this.close();
    this.ended = false;
    const child = start('ffmpeg', await decoderArguments(of, 'rgba', 'pipe:1'), ['ignore', 'pipe', 'ignore']);
    this.child = child;
    child.stdout?.on('data', (d: Buffer) => {
      if (this.child !== child) return;
      this.chunks.push(d);
      this.have += d.length;
      if (this.have > bytes * 3) child.stdout?.pause();
      this.wake?.();
    });
    child.on('close', () => {
      if (this.child !== child) return;
      this.ended = true;
      this.wake?.();
    });
  }

  private async read(bytes: number): Promise<Buffer | null> {
    while (this.have < bytes && !this.ended)
      await new Promise<void>((r) => {
        this.wake = r;
      });
    if (this.have < bytes) return null;
    const all = this.chunks.length === 1 ? (this.chunks[0] as Buffer) : Buffer.concat(this.chunks);
    this.chunks = all.length > bytes ? [all.subarray(bytes)] : [];
    this.have -= bytes;
    if (this.have < bytes * 2) this.child?.stdout?.resume();
    return all.subarray(0, bytes);
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
