import { LRUCache } from 'lru-cache';
import { contentKey } from '../hash.ts';
import type { Mood } from '../music/moods.ts';
import { type Piece, type PieceVoice, type Scene, spokenOf } from '../piece/types.ts';
import { FPS, type Frames, type Milliseconds } from '../time.ts';
import { PACING } from './pacing.ts';

/** Keys are asked for at every typed letter, for every scene: those that were worked out are remembered. */
const takeKeys = new LRUCache<string, string>({ max: 4000 });

/** Which narration a text wants: the key changes with the words, the voice and its pace, and with nothing else. */
export function takeKey(text: string, voice: PieceVoice): string {
  const asked = `${voice.name}|${voice.pace}|${text}`;
  const have = takeKeys.get(asked);
  if (have !== undefined) return have;
  const key = contentKey({
    take: 1,
    text: text.replace(/\s+/g, ' ').trim(),
    voice: voice.name,
    pace: voice.pace,
  });
  takeKeys.set(asked, key);
  return key;
}

/** The narration that a scene wants; null when nothing is said in it. */
export function narrationKey(scene: Scene, voice: PieceVoice): string | null {
  if (scene.narration.kind === 'take') return scene.narration.takeId;
  const spoken = spokenOf(scene).trim();
  return spoken ? takeKey(spoken, voice) : null;
}

/** The synthetic narrations that a piece wants: one for each different text. */
export function wantedTakes(piece: Pick<Piece, 'scenes' | 'voice'>): { key: string; text: string }[] {
  const out = new Map<string, string>();
  for (const scene of piece.scenes) {
    const text = spokenOf(scene).trim();
    if (text && scene.narration.kind === 'synthetic') out.set(takeKey(text, piece.voice), text);
  }
  return [...out].map(([key, text]) => ({ key, text }));
}

/** Which track a stretch of music wants. */
export const trackKey = (mood: Mood, seed: number, lengthMs: Milliseconds): string =>
  contentKey({ track: 3, mood, seed, lengthMs });

/** The length of the track for a stretch of so many frames. */
export const trackLength = (frames: Frames): Milliseconds =>
  Math.ceil((frames * 1000) / FPS / PACING.trackStepMs) * PACING.trackStepMs;
