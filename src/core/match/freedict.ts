/** Where an entry stands in a dictionary of the DICT format (RFC 2229; its files as dictd has them), bytes. */
interface Entry {
  headword: string;
  start: number;
  length: number;
}

const DIGITS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/';
const VALUES = new Map([...DIGITS].map((d, i) => [d, i]));

/** A number as the index writes it: digits to the base of 64, the highest first. NaN for what is none. */
const numberOf = (text: string): number =>
  [...text].reduce((n, d) => n * 64 + (VALUES.get(d) ?? Number.NaN), 0);

/** The entries of an index, without those that tell of the dictionary itself. */
export function entriesOf(index: string): Entry[] {
  return index.split('\n').flatMap((line) => {
    const [headword = '', start = '', length = ''] = line.split('\t');
    const entry = { headword, start: numberOf(start), length: numberOf(length) };
    return headword && !/^00-?database/.test(headword) && entry.start >= 0 && entry.length > 0 ? [entry] : [];
  });
}

/** Lines that are not about what the word means: examples, relatives, remarks. */
const ASIDE = /^\s*(?:["“]|see:|Synonyms?:|Antonyms?:|Note:|\{)/;
/** What grammars and editors put round a word. */
const MARKS = /\[[^\]]*\]|<[^>]*>|\([^)]*\)|\/[^/]*\/|^\s*\d+\.\s*/g;
/** So many translations of an entry are kept. */
const MOST = 6;

/** The translations of an entry, in lower case and in its order: words, and phrases of at most three. */
export function translationsOf(entry: string): string[] {
  const found: string[] = [];
  for (const line of entry.split('\n').slice(1)) {
    // Examples and relatives follow what a word means.
    if (ASIDE.test(line)) {
      if (found.length) break;
      continue;
    }
    for (const part of line.replace(MARKS, ' ').split(/[,;|]/)) {
      const word = part
        .trim()
        .replace(/^(?:to|an?|the)\s+/i, '')
        .replace(/[.!?…]+$/, '')
        .trim()
        .toLowerCase();
      if (
        word &&
        !/[^\p{L}\p{M}\s'’‐-]/u.test(word) &&
        word.split(/\s+/).length <= 3 &&
        !found.includes(word)
      )
        found.push(word);
    }
    if (found.length >= MOST) break;
  }
  return found.slice(0, MOST);
}

/** What a word of one language can be in another, and how much speaks for each. */
type Worths = Map<string, number>;
export type Bilingual = Map<string, Worths>;

/** Later entries and later translations of a word are rarer ones. */
const LATER = 0.35;

export function addWorth(to: Bilingual, word: string, meant: string, worth: number): void {
  const of = to.get(word) ?? new Map();
  of.set(meant, (of.get(meant) ?? 0) + worth);
  to.set(word, of);
}

/**
 * Adds what a dictionary says. inverse: its headwords are the English ones. read: the text of an entry.
 */
export function addEntries(
  to: Bilingual,
  entries: readonly Entry[],
  read: (start: number, length: number) => string,
  inverse = false,
): void {
  const met = new Map<string, number>();
  for (const { headword, start, length } of entries) {
    const word = headword.trim().toLowerCase();
    if (word.split(/\s+/).length > (inverse ? 2 : 1)) continue;
    const before = met.get(word) ?? 0;
    met.set(word, before + 1);
    translationsOf(read(start, length)).forEach((meant, k) => {
      const worth = 1 / (1 + LATER * k) / (1 + LATER * before);
      if (!inverse) addWorth(to, word, meant, worth);
      else if (!/\s/.test(meant)) addWorth(to, meant, word, worth);
    });
  }
}
