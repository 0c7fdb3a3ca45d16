import { type LookReason, signsOf } from '../look/choose.ts';
import type { Piece } from '../piece/types.ts';
import { MOOD_NAMES, MOODS, type Mood } from './moods.ts';

/** Stands for the mood that suits the words best. */
export const SUITED_MUSIC = 'suited';
/** The mood that a piece to be is asked for; null for no music. */
export type AskedMood = Mood | typeof SUITED_MUSIC | null;

/** What a mood of words is worth to music that names it first, and second. */
const RANK = [1, 0.6] as const;
/** When nothing speaks for a mood. */
const PLAIN: Mood = 'gentle';

export interface SuitedMood {
  mood: Mood;
  reasons: LookReason[];
}

/** Moods of music that suit the words of a piece, best first, each with why. Pure. */
export function suitedMoods(piece: Pick<Piece, 'title' | 'source' | 'scenes'>, said?: string): SuitedMood[] {
  const signs = signsOf({ ...piece, beds: [] }, said);
  const rated = MOOD_NAMES.map((mood) => {
    const words: readonly string[] = MOODS[mood].words;
    const mine = signs
      .map((s) => ({ ...s, worth: s.worth * (RANK[words.indexOf(s.mood)] ?? 0) }))
      .filter((s) => s.worth > 0)
      .sort((a, b) => b.worth - a.worth);
    const worth = mine.reduce((n, s) => n + s.worth, 0) + (mood === PLAIN ? 0.01 : 0);
    return { mood, worth, reasons: mine.slice(0, 2).map((s) => s.reason) };
  });
  return rated.sort((a, b) => b.worth - a.worth).map(({ mood, reasons }) => ({ mood, reasons }));
}

/**
 * A draft with the music that suits it, where that was asked for. said: its words in English, where they are in another
 * language.
 */
export function scoredDraft(draft: Piece, asked: AskedMood, said?: string): Piece {
  const [best] = suitedMoods(draft, said);
  if (asked !== SUITED_MUSIC || !best) return draft;
  const beds = draft.beds.map((b) => ({
    ...b,
    source: b.source.kind === 'composed' ? { ...b.source, mood: best.mood } : b.source,
  }));
  return { ...draft, beds };
}
