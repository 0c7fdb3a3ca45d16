import { type Gloss, glossed, type Known } from '../../core/match/gloss.ts';
import type { Lexicon } from '../../core/match/lexicon.ts';
import type { Piece } from '../../core/piece/types.ts';
import { sureLanguageOf } from '../../core/text/language.ts';
import { isSmallWord, tokens } from '../../core/text/tokens.ts';
import { lexiconOf } from '../words/lexicons.ts';

/** A text in the words by which pictures are found. gloss: of one in another language, how it was read. */
export interface Read {
  text: string;
  gloss: Gloss | null;
}

/**
 * Texts that belong together in English, word by word: each in its own language, or where it is too short to tell in that of
 * all. all: two letters.
 */
export async function inEnglish(texts: readonly string[], known: Known, all?: string): Promise<Read[]> {
  const whole = texts.join('\n');
  const most = all ?? (await foreignOf(whole, null))?.language ?? 'en';
  return Promise.all(
    texts.map(async (text): Promise<Read> => {
      const foreign = text.trim() ? await foreignOf(text, most) : null;
      if (!foreign) return { text, gloss: null };
      const gloss = glossed(text, foreign.language, foreign.lexicon, known);
      return { text: gloss.text, gloss };
    }),
  );
}

/**
 * The language of a text that is not in English, and what is known of its words; null for English. usual: what it is in when it
 * is too short to tell. Letter triples may be those of another language in a text full of names; small words are not.
 */
async function foreignOf(
  text: string,
  usual: string | null,
): Promise<{ language: string; lexicon: Lexicon } | null> {
  const language = sureLanguageOf(text) ?? usual;
  const lexicon = language === null || language === 'en' ? null : await lexiconOf(language);
  if (!language || !lexicon) return null;
  const words = tokens(text).map((t) => t.text);
  const small = words.filter((w) => lexicon.isSmall(w)).length;
  const english = words.filter(isSmallWord).length;
  return english > small ? null : { language, lexicon };
}

/** The words of a piece in English; undefined where they are in English as they stand. */
export async function saidInEnglish({
  title,
  scenes,
}: Pick<Piece, 'title' | 'scenes'>): Promise<string | undefined> {
  const texts = [title, ...scenes.map((s) => s.shown)];
  const read = await inEnglish(texts, { shows: () => false, owns: () => false });
  return read.some((r) => r.gloss) ? read.map((r) => r.text).join('\n') : undefined;
}

/** Where less than this share of its words is known, a piece has no topic either: what is known of it is chance. */
const UNDERSTOOD = 0.5;

/** Whether enough of texts is known to say what they are about. */
export function understood(read: readonly Read[]): boolean {
  const sum = (of: (g: Gloss) => number) => read.reduce((n, r) => n + (r.gloss ? of(r.gloss) : 0), 0);
  const words = sum((g) => g.words);
  return words === 0 || sum((g) => g.known) / words >= UNDERSTOOD;
}
