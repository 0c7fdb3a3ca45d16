import type { Size } from '../look/formats.ts';
import { TRANSITIONS } from '../look/transitions.ts';
import type { Frames } from '../time.ts';
import { runFrame } from '../timeline/shots.ts';
import type { Passage, SceneColours, Shot, Timeline, TimelineScene } from '../timeline/types.ts';
import { aroundArea, aroundPicture, inArea, onPicture, ornamentsOf } from './framed.ts';
import type { DisplayList, Draw } from './list.ts';
import { overlayDraws } from './overlays.ts';
import { groundDraw, shotDraws } from './pictures.ts';
import { wordDraws } from './words.ts';

/** Goes into the key of every rendered segment: raise it with any change of what is drawn. */
export const PAINTER_VERSION = 11;

/** A frame of a piece, named by its scene, so that a segment does not depend on where it stands in the piece. */
export interface Moment {
  /** Place of the scene. */
  index: number;
  /** Scene-local. */
  frame: Frames;
}

/** What a frame of a timeline consists of when it has so many pixels; the stage's proportions are theirs. */
export function frameAt(timeline: Timeline, { index, frame }: Moment, size: Size): DisplayList {
  const { width, height } = size;
  const scene = timeline.scenes[index];
  if (!scene) {
    const { colours } = timeline;
    return { width, height, ground: colours.ground, draws: [groundDraw(colours, size)] };
  }
  const draws = pictureDraws(timeline, index, frame, size);
  if (scene.words) {
    const length = scene.end - scene.start;
    const scale = width / timeline.width;
    const ends = { opening: index === 0, closing: index === timeline.scenes.length - 1 };
    draws.push(...wordDraws(scene.words, { frame, length, ...ends }, { ...size, scale }));
  }
  return { width, height, ground: scene.colours.ground, draws };
}

function pictureDraws(timeline: Timeline, index: number, frame: Frames, size: Size): Draw[] {
  const scene = timeline.scenes[index] as TimelineScene;
  const previous = timeline.scenes[index - 1];
  const own = sceneDraws(timeline, scene, frame, size);
  if (!previous || frame >= scene.transition.frames) return own;
  const before = sceneDraws(timeline, previous, previous.end - previous.start + frame, size);
  return between(scene.transition, frame, before, own, scene.colours, size);
}

function sceneDraws(timeline: Timeline, scene: TimelineScene, frame: Frames, size: Size): Draw[] {
  const { frame: round, colours } = scene;
  if (!round) return shotsDraws(scene, frame, size);
  const scale = size.width / timeline.width;
  const ground = groundDraw(colours, size);
  if (!round.area) return [ground];
  const area = inArea(round.area, scale);
  const under = [...aroundArea(ground, area, size), ...aroundPicture(round, scale)];
  const pictures = shotsDraws(scene, frame, { width: area.width, height: area.height });
  return [...under, ...onPicture(pictures, area), ...ornamentsOf(round, scale)];
}

function shotsDraws({ shots, grading, colours }: TimelineScene, frame: Frames, size: Size): Draw[] {
  const k = shots.findLastIndex((s) => s.start <= frame);
  const shot = shots[k];
  if (!shot) return [groundDraw(colours, size)];
  const draws = (of: Shot): Draw[] => {
    const run = runFrame(of, frame);
    return [
      ...shotDraws(of, run, grading, colours, size),
      ...(grading ? overlayDraws(grading, run, size) : []),
    ];
  };
  const before = shots[k - 1];
  const into = frame - shot.start;
  if (!before || into >= shot.transition.frames) return draws(shot);
  return between(shot.transition, into, draws(before), draws(shot), colours, size);
}

/** into: frames since the transition began, so that its first frame shows a little of what comes. */
const between = (
  { kind, frames }: Passage,
  into: Frames,
  before: Draw[],
  after: Draw[],
  { ink, paper }: SceneColours,
  size: Size,
): Draw[] => TRANSITIONS[kind].between(before, after, (into + 1) / (frames + 1), { size, ink, paper });
