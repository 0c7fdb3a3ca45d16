import nspell from 'nspell';
import { isKnownWord, swaps } from '../core/text/spelling.ts';

/** What is asked, and what is answered under the same number. */
export type SpellingAsk =
  | { id: number; kind: 'check'; words: string[] }
  | { id: number; kind: 'suggest'; word: string };
export type SpellingAnswer =
  | { id: number; bad: string[] }
  | { id: number; suggestions: string[] }
  /** The dictionaries could not be loaded; the next request tries again. */
  | { id: number; failed: string };

type Dictionary = ReturnType<typeof nspell>;

const text = (name: string) =>
  fetch(`/data/${name}`).then((r) => (r.ok ? r.text() : Promise.reject(new Error(name))));
const load = async (name: string): Promise<Dictionary> => {
  const [aff, dic] = await Promise.all([text(`${name}.aff`), text(`${name}.dic`)]);
  return nspell(aff, dic);
};

let loading: Promise<Dictionary[]> | null = null;

/** American and British spellings are both right. A load that failed is tried again at the next call. */
function dictionaries(): Promise<Dictionary[]> {
  loading ??= Promise.all([load('en-us'), load('en-gb')]).catch((e: unknown) => {
    loading = null;
    throw e;
  });
  return loading;
}

self.onmessage = async ({ data }: MessageEvent<SpellingAsk>) => {
  try {
    const all = await dictionaries();
    const listed = (w: string) => all.some((d) => d.correct(w) || d.correct(w.toLowerCase()));
    if (data.kind === 'check')
      self.postMessage({ id: data.id, bad: data.words.filter((w) => !isKnownWord(w, listed)) });
    else {
      const swapped = swaps(data.word).filter(listed);
      const found = [...new Set([...swapped, ...all.flatMap((d) => d.suggest(data.word))])];
      self.postMessage({ id: data.id, suggestions: found.slice(0, 6) });
    }
  } catch (e) {
    self.postMessage({ id: data.id, failed: (e as Error).message } satisfies SpellingAnswer);
  }
};
