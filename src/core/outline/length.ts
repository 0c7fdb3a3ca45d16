import { READING_SPEED } from '../text/pace.ts';
import { estimateSpeech } from '../text/reading.ts';
import type { Milliseconds } from '../time.ts';
import { PACING } from '../timeline/pacing.ts';
import type { OutlineLine } from './types.ts';

/** Time of a scene round its voice, and of the whole round its scenes. */
export const SCENE_MS: Milliseconds = PACING.leadMs + PACING.tailMs.short;
export const ONCE_MS: Milliseconds =
  PACING.firstLeadMs - PACING.leadMs + PACING.tailMs.long - PACING.tailMs.short + PACING.endHoldMs;
/** A closing card stands at least so long. */
const CLOSING_MS: Milliseconds = 2600;

/** How long a card stands that nobody reads aloud: until it is read. */
export const closingMs = (shown: string): Milliseconds => {
  const letters = shown.replace(/\s+/g, ' ').trim().length;
  return Math.max(CLOSING_MS, Math.ceil((letters * 10) / READING_SPEED.brisk) * 100);
};

/** How long a line will take, estimated. */
export function lineMs(line: OutlineLine, pace = 1): Milliseconds {
  if (line.durationMs !== null) return line.durationMs;
  const words = line.spoken ?? line.shown;
  return words.trim() ? estimateSpeech(words, pace) + SCENE_MS : PACING.silentSceneMs;
}

/** Estimated length of the whole. */
export const outlineMs = (lines: readonly OutlineLine[], pace = 1): Milliseconds =>
  lines.length ? lines.reduce((s, l) => s + lineMs(l, pace), ONCE_MS) : 0;
