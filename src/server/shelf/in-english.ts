import { type Gloss, glossed, type Known } from '../../core/match/gloss.ts';
import { languageOf, sureLanguageOf } from '../../core/text/language.ts';
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
export async function inEnglish(
  texts: readonly string[],
  known: Known,
  all = languageOf(texts.join('\n')),
): Promise<Read[]> {
  return Promise.all(
    texts.map(async (text): Promise<Read> => {
      const language = (text && sureLanguageOf(text)) || all;
      const lexicon = language === 'en' ? null : await lexiconOf(language);
      if (!lexicon || !text.trim()) return { text, gloss: null };
      const gloss = glossed(text, language, lexicon, known);
      return { text: gloss.text, gloss };
    }),
  );
}

/** Where less than this share of its words is known, a piece has no topic either: what is known of it is chance. */
const UNDERSTOOD = 0.5;

/** Whether enough of texts is known to say what they are about. */
export function understood(read: readonly Read[]): boolean {
  const sum = (of: (g: Gloss) => number) => read.reduce((n, r) => n + (r.gloss ? of(r.gloss) : 0), 0);
  const words = sum((g) => g.words);
  return words === 0 || sum((g) => g.known) / words >= UNDERSTOOD;
}
