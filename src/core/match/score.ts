import { contentWords, stem } from '../text/tokens.ts';
import type { MatchLine, Scored, ShelfItem, Vector, WordHit } from './types.ts';

/** Weights and thresholds of the score, tuned on studio/fixtures/match. */
export const MATCH = {
  meaningWeight: 0.6,
  wordsWeight: 0.4,
  /** Share of the tags' vector in the meaning of a picture. */
  tagsShare: 0.45,
  /** Share of the written line beside a wish. */
  lineBesideWish: 0.15,
  /** Share of the neighbours beside a line, and of the whole script beside a title. */
  neighboursShare: 0.12,
  scriptShare: 0.45,
  /** Two words closer than this count as related. */
  softFrom: 0.62,
  /** A related word counts this much of an equal one. */
  softWorth: 0.8,
  titleWorth: 0.95,
  descriptionWorth: 0.7,
} as const;

/** Where only the meaning of the whole line led to a picture: the word that is nearest to it. */
function closestWord(words: { text: string }[], line: MatchLine, item: ShelfItem): WordHit[] {
  let best: WordHit | null = null;
  words.forEach((w, k) => {
    const v = line.wordVectors[k];
    const close = v ? dot(v, item.textVector) : 0;
    if (close > (best?.close ?? 0.12)) best = { word: w.text, tag: item.title, close };
  });
  return best ? [best] : [];
}

export const dot = (a: Vector, b: Vector): number => {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += (a[i] as number) * (b[i] as number);
  return sum;
};

/** Words whose related tags are remembered. */
const RELATED_KEPT = 20_000;

/** A shelf prepared for matching: stems, rarity of words and vectors of tags are worked out once. */
export class ShelfIndex {
  readonly items: readonly ShelfItem[];
  private readonly stems: Map<string, { tag: string; worth: number }>[];
  private readonly documentFrequency = new Map<string, number>();
  private readonly tagVectors: Map<string, Vector>;
  private readonly related = new Map<string, Map<string, number>>();

  /** tagVectors: meaning of single tags, by tag; tags without one only match by stem. */
  constructor(items: readonly ShelfItem[], tagVectors: Map<string, Vector>) {
    this.items = items;
    this.tagVectors = tagVectors;
    this.stems = items.map((item) => {
      const found = new Map<string, { tag: string; worth: number }>();
      const add = (text: string, worth: number, whole: boolean) => {
        for (const w of contentWords(text))
          if (!found.has(w.stem)) found.set(w.stem, { tag: whole ? text : w.text.toLowerCase(), worth });
      };
      for (const tag of item.tags) {
        found.set(stem(tag), { tag, worth: 1 });
        if (tag.includes(' ')) add(tag, 0.8, true);
      }
      add(item.title, MATCH.titleWorth, false);
      add(item.description, MATCH.descriptionWorth, false);
      for (const s of found.keys()) this.documentFrequency.set(s, (this.documentFrequency.get(s) ?? 0) + 1);
      return found;
    });
  }

  /** Inverse document frequency; words that are nowhere on the shelf weigh as an average one. */
  private rarity(wordStem: string): number {
    const df = this.documentFrequency.get(wordStem);
    return df === undefined
      ? 1.4
      : Math.log(1 + this.items.length / df) / Math.log(1 + this.items.length) + 0.6;
  }

  /** Every picture of the shelf scored for a line, best first. */
  rank(line: MatchLine, use: 'both' | 'words' | 'meaning' = 'both'): Scored[] {
    const words = contentWords(line.wish || line.text);
    const weights = words.map((w) => this.rarity(w.stem));
    const total = weights.reduce((a, b) => a + b, 0) || 1;
    const soft = this.softTags(line, words);
    const scored = this.items.map((item, i): Scored => {
      const meaning = Math.max(0, this.meaning(line, item));
      const stems = this.stems[i] as Map<string, { tag: string; worth: number }>;
      const hits: WordHit[] = [];
      let sum = 0;
      words.forEach((w, k) => {
        const same = stems.get(w.stem);
        let worth = same?.worth ?? 0;
        let hit: WordHit | null = same ? { word: w.text, tag: same.tag, close: 1 } : null;
        for (const tag of item.tags) {
          const close = soft[k]?.get(tag) ?? 0;
          const v = close > 0 ? MATCH.softWorth * (close - 0.2) : 0;
          if (v > worth) {
            worth = v;
            hit = { word: w.text, tag, close };
          }
        }
        if (hit) hits.push(hit);
        sum += worth * (weights[k] as number);
      });
      if (!hits.length) hits.push(...closestWord(words, line, item));
      const overlap = sum / (total * 0.5 + 0.5 * Math.min(total, 3));
      const score =
        use === 'words'
          ? overlap
          : use === 'meaning'
            ? meaning
            : MATCH.meaningWeight * meaning + MATCH.wordsWeight * Math.min(1, overlap);
      return { item, score, meaning, hits: hits.sort((a, b) => b.close - a.close) };
    });
    return scored.sort((a, b) => b.score - a.score || (a.item.id < b.item.id ? -1 : 1));
  }

  private meaning(line: MatchLine, item: ShelfItem): number {
    const of = (v: Vector) =>
      (1 - MATCH.tagsShare) * dot(v, item.textVector) + MATCH.tagsShare * dot(v, item.tagsVector);
    const { context } = line;
    const own = of(line.vector);
    if (!line.wishVector)
      return context ? (1 - context.share) * own + context.share * of(context.vector) : own;
    return (1 - MATCH.lineBesideWish) * of(line.wishVector) + MATCH.lineBesideWish * own;
  }

  /** For each word, the single tags that are related to it and how close; worked out once a word. */
  private softTags(line: MatchLine, words: readonly { text: string }[]): Map<string, number>[] {
    return words.map((w, k) => {
      const key = w.text.toLowerCase();
      const known = this.related.get(key);
      if (known) return known;
      const near = new Map<string, number>();
      const v = line.wordVectors[k];
      if (v)
        for (const [tag, t] of this.tagVectors) {
          const close = dot(v, t);
          if (close >= MATCH.softFrom) near.set(tag, close);
        }
      if (this.related.size > RELATED_KEPT) this.related.clear();
      this.related.set(key, near);
      return near;
    });
  }
}
