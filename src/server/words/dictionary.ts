import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import path from 'node:path';
import nspell from 'nspell';
import { sureLanguageOf } from '../../core/text/language.ts';
import { isKnownWord, type SpelledWord, spelledWords } from '../../core/text/spelling.ts';

const require = createRequire(import.meta.url);

async function load(name: string) {
  const folder = path.dirname(require.resolve(name));
  const [aff, dic] = await Promise.all(
    ['index.aff', 'index.dic'].map((f) => readFile(path.join(folder, f), 'utf8')),
  );
  return nspell(aff as string, dic as string);
}

/** The words of English texts that neither the American nor the British dictionary has, nor the own words. */
export async function misspelledBy(own: ReadonlySet<string>): Promise<(text: string) => SpelledWord[]> {
  const all = await Promise.all(['dictionary-en', 'dictionary-en-gb'].map(load));
  const listed = (w: string) => all.some((d) => d.correct(w) || d.correct(w.toLowerCase()));
  return (text) =>
    (sureLanguageOf(text) ?? 'en') === 'en'
      ? spelledWords(text).filter(({ word }) => !own.has(word.toLowerCase()) && !isKnownWord(word, listed))
      : [];
}
