import { contentWords, stem, weightOf } from '../text/tokens.ts';
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
  /** A line that is like one for which the picture is used counts this much of being like its description. */
  suitsWorth: 0.5,
  suitsWordWorth: 0.5,
  descriptionWorth: 0.5,
} as const;

export const dot = (a: Vector, b: Vector): number => {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += (a[i] as number) * (b[i] as number);
  return sum;
};

/** Compares a query with rows in plain arithmetic. */
function plainDots(rows: readonly Vector[]): (query: Vector) => Float64Array {
  return (query) => Float64Array.from(rows, (row) => dot(row, query));
}

/** The meaning of a picture: of what it shows, with a share of its tags. */
const meaningOf = ({ textVector, tagsVector }: ShelfItem): Vector =>
  textVector.map((x, k) => (1 - MATCH.tagsShare) * x + MATCH.tagsShare * (tagsVector[k] ?? 0));

/** Words whose related tags are remembered. */
const RELATED_KEPT = 20_000;

/** What a stem or a tag is found in: items, and how much it is worth there. */
interface Posting {
  item: number;
  worth: number;
  tag: string;
}

/** How well a word of the line is met in one picture. */
interface Met {
  worth: number;
  tag: string;
  close: number;
}

export interface RankOptions {
  use?: 'both' | 'words' | 'meaning';
  /** At most so many, best first; all by default. */
  limit?: number;
  /** Pictures that are left out. */
  allow?: (item: ShelfItem) => boolean;
}

/**
 * A shelf prepared for matching: rows of meanings and an inverted index of stems, so that a line is scored against 100,000
 * pictures in a fraction of a second.
 */
export class ShelfIndex {
  readonly items: readonly ShelfItem[];
  /** Similarity of a query to each picture, and then to each line for which pictures are used. */
  private readonly similar: (query: Vector) => Float64Array;
  private readonly postings = new Map<string, Posting[]>();
  /** Items by single tag as it is written. */
  private readonly tagged = new Map<string, number[]>();
  /** The picture of each line for which pictures are used. */
  private readonly suitsOf: Int32Array;
  private readonly tagVectors: Map<string, Vector>;
  private readonly related = new Map<string, Map<string, number>>();

  /**
   * tagVectors: meaning of single tags, by tag; tags without one only match by stem. similarities: makes what compares a
   * query with many rows; plain arithmetic by default.
   */
  constructor(
    items: readonly ShelfItem[],
    tagVectors: Map<string, Vector>,
    similarities: (rows: readonly Vector[]) => (query: Vector) => Float64Array = plainDots,
  ) {
    this.items = items;
    this.tagVectors = tagVectors;
    const suits = items.flatMap((item, i) => (item.suits ?? []).map(({ vector }) => ({ i, vector })));
    this.suitsOf = Int32Array.from(suits, (s) => s.i);
    this.similar = similarities([...items.map(meaningOf), ...suits.map((s) => s.vector)]);
    items.forEach((item, i) => {
      this.addWords(item, i);
    });
  }

  private addWords(item: ShelfItem, i: number): void {
    const found = new Map<string, Posting>();
    const add = (text: string, worth: number, whole: boolean) => {
      for (const w of contentWords(text))
        if (!found.has(w.stem))
          found.set(w.stem, { item: i, tag: whole ? text : w.text.toLowerCase(), worth });
    };
    for (const tag of item.tags) {
      found.set(stem(tag), { item: i, tag, worth: 1 });
      if (tag.includes(' ')) add(tag, 0.8, true);
      push(this.tagged, tag, i);
    }
    add(item.title, MATCH.titleWorth, false);
    add(item.description, MATCH.descriptionWorth, false);
    for (const { text } of item.suits ?? []) add(text, MATCH.suitsWordWorth, false);
    for (const [s, posting] of found) push(this.postings, s, posting);
  }

  /** Inverse document frequency; words that are nowhere on the shelf weigh as an average one. */
  private rarity(wordStem: string): number {
    const df = this.postings.get(wordStem)?.length;
    return df === undefined
      ? 1.4
      : Math.log(1 + this.items.length / df) / Math.log(1 + this.items.length) + 0.6;
  }

  /** The pictures of the shelf scored for a line, best first. */
  rank(line: MatchLine, { use = 'both', limit = this.items.length, allow }: RankOptions = {}): Scored[] {
    const n = this.items.length;
    if (n === 0) return [];
    const words = contentWords(line.wish || line.text);
    const weights = words.map((w) => this.rarity(w.stem) * weightOf(w.text));
    const total = weights.reduce((a, b) => a + b, 0) || 1;
    const met = this.meetings(line, words);
    const overlap = new Float64Array(n);
    met.forEach((of, k) => {
      for (const [i, m] of of) overlap[i] = (overlap[i] as number) + m.worth * (weights[k] as number);
    });
    const whole = total * 0.5 + 0.5 * Math.min(total, 3);
    const meaning = this.meanings(queryOf(line));
    const scores = new Float64Array(n);
    for (let i = 0; i < n; i++) {
      const byWords = (overlap[i] as number) / whole;
      const byMeaning = meaning[i] as number;
      scores[i] =
        allow && !allow(this.items[i] as ShelfItem)
          ? Number.NEGATIVE_INFINITY
          : use === 'words'
            ? byWords
            : use === 'meaning'
              ? byMeaning
              : MATCH.meaningWeight * byMeaning + MATCH.wordsWeight * Math.min(1, byWords);
    }
    const order = best(scores, limit, (a, b) =>
      (this.items[a] as ShelfItem).id < (this.items[b] as ShelfItem).id ? -1 : 1,
    );
    return order.map((i): Scored => {
      const item = this.items[i] as ShelfItem;
      const hits = words.flatMap((w, k): WordHit[] => {
        const m = met[k]?.get(i);
        return m ? [{ word: w.text, tag: m.tag, close: m.close }] : [];
      });
      return {
        item,
        score: scores[i] as number,
        meaning: meaning[i] as number,
        hits: (hits.length ? hits : closestWord(words, line, item)).sort((a, b) => b.close - a.close),
      };
    });
  }

  /** Pictures that are like one of the shelf, best first: by what they show and by their words. */
  like(
    id: string,
    limit: number,
    allow?: (item: ShelfItem) => boolean,
  ): { item: ShelfItem; close: number }[] {
    const at = this.items.findIndex((x) => x.id === id);
    const of = this.items[at];
    if (!of) return [];
    const row = meaningOf(of);
    const length = Math.hypot(...row) || 1;
    const meaning = this.meanings(row.map((v) => v / length));
    const scores = Float64Array.from(meaning, (m, i) =>
      i === at || (allow && !allow(this.items[i] as ShelfItem)) ? Number.NEGATIVE_INFINITY : m,
    );
    for (const tag of of.tags)
      for (const i of this.tagged.get(tag) ?? []) scores[i] = (scores[i] as number) + 0.04;
    return best(scores, limit, (a, b) => a - b).map((i) => ({
      item: this.items[i] as ShelfItem,
      close: Math.min(1, scores[i] as number),
    }));
  }

  /** Similarity of every picture to a query, not below 0. */
  private meanings(query: Vector): Float64Array {
    const all = this.similar(query);
    const n = this.items.length;
    const out = all.slice(0, n).map((x) => Math.max(0, x));
    this.suitsOf.forEach((i, k) => {
      const like = MATCH.suitsWorth * (all[n + k] as number);
      if (like > (out[i] as number)) out[i] = like;
    });
    return out;
  }

  /** For each word of the line, the pictures that have it or a related tag, and the best way it is met in each. */
  private meetings(line: MatchLine, words: readonly { text: string; stem: string }[]): Map<number, Met>[] {
    return words.map((w, k) => {
      const of = new Map<number, Met>();
      for (const p of this.postings.get(w.stem) ?? [])
        of.set(p.item, { worth: p.worth, tag: p.tag, close: 1 });
      for (const [tag, close] of this.softTags(w.text, line.wordVectors[k])) {
        const worth = MATCH.softWorth * (close - 0.2);
        for (const i of this.tagged.get(tag) ?? [])
          if (worth > (of.get(i)?.worth ?? 0)) of.set(i, { worth, tag, close });
      }
      return of;
    });
  }

  /** The single tags that are related to a word and how close; worked out once a word. */
  private softTags(word: string, v: Vector | undefined): Map<string, number> {
    const key = word.toLowerCase();
    const known = this.related.get(key);
    if (known) return known;
    const near = new Map<string, number>();
    if (v)
      for (const [tag, t] of this.tagVectors) {
        const close = dot(v, t);
        if (close >= MATCH.softFrom) near.set(tag, close);
      }
    if (this.related.size > RELATED_KEPT) this.related.clear();
    this.related.set(key, near);
    return near;
  }
}

/** The meaning that is looked for: the line with a share of what stands round it, or a wish with a share of its line. */
function queryOf({ vector, wishVector, context }: MatchLine): Vector {
  const mix = (a: Vector, b: Vector, share: number) =>
    a.map((x, i) => (1 - share) * x + share * (b[i] as number));
  if (wishVector) return mix(wishVector, vector, MATCH.lineBesideWish);
  return context ? mix(vector, context.vector, context.share) : vector;
}

/** Where only the meaning of the whole line led to a picture: the word that is nearest to it. */
function closestWord(words: { text: string }[], line: MatchLine, item: ShelfItem): WordHit[] {
  let found: WordHit | null = null;
  words.forEach((w, k) => {
    const v = line.wordVectors[k];
    const close = v ? dot(v, item.textVector) : 0;
    if (close > (found?.close ?? 0.12)) found = { word: w.text, tag: item.title, close };
  });
  return found ? [found] : [];
}

function push<T>(map: Map<string, T[]>, key: string, value: T): void {
  const list = map.get(key);
  if (list) list.push(value);
  else map.set(key, [value]);
}

/** Indices of the highest finite scores, best first; ties as `tie` orders them. A heap of `limit`: O(n log limit). */
function best(scores: Float64Array, limit: number, tie: (a: number, b: number) => number): number[] {
  const before = (a: number, b: number) => (scores[b] as number) - (scores[a] as number) || tie(a, b);
  const heap: number[] = [];
  // The worst of those kept stands at the top.
  const sink = (at: number) => {
    for (let i = at; ; ) {
      let worst = i;
      for (const c of [2 * i + 1, 2 * i + 2])
        if (c < heap.length && before(heap[worst] as number, heap[c] as number) < 0) worst = c;
      if (worst === i) return;
      [heap[i], heap[worst]] = [heap[worst] as number, heap[i] as number];
      i = worst;
    }
  };
  for (let i = 0; i < scores.length; i++) {
    if (scores[i] === Number.NEGATIVE_INFINITY) continue;
    if (heap.length < limit) {
      heap.push(i);
      if (heap.length === limit) for (let k = (limit >> 1) - 1; k >= 0; k--) sink(k);
    } else if (limit > 0 && before(i, heap[0] as number) < 0) {
      heap[0] = i;
      sink(0);
    }
  }
  return heap.sort(before);
}
