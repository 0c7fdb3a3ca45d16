import { addWorth, type Bilingual } from './freedict.ts';

/** Keywords and short name of each sign, as Unicode's CLDR has them (annotations of a locale). */
export type Annotations = Readonly<Record<string, { default?: string[]; tts?: string[] }>>;

/** A sign's names in two languages say the same; keywords that go together often say nearly the same. */
const NAME = 0.9;
/** Keywords of fewer signs tell nothing, nor do those that go together more rarely (Dice coefficient). */
const OFTEN = { signs: 2, together: 0.5 } as const;

const namesOf = (of: Annotations[string]): string[] => (of.tts ?? []).map((w) => w.toLowerCase());
const keywordsOf = (of: Annotations[string]): string[] => [
  ...new Set([...(of.default ?? []).map((w) => w.toLowerCase()), ...namesOf(of)]),
];
const isSingle = (word: string): boolean => !/[\s:.,]/.test(word);

/**
 * Adds what keywords of a language mean, by the signs that they share with English ones: Dice, "Measures of the amount of
 * ecologic association between species", Ecology 26 (1945).
 */
export function addAnnotations(to: Bilingual, foreign: Annotations, english: Annotations): void {
  const together = new Map<string, Map<string, number>>();
  const count = { foreign: new Map<string, number>(), english: new Map<string, number>() };
  const add = (of: Map<string, number>, word: string) => of.set(word, (of.get(word) ?? 0) + 1);
  for (const [sign, of] of Object.entries(foreign)) {
    const same = english[sign];
    if (!same) continue;
    const meant = keywordsOf(same);
    for (const w of meant) add(count.english, w);
    for (const w of keywordsOf(of).filter(isSingle)) {
      add(count.foreign, w);
      const row = together.get(w) ?? new Map<string, number>();
      for (const m of meant) add(row, m);
      together.set(w, row);
    }
    const [name, meaning] = [namesOf(of)[0], namesOf(same)[0]];
    if (name && meaning && isSingle(name) && meaning.split(' ').length <= 2)
      addWorth(to, name, meaning, NAME);
  }
  for (const [word, row] of together) {
    const signs = count.foreign.get(word) ?? 0;
    if (signs < OFTEN.signs) continue;
    for (const [meant, n] of row) {
      const dice = (2 * n) / (signs + (count.english.get(meant) ?? 0));
      if (dice >= OFTEN.together) addWorth(to, word, meant, dice);
    }
  }
}
