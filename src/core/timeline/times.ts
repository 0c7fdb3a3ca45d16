import { layoutRule } from '../look/layouts.ts';
import { TRANSITIONS } from '../look/transitions.ts';
import type { Look } from '../look/types.ts';
import { type Grid, gridOf } from '../music/grid.ts';
import type { BorderTransition } from '../piece/appearance.ts';
import { type Piece, type Scene, spokenOf, voiceIn } from '../piece/types.ts';
import { TONES } from '../sound/tones.ts';
import { voiceSpeed } from '../sound/voices.ts';
import { estimateSpeech, readingTime } from '../text/reading.ts';
import {
  type Frames,
  type Milliseconds,
  msToFrames,
  msToSamples,
  SAMPLES_PER_FRAME,
  samplesToMs,
} from '../time.ts';
import { narrationKey } from './keys.ts';
import { PACING } from './pacing.ts';
import type { Facts, Passage, TakeFact } from './types.ts';

/** When a scene is, and when its voice is heard: the first stage. */
export interface SceneTime {
  /** [start, end) in frames of the piece. */
  start: Frames;
  end: Frames;
  /** Scene-local frames [start, end) of the voice, or of what it is estimated to be. */
  voice: { start: Frames; end: Frames };
  take: TakeFact | null;
  transition: Passage;
  tail: Frames;
  /** Place of the scene whose pictures are seen: its own, or that of one before that runs on. */
  seen: number;
  estimated: boolean;
  stretched: boolean;
  /** Scene-local frames at which pictures change with the music; null where they change as they like. */
  beats: { near(frame: Frames): Frames } | null;
}

/** For each scene the one whose pictures it shows: itself, or the scene before from which a picture runs on. */
export function seenScenes(scenes: readonly Scene[]): number[] {
  const out: number[] = [];
  scenes.forEach((s, i) => {
    const before = out[i - 1];
    const runsOn = s.runsOn && before !== undefined && (scenes[before]?.pictures.length ?? 0) > 0;
    out.push(runsOn ? before : i);
  });
  return out;
}

/**
 * Puts the scenes of a piece end to end, each as long as its voice needs or as was set by hand. Where pictures change on the
 * beat, a scene that follows its voice waits for the next one: nothing that is said is cut.
 */
export function layTimes(
  piece: Piece,
  { takes, ownTracks }: Pick<Facts, 'takes' | 'ownTracks'>,
  look: Look,
): SceneTime[] {
  const seen = seenScenes(piece.scenes);
  const lengths = piece.scenes.map((scene, i) => lengthOf(scene, piece, takes, i));
  const transitions = piece.scenes.map((scene, i): Passage => {
    const [before, here] = [lengths[i - 1], lengths[i]];
    return before && here && seen[i] === i
      ? passage(scene.transition ?? piece.transition, look, Math.min(here.length, before.length))
      : { kind: look.transition.kind, frames: 0 };
  });
  const out: SceneTime[] = [];
  let at: Frames = 0;
  let music = musicUnder(piece, { after: null, scene: null, at: 0 }, ownTracks);
  piece.scenes.forEach((scene, i) => {
    const { length, ...time } = lengths[i] as (typeof lengths)[number];
    music = musicUnder(piece, { after: music, scene: scene.id, at }, ownTracks);
    const next = transitions[i + 1];
    const tail = next?.frames ?? 0;
    // A transition is over the border: its middle is what is seen as the change.
    const half = Math.floor(tail / 2);
    const { grid, start } = music;
    const waits = grid !== null && next !== undefined && scene.durationMs === null;
    const end = waits
      ? Math.max(at + length, start + grid.from(at + length + half - start) - half)
      : at + length;
    const from = at;
    const beats = grid && { near: (frame: Frames) => start + grid.near(from + frame - start) - from };
    out.push({
      ...time,
      ...{ start: at, end, tail, beats },
      transition: transitions[i] as Passage,
      seen: seen[i] ?? i,
    });
    at = end;
  });
  return out;
}

interface MusicUnder {
  grid: Grid | null;
  /** Where its bed begins. */
  start: Frames;
}

/** The music of a place: that of the place before, unless a bed begins with the scene. */
function musicUnder(
  { beds, onBeat }: Piece,
  { after, scene, at }: { after: MusicUnder | null; scene: string | null; at: Frames },
  ownTracks: Facts['ownTracks'],
): MusicUnder {
  const bed = beds.find((b) => b.fromScene === scene);
  if (bed)
    return {
      grid: gridOf(bed.source, onBeat, ownTracks),
      start: scene === null ? msToFrames(bed.startMs) : at,
    };
  return after ?? { grid: null, start: 0 };
}

/** The transition on a border: as the writer wants it or the look has it, short enough for both sides. */
function passage(chosen: BorderTransition | null, look: Look, shorter: Frames): Passage {
  const kind = chosen?.kind ?? look.transition.kind;
  const wanted = chosen ? msToFrames(chosen.lengthMs) : look.transition.frames;
  const most = Math.floor(shorter / PACING.transitionPart);
  return { kind, frames: TRANSITIONS[kind].takesTime ? Math.min(wanted, most) : 0 };
}

function lengthOf(
  scene: Scene,
  piece: Piece,
  takes: Facts['takes'],
  index: number,
): Pick<SceneTime, 'voice' | 'take' | 'estimated' | 'stretched'> & { length: Frames } {
  const key = narrationKey(scene, piece);
  const take = key === null ? null : (takes[key] ?? null);
  const last = index === piece.scenes.length - 1;
  const lead = key === null ? 0 : index === 0 ? PACING.firstLeadMs : PACING.leadMs;
  const voiceMs = key === null ? 0 : take ? samplesToMs(take.samples) : estimateOf(scene, piece);
  const tail = PACING.tailMs[layoutRule(scene.layout).hold] + (last ? PACING.endHoldMs : 0);
  const natural =
    key === null
      ? Math.max(PACING.silentSceneMs, readingTime(scene.shown)) + (last ? PACING.endHoldMs / 2 : 0)
      : lead + voiceMs + tail;
  const start = msToFrames(lead);
  const end = start + Math.ceil(msToSamples(voiceMs) / SAMPLES_PER_FRAME);
  const least = Math.max(PACING.leastFrames, end);
  const wanted = scene.durationMs === null ? null : msToFrames(scene.durationMs);
  return {
    length: Math.max(least, wanted ?? msToFrames(natural)),
    voice: { start, end },
    take,
    estimated: key !== null && !take,
    stretched: wanted !== null && wanted < least,
  };
}

function estimateOf(scene: Scene, piece: Piece): Milliseconds {
  const { narration } = scene;
  if (narration.kind === 'take' && narration.endMs !== null) return narration.endMs - narration.startMs;
  const { name, pace, tone } = voiceIn(piece, scene);
  return estimateSpeech(spokenOf(scene).trim(), pace * TONES[tone].pace * voiceSpeed(name));
}
