import { LRUCache } from 'lru-cache';
import { contentKey } from '../hash.ts';
import {
  type Piece,
  type PieceVoice,
  type RecordedPart,
  type Saying,
  type Scene,
  spokenOf,
  type TrackSource,
  voiceIn,
} from '../piece/types.ts';
import { sayingsIn } from '../text/sayings.ts';
import { FPS, type Frames, type Milliseconds } from '../time.ts';
import { PACING } from './pacing.ts';

/** Keys are asked for at every typed letter, for every scene: those that were worked out are remembered. */
const takeKeys = new LRUCache<string, string>({ max: 4000 });

/** A narration to be made. */
export interface WantedTake {
  key: string;
  text: string;
  voice: PieceVoice;
  /** Of the words that are read in a way of their own, those in the text. */
  says: Saying[];
  /** Where it is heard when it was recorded; null when a voice says it. */
  recorded: RecordedPart | null;
}

/** Which narration a text wants: the key changes with the words, the voice and its ways, how its words are read, and with nothing else. */
export function takeKey(text: string, voice: PieceVoice, says: readonly Saying[] = []): string {
  const here = sayingsIn(text, says);
  const asked = JSON.stringify([voice, here, text]);
  const have = takeKeys.get(asked);
  if (have !== undefined) return have;
  const key = contentKey({
    take: 3,
    text: text.replace(/\s+/g, ' ').trim(),
    voice: voice.name,
    pace: voice.pace,
    pitch: voice.pitch,
    tone: voice.tone,
    pauses: voice.pauses,
    says: here.map((s) => `${s.written}=${s.said}`),
  });
  takeKeys.set(asked, key);
  return key;
}

/** Which part of a recording, with the times of which words, is wanted. */
export const recordedKey = ({ takeId, startMs, endMs, clean }: RecordedPart, text: string): string =>
  contentKey({ recorded: 1, takeId, startMs, endMs, clean, text: text.replace(/\s+/g, ' ').trim() });

/** The narration that a scene wants; null when nothing is said in it. */
export function narrationKey(scene: Scene, piece: Pick<Piece, 'voice' | 'speakers' | 'says'>): string | null {
  const spoken = spokenOf(scene).trim();
  if (scene.narration.kind === 'take') return recordedKey(scene.narration, spoken);
  return spoken ? takeKey(spoken, voiceIn(piece, scene), piece.says) : null;
}

/** The narrations that a piece wants: one for each different text and voice, and one for each part of a recording. */
export function wantedTakes(piece: Pick<Piece, 'scenes' | 'voice' | 'speakers' | 'says'>): WantedTake[] {
  const out = new Map<string, WantedTake>();
  for (const scene of piece.scenes) {
    const text = spokenOf(scene).trim();
    const key = narrationKey(scene, piece);
    if (key === null) continue;
    const { narration } = scene;
    const recorded =
      narration.kind === 'take'
        ? (({ takeId, startMs, endMs, clean }) => ({ takeId, startMs, endMs, clean }))(narration)
        : null;
    const voice = voiceIn(piece, scene);
    out.set(key, { key, text, voice, says: sayingsIn(text, piece.says), recorded });
  }
  return [...out.values()];
}

/** Which track a stretch of music wants. */
export const trackKey = (source: TrackSource, lengthMs: Milliseconds, steady = false): string => {
  const of =
    source.kind === 'composed'
      ? { mood: source.mood, seed: source.seed }
      : { brought: source.trackId, startMs: source.startMs };
  return contentKey({ track: 8, ...of, lengthMs, ...(steady ? { steady } : {}) });
};

/** The length of the track for a stretch of so many frames. */
export const trackLength = (frames: Frames): Milliseconds =>
  Math.ceil((frames * 1000) / FPS / PACING.trackStepMs) * PACING.trackStepMs;
