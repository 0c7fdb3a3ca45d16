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

/** Second parts with which English makes words of two at will: clockmaker, signkeeper, rainproof. */
const HEAD =
  /^(.{3,})(makers?|keepers?|houses?|shops?|works?|workers?|sides?|lights?|boards?|yards?|boats?|folk|proof|like|wide|free|wards?|holders?|menders?)$/i;

/** Whether a word is right: dictionaries list it, or the first part of a word that English makes of two. */
export function isKnownWord(word: string, listed: (w: string) => boolean): boolean {
  const parts = HEAD.exec(word);
  return listed(word) || (parts?.[1] !== undefined && listed(parts[1]));
}

/** The word with two neighbouring letters changed round: the commonest slip. */
export function swaps(word: string): string[] {
  return Array.from({ length: Math.max(0, word.length - 1) }, (_, i) => {
    const [a = '', b = ''] = [word[i], word[i + 1]];
    const pair = i === 0 && /\p{Lu}/u.test(a) ? b.toUpperCase() + a.toLowerCase() : b + a;
    return word.slice(0, i) + pair + word.slice(i + 2);
  });
}
