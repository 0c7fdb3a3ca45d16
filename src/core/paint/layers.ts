import { TRANSITIONS } from '../look/transitions.ts';
import type { Grading } from '../piece/types.ts';
import type { Frames } from '../time.ts';
import { runFrame } from '../timeline/shots.ts';
import type { Passage, Shot, Timeline, TimelineScene } from '../timeline/types.ts';

/** One picture of a frame: painted over those before it with an opacity. */
export interface Layer {
  shot: Shot | null;
  /** Frames since the picture appeared. */
  run: Frames;
  alpha: number;
  grading: Grading | null;
}

/** What is painted at a scene-local frame, from back to front; more than one layer only during a transition. */
export function layersAt(timeline: Timeline, index: number, frame: Frames): Layer[] {
  const scene = timeline.scenes[index];
  if (!scene) return [];
  const previous = timeline.scenes[index - 1];
  const own = sceneLayers(scene, frame);
  if (!previous || frame >= scene.transition.frames) return own;
  return between(scene.transition, frame, sceneLayers(previous, previous.end - previous.start + frame), own);
}

function sceneLayers({ shots, grading }: TimelineScene, frame: Frames): Layer[] {
  const k = shots.findLastIndex((s) => s.start <= frame);
  const shot = shots[k];
  if (!shot) return [{ shot: null, run: 0, alpha: 1, grading: null }];
  const layer = (of: Shot): Layer => ({ shot: of, run: runFrame(of, frame), alpha: 1, grading });
  const before = shots[k - 1];
  const into = frame - shot.start;
  if (!before || into >= shot.transition.frames) return [layer(shot)];
  return between(shot.transition, into, [layer(before)], [layer(shot)]);
}

/** into: frames since the transition began, so that its first frame shows a little of what comes. */
const between = ({ kind, frames }: Passage, into: Frames, before: Layer[], after: Layer[]): Layer[] =>
  TRANSITIONS[kind].between(before, after, (into + 1) / (frames + 1));
