import { franc, francAll } from 'franc-min';
import { LRUCache } from 'lru-cache';

/** ISO 639-3 to the two letters that everything else uses, for languages written in short videos. */
const SHORT: Record<string, string> = {
  eng: 'en',
  fra: 'fr',
  deu: 'de',
  spa: 'es',
  ita: 'it',
  por: 'pt',
  nld: 'nl',
  pol: 'pl',
  ces: 'cs',
  swe: 'sv',
  dan: 'da',
  nob: 'nb',
  fin: 'fi',
  ell: 'el',
  ron: 'ro',
  hun: 'hu',
  tur: 'tr',
  rus: 'ru',
  ukr: 'uk',
  ind: 'id',
  vie: 'vi',
  hin: 'hi',
  jpn: 'ja',
  kor: 'ko',
  cmn: 'zh',
  arb: 'ar',
};

/** Languages that are written in short videos, as two letters. */
export const WRITTEN_LANGUAGES: readonly string[] = Object.values(SHORT);

/** The language of a text, by its letter triples; "en" when it is too short to tell. */
export function languageOf(text: string): string {
  const sample = text.slice(0, 4000);
  if (sample.length < 80) return 'en';
  return SHORT[franc(sample, { only: Object.keys(SHORT) })] ?? 'en';
}

/** Letters that only one of the languages writes. */
const SCRIPTS: readonly [RegExp, string][] = [
  [/\p{Script=Hangul}/gu, 'ko'],
  [/\p{Script=Greek}/gu, 'el'],
  [/\p{Script=Devanagari}/gu, 'hi'],
  [/[\p{Script=Hiragana}\p{Script=Katakana}]/gu, 'ja'],
];

/** A text is told by its letter triples from so many letters on, and when the next language is so much less likely. */
const SURE = { letters: 60, ahead: 0.06 } as const;

/** Asked for at every change, for every scene: what was told is remembered. */
const told = new LRUCache<string, { language: string | null }>({ max: 2000 });

/** The language of a text where there is hardly a doubt; null for a text that is too short or might be another one. */
export function sureLanguageOf(text: string): string | null {
  const known = told.get(text) ?? { language: tell(text) };
  told.set(text, known);
  return known.language;
}

function tell(text: string): string | null {
  const letters = (text.match(/\p{L}/gu) ?? []).length;
  for (const [script, language] of SCRIPTS)
    if ((text.match(script) ?? []).length > letters / 2) return language;
  if (letters < SURE.letters) return null;
  const [first, second] = francAll(text.slice(0, 4000), { only: Object.keys(SHORT) });
  if (!first || (second && first[1] - second[1] < SURE.ahead)) return null;
  return SHORT[first[0]] ?? null;
}
