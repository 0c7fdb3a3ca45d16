import { stemmer } from 'stemmer';

/** A word of a text with its place: text.slice(start, end) is the word without punctuation round it. */
export interface Token {
  text: string;
  start: number;
  end: number;
}

/** Words: letters, digits, with inner apostrophes, hyphens, points and commas of numbers. */
export function tokens(text: string): Token[] {
  return [...text.matchAll(/[\p{L}\p{N}]+(?:['’.,-][\p{L}\p{N}]+)*/gu)].map((m) => ({
    text: m[0],
    start: m.index,
    end: m.index + m[0].length,
  }));
}

const STOP = new Set(
  `a about above after again against all almost also although always am an and any anybody anyone anything are aren as at away
  back be because been before being below between both but by can cannot come could did do does doesn doing don done down
  during each either else even ever every everybody everyone everything few for from further get gets getting give go goes
  going gone got had has hasn have haven having he her here hers herself him himself his how however i if in instead into is
  isn it its itself just keep kind let like ll long look lot made make makes many may me might mine more most much must my
  myself near need never next no nobody nor not nothing now of off often on once one only or other our ours ourselves out
  over own perhaps put quite rather re really s same say says see seem seems shall she should since so some somebody someone
  something soon still such sure t take takes than that the their theirs them themselves then there these they thing things
  this those though through till to together too under until up upon us use used using ve very want was wasn way we well
  were weren what when where whether which while who whole whom whose why will with within without won would yes yet you
  your yours yourself yourselves two three four five six seven eight nine ten eleven twelve twenty thirty forty fifty sixty hundred
  hundreds thousand thousands half dozen first second third last new good bring comes came`.split(/\s+/),
);

export const isStop = (word: string): boolean => STOP.has(word.toLowerCase()) || /^['’\d]/.test(word);

/** Stem of a word in lower case, without accents and possessive s (Porter 1980). */
export function stem(word: string): string {
  const plain = word
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/['’]s$/, '')
    .replace(/['’]/g, '');
  return stemmer(plain);
}

/** The words of a text that carry its meaning, with place and stem. */
export function contentWords(text: string): (Token & { stem: string })[] {
  return tokens(text)
    .filter((t) => !isStop(t.text) && t.text.length > 1)
    .map((t) => ({ ...t, stem: stem(t.text) }));
}
