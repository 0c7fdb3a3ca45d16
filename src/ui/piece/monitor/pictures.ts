'use client';

import { addressOf } from '../../../api/endpoint.ts';
import { assetPart } from '../../../api/material.ts';

import type { ShelfEntryView } from '../../../api/shelf.ts';
import type { Pictures } from '../../../core/paint/context.ts';
import { type Layer, layersAt } from '../../../core/paint/layers.ts';
import type { ViewName } from '../../../core/piece/types.ts';
import { FPS } from '../../../core/time.ts';
import { clipFrame, clipSeconds } from '../../../core/timeline/shots.ts';
import type { Shot, Timeline } from '../../../core/timeline/types.ts';

/** How far a playing loop or clip may drift from its frame before it is set right, seconds. */
const DRIFT = 0.12;

/** A set of 200 photos would not fit in memory at once. */
const STILLS_KEPT = 24;

/** Pictures for the painter in the browser: stills as images, loops and clips as videos that run along. */
export class BrowserPictures implements Pictures {
  private readonly images = new Map<string, HTMLImageElement>();
  private readonly videos = new Map<string, HTMLVideoElement>();
  private tile: HTMLImageElement | null = null;
  shelf = new Map<string, ShelfEntryView>();
  onLoaded: () => void = () => undefined;

  still(assetId: string, view: ViewName): unknown {
    return drawable(this.image(assetId, view));
  }

  loop(assetId: string, view: ViewName): unknown {
    const video = this.video(assetId, view);
    return video && video.readyState >= 2 ? video : null;
  }

  /** The clip where it runs; its poster while there is no copy for playing yet. */
  clip(shot: Shot): unknown {
    return this.loop(shot.assetId, shot.view) ?? this.still(shot.assetId, shot.view);
  }

  blurred(assetId: string, view: ViewName): unknown {
    return drawable(this.keep(`${assetId}/${view}/blurred`, () => this.blurredAddress(assetId, view)));
  }

  grain(): unknown {
    if (!this.tile) {
      this.tile = new Image();
      this.tile.onload = () => this.onLoaded();
      this.tile.src = '/textures/grain.png';
    }
    return drawable(this.tile);
  }

  private blurredAddress(assetId: string, view: ViewName): string {
    const entry = this.shelf.get(assetId);
    if (!entry) return '';
    return entry.own
      ? addressOf(assetPart, { id: assetId, part: 'blurred' })
      : `${entry.views[view]?.src ?? ''}&blurred`;
  }

  private image(assetId: string, view: ViewName): HTMLImageElement | null {
    return this.keep(`${assetId}/${view}`, () => this.shelf.get(assetId)?.views[view]?.src ?? '');
  }

  private keep(key: string, addressOf: () => string): HTMLImageElement | null {
    const known = this.images.get(key);
    if (known) return known;
    const address = addressOf();
    if (!address) return null;
    for (const old of [...this.images.keys()].slice(0, Math.max(0, this.images.size + 1 - STILLS_KEPT)))
      this.images.delete(old);
    const image = new Image();
    image.decoding = 'async';
    image.onload = () => this.onLoaded();
    image.src = address;
    this.images.set(key, image);
    return image;
  }

  private video(assetId: string, view: ViewName): HTMLVideoElement | null {
    const key = `${assetId}/${view}`;
    const known = this.videos.get(key);
    if (known) return known;
    const entry = this.shelf.get(assetId);
    const playing = entry?.clip && (entry.clip.done < 1 ? entry.clip.direct : entry.clip.proxy);
    if (!entry || (entry.clip && !playing)) return null;
    const video = document.createElement('video');
    video.muted = true;
    video.loop = entry.kind === 'loop';
    video.playsInline = true;
    video.preload = 'auto';
    video.onloadeddata = () => this.onLoaded();
    video.src = playing ?? entry.views[view]?.src ?? '';
    this.videos.set(key, video);
    return video;
  }

  private load(shot: Shot): void {
    if (shot.kind !== 'loop') this.image(shot.assetId, shot.view);
    if (shot.kind !== 'still') this.video(shot.assetId, shot.view);
    if (shot.fit === 'whole' && shot.surround === 'blur') this.blurred(shot.assetId, shot.view);
  }

  /** Starts loading what the next scenes need, and lets loops and clips run along with the playing piece. */
  follow(timeline: Timeline, index: number, frame: number, playing: boolean): void {
    for (const s of timeline.scenes.slice(index, index + 3)) for (const shot of s.shots) this.load(shot);
    const active = new Set<HTMLVideoElement>();
    for (const layer of layersAt(timeline, index, frame)) {
      const moment = momentOf(layer);
      const video = moment && this.video(moment.shot.assetId, moment.shot.view);
      if (!moment || !video || video.readyState < 1 || active.has(video)) continue;
      active.add(video);
      const off = Math.abs(video.currentTime - moment.seconds);
      if (playing && !moment.stands) {
        video.playbackRate = moment.speed;
        const drift = moment.length === null ? off : Math.min(off, moment.length - off);
        if (drift > DRIFT * Math.max(1, moment.speed) && !video.seeking) video.currentTime = moment.seconds;
        if (video.paused) void video.play().catch(() => undefined);
      } else if (off > 0.5 / FPS && !video.seeking) {
        video.onseeked = () => this.onLoaded();
        video.currentTime = moment.seconds;
      }
    }
    for (const v of this.videos.values()) if ((!playing || !active.has(v)) && !v.paused) v.pause();
  }

  /** Waits until everything that is seen at a frame can be drawn exactly. */
  async ready(timeline: Timeline, index: number, frame: number): Promise<void> {
    for (const layer of layersAt(timeline, index, frame)) {
      const { shot, grading } = layer;
      if (grading && grading.grain > 0) {
        this.grain();
        await this.tile?.decode();
      }
      if (!shot) continue;
      if (shot.fit === 'whole' && shot.surround === 'blur') {
        this.blurred(shot.assetId, shot.view);
        await this.images.get(`${shot.assetId}/${shot.view}/blurred`)?.decode();
      }
      const moment = momentOf(layer);
      const video = moment && this.video(shot.assetId, shot.view);
      if (!moment || !video) {
        await this.image(shot.assetId, shot.view)?.decode();
        continue;
      }
      await standAt(video, moment.seconds);
    }
  }

  dispose(): void {
    for (const v of this.videos.values()) {
      v.pause();
      v.removeAttribute('src');
    }
    this.videos.clear();
    this.images.clear();
  }
}

/** Milliseconds that a video is waited for before it is asked again, and how often. */
const SEEK = { waitMs: 3000, tries: 10, frameMs: 400 } as const;

const event = (video: HTMLVideoElement, name: 'loadeddata' | 'seeked'): Promise<boolean> =>
  new Promise((resolve) => {
    const timer = setTimeout(() => resolve(false), SEEK.waitMs);
    video.addEventListener(
      name,
      () => {
        clearTimeout(timer);
        resolve(true);
      },
      { once: true },
    );
  });

/**
 * Lets a video stand at a moment. A seek can be overtaken by one of the monitor, and a video on a busy machine can come late:
 * both are asked for again. Throws when it does not come at all.
 */
async function standAt(video: HTMLVideoElement, seconds: number): Promise<void> {
  for (let i = 0; i < SEEK.tries && !video.error; i++) {
    video.pause();
    if (video.readyState < 2 && !(await event(video, 'loadeddata')) && video.readyState < 2) continue;
    const shown = new Promise((r) => video.requestVideoFrameCallback(r));
    const seeked = event(video, 'seeked');
    video.currentTime = seconds;
    if (!(await seeked) || Math.abs(video.currentTime - seconds) > 0.5 / FPS) continue;
    await Promise.race([shown, new Promise((r) => setTimeout(r, SEEK.frameMs))]);
    return;
  }
  throw new Error('A moving picture of this frame cannot be loaded just now. Try again in a moment.');
}

const drawable = (image: HTMLImageElement | null): HTMLImageElement | null =>
  image?.complete && image.naturalWidth > 0 ? image : null;

/** Where the video of a layer stands: in its file, seconds; null for a still. */
function momentOf({ shot, run }: Layer): {
  shot: Shot;
  seconds: number;
  speed: number;
  /** Of a loop, seconds. */
  length: number | null;
  /** The last frame of a clip that is over stands. */
  stands: boolean;
} | null {
  if (!shot || shot.kind === 'still') return null;
  if (shot.clip) {
    const frame = clipFrame(shot.clip, run);
    return {
      shot,
      seconds: clipSeconds(shot.clip, frame) + 0.5 / FPS,
      speed: shot.clip.speed,
      length: null,
      stands: shot.clip.end === 'hold' && run >= shot.clip.frames - 1,
    };
  }
  return {
    shot,
    seconds: ((run % shot.loopFrames) + 0.5) / FPS,
    speed: 1,
    length: shot.loopFrames / FPS,
    stands: false,
  };
}
