'use client';

import { addressOf } from '../../../api/endpoint.ts';
import { assetPart } from '../../../api/material.ts';

import type { ShelfEntryView } from '../../../api/shelf.ts';
import type { Drawable, FilePicture, Sources } from '../../../core/paint/context.ts';
import type { DisplayList } from '../../../core/paint/list.ts';
import { wholeOf } from '../../../core/paint/pictures.ts';
import type { PictureTexture, Texture } from '../../../core/paint/textures.ts';
import type { ViewName } from '../../../core/piece/types.ts';
import { FPS } from '../../../core/time.ts';
import { clipFrame, clipSeconds } from '../../../core/timeline/shots.ts';
import type { Shot, Timeline } from '../../../core/timeline/types.ts';

/** How far a playing loop or clip may drift from its frame before it is set right, seconds. */
const DRIFT = 0.12;

/** A set of 200 photos would not fit in memory at once. */
const STILLS_KEPT = 24;

interface OfView {
  assetId: string;
  view: ViewName;
}

/** What textures are made of in the browser: stills as images, loops and clips as videos that run along. */
export class BrowserSources implements Sources {
  private readonly images = new Map<string, HTMLImageElement>();
  private readonly videos = new Map<string, HTMLVideoElement>();
  private tile: HTMLImageElement | null = null;
  shelf = new Map<string, ShelfEntryView>();
  onLoaded: () => void = () => undefined;

  /** A clip has its poster while there is no copy for playing yet. */
  picture(of: PictureTexture): FilePicture | null {
    const shows = wholeOf(of.file);
    const video = of.moving && this.video(of.assetId, of.view);
    if (video && video.readyState >= 2)
      return { image: video, width: video.videoWidth, height: video.videoHeight, shows };
    if (of.moving?.kind === 'loop') return null;
    const still = drawable(this.image(of.assetId, of.view));
    return still && { ...still, shows };
  }

  blurred({ assetId, view }: OfView): Drawable | null {
    return drawable(this.keep(`${assetId}/${view}/blurred`, () => this.blurredAddress(assetId, view)));
  }

  grain(): Drawable | null {
    if (!this.tile) {
      this.tile = new Image();
      this.tile.onload = () => this.onLoaded();
      this.tile.src = '/textures/grain.png';
    }
    return drawable(this.tile);
  }

  /** The browser finds the files of a family by itself. */
  font(css: string): string {
    return css;
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
    if (shot.fit === 'whole' && shot.surround === 'blur') this.blurred(shot);
  }

  /** Starts loading what a scene and the next two need. */
  fetch(timeline: Timeline, index: number): void {
    for (const s of timeline.scenes.slice(index, index + 3)) for (const shot of s.shots) this.load(shot);
  }

  /** Lets the loops and clips of a frame run along with the playing piece, or stand at their moment. */
  follow(list: DisplayList, playing: boolean): void {
    const active = new Set<HTMLVideoElement>();
    for (const texture of pictureTextures(list)) {
      const moment = momentOf(texture);
      const video = moment && this.video(texture.assetId, texture.view);
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

  /** Waits until everything that is seen in a frame can be drawn exactly. */
  async ready({ draws }: DisplayList): Promise<void> {
    for (const d of draws) if (d.kind === 'texture') await this.wait(d.texture);
  }

  private async wait(texture: Texture): Promise<void> {
    if (texture.kind === 'grain') {
      this.grain();
      await this.tile?.decode();
    }
    if (texture.kind === 'surround') {
      this.blurred(texture);
      await this.images.get(`${texture.assetId}/${texture.view}/blurred`)?.decode();
    }
    if (texture.kind !== 'picture') return;
    const moment = momentOf(texture);
    const video = moment && this.video(texture.assetId, texture.view);
    if (moment && video) await standAt(video, moment.seconds);
    else await this.image(texture.assetId, texture.view)?.decode();
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

const drawable = (image: HTMLImageElement | null): Drawable | null =>
  image?.complete && image.naturalWidth > 0
    ? { image, width: image.naturalWidth, height: image.naturalHeight }
    : null;

function* pictureTextures({ draws }: DisplayList): Generator<PictureTexture> {
  for (const d of draws) if (d.kind === 'texture' && d.texture.kind === 'picture') yield d.texture;
}

/** Where a picture that moves stands; null for a still. */
function momentOf({ moving }: PictureTexture): {
  /** In its file. */
  seconds: number;
  speed: number;
  /** Of a loop, seconds. */
  length: number | null;
  /** The last frame of a clip that is over stands. */
  stands: boolean;
} | null {
  if (!moving) return null;
  if (moving.kind === 'loop')
    return {
      seconds: (moving.frame + 0.5) / FPS,
      speed: 1,
      length: moving.frames / FPS,
      stands: false,
    };
  const { clip, run } = moving;
  return {
    seconds: clipSeconds(clip, clipFrame(clip, run)) + 0.5 / FPS,
    speed: clip.speed,
    length: null,
    stands: clip.end === 'hold' && run >= clip.frames - 1,
  };
}
