import type { Milliseconds } from '../time.ts';

/** Milliseconds a voice needs, fitted to the shipped voices on 60 sentences of news (least squares). */
const SPEECH = { once: 430, word: -48, letter: 68, pause: 140, digit: 235 } as const;

/**
 * How long a voice will need, before there is a take. pace: speed relative to an average voice, with the voice's own speed
 * in it. Within a tenth for most lines of 5 to 30 words.
 */
export function estimateSpeech(text: string, pace = 1): Milliseconds {
  const words = text.split(/\s+/).filter(Boolean);
  if (!words.length) return 0;
  const letters = words.join('').length;
  const pauses = (text.match(/[,;:—–.!?](?=\s)/g) ?? []).length;
  const digits = (text.match(/\d/g) ?? []).length;
  const ms =
    SPEECH.once +
    words.length * SPEECH.word +
    letters * SPEECH.letter +
    pauses * SPEECH.pause +
    digits * SPEECH.digit;
  return Math.round(Math.max(200, ms) / pace);
}

/** How long a reader needs for words on the screen that nobody speaks: 2.6 words a second and a moment to find them. */
export function readingTime(text: string): Milliseconds {
  const words = text.split(/\s+/).filter(Boolean).length;
  return words ? 700 + Math.round(words * 385) : 0;
}
