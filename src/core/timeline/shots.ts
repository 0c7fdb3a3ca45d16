import { contentKey } from '../hash.ts';
import {
  type ClipPart,
  type PictureUse,
  type Piece,
  type Scene,
  type Treatment,
  WHOLE_CLIP,
} from '../piece/types.ts';
import { FPS, type Frames, framesToSamples, msToFrames } from '../time.ts';
import { framePicture } from './framing.ts';
import type { AssetFact, ClipSound, Shot, ShotClip, Timeline, TimelineScene } from './types.ts';

/** Frames in which one picture of a scene dissolves into the next of the same scene. */
export const TURN: Frames = 8;

/** The pictures that a scene shows in turn, as far as their facts are known. */
export const usesOf = (scene: Scene): PictureUse[] =>
  scene.picture ? [scene.picture, ...scene.more] : [...scene.more];

/** For each scene the one whose pictures it shows: itself, or the scene before from which a picture runs on. */
export function shownFrom(scenes: readonly Scene[]): number[] {
  const out: number[] = [];
  scenes.forEach((s, i) => {
    const before = out[i - 1];
    out.push(s.runsOn && before !== undefined && usesOf(scenes[before] as Scene).length > 0 ? before : i);
  });
  return out;
}

/**
 * Lays the pictures of a piece into its scenes: several in one scene follow each other in equal shares, and the last one
 * of a scene goes on through the scenes that run on. Fills in shots; lengths and dissolves must be there. Gives the own
 * sounds of clips that are to be heard.
 */
export function layShots(
  piece: Piece,
  scenes: TimelineScene[],
  assets: Readonly<Record<string, AssetFact>>,
  ratio: number,
): ClipSound[] {
  const sounds: ClipSound[] = [];
  const from = shownFrom(piece.scenes);
  scenes.forEach((head, i) => {
    if (from[i] !== i) return;
    const uses = usesOf(piece.scenes[i] as Scene).filter((u) => assets[u.assetId]);
    let last = i;
    while (from[last + 1] === i) last++;
    const length = head.end - head.start;
    const after = scenes.slice(i + 1, last + 1).reduce((n, s) => n + s.end - s.start, 0);
    const end = scenes[last] as TimelineScene;
    const turn = Math.min(TURN, Math.floor(length / (uses.length * 3)));
    uses.forEach((use, k) => {
      const isLast = k === uses.length - 1;
      const at = Math.round((length * k) / uses.length);
      const until = isLast ? length : Math.round((length * (k + 1)) / uses.length) + turn;
      const run = isLast ? length - at + after + end.tail : until - at;
      const shot = shotOf(use, assets[use.assetId] as AssetFact, ratio, run, (i + k) % 2 === 1);
      if (!shot) return;
      const sound = soundOf(use, assets[use.assetId] as AssetFact, shot, head.start + at, run);
      if (sound) sounds.push(sound);
      head.shots.push({
        ...shot,
        at,
        until: isLast ? length + head.tail : until,
        dissolve: k > 0 ? turn : 0,
        offset: 0,
      });
      if (!isLast) return;
      let offset = length - at;
      for (const s of scenes.slice(i + 1, last + 1)) {
        s.shots.push({ ...shot, at: 0, until: s.end - s.start + s.tail, dissolve: 0, offset });
        offset += s.end - s.start;
      }
    });
  });
  return sounds;
}

function soundOf(
  use: PictureUse,
  asset: AssetFact,
  shot: Pick<Shot, 'clip'>,
  start: Frames,
  run: Frames,
): ClipSound | null {
  const gainDb = use.clip?.gainDb ?? null;
  if (!shot.clip || gainDb === null || !asset.sound) return null;
  const part = {
    assetId: asset.id,
    inMs: shot.clip.inMs,
    speed: shot.clip.speed,
    samples: framesToSamples(Math.min(shot.clip.frames, run)),
  };
  const length = shot.clip.end === 'loop' ? framesToSamples(run) : part.samples;
  return { key: contentKey({ sound: 1, ...part }), ...part, start: framesToSamples(start), length, gainDb };
}

function shotOf(
  use: PictureUse,
  asset: AssetFact,
  ratio: number,
  run: Frames,
  outward: boolean,
): Omit<Shot, 'at' | 'until' | 'dissolve' | 'offset'> | null {
  const framed = framePicture(asset, use.framing, ratio, run, outward);
  return (
    framed && {
      assetId: asset.id,
      kind: asset.kind,
      ...framed,
      run,
      loopFrames: asset.loopFrames,
      clip: asset.kind === 'clip' ? clipOf(use.clip ?? WHOLE_CLIP, asset) : null,
    }
  );
}

/** The part of a clip in frames of the piece, cut to what the file has. */
export function clipOf(part: ClipPart, asset: Pick<AssetFact, 'durationMs'>): ShotClip {
  const inMs = Math.min(part.inMs, Math.max(0, asset.durationMs - 1000 / FPS));
  const outMs = Math.min(part.outMs ?? asset.durationMs, asset.durationMs);
  return {
    inMs,
    speed: part.speed,
    frames: Math.max(1, msToFrames(Math.max(0, outMs - inMs) / part.speed)),
    end: part.end,
  };
}

/** How far a shot is into its whole run at a scene-local frame, counted from where its picture first appeared. */
export const runFrame = (shot: Shot, frame: Frames): Frames => shot.offset + frame - shot.at;

/** The frame of a clip's part that is seen when its picture has run for so many frames. */
export function clipFrame(clip: ShotClip, run: Frames): Frames {
  if (run < clip.frames) return Math.max(0, run);
  return clip.end === 'loop' ? run % clip.frames : clip.frames - 1;
}

/** The moment in the clip's file of a frame of its part, seconds. */
export const clipSeconds = (clip: ShotClip, frame: Frames): number =>
  clip.inMs / 1000 + (frame * clip.speed) / FPS;

/** One picture of a frame: painted over those before it with an opacity. */
export interface Layer {
  shot: Shot | null;
  /** Frames since the picture appeared. */
  run: Frames;
  alpha: number;
  treatment: Treatment | null;
}

/** What is painted at a scene-local frame, from back to front; more than one layer only during a dissolve. */
export function layersAt(timeline: Timeline, index: number, frame: Frames): Layer[] {
  const scene = timeline.scenes[index];
  if (!scene) return [];
  const previous = timeline.scenes[index - 1];
  if (!previous || frame >= scene.dissolve) return sceneLayers(scene, frame, 1);
  return [
    ...sceneLayers(previous, previous.end - previous.start + frame, 1),
    ...sceneLayers(scene, frame, eased((frame + 1) / (scene.dissolve + 1))),
  ];
}

const eased = (t: number): number => t * t * (3 - 2 * t);

function sceneLayers(scene: TimelineScene, frame: Frames, alpha: number): Layer[] {
  const { treatment } = scene;
  const k = scene.shots.findLastIndex((s) => s.at <= frame);
  const shot = scene.shots[k];
  if (!shot) return [{ shot: null, run: 0, alpha, treatment: null }];
  const top = { shot, run: runFrame(shot, frame), alpha, treatment };
  const before = scene.shots[k - 1];
  const into = frame - shot.at;
  if (!before || into >= shot.dissolve) return [top];
  return [
    { shot: before, run: runFrame(before, frame), alpha, treatment },
    { ...top, alpha: alpha * eased((into + 1) / (shot.dissolve + 1)) },
  ];
}
