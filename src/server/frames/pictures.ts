import type { ChildProcess } from 'node:child_process';
import path from 'node:path';
import { type Canvas, createCanvas, type Image, loadImage } from '@napi-rs/canvas';
import type { Pictures } from '../../core/paint/context.ts';
import { layersAt } from '../../core/paint/layers.ts';
import type { ViewName } from '../../core/piece/types.ts';
import { FPS } from '../../core/time.ts';
import { clipFrame, clipSeconds } from '../../core/timeline/shots.ts';
import type { Shot, ShotClip, Timeline } from '../../core/timeline/types.ts';
import { evenSize } from '../assets/clips.ts';
import { blurredFile, clipFile, pictureFile } from '../assets/lookup.ts';
import { CONFIG } from '../config.ts';
import { start } from '../program.ts';
import { shelf, shelfFile } from '../shelf/shelf.ts';

/** Pictures held in memory at a time. */
const STILLS_KEPT = 6;

/** Clips are decoded no larger than this; the long side, pixels. */
const CLIP_SIDE = 1920;

/**
 * Pictures for the painter on the server. Before each frame `prepare` has the stills loaded and loops and clips decoded up
 * to that frame; frames are asked for in order within a run.
 */
export class ServerPictures implements Pictures {
  private readonly images = new Map<string, Image>();
  private readonly readers = new Map<string, FrameReader>();
  private tile: Image | null = null;

  async prepare(timeline: Timeline, index: number, frame: number): Promise<void> {
    for (const { shot, run, grading } of layersAt(timeline, index, frame)) {
      if (grading && grading.grain > 0)
        this.tile ??= await loadImage(path.join(CONFIG.root, 'public/textures/grain.png'));
      if (!shot) continue;
      const key = `${shot.assetId}/${shot.view}`;
      if (shot.fit === 'whole' && shot.surround === 'blur')
        await this.load(`${key}/blurred`, () => blurredFile(shot.assetId, shot.view));
      if (shot.kind === 'still') await this.load(key, () => pictureFile(shot.assetId, shot.view));
      else if (shot.kind === 'loop') await this.read(key, () => openLoop(shot), run % shot.loopFrames);
      else if (shot.clip)
        await this.read(
          clipKey(shot, shot.clip),
          () => openClip(shot, shot.clip as ShotClip),
          clipFrame(shot.clip, run),
        );
    }
  }

  private async load(key: string, fileOf: () => Promise<string | null>): Promise<void> {
    if (this.images.has(key)) return;
    const file = await fileOf();
    if (!file) return;
    while (this.images.size >= STILLS_KEPT) this.images.delete(this.images.keys().next().value as string);
    this.images.set(key, await loadImage(file));
  }

  private async read(key: string, open: () => Promise<FrameReader>, frame: number): Promise<void> {
    let reader = this.readers.get(key);
    if (!reader) {
      reader = await open();
      this.readers.set(key, reader);
    }
    await reader.goTo(frame);
  }

  still(assetId: string, view: ViewName): unknown {
    return this.images.get(`${assetId}/${view}`) ?? null;
  }

  loop(assetId: string, view: ViewName): unknown {
    return this.readers.get(`${assetId}/${view}`)?.canvas ?? null;
  }

  clip(shot: Shot): unknown {
    return (shot.clip && this.readers.get(clipKey(shot, shot.clip))?.canvas) ?? null;
  }

  blurred(assetId: string, view: ViewName): unknown {
    return this.images.get(`${assetId}/${view}/blurred`) ?? null;
  }

  grain(): unknown {
    return this.tile;
  }

  /** Closes the readers of loops and clips; stills stay for the next run. */
  close(): void {
    for (const r of this.readers.values()) r.close();
    this.readers.clear();
  }
}

const clipKey = (shot: Shot, clip: ShotClip): string => `${shot.assetId}/${clip.inMs}/${clip.speed}`;

async function openLoop(shot: Shot): Promise<FrameReader> {
  const file = await shelfFile(shot.assetId, shot.view);
  const size = (await shelf()).entries.get(shot.assetId)?.views[shot.view];
  if (!file || !size) throw new Error(`The loop ${shot.assetId} is not on the shelf.`);
  return new FrameReader(file, size.width, size.height, shot.loopFrames, (frame) => ({
    seek: frame > 0 ? ['-ss', ((frame - 0.5) / FPS).toFixed(5)] : [],
    filter: 'scale=in_color_matrix=bt709:in_range=tv:out_range=pc',
  }));
}

/** Frames before the wanted one from which a clip is read, so that the frame rate filter has settled. */
const RUN_UP = 15;

async function openClip(shot: Shot, clip: ShotClip): Promise<FrameReader> {
  const file = await clipFile(shot.assetId);
  if (!file) throw new Error(`The file of the clip ${shot.assetId} is gone.`);
  const [width, height] = evenSize(shot.size, CLIP_SIDE);
  return new FrameReader(file, width, height, clip.frames, (frame) => {
    const before = Math.min(frame, RUN_UP);
    return {
      seek: ['-ss', clipSeconds(clip, frame - before).toFixed(5)],
      filter: `setpts=PTS/${clip.speed},fps=${FPS}:start_time=0,trim=start_frame=${before},setpts=PTS-STARTPTS,scale=${width}:${height}:out_range=pc,setsar=1`,
    };
  });
}

/** Reads frames of a video in order into one canvas; the frame after the last one is the first. */
class FrameReader {
  readonly canvas: Canvas;
  private at = -1;
  private child: ChildProcess | null = null;
  private chunks: Buffer[] = [];
  private have = 0;
  private wake: (() => void) | null = null;
  private ended = false;
  private readonly bytes: number;

  constructor(
    private readonly file: string,
    width: number,
    height: number,
    private readonly frames: number,
    private readonly from: (frame: number) => { seek: string[]; filter: string },
  ) {
    this.canvas = createCanvas(width, height);
    this.bytes = width * height * 4;
  }

  async goTo(frame: number): Promise<void> {
    if (frame === this.at) return;
    const next = this.at < 0 ? -1 : (this.at + 1) % this.frames;
    if (!this.child || frame !== next || frame === 0) this.begin(frame);
    let data = await this.read();
    if (!data && this.at >= 0 && frame === this.at + 1) {
      // A file may hold a frame less than its length says: the last one stands.
      this.at = frame;
      return;
    }
    if (!data) {
      this.begin(frame);
      data = await this.read();
    }
    if (!data) throw new Error(`The video ${path.basename(this.file)} has no frame ${frame}.`);
    const ctx = this.canvas.getContext('2d');
    const image = ctx.createImageData(this.canvas.width, this.canvas.height);
    image.data.set(data);
    ctx.putImageData(image, 0, 0);
    this.at = frame;
  }

  private begin(frame: number): void {
    this.close();
    this.ended = false;
    const { seek, filter } = this.from(frame);
    const child = start(
      'ffmpeg',
      [
        '-v',
        'error',
        '-protocol_whitelist',
        'file',
        ...seek,
        '-i',
        this.file,
        '-an',
        '-vf',
        filter,
        // Every frame once: the muxer would fill a gap with copies.
        '-fps_mode',
        'passthrough',
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
