import nspell from 'nspell';

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

/** Second parts with which English makes words of two at will: clockmaker, signkeeper, rainproof. */
const HEAD =
  /^(.{3,})(makers?|keepers?|houses?|shops?|works?|workers?|sides?|lights?|boards?|yards?|boats?|folk|proof|like|wide|free|wards?|holders?|menders?)$/i;

function isCompound(word: string, listed: (w: string) => boolean): boolean {
  const parts = HEAD.exec(word);
  return parts?.[1] !== undefined && listed(parts[1]);
}

/** The word with two neighbouring letters changed round: the commonest slip. */
function swaps(word: string): string[] {
  return Array.from({ length: Math.max(0, word.length - 1) }, (_, i) => {
    const [a = '', b = ''] = [word[i], word[i + 1]];
    const pair = i === 0 && /\p{Lu}/u.test(a) ? b.toUpperCase() + a.toLowerCase() : b + a;
    return word.slice(0, i) + pair + word.slice(i + 2);
  });
}

self.onmessage = async ({ data }: MessageEvent<SpellingAsk>) => {
  try {
    const all = await dictionaries();
    const listed = (w: string) => all.some((d) => d.correct(w) || d.correct(w.toLowerCase()));
    const known = (w: string) => listed(w) || isCompound(w, listed);
    if (data.kind === 'check') self.postMessage({ id: data.id, bad: data.words.filter((w) => !known(w)) });
    else {
      const swapped = swaps(data.word).filter(listed);
      const found = [...new Set([...swapped, ...all.flatMap((d) => d.suggest(data.word))])];
      self.postMessage({ id: data.id, suggestions: found.slice(0, 6) });
    }
  } catch (e) {
    self.postMessage({ id: data.id, failed: (e as Error).message } satisfies SpellingAnswer);
  }
};
