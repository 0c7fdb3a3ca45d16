import type { Milliseconds } from '../time.ts';

/**
 * How long a voice will need, before there is a take: per letter, word and pause, fitted to the shipped voices at
 * pace 1 (within a fifth for lines of 5 to 30 words).
 */
export function estimateSpeech(text: string, pace = 1): Milliseconds {
  const words = text.split(/\s+/).filter(Boolean);
  if (!words.length) return 0;
  const letters = words.join('').length;
  const pauses = (text.match(/[,;:—–.!?](?=\s)/g) ?? []).length;
  return Math.round((words.length * 75 + letters * 57 + pauses * 160 + 180) / pace);
}

/** How long a reader needs for words on the screen that nobody speaks: 2.6 words a second and a moment to find them. */
export function readingTime(text: string): Milliseconds {
  const words = text.split(/\s+/).filter(Boolean).length;
  return words ? 700 + Math.round(words * 385) : 0;
}
