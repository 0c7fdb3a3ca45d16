import type { ChildProcess } from 'node:child_process';
import { type Canvas, createCanvas, type Image, loadImage } from '@napi-rs/canvas';
import type { Pictures } from '../../core/paint/context.ts';
import { FPS } from '../../core/time.ts';
import { sceneAt } from '../../core/timeline/compile.ts';
import type { ScenePicture, Timeline } from '../../core/timeline/types.ts';
import { start } from '../program.ts';
import { shelf, shelfFile } from '../shelf/shelf.ts';

/** Pictures held in memory at a time. */
const STILLS_KEPT = 6;

/**
 * Pictures for the painter on the server. Before each frame `prepare` has the stills loaded and the loops decoded up to
 * that frame; frames are asked for in order within a run.
 */
export class ServerPictures implements Pictures {
  private readonly stills = new Map<string, Image>();
  private readonly loops = new Map<string, LoopReader>();

  async prepare(timeline: Timeline, index: number, frame: number): Promise<void> {
    const scene = timeline.scenes[index];
    const wanted: { picture: ScenePicture; frame: number }[] = [];
    if (scene?.picture) wanted.push({ picture: scene.picture, frame });
    const previous = timeline.scenes[index - 1];
    if (scene && previous?.picture && frame < scene.dissolve)
      wanted.push({ picture: previous.picture, frame: previous.end - previous.start + frame });
    for (const { picture, frame: f } of wanted) {
      const key = `${picture.assetId}/${picture.view}`;
      if (picture.kind === 'still') {
        if (!this.stills.has(key)) await this.load(key, picture);
      } else {
        let reader = this.loops.get(key);
        if (!reader) {
          reader = await LoopReader.open(picture);
          this.loops.set(key, reader);
        }
        await reader.goTo(f % picture.loopFrames);
      }
    }
  }

  private async load(key: string, picture: ScenePicture): Promise<void> {
    const file = await shelfFile(picture.assetId, picture.view);
    if (!file) return;
    while (this.stills.size >= STILLS_KEPT) this.stills.delete(this.stills.keys().next().value as string);
    this.stills.set(key, await loadImage(file));
  }

  still(assetId: string, view: 'wide' | 'tall'): unknown {
    return this.stills.get(`${assetId}/${view}`) ?? null;
  }

  loop(assetId: string, view: 'wide' | 'tall'): unknown {
    return this.loops.get(`${assetId}/${view}`)?.canvas ?? null;
  }

  /** Closes the readers of loops; stills stay for the next run. */
  close(): void {
    for (const r of this.loops.values()) r.close();
    this.loops.clear();
  }
}

/** Reads a loop's frames in order into one canvas, round and round. */
class LoopReader {
  readonly canvas: Canvas;
  private at = -1;
  private child: ChildProcess | null = null;
  private chunks: Buffer[] = [];
  private have = 0;
  private wake: (() => void) | null = null;
  private ended = false;
  private readonly bytes: number;
  private readonly file: string;
  private readonly loopFrames: number;

  private constructor(file: string, width: number, height: number, loopFrames: number) {
    this.file = file;
    this.canvas = createCanvas(width, height);
    this.bytes = width * height * 4;
    this.loopFrames = loopFrames;
  }

  static async open(picture: ScenePicture): Promise<LoopReader> {
    const file = await shelfFile(picture.assetId, picture.view);
    const size = (await shelf()).entries.get(picture.assetId)?.views[picture.view];
    if (!file || !size) throw new Error(`The loop ${picture.assetId} is not on the shelf.`);
    return new LoopReader(file, size.width, size.height, picture.loopFrames);
  }

  async goTo(frame: number): Promise<void> {
    if (frame === this.at) return;
    const next = this.at < 0 ? -1 : (this.at + 1) % this.loopFrames;
    if (
      !this.child ||
      frame !== next ||
      (frame === 0 && this.at >= 0 && this.ended && this.have < this.bytes)
    )
      this.begin(frame);
    let data = await this.read();
    if (!data) {
      this.begin(frame);
      data = await this.read();
    }
    if (!data) throw new Error(`The loop ${this.file} has no frame ${frame}.`);
    const ctx = this.canvas.getContext('2d');
    const image = ctx.createImageData(this.canvas.width, this.canvas.height);
    image.data.set(data);
    ctx.putImageData(image, 0, 0);
    this.at = frame;
  }

  private begin(frame: number): void {
    this.close();
    this.ended = false;
    const seek = frame > 0 ? ['-ss', ((frame - 0.5) / FPS).toFixed(5)] : [];
    const child = start(
      'ffmpeg',
      [
        '-v',
        'error',
        ...seek,
        '-i',
        this.file,
        '-vf',
        'scale=in_color_matrix=bt709:in_range=tv:out_range=pc',
        '-f',
        'rawvideo',
        '-pix_fmt',
        'rgba',
        'pipe:1',
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

/** The scene and scene-local frame of a frame of the piece. */
export function locate(timeline: Timeline, frame: number): { index: number; local: number } {
  const index = sceneAt(timeline, frame);
  return { index, local: frame - (timeline.scenes[index]?.start ?? 0) };
}
