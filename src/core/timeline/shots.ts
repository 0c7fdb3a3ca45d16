import { contentKey } from '../hash.ts';
import { ratioOf, type Size } from '../look/formats.ts';
import { TRANSITIONS } from '../look/transitions.ts';
import type { Look } from '../look/types.ts';
import { type ClipPart, type Piece, type Placement, WHOLE_CLIP } from '../piece/types.ts';
import { FPS, type Frames, framesToSamples, msToFrames, msToSeconds, type Seconds } from '../time.ts';
import { type Framed, framePicture } from './framing.ts';
import type { SceneTime } from './times.ts';
import type { AssetFact, ClipSound, Facts, PictureFrame, Shot, ShotClip } from './types.ts';

/** The pictures of a piece as they are seen, scene by scene, and the own sounds of clips: the second stage. */
export interface LaidShots {
  shots: Shot[][];
  sounds: ClipSound[];
}

/** A picture gives way to the next one of its scene in at most one of so many parts of its time. */
const TURN_PART = 3;

/**
 * Lays the pictures of a piece into its scenes: several in one scene follow each other in equal shares, and the last one
 * of a scene goes on through the scenes that run on.
 */
export function layShots(
  piece: Piece,
  times: readonly SceneTime[],
  assets: Facts['assets'],
  look: Look,
  frames: readonly (PictureFrame | null)[],
  stage: Size,
): LaidShots {
  const shots: Shot[][] = times.map(() => []);
  const sounds: ClipSound[] = [];
  times.forEach((head, i) => {
    if (head.seen !== i) return;
    const known = (piece.scenes[i]?.pictures ?? []).flatMap((placement) => {
      const asset = assets[placement.assetId];
      return asset ? [{ placement, asset }] : [];
    });
    const on: SceneTime[] = [];
    while (times[i + on.length + 1]?.seen === i) on.push(times[i + on.length + 1] as SceneTime);
    const length = head.end - head.start;
    const after = on.reduce((n, s) => n + s.end - s.start, 0);
    const { tail } = on.at(-1) ?? head;
    const turn = turnFrames(look, length, known.length);
    const changes = changesOf(head, length, known.length, turn);
    known.forEach(({ placement, asset }, k) => {
      const last = k === known.length - 1;
      const start = changes[k] as Frames;
      const end = last ? length : (changes[k + 1] as Frames) + turn;
      const run = last ? length - start + after + tail : end - start;
      const framed = framedIn(frames[i] ?? null, asset, placement, run, (i + k) % 2 === 1, stage);
      if (!framed) return;
      const clip = asset.kind === 'clip' ? clipOf(placement.clip ?? WHOLE_CLIP, asset) : null;
      const shot = {
        assetId: asset.id,
        kind: asset.kind,
        ...framed,
        run,
        loopFrames: asset.loopFrames,
        clip,
      };
      const sound = clip && soundOf(placement, asset, clip, head.start + start, run);
      if (sound) sounds.push(sound);
      shots[i]?.push({
        ...shot,
        start,
        end: last ? length + head.tail : end,
        transition: { kind: look.turn.kind, frames: k > 0 ? turn : 0 },
        offset: 0,
      });
      if (!last) return;
      let offset = length - start;
      on.forEach((s, n) => {
        const own = s.end - s.start;
        const transition = { kind: look.turn.kind, frames: 0 };
        const here = frames[i + 1 + n] ?? null;
        const there = framedIn(here, asset, placement, run, (i + k) % 2 === 1, stage) ?? framed;
        shots[i + 1 + n]?.push({ ...shot, ...there, start: 0, end: own + s.tail, transition, offset });
        offset += own;
      });
    });
  });
  return { shots, sounds };
}

/** A picture in its part of the stage; the subject's box is told in shares of the whole stage. */
function framedIn(
  frame: PictureFrame | null,
  asset: AssetFact,
  { framing }: Placement,
  run: Frames,
  outward: boolean,
  stage: Size,
): Framed | null {
  const area = frame ? (frame.area ?? { x: 0, y: 0, ...stage }) : { x: 0, y: 0, ...stage };
  const framed = framePicture(asset, framing, ratioOf(area), run, outward);
  if (!framed || !frame) return framed;
  const [x, y, w, h] = framed.subject;
  const [kx, ky] = [area.width / stage.width, area.height / stage.height];
  return {
    ...framed,
    subject: [area.x / stage.width + x * kx, area.y / stage.height + y * ky, w * kx, h * ky],
  };
}

/** When each picture of a scene begins: in equal shares, on the nearest beat where they follow the music. */
function changesOf({ beats }: SceneTime, length: Frames, pictures: number, turn: Frames): Frames[] {
  const shares = Array.from({ length: pictures }, (_, k) => Math.round((length * k) / pictures));
  if (!beats) return shares;
  const half = Math.floor(turn / 2);
  const moved = shares.map((at, k) => (k === 0 ? 0 : beats.near(at + half) - half));
  const share = length / pictures;
  // What would leave a picture less than half its share stays where it was.
  return moved.map((at, k) =>
    k > 0 && Math.abs(at - (shares[k] as Frames)) < share / 4 ? at : (shares[k] as Frames),
  );
}

function turnFrames({ turn }: Look, length: Frames, pictures: number): Frames {
  if (!TRANSITIONS[turn.kind].takesTime || pictures < 2) return 0;
  return Math.min(turn.frames, Math.floor(length / (pictures * TURN_PART)));
}

function soundOf(
  { clip: part }: Placement,
  asset: AssetFact,
  clip: ShotClip,
  start: Frames,
  run: Frames,
): ClipSound | null {
  const gainDb = part?.gainDb ?? null;
  if (gainDb === null || !asset.sound) return null;
  const of = {
    assetId: asset.id,
    inMs: clip.inMs,
    speed: clip.speed,
    samples: framesToSamples(Math.min(clip.frames, run)),
  };
  const length = clip.end === 'loop' ? framesToSamples(run) : of.samples;
  return { key: contentKey({ sound: 1, ...of }), ...of, start: framesToSamples(start), length, gainDb };
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
export const runFrame = (shot: Shot, frame: Frames): Frames => shot.offset + frame - shot.start;

/** The frame of a clip's part that is seen when its picture has run for so many frames. */
export function clipFrame(clip: ShotClip, run: Frames): Frames {
  if (run < clip.frames) return Math.max(0, run);
  return clip.end === 'loop' ? run % clip.frames : clip.frames - 1;
}

/** The moment in the clip's file of a frame of its part. */
export const clipSeconds = (clip: ShotClip, frame: Frames): Seconds =>
  msToSeconds(clip.inMs) + (frame * clip.speed) / FPS;
