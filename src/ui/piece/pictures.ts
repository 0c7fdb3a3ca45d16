'use client';

import type { Pictures } from '../../core/paint/context.ts';
import { FPS } from '../../core/time.ts';
import type { ScenePicture, Timeline, ViewName } from '../../core/timeline/types.ts';
import type { ShelfEntryView } from '../../server/shelf/view.ts';
import { mediaUrl } from '../shared/media.ts';

/** How far a playing loop may drift from its frame before it is set right, seconds. */
const DRIFT = 0.12;

/** Pictures for the painter in the browser: stills as images, loops as videos that run along. */
export class BrowserPictures implements Pictures {
  private readonly stills = new Map<string, HTMLImageElement>();
  private readonly videos = new Map<string, HTMLVideoElement>();
  shelf = new Map<string, ShelfEntryView>();
  onLoaded: () => void = () => undefined;

  still(assetId: string, view: ViewName): unknown {
    const image = this.image(assetId, view);
    return image?.complete && image.naturalWidth > 0 ? image : null;
  }

  loop(assetId: string, view: ViewName): unknown {
    const video = this.video(assetId, view);
    return video && video.readyState >= 2 ? video : null;
  }

  private image(assetId: string, view: ViewName): HTMLImageElement | null {
    const key = `${assetId}/${view}`;
    const known = this.stills.get(key);
    if (known) return known;
    const entry = this.shelf.get(assetId);
    if (!entry) return null;
    const image = new Image();
    image.decoding = 'async';
    image.onload = () => this.onLoaded();
    image.src = mediaUrl(entry, view);
    this.stills.set(key, image);
    return image;
  }

  private video(assetId: string, view: ViewName): HTMLVideoElement | null {
    const key = `${assetId}/${view}`;
    const known = this.videos.get(key);
    if (known) return known;
    const entry = this.shelf.get(assetId);
    if (!entry) return null;
    const video = document.createElement('video');
    video.muted = true;
    video.loop = true;
    video.playsInline = true;
    video.preload = 'auto';
    video.onloadeddata = () => this.onLoaded();
    video.src = mediaUrl(entry, view);
    this.videos.set(key, video);
    return video;
  }

  /** The pictures seen at a frame, and the frame of each loop. */
  private seen(timeline: Timeline, index: number, frame: number): { picture: ScenePicture; frame: number }[] {
    const scene = timeline.scenes[index];
    const before = timeline.scenes[index - 1];
    const out: { picture: ScenePicture; frame: number }[] = [];
    if (scene?.picture) out.push({ picture: scene.picture, frame });
    if (scene && before?.picture && frame < scene.dissolve)
      out.push({ picture: before.picture, frame: before.end - before.start + frame });
    return out;
  }

  /** Starts loading what the next scenes need, and lets loops run along with the playing piece. */
  follow(timeline: Timeline, index: number, frame: number, playing: boolean): void {
    for (const s of timeline.scenes.slice(index, index + 3)) {
      if (s.picture?.kind === 'still') this.image(s.picture.assetId, s.picture.view);
      else if (s.picture) this.video(s.picture.assetId, s.picture.view);
    }
    const active = new Set<HTMLVideoElement>();
    for (const { picture, frame: f } of this.seen(timeline, index, frame)) {
      if (picture.kind !== 'loop') continue;
      const video = this.video(picture.assetId, picture.view);
      if (!video || video.readyState < 1) continue;
      active.add(video);
      const at = ((f % picture.loopFrames) + 0.5) / FPS;
      const length = picture.loopFrames / FPS;
      const off = Math.abs(video.currentTime - at);
      if (playing) {
        if (Math.min(off, length - off) > DRIFT && !video.seeking) video.currentTime = at;
        if (video.paused) void video.play().catch(() => undefined);
      } else if (off > 0.5 / FPS && !video.seeking) {
        video.onseeked = () => this.onLoaded();
        video.currentTime = at;
      }
    }
    for (const v of this.videos.values()) if ((!playing || !active.has(v)) && !v.paused) v.pause();
  }

  /** Waits until everything that is seen at a frame can be drawn exactly. */
  async ready(timeline: Timeline, index: number, frame: number): Promise<void> {
    for (const { picture, frame: f } of this.seen(timeline, index, frame)) {
      if (picture.kind === 'still') {
        await this.image(picture.assetId, picture.view)?.decode();
        continue;
      }
      const video = this.video(picture.assetId, picture.view);
      if (!video) continue;
      video.pause();
      if (video.readyState < 2)
        await new Promise((r) => video.addEventListener('loadeddata', r, { once: true }));
      const at = ((f % picture.loopFrames) + 0.5) / FPS;
      const seeked = new Promise((r) => video.addEventListener('seeked', r, { once: true }));
      const shown = new Promise((r) => video.requestVideoFrameCallback(r));
      video.currentTime = at;
      await seeked;
      await Promise.race([shown, new Promise((r) => setTimeout(r, 400))]);
    }
  }

  dispose(): void {
    for (const v of this.videos.values()) {
      v.pause();
      v.removeAttribute('src');
    }
    this.videos.clear();
    this.stills.clear();
  }
}
