/** How a word is written out for a voice; with the words before it and after it, as they are written. */
export type Spell = (word: string, before: string, after: string) => string;

/** Without emoji and what joins them. */
export const withoutSymbols = (word: string): string =>
  word.replace(/\p{Extended_Pictographic}|[\u{1f1e6}-\u{1f1ff}\u{1f3fb}-\u{1f3ff}\ufe0f\u200d]/gu, '');
