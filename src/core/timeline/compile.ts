import { contentKey } from '../hash.ts';
import { type Layout, type Piece, type Scene, spokenOf } from '../piece/types.ts';
import { voiceSpeed } from '../sound/speech.ts';
import { estimateSpeech, readingTime } from '../text/reading.ts';
import {
  type Frames,
  framesToSamples,
  type Milliseconds,
  msToFrames,
  msToSamples,
  SAMPLES_PER_FRAME,
  type Samples,
  samplesToMs,
} from '../time.ts';
import { focalOnStage } from './framing.ts';
import { layShots, shownFrom, usesOf } from './shots.ts';
import { type Facts, STAGE, type TakeFact, type Timeline, type TimelineScene } from './types.ts';
import { placeWords, type Typesetter, timeWords } from './words.ts';

/** Pauses and holds round the voice. */
export const PACING = {
  firstLeadMs: 350,
  leadMs: 140,
  tailMs: 260,
  titleTailMs: 520,
  endHoldMs: 1600,
  silentSceneMs: 2500,
  /** Frames of a dissolve; a short scene gets a shorter one. */
  dissolve: 10,
  /** Breaths shorter than this do not let the music rise. */
  breathMs: 900,
} as const;

/** Which narration a scene needs: the key changes with the words, the voice and its pace, and with nothing else. */
export function takeKey(text: string, voice: { name: string; pace: number }): string {
  const asked = `${voice.name}|${voice.pace}|${text}`;
  const have = takeKeys.get(asked);
  if (have !== undefined) return have;
  const key = contentKey({
    take: 1,
    text: text.replace(/\s+/g, ' ').trim(),
    voice: voice.name,
    pace: voice.pace,
  });
  if (takeKeys.size > TAKE_KEYS_KEPT) takeKeys.clear();
  takeKeys.set(asked, key);
  return key;
}

/** Keys are asked for at every typed letter, for every scene: those that were worked out are remembered. */
const takeKeys = new Map<string, string>();
const TAKE_KEYS_KEPT = 4000;

/** Which track a piece needs. */
export function trackKey(mood: string, seed: number, lengthMs: Milliseconds): string {
  return contentKey({ track: 2, mood, seed, lengthMs });
}

/** Lengths of tracks are rounded up to this, so that a small edit does not ask for a new one. */
export const TRACK_STEP_MS = 100;

/**
 * Compiles a piece with the facts of its material into a timeline of whole frames and samples. Pure: the same piece
 * and facts give the same timeline. Scenes without a take get an estimated length and say so.
 */
export function compile(piece: Piece, facts: Facts, setter: Typesetter): Timeline {
  const stage = STAGE[piece.format];
  const ratio = stage.width / stage.height;
  const scenes: TimelineScene[] = [];
  const from = shownFrom(piece.scenes);
  let at: Frames = 0;
  piece.scenes.forEach((scene, i) => {
    const timing = timeScene(scene, piece, facts, i);
    const length = timing.length;
    const previous = scenes[i - 1];
    const dissolve =
      previous && from[i] === i
        ? Math.min(PACING.dissolve, Math.floor(length / 3), Math.floor((previous.end - previous.start) / 3))
        : 0;
    if (previous) previous.tail = dissolve;
    scenes.push({
      sceneId: scene.id,
      start: at,
      end: at + length,
      dissolve,
      tail: 0,
      shots: [],
      treatment: scene.treatment,
      words: layWords(
        scene,
        piece.scenes[from[i] ?? i] ?? scene,
        piece,
        timing,
        length,
        setter,
        facts,
        ratio,
      ),
      voice: timing.take
        ? {
            key: timing.take.key,
            start: framesToSamples(at + timing.voiceStart),
            samples: timing.take.samples,
          }
        : null,
      estimated: timing.estimated,
      stretched: timing.stretched,
    });
    at += length;
  });
  const clips = layShots(piece, scenes, facts.assets, ratio);
  const samples = framesToSamples(at);
  return {
    format: piece.format,
    ...stage,
    frames: at,
    scenes,
    sound: {
      samples,
      speech: speechOf(scenes, facts),
      music:
        facts.track && piece.music.mood !== 'none'
          ? { key: facts.track.key, samples: facts.track.samples, gainDb: piece.music.gainDb }
          : null,
      clips,
    },
  };
}

interface SceneTiming {
  length: Frames;
  voiceStart: Frames;
  voiceEnd: Frames;
  take: TakeFact | null;
  estimated: boolean;
  stretched: boolean;
}

function timeScene(scene: Scene, piece: Piece, facts: Facts, index: number): SceneTiming {
  const spoken = spokenOf(scene).trim();
  const take = spoken ? (facts.takes[takeKey(spoken, piece.voice)] ?? null) : null;
  const last = index === piece.scenes.length - 1;
  const lead = spoken ? (index === 0 ? PACING.firstLeadMs : PACING.leadMs) : 0;
  const voiceMs = take
    ? samplesToMs(take.samples)
    : spoken
      ? estimateSpeech(spoken, piece.voice.pace * voiceSpeed(piece.voice.name))
      : 0;
  const tail =
    (spoken ? (scene.layout === 'title' ? PACING.titleTailMs : PACING.tailMs) : 0) +
    (last ? PACING.endHoldMs : 0);
  const natural = spoken
    ? lead + voiceMs + tail
    : Math.max(PACING.silentSceneMs, readingTime(scene.shown)) + (last ? PACING.endHoldMs / 2 : 0);
  const voiceStart = msToFrames(lead);
  const voiceEnd = voiceStart + Math.ceil(msToSamples(voiceMs) / SAMPLES_PER_FRAME);
  const wanted = scene.durationMs;
  const least = Math.max(9, voiceEnd);
  const length = wanted === null ? Math.max(least, msToFrames(natural)) : Math.max(least, msToFrames(wanted));
  return {
    length,
    voiceStart,
    voiceEnd,
    take,
    estimated: spoken !== '' && !take,
    stretched: wanted !== null && msToFrames(wanted) < least,
  };
}

function layWords(
  scene: Scene,
  /** The scene whose picture is seen behind the words. */
  behind: Scene,
  piece: Piece,
  timing: SceneTiming,
  length: Frames,
  setter: Typesetter,
  facts: Facts,
  ratio: number,
) {
  const text = scene.shown.trim();
  if (!text || scene.layout === 'plain' || (scene.layout === 'caption' && !piece.captions)) return null;
  const use = (behind === scene ? usesOf(behind)[0] : usesOf(behind).at(-1)) ?? null;
  const asset = facts.assets[use?.assetId ?? ''];
  const focal = asset ? focalOnStage(asset, use?.framing ?? null, ratio) : null;
  const key = [
    scene.layout,
    piece.format,
    text,
    scene.spoken === null ? '' : spokenOf(scene),
    scene.marks.join(';'),
    timing.take?.key ?? '',
    timing.voiceStart,
    timing.voiceEnd,
    length,
    focal?.join(',') ?? '',
  ].join('|');
  return setter.placed(key, () => {
    const words = setter.set(text, scene.layout as Exclude<Layout, 'plain'>, piece.format).words;
    const spoken = spokenOf(scene).replace(/\s+/g, ' ').trim();
    const times = spoken
      ? timeWords(words, spoken, timing.take?.words ?? [], timing.voiceStart, timing.voiceEnd)
      : words.map((_, k) => ({ at: k, until: length }));
    const lead = scene.shown.length - scene.shown.trimStart().length;
    const marks = scene.marks.map(([s, e]): [number, number] => [s - lead, e - lead]);
    return placeWords(
      text,
      scene.layout as Exclude<Layout, 'plain'>,
      piece.format,
      setter,
      times,
      length,
      STAGE[piece.format],
      focal,
      marks,
      scene.spoken !== null && spoken !== text.replace(/\s+/g, ' '),
    );
  });
}

function speechOf(scenes: TimelineScene[], facts: Facts): [Samples, Samples][] {
  const out: [Samples, Samples][] = [];
  for (const s of scenes) {
    if (!s.voice) continue;
    const words = facts.takes[s.voice.key]?.words ?? [];
    const first = words[0]?.startMs ?? 0;
    const last = words[words.length - 1]?.endMs ?? samplesToMs(s.voice.samples);
    const span: [Samples, Samples] = [s.voice.start + msToSamples(first), s.voice.start + msToSamples(last)];
    const before = out[out.length - 1];
    if (before && span[0] - before[1] < msToSamples(PACING.breathMs))
      before[1] = Math.max(before[1], span[1]);
    else out.push(span);
  }
  return out;
}

/** The length of the track that a piece of so many frames wants. */
export const trackLength = (frames: Frames): Milliseconds =>
  Math.ceil((frames * 1000) / 30 / TRACK_STEP_MS) * TRACK_STEP_MS;

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
