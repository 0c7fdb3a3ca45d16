import type { Milliseconds } from '../time.ts';

/** An address that was written on the sheet, with the length that was asked for beside it. */
export interface LaidAddress {
  address: string;
  targetMs: Milliseconds | null;
}

const ADDRESS = /^(?:[a-z][a-z0-9+.-]*:\/\/\S+|(?:[a-z0-9-]+\.)+[a-z]{2,}(?::\d+)?(?:\/\S*)?)$/i;
/** Words that may stand beside an address without making a script of it. */
const WORDS_BESIDE = 8;

/** Reads "paper.example/story in 45 seconds"; null when this is no address. */
export function laidAddress(text: string): LaidAddress | null {
  const words = text.trim().split(/\s+/);
  const address = words.find((w) => ADDRESS.test(w));
  if (!address || words.length > WORDS_BESIDE || /[.!?]$/.test(address)) return null;
  const rest = words.filter((w) => w !== address).join(' ');
  const targetMs = wishedLength(rest);
  // "See lantern.example" is a line that somebody wants to say.
  if (rest && targetMs === null) return null;
  return { address, targetMs };
}

const LONGEST_MS = 3_600_000;
const SHORTEST_MS = 5000;

/** A length in words: "45 s", "45 seconds", "1:30", "2 min"; null when there is none. */
export function wishedLength(text: string): Milliseconds | null {
  const clock = /\b(\d{1,2}):([0-5]\d)\b/.exec(text);
  const minutes = /\b(\d{1,2}(?:\.\d)?)\s*(?:m|mins?|minutes?)\b/i.exec(text);
  const seconds = /\b(\d{1,4})\s*(?:s|secs?|seconds?)\b/i.exec(text);
  const ms = clock
    ? Number(clock[1]) * 60_000 + Number(clock[2]) * 1000
    : Number(minutes?.[1] ?? 0) * 60_000 + Number(seconds?.[1] ?? 0) * 1000;
  return ms ? Math.max(SHORTEST_MS, Math.min(LONGEST_MS, Math.round(ms))) : null;
}

/** Words from which a text is rather an article than a script. */
const ARTICLE = { words: 260, paragraphs: 3, wordsEach: 35 } as const;

/** Whether words that were pasted read like an article that is to be told shorter: long, in paragraphs of several sentences. */
export function readsLikeArticle(text: string): boolean {
  const paragraphs = text
    .split(/\n\s*\n|\n(?=\S)/)
    .map((p) => p.split(/\s+/).filter(Boolean).length)
    .filter((n) => n > 12);
  const words = paragraphs.reduce((a, b) => a + b, 0);
  return (
    words >= ARTICLE.words &&
    paragraphs.length >= ARTICLE.paragraphs &&
    words / paragraphs.length >= ARTICLE.wordsEach
  );
}
