import { contentWords, stem, weightOf } from '../text/tokens.ts';
import { best } from './best.ts';
import { contrary, type Signs, signsOf } from './contrary.ts';
import { dot } from './dot.ts';
import { hitsOf, type Met } from './hits.ts';
import type { Phrase } from './phrases.ts';
import type { MatchLine, Scored, ShelfItem, Vector, WordHit } from './types.ts';
import type { NearWord } from './wordnet.ts';

/**
 * Weights and thresholds of the score. Those of meaning, usedFor and words were learned on studio/fixtures/match (352 lines,
 * softmax over the shelf for each line, four-fold cross-validation) and scaled.
 */
export const MATCH = {
  /** Likeness to what the picture shows and to its tags; to a line for which it is used; words that are met. */
  meaningWeight: 0.71,
  usedForWeight: 0.6,
  /** How much the nearest of the lines for which a picture is used counts before the others, and how many are usual. */
  usedForSharpness: 8,
  usedForLines: 8,
  wordsWeight: 0.42,
  /** A line that holds less than this in words is not met by all of them: "So come on Saturday." */
  leastWords: 1.1,
  /** Words that are what the picture is of, beside the share of all words. */
  subjectWeight: 0.1,
  /** A brief says what shall be seen: its words count more. */
  briefWordsWeight: 0.5,
  /** Share of the tags' vector in the meaning of a picture. */
  tagsShare: 0.8,
  /** A brief asks for what is seen: words and lines for which a picture only stands count so much of theirs. */
  unseenInBrief: 0.4,
  /** Share of the written line beside a brief. */
  lineBesideBrief: 0.15,
  /** Share of the neighbours beside a line, and of the whole script beside a title. */
  neighboursShare: 0.12,
  pointsBackShare: 0.3,
  /** Share of what stands round a line of which the shelf knows nothing, and the scores of its best picture between which it grows. */
  topicMost: 0.3,
  knownFrom: 0.5,
  unknownFrom: 0.3,
  scriptShare: 0.45,
  /** Two words closer than this count as related. */
  softFrom: 0.62,
  /** A related word counts this much of an equal one. */
  softWorth: 0.74,
  /** A word that a dictionary puts near to one that is nowhere on the shelf counts this much of what the dictionary says. */
  nearWordWorth: 0.6,
  /** A word that is part of a phrase, met without the rest of it; one of a phrase that means something else. */
  partOfPhrase: 0.45,
  apartFromPhrase: 0.3,
  /** Share that a picture loses that shows summer where the line says winter. */
  contrary: 0.3,
  /** Share that a picture loses among the results when one of its motif is better, and again for a second one. */
  alike: 0.1,
  /** A tag that the title has too is what the picture is of, and counts more; the last of many tags counts less. */
  subject: 0.15,
  /** Under a title so much more: it names what the piece is of. */
  subjectOfTitle: 0.3,
  lastTag: 0.2,
  titleWorth: 0.95,
  descriptionWorth: 0.95,
  usedForWordWorth: 0.9,
  calledForWorth: 0.9,
  /** Words that a writer typed for a picture weigh so much more than those of the shipped shelf. */
  ownWords: 1.6,
} as const;

/** Compares a query with rows in plain arithmetic. */
function plainDots(rows: readonly Vector[]): (query: Vector) => Float64Array {
  return (query) => Float64Array.from(rows, (row) => dot(row, query));
}

/** The meaning of a picture: of what it shows, with a share of its tags. */
const meaningOf = ({ textVector, tagsVector }: ShelfItem): Vector =>
  textVector.map((x, k) => (1 - MATCH.tagsShare) * x + MATCH.tagsShare * (tagsVector[k] ?? 0));

/** What a picture brings to an index. It is kept with the picture, so that the next index is made of it quickly. */
interface Prepared {
  meaning: Vector;
  /** By stem. close: 1 for what is said of the picture, less for what only calls for it; seen: whether it is in it. */
  words: Map<string, Omit<Posting, 'item'>>;
  signs: Signs;
}
const prepared = new WeakMap<ShelfItem, Prepared>();

function prepare(item: ShelfItem): Prepared {
  const known = prepared.get(item);
  if (known) return known;
  const words: Prepared['words'] = new Map();
  const add = (text: string, worth: number, whole: boolean, seen = true) => {
    for (const w of contentWords(text))
      if (!words.has(w.stem))
        words.set(w.stem, { tag: whole ? text : w.text.toLowerCase(), worth, close: 1, seen });
  };
  const subject = new Set(contentWords(item.title).map((w) => w.stem));
  for (const [at, tag] of item.tags.entries()) {
    const of = stem(tag);
    const late = Math.max(0, at + 1 - FIRST_TAGS) / Math.max(1, item.tags.length - FIRST_TAGS);
    const worth = 1 - MATCH.lastTag * late + (subject.has(of) ? MATCH.subject : 0);
    words.set(of, { tag, worth, close: 1, seen: true, subject: subject.has(of) });
    if (tag.includes(' ')) add(tag, 0.8, true);
  }
  add(item.title, MATCH.titleWorth, false);
  add(item.description, MATCH.descriptionWorth, false);
  for (const { text } of item.usedFor ?? []) add(text, MATCH.usedForWordWorth, false, false);
  const [first = item.title] = item.tags;
  for (const word of item.calledFor ?? [])
    if (!words.has(stem(word)))
      words.set(stem(word), {
        ...{ tag: first, worth: MATCH.calledForWorth, close: CALLED_FOR_CLOSE, seen: false },
      });
  const signs = signsOf(`${item.title} ${item.tags.join(' ')}`);
  const fresh = { meaning: meaningOf(item), words, signs };
  prepared.set(item, fresh);
  return fresh;
}

/** So many tags of a picture count in full. */
const FIRST_TAGS = 4;

/** How near a word is to the picture that it calls for, though it is not in it. */
const CALLED_FOR_CLOSE = 0.9;

/** Words of a picture worth less than this are not met by way of a dictionary: they are not what it shows. */
const NEAR_WORD_FROM = 0.8;

/** What stands for the lines for which a picture is used, where nobody has given any: its words and its tags. */
const OWN_LINES = 2;

/** So many of the first results are varied; the rest stays in the order of the score. */
const VARIED = 60;

/** What compares a query with many rows may be off by this. */
const SIMILAR_WITHIN = 0.02;

/** Words whose related tags are remembered. */
const RELATED_KEPT = 20_000;

/** What a stem or a tag is found in: items, and how much it is worth there. */
interface Posting {
  item: number;
  worth: number;
  tag: string;
  close: number;
  /** It is said of what the picture shows, and not only of what it stands for. */
  seen: boolean;
  /** It is what the picture is of. */
  subject?: boolean;
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
  private readonly usedForOf: Int32Array;
  private readonly tags: readonly (readonly [tag: string, vector: Vector])[];
  /** Similarity of a query to each tag, nearly. */
  private readonly tagSimilar: (query: Vector) => Float64Array;
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
    this.tags = [...tagVectors];
    this.tagSimilar = similarities(this.tags.map(([, vector]) => vector));
    // A picture of which nobody said for what it is used is used for what its words say.
    const usedFor = items.flatMap((item, i) =>
      (item.usedFor?.map((s) => s.vector) ?? [item.textVector, item.tagsVector]).map((vector) => ({
        i,
        vector,
      })),
    );
    this.usedForOf = Int32Array.from(usedFor, (s) => s.i);
    this.similar = similarities([
      ...items.map((item) => prepare(item).meaning),
      ...usedFor.map((s) => s.vector),
    ]);
    items.forEach((item, i) => {
      this.addWords(item, i);
    });
  }

  private addWords(item: ShelfItem, i: number): void {
    for (const tag of item.tags) push(this.tagged, tag, i);
    for (const [s, word] of prepare(item).words) push(this.postings, s, { item: i, ...word });
  }

  /** Whether a word is said of any picture, by its stem. */
  knows(wordStem: string): boolean {
    return this.postings.has(wordStem);
  }

  /** Inverse document frequency; words that are nowhere on the shelf weigh as an average one. */
  private rarity(wordStem: string): number {
    const df = this.postings.get(wordStem)?.length;
    return df === undefined
      ? 1.4
      : Math.log(1 + this.items.length / df) / Math.log(1 + this.items.length) + 0.6;
  }

  /** Of the vectors of its pictures; 0 for an empty shelf. */
  get dimensions(): number {
    return this.items[0]?.textVector.length ?? 0;
  }

  /** Whether a picture has a word of this stem. */
  has(word: string): boolean {
    return this.postings.has(stem(word));
  }

  /** Whether one of the writer's own pictures is described by a word. */
  hasOwn(word: string): boolean {
    return this.postings.get(stem(word))?.some((p) => this.items[p.item]?.own) ?? false;
  }

  /** The pictures of the shelf scored for a line, best first. */
  rank(line: MatchLine, { use = 'both', limit = this.items.length, allow }: RankOptions = {}): Scored[] {
    const n = this.items.length;
    if (n === 0) return [];
    const words = contentWords(line.brief || line.text);
    const weights = words.map(
      (w, k) => this.rarity(w.stem) * weightOf(w.text) * (line.wordWeights?.[k] ?? 1),
    );
    const total = weights.reduce((a, b) => a + b, 0) || 1;
    const met = this.meetings(line, words);
    const overlap = new Float64Array(n);
    const subject = new Float64Array(n);
    met.forEach((of, k) => {
      const weight = weights[k] as number;
      for (const [i, m] of of) {
        overlap[i] = (overlap[i] as number) + m.worth * weight;
        if (m.subject) subject[i] = (subject[i] as number) + m.worth * weight;
      }
    });
    const whole = Math.max(MATCH.leastWords, total * 0.5 + 0.5 * Math.min(total, 3));
    const scores = new Float64Array(n);
    const wordsWeight = line.brief ? MATCH.briefWordsWeight : MATCH.wordsWeight;
    const byWordsOf = (i: number) => {
      const own = this.items[i]?.own ? MATCH.ownWords : 1;
      return (
        own * wordsWeight * Math.min(1, (overlap[i] as number) / whole) +
        MATCH.subjectWeight * Math.min(1, (subject[i] as number) / whole)
      );
    };
    const { meaning, usedFor } = this.inContext(line, byWordsOf);
    const asked = signsOf(line.brief || line.text);
    const against = (i: number) => contrary(asked, prepare(this.items[i] as ShelfItem).signs);
    const usedForWeight = (line.brief ? MATCH.unseenInBrief : 1) * MATCH.usedForWeight;
    for (let i = 0; i < n; i++) {
      const byWords = byWordsOf(i);
      const byMeaning = MATCH.meaningWeight * (meaning[i] as number) + usedForWeight * (usedFor[i] as number);
      scores[i] =
        allow && !allow(this.items[i] as ShelfItem)
          ? Number.NEGATIVE_INFINITY
          : use === 'words'
            ? byWords
            : use === 'meaning'
              ? byMeaning
              : byMeaning + byWords;
      if (asked.kinds && against(i)) scores[i] = (scores[i] as number) * (1 - MATCH.contrary);
    }
    const order = best(scores, Math.max(limit, VARIED), (a, b) =>
      (this.items[a] as ShelfItem).id < (this.items[b] as ShelfItem).id ? -1 : 1,
    );
    return this.varied(order, scores)
      .slice(0, limit)
      .map((i): Scored => {
        const item = this.items[i] as ShelfItem;
        let hits: WordHit[] | null = null;
        return {
          item,
          score: scores[i] as number,
          meaning: Math.max(meaning[i] as number, usedFor[i] as number),
          // Of most that are scored nobody asks why.
          get hits() {
            hits ??= hitsOf(words, met, i, line, item);
            return hits;
          },
        };
      });
  }

  /** Meanings for a line with as much of its context as it needs: the less the shelf knows of it, the more. */
  private inContext(line: MatchLine, byWords: (i: number) => number): ReturnType<ShelfIndex['meanings']> {
    const { context } = line;
    if (line.brief || !context) return this.meanings(queryOf(line, 0));
    if (context.most <= context.share) return this.meanings(queryOf(line, context.share));
    const alone = this.meanings(queryOf(line, context.share));
    let best = 0;
    for (let i = 0; i < this.items.length; i++)
      best = Math.max(
        best,
        MATCH.meaningWeight * (alone.meaning[i] as number) +
          MATCH.usedForWeight * (alone.usedFor[i] as number) +
          byWords(i),
      );
    const need = (MATCH.knownFrom - best) / (MATCH.knownFrom - MATCH.unknownFrom);
    if (need <= 0) return alone;
    const share = context.share + Math.min(1, need) * (context.most - context.share);
    return this.meanings(queryOf(line, share));
  }

  /** The first ones with the later pictures of one motif put back a little, so that what is offered is not all alike. */
  private varied(order: readonly number[], scores: Float64Array): number[] {
    const before = new Map<string, number>();
    const first = order.slice(0, VARIED).map((i) => {
      const { group, id } = this.items[i] as ShelfItem;
      const n = before.get(group || id) ?? 0;
      before.set(group || id, n + 1);
      return { i, score: (scores[i] as number) * (1 - MATCH.alike * Math.min(2, n)) };
    });
    return [...first.sort((a, b) => b.score - a.score).map((x) => x.i), ...order.slice(VARIED)];
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
    const row = prepare(of).meaning;
    const length = Math.hypot(...row) || 1;
    const { meaning } = this.meanings(row.map((v) => v / length));
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

  /** How close each picture is to a meaning, by its id; by what it shows alone. */
  closeTo(query: Vector): Map<string, number> {
    const { meaning } = this.meanings(query);
    return new Map(this.items.map((item, i) => [item.id, meaning[i] as number]));
  }

  /**
   * Similarity of a query to every picture, and to the lines for which it is used; not below 0. Of those the nearest counts
   * most, and others that are near as well make it surer: the logarithm of the sum of their powers (a soft maximum). Lines that
   * are near by chance alone stand alone.
   */
  private meanings(query: Vector): { meaning: Float64Array; usedFor: Float64Array } {
    const all = this.similar(query);
    const n = this.items.length;
    const sums = new Float64Array(n);
    this.usedForOf.forEach((i, k) => {
      sums[i] = (sums[i] as number) + Math.exp(MATCH.usedForSharpness * (all[n + k] as number));
    });
    const usedFor = sums.map((sum, i) => {
      // A picture of which nobody said for what it is used has the two lines of its own words, and loses nothing by that.
      const usual = this.items[i]?.usedFor ? MATCH.usedForLines : OWN_LINES;
      return Math.max(0, Math.min(1, Math.log(sum / usual) / MATCH.usedForSharpness));
    });
    return { meaning: all.slice(0, n).map((x) => Math.max(0, x)), usedFor };
  }

  /** For each word of the line, the pictures that have it or a related tag, and the best way it is met in each. */
  private meetings(line: MatchLine, words: readonly { text: string; stem: string }[]): Map<number, Met>[] {
    const met = words.map((w, at) => {
      const of = new Map<number, Met>();
      for (const p of this.postings.get(w.stem) ?? [])
        of.set(p.item, {
          worth:
            line.brief && !p.seen
              ? MATCH.unseenInBrief * p.worth
              : p.worth + (line.title && p.subject ? MATCH.subjectOfTitle : 0),
          ...{ tag: p.tag, close: p.close, subject: p.subject },
        });
      // What a dictionary knows of a word that is nowhere on the shelf is surer than a likeness of single words.
      if (of.size === 0) this.meetNearWords(line.nearWords?.[at] ?? [], of);
      if (of.size === 0 || this.postings.has(w.stem))
        for (const [tag, close] of this.softTags(w.text, line.wordVectors[at])) {
          const worth = MATCH.softWorth * (close - 0.2);
          for (const i of this.tagged.get(tag) ?? [])
            if (worth > (of.get(i)?.worth ?? 0)) of.set(i, { worth, tag, close });
        }
      return of;
    });
    for (const phrase of line.phrases ?? []) this.meetPhrase(phrase, met);
    return met;
  }

  /** A word of a phrase counts in full only where all its words are met; what is near to the whole is met beside them. */
  private meetPhrase({ at, apart, nearWords }: Phrase, met: Map<number, Met>[]): void {
    const of = at.flatMap((k) => met[k] ?? []);
    const last = of.at(-1);
    if (!last) return;
    const share = apart ? MATCH.apartFromPhrase : MATCH.partOfPhrase;
    for (const one of of)
      for (const [i, m] of one)
        if (apart || of.length === 1 || !of.every((x) => (x.get(i)?.close ?? 0) >= CALLED_FOR_CLOSE))
          one.set(i, { ...m, worth: m.worth * share });
    this.meetNearWords(nearWords, last);
  }

  /** Adds the pictures that show something near to a word, by what a dictionary says. */
  private meetNearWords(nearWords: readonly NearWord[], of: Map<number, Met>): void {
    for (const k of nearWords)
      for (const p of this.postings.get(stem(k.word)) ?? []) {
        const worth = MATCH.nearWordWorth * k.worth * p.worth;
        if (p.worth >= NEAR_WORD_FROM && worth > (of.get(p.item)?.worth ?? 0))
          of.set(p.item, { worth, tag: p.tag, close: 0.9 * k.worth });
      }
  }

  /** The single tags that are related to a word and how close; worked out once a word. */
  private softTags(word: string, v: Vector | undefined): Map<string, number> {
    const key = word.toLowerCase();
    const known = this.related.get(key);
    if (known) return known;
    const near = new Map<string, number>();
    if (v && this.tags.length)
      this.tagSimilar(v).forEach((nearly, i) => {
        if (nearly < MATCH.softFrom - SIMILAR_WITHIN) return;
        const [tag, vector] = this.tags[i] as (typeof this.tags)[number];
        const close = dot(v, vector);
        if (close >= MATCH.softFrom) near.set(tag, close);
      });
    if (this.related.size > RELATED_KEPT) this.related.clear();
    this.related.set(key, near);
    return near;
  }
}

/** The meaning that is looked for: the line with a share of what stands round it, or a brief with a share of its line. */
/** share: of the context. */
function queryOf({ vector, briefVector, context }: MatchLine, share: number): Vector {
  const mix = (a: Vector, b: Vector, share: number) =>
    a.map((x, i) => (1 - share) * x + share * (b[i] as number));
  if (briefVector) return mix(briefVector, vector, MATCH.lineBesideBrief);
  return context && share ? mix(vector, context.vector, share) : vector;
}

function push<T>(map: Map<string, T[]>, key: string, value: T): void {
  const list = map.get(key);
  if (list) list.push(value);
  else map.set(key, [value]);
}
