import { franc } from 'franc-min';

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

/** The language of a text, by its letter triples; "en" when it is too short to tell. */
export function languageOf(text: string): string {
  const sample = text.slice(0, 4000);
  if (sample.length < 80) return 'en';
  return SHORT[franc(sample, { only: Object.keys(SHORT) })] ?? 'en';
}
