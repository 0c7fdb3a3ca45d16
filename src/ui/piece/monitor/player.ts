'use client';

import { CanvasPainter, type NewSurface } from '../../../core/paint/canvas.ts';
import type { Context2D } from '../../../core/paint/context.ts';
import { frameAt } from '../../../core/paint/frame.ts';
import { FPS, framesToSeconds, SAMPLE_RATE } from '../../../core/time.ts';
import { locate } from '../../../core/timeline/compile.ts';
import type { Crop, Timeline } from '../../../core/timeline/types.ts';
import { BrowserSources } from './pictures.ts';
import { Sound } from './sound.ts';

type PlayerPhase = 'paused' | 'preparing' | 'playing';

export interface PlayerView {
  phase: PlayerPhase;
  frame: number;
  error: string | null;
}

/** A scene is shown so many frames before its end: its words stand, and have not begun to go. */
const PREVIEW_BEFORE_END = 6;

/** Textures of the next scene are made within so many frames before it. */
const WARM_FRAMES = 30;

/** exact: drawn by the processor, as on the server, and not by the graphics card. */
const newSurface =
  (exact: boolean): NewSurface =>
  ({ width, height }) => {
    const canvas = document.createElement('canvas');
    canvas.width = width;
    canvas.height = height;
    const ctx = canvas.getContext('2d', { willReadFrequently: exact }) as unknown as Context2D;
    return { surface: { ctx, width, height }, image: canvas };
  };

/** A frame in which a picture of a scene stands while it is being set. */
export interface HeldFrame {
  sceneId: string;
  /** Place of the picture in its scene, from 0. */
  slot: number;
  crop: Crop;
}

/** What plays sound, and the clock that goes with it. */
export type Audio = Pick<
  AudioContext,
  'currentTime' | 'outputLatency' | 'destination' | 'resume' | 'createBufferSource' | 'close'
>;

/** What a player needs of the browser. */
export interface PlayerParts {
  pictures: BrowserSources;
  sound: Sound;
  openAudio(): Audio;
  newSurface: NewSurface;
  /** Calls before the next picture of the screen; gives what calls it off. */
  nextFrame(call: () => void): () => void;
}

const browserParts = (): PlayerParts => ({
  pictures: new BrowserSources(),
  sound: new Sound(),
  openAudio: () => new AudioContext({ sampleRate: SAMPLE_RATE }),
  newSurface: newSurface(false),
  nextFrame(call) {
    const id = requestAnimationFrame(call);
    return () => cancelAnimationFrame(id);
  },
});

/** Plays a timeline in a canvas with the sound it will have: the clock is that of the sound. */
export class Player {
  readonly pictures: BrowserSources;
  private readonly painter: CanvasPainter;
  readonly sound: Sound;
  private canvas: HTMLCanvasElement | null = null;
  private timeline: Timeline | null = null;
  private audio: Audio | null = null;
  private source: AudioBufferSourceNode | null = null;
  private startedAt = 0;
  private startFrame = 0;
  private cancelFrame: () => void = () => undefined;
  private ticket = 0;
  private painted = -1;
  private preview: string | null = null;
  private held: HeldFrame | null = null;
  private tried: Timeline | null = null;
  view: PlayerView = { phase: 'paused', frame: 0, error: null };
  private readonly listeners = new Set<() => void>();

  constructor(private readonly parts: PlayerParts = browserParts()) {
    this.pictures = parts.pictures;
    this.painter = new CanvasPainter(parts.pictures, parts.newSurface);
    this.sound = parts.sound;
    this.pictures.onLoaded = () => {
      if (this.view.phase !== 'playing') this.paint(true);
    };
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  getView = (): PlayerView => this.view;

  private update(change: Partial<PlayerView>): void {
    const now: PlayerView = this.view;
    // Nothing is drawn again for what stays as it is.
    if (Object.entries(change).every(([k, v]) => now[k as keyof PlayerView] === v)) return;
    this.view = { ...this.view, ...change };
    for (const l of this.listeners) l();
  }

  attach(canvas: HTMLCanvasElement | null): void {
    this.canvas = canvas;
    this.paint(true);
  }

  /** More fonts are there: words that were drawn without them are drawn again. */
  fontsCame(): void {
    this.painter.clear();
    this.paint(true);
  }

  /** A new state of the piece. While playing, the picture follows at once and the sound from the next start on. */
  setTimeline(timeline: Timeline): void {
    this.timeline = timeline;
    const last = Math.max(0, timeline.frames - 1);
    if (this.view.frame > last) this.update({ frame: last });
    if (this.preview && this.view.phase === 'paused') this.showScene(this.preview);
    else this.paint(true);
  }

  /** Shows a scene with all its words, while nothing plays; playing then begins at the scene's start. */
  showScene(sceneId: string): void {
    if (this.view.phase !== 'paused') return;
    this.preview = sceneId;
    const scene = this.timeline?.scenes.find((s) => s.sceneId === sceneId);
    if (!scene) return;
    this.update({ frame: Math.max(scene.start, scene.end - PREVIEW_BEFORE_END) });
    this.paint(true);
  }

  /** Shows the middle of one of a scene's pictures, while nothing plays. */
  showPicture(sceneId: string, slot: number): void {
    const scene = this.timeline?.scenes.find((s) => s.sceneId === sceneId);
    const shot = scene?.shots[slot];
    if (this.view.phase !== 'paused' || !scene || !shot) return;
    this.preview = null;
    const end = Math.min(shot.end, scene.end - scene.start);
    this.update({ frame: scene.start + Math.floor((shot.start + shot.transition.frames + end) / 2) });
    this.paint(true);
  }

  /** While nothing plays, a picture of a scene stands in this frame instead of moving; null lets it go. */
  hold(held: HeldFrame | null): void {
    if (!held && !this.held) return;
    this.held = held;
    if (this.view.phase === 'paused') this.paint(true);
  }

  /** Shows how the piece would look otherwise, also while it plays where it is as long; null lets it go. */
  tryOut(timeline: Timeline | null): void {
    if (!timeline && !this.tried) return;
    this.tried = timeline;
    if (this.view.phase === 'paused') this.paint(true);
  }

  /** The timeline as it is painted now. */
  private painting(): Timeline | null {
    const { timeline, held, tried } = this;
    if (tried && (this.view.phase === 'paused' || tried.frames === timeline?.frames)) return tried;
    if (!timeline || !held || this.view.phase !== 'paused') return timeline;
    const scenes = timeline.scenes.map((s) =>
      s.sceneId === held.sceneId
        ? {
            ...s,
            shots: s.shots.map((shot, k) =>
              k === held.slot ? { ...shot, from: held.crop, to: held.crop } : shot,
            ),
          }
        : s,
    );
    return { ...timeline, scenes };
  }

  /** The frame in which a scene begins; the first of the piece where there is no such scene. */
  startOf(sceneId: string): number {
    return this.timeline?.scenes.find((s) => s.sceneId === sceneId)?.start ?? 0;
  }

  seek(frame: number): void {
    this.preview = null;
    const at = Math.max(0, Math.min((this.timeline?.frames ?? 1) - 1, Math.round(frame)));
    const playing = this.view.phase !== 'paused';
    if (playing) this.halt();
    this.update({ frame: at, phase: 'paused' });
    this.paint(true);
    if (playing) void this.play();
  }

  toggle(): void {
    if (this.view.phase === 'paused') void this.play();
    else this.pause();
  }

  async play(from?: number): Promise<void> {
    const timeline = this.timeline;
    if (!timeline?.frames) return;
    this.halt();
    const ticket = ++this.ticket;
    const shown = timeline.scenes.find((s) => s.sceneId === this.preview);
    this.preview = null;
    let frame = from ?? shown?.start ?? this.view.frame;
    if (frame >= timeline.frames - 2) frame = 0;
    this.update({ phase: 'preparing', frame, error: null });
    try {
      this.audio ??= this.parts.openAudio();
      await this.audio.resume();
      const buffer = await this.sound.mixOf(timeline);
      const { index, local } = locate(timeline, frame);
      const { canvas } = this;
      if (canvas)
        await this.pictures.ready(frameAt(timeline, { index, frame: local }, canvas)).catch(() => undefined);
      if (ticket !== this.ticket) return;
      const source = this.audio.createBufferSource();
      source.buffer = buffer;
      source.connect(this.audio.destination);
      this.startFrame = frame;
      this.startedAt = this.audio.currentTime + 0.04;
      source.start(this.startedAt, framesToSeconds(frame));
      this.source = source;
      this.update({ phase: 'playing' });
      this.tick();
    } catch (e) {
      if (ticket === this.ticket) this.update({ phase: 'paused', error: (e as Error).message });
    }
  }

  pause(): void {
    this.halt();
    this.update({ phase: 'paused' });
    this.paint(true);
  }

  private halt(): void {
    this.ticket++;
    this.cancelFrame();
    if (this.source) {
      this.source.onended = null;
      this.source.stop();
      this.source.disconnect();
      this.source = null;
    }
  }

  private tick = (): void => {
    const { audio, timeline } = this;
    if (!audio || !timeline || this.view.phase !== 'playing') return;
    const heard = audio.currentTime - this.startedAt - (audio.outputLatency || 0);
    const frame = this.startFrame + Math.max(0, Math.floor(heard * FPS));
    if (frame >= timeline.frames) {
      this.halt();
      this.update({ phase: 'paused', frame: timeline.frames - 1 });
      this.paint(true);
      return;
    }
    if (frame !== this.view.frame) this.update({ frame });
    this.paint(false);
    this.cancelFrame = this.parts.nextFrame(this.tick);
  };

  private paint(always: boolean): void {
    const { canvas } = this;
    const timeline = this.painting();
    if (!canvas || !timeline) return;
    const { frame, phase } = this.view;
    if (!always && frame === this.painted) return;
    this.painted = frame;
    const { index, local } = locate(timeline, frame);
    const { width, height } = canvas;
    const list = frameAt(timeline, { index, frame: local }, { width, height });
    this.pictures.fetch(timeline, index);
    this.pictures.follow(list, phase === 'playing');
    const ctx = canvas.getContext('2d', { alpha: false });
    if (ctx) this.painter.paint(ctx as unknown as Context2D, list);
    if (phase === 'playing') this.warm(timeline, index, local, canvas);
  }

  /** While a scene plays, textures of the next one are made, one in a frame, so that its first frame is not late. */
  private warm(timeline: Timeline, index: number, local: number, { width, height }: HTMLCanvasElement): void {
    const scene = timeline.scenes[index];
    const next = timeline.scenes[index + 1];
    if (!scene || !next || scene.end - scene.start - local > WARM_FRAMES) return;
    this.painter.warm(
      frameAt(timeline, { index: index + 1, frame: next.transition.frames }, { width, height }),
      1,
    );
  }

  /** The picture of a frame at a size, as it will be rendered. */
  async exactFrame(frame: number, width: number, height: number): Promise<Blob> {
    const { timeline } = this;
    if (!timeline) throw new Error('There is nothing to see yet.');
    const { index, local } = locate(timeline, frame);
    const list = frameAt(timeline, { index, frame: local }, { width, height });
    await Promise.all([this.pictures.ready(list), document.fonts.ready]);
    const canvas = document.createElement('canvas');
    canvas.width = width;
    canvas.height = height;
    const ctx = canvas.getContext('2d', { alpha: false, willReadFrequently: true });
    if (!ctx) throw new Error('This browser gives no canvas.');
    // Textures of its own, which are drawn as the server draws them.
    new CanvasPainter(this.pictures, newSurface(true)).paint(ctx as unknown as Context2D, list);
    return new Promise((resolve, reject) =>
      canvas.toBlob(
        (b) => (b ? resolve(b) : reject(new Error('The picture could not be made.'))),
        'image/png',
      ),
    );
  }

  dispose(): void {
    this.halt();
    this.painter.clear();
    this.pictures.dispose();
    this.sound.dispose();
    void this.audio?.close();
  }
}
