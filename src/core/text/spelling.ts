import { tokens } from './tokens.ts';

/** A word of a text that is worth looking up. */
export interface SpelledWord {
  word: string;
  start: number;
  end: number;
}

/**
 * The words of a text that a dictionary can judge. Left out: words with digits or capitals inside, abbreviations, hashtags,
 * addresses, blanks, and words with a capital inside a sentence, which are names.
 */
export function spelledWords(text: string): SpelledWord[] {
  return tokens(text).flatMap((t): SpelledWord[] => {
    const before = text[t.start - 1] ?? '';
    const word = t.text.replace(/[’]/g, "'").replace(/'s$/i, '');
    if (/\d/.test(word) || /[#@/‹]/.test(before) || /^\p{Lu}+s?$/u.test(word) || /\p{Ll}\p{Lu}/u.test(word))
      return [];
    if (/[./@]/.test(word) || word.length < 2) return [];
    if (insideBlank(text, t.start)) return [];
    const opens = t.start === 0 || /(^|[.!?:…\n]["”’)]*\s+|^\s*)["“‘(]*$/.test(text.slice(0, t.start));
    if (/^\p{Lu}/u.test(word) && !opens) return [];
    return word
      .split('-')
      .filter((part) => part.length > 1)
      .map((part) => {
        const at = t.start + t.text.indexOf(part);
        return { word: part, start: at, end: at + part.length };
      });
  });
}

function insideBlank(text: string, at: number): boolean {
  return text.lastIndexOf('‹', at) > text.lastIndexOf('›', at) && text.indexOf('›', at) >= 0;
}
