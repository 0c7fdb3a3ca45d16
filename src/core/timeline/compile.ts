import { type Format, stageOf } from '../look/formats.ts';
import { lookOf } from '../look/looks.ts';
import type { Typesetter } from '../look/typeset/typesetter.ts';
import type { Piece } from '../piece/types.ts';
import type { Frames } from '../time.ts';
import { coloursOf, frameFor } from './frames.ts';
import { layShots } from './shots.ts';
import { laySound, voiceOf } from './sound.ts';
import { layTimes } from './times.ts';
import type { Facts, SceneColours, Timeline, TimelineScene } from './types.ts';
import { layWords } from './words.ts';

/**
 * Compiles a piece with the facts of its material into a timeline of whole frames and samples, in stages of which each
 * takes what the one before gave: times, shots, words, sound. Pure: the same piece, facts and format give the same
 * timeline. format: of what is delivered, which may differ from the one that is edited. Scenes without a take get an
 * estimated length and say so.
 */
export function compile(
  piece: Piece,
  facts: Facts,
  setter: Typesetter,
  format: Format = piece.format,
): Timeline {
  const stage = stageOf(format);
  const look = lookOf(piece.look);
  const times = layTimes(piece, facts, look);
  const frames = piece.scenes.map((scene) => frameFor(piece, scene, format, stage));
  const { shots, sounds } = layShots(piece, times, facts.assets, look, frames, stage);
  const colours = piece.scenes.map((scene) => coloursOf(piece, scene));
  const words = layWords(piece, times, shots, frames, colours, format, stage, setter);
  return {
    format,
    ...stage,
    frames: times.at(-1)?.end ?? 0,
    colours: { ink: look.colours.ink, paper: look.colours.paper, ground: look.colours.ground },
    scenes: piece.scenes.map((scene, i): TimelineScene => {
      const { start, end, transition, tail, estimated, stretched } = times[i] as (typeof times)[number];
      return {
        sceneId: scene.id,
        start,
        end,
        transition,
        tail,
        shots: shots[i] ?? [],
        grading: scene.grading,
        frame: frames[i] ?? null,
        colours: colours[i] as SceneColours,
        words: words[i] ?? null,
        voice: voiceOf(times[i] as (typeof times)[number]),
        estimated,
        stretched,
      };
    }),
    sound: laySound(piece, times, sounds, facts.tracks),
  };
}

/** The scene that is seen at a frame: the largest i with start[i] <= frame, or -1. */
export function sceneAt(timeline: Timeline, frame: Frames): number {
  let lo = 0;
  let hi = timeline.scenes.length - 1;
  let found = -1;
  while (lo <= hi) {
    const mid = (lo + hi) >> 1;
    if ((timeline.scenes[mid]?.start ?? 0) <= frame) {
      found = mid;
      lo = mid + 1;
    } else hi = mid - 1;
  }
  return found;
}

/** The scene and the scene-local frame of a frame of the piece. */
export function locate(timeline: Timeline, frame: Frames): { index: number; local: Frames } {
  const index = sceneAt(timeline, frame);
  return { index, local: frame - (timeline.scenes[index]?.start ?? 0) };
}
