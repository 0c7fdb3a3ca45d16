import { because, type LineReason } from '../../source/reasons.ts';
import { type SentenceNote, type Source, sentencesOf } from '../../source/types.ts';
import { looksLikeCode } from '../../text/code.ts';
import { missingQuotes } from '../../text/quotes.ts';
import { contentWords, tokens } from '../../text/tokens.ts';
import { terms } from './grammar.ts';
import { LINE, type Shortened, shorten } from './shorten.ts';
import { hasFiniteVerb, type Standing, standingOf, withoutConnective } from './stands.ts';
import { weighWords } from './vectors.ts';

/** How sentences are weighed. Shares of the score; they add up to 1. Set by hand on studio/fixtures/articles. */
export const WEIGH = {
  centrality: 0.14,
  position: 0.18,
  title: 0.16,
  figures: 0.16,
  density: 0.24,
  linked: 0.08,
  quote: 0.04,
  /** Times the score, for a sentence of each kind. */
  leaning: 0.72,
  brokenOff: 0.7,
  pageTalk: 0.15,
  short: 0.6,
  noVerb: 0.5,
  remark: 0.72,
  item: 0.6,
  displayQuote: 0.75,
  heading: 0.3,
} as const;

/** The page speaks of itself, or of what is to come. */
const PAGE_TALK =
  /^\(?corrects\b|\b(subscribe|newsletter|sign up|click here|read more|share this|follow us|cookies?|all rights reserved|photo(graph)?s? by|image courtesy|scroll down|log in|advertisement|table of contents|in this article|listen live|click (?:to|on)|use the form|can be reached at|contributed to this|on (?:twitter|facebook|instagram)\b.{0,20}$|real-time snapshot|data is delayed|market data|view (?:the )?(?:gallery|slideshow)|this (?:story|report|review) (?:was|has been)|was reviewed using|copyright:|commercial purposes|permission is granted|personal use only|podcast)\b|[\w.]+@[\w-]+\.\w/i;

/**
 * Weighs and shortens every sentence of a source. Centrality is LexRank (Erkan and Radev, 2004: power iteration on
 * tf-idf cosines); the rest are the features of extractive summaries since Edmundson (1969): position, title words,
 * figures, how much is said, quotations. The same source gives the same notes.
 */
export function annotate(source: Source): Record<string, SentenceNote> {
  const all = sentencesOf(source);
  if (!all.length) return {};
  const english = source.language.startsWith('en');
  const vectors = weighWords(all.map((a) => a.sentence.text));
  const central = lexRank(vectors);
  const titleStems = new Set(contentWords(source.title).map((w) => w.stem));
  const body = all.filter((a) => a.passage.kind !== 'heading');
  const place = new Map(body.map((a, i) => [a.sentence.id, i]));
  // Where sentences end in a mark, what ends in none is no sentence.
  const ended = body.filter((a) => END_MARK.test(a.sentence.text)).length > 0.6 * body.length;
  const out: Record<string, SentenceNote> = {};
  all.forEach((a, i) => {
    const { text, id } = a.sentence;
    const said = balanced(english ? withoutConnective(dashed(text)) : dashed(text));
    const spoken = shorten(said, LINE.spoken, source.language);
    const voice = spoken.brokenOff ? said : spoken.text;
    const short = lineOf(said, voice, source.language);
    const standing = worse(
      standingOf(said, english),
      short.brokenOff
        ? english && !hasFiniteVerb(short.text)
          ? 'never'
          : 'alone'
        : standingOf(short.text, english),
    );
    const at = place.get(id) ?? 0;
    const words = english ? terms(text) : [];
    const stems = contentWords(text);
    const figures = (text.match(/[\p{Sc}]?\d[\d.,]*\s?%?/gu) ?? []).length;
    const numerals = words.filter((w) => w.value).length;
    const quote = /[“"«„][^”"»]{12,}[”"»]/.test(text) || a.passage.kind === 'quote';
    const shared = stems.filter((w) => titleStems.has(w.stem)).length;
    const several = a.passage.sentences.length > 1;
    const parts = {
      centrality: central[i] ?? 0,
      position: positionOf(at, body.length, a.index),
      title: titleStems.size ? Math.min(1, shared / 3) : 0,
      figures: figures ? 1 : Math.min(0.6, numerals * 0.3),
      density: Math.min(1, stems.length / 10),
      linked: /, (and|but|because|so|since|which|of which|against) |; /.test(text) ? 1 : 0,
      quote: quote ? 1 : 0,
    };
    let score = (Object.keys(parts) as (keyof typeof parts)[]).reduce((s, k) => s + WEIGH[k] * parts[k], 0);
    const reasons: LineReason[] = [];
    if (parts.position > 0.6) reasons.push(because('early'));
    if (parts.centrality > 0.6) reasons.push(because('central'));
    if (shared > 0) reasons.push(because('title-words'));
    if (figures || numerals > 1) reasons.push(because('figure'));
    if (quote) reasons.push(because('said'));
    if (standing === 'after') {
      score *= WEIGH.leaning;
      reasons.push(because('leans'));
    }
    const isRow = a.passage.kind === 'table';
    if (standing === 'never' || ((ended || isRow) && !END_MARK.test(text)))
      reasons.push(because('cannot-stand'));
    if (short.brokenOff) {
      score *= WEIGH.brokenOff;
      reasons.push(because('too-long'));
    }
    if (PAGE_TALK.test(text)) score *= WEIGH.pageTalk;
    if (text.length < 50 || stems.length < 4) score *= WEIGH.short;
    if (english && !words.some((w) => w.finite)) score *= WEIGH.noVerb;
    if (several && a.index > 0 && a.index === a.passage.sentences.length - 1) score *= WEIGH.remark;
    if (a.passage.kind === 'item' || a.passage.kind === 'table') score *= WEIGH.item;
    if (a.passage.kind === 'quote') score *= WEIGH.displayQuote;
    if (a.passage.kind === 'heading') score *= WEIGH.heading;
    out[id] = {
      line: short.text,
      spoken: voice,
      score: Math.round(score * 1000) / 1000,
      reasons,
    };
  });
  return out;
}

/** What is shown of a sentence: nothing that the voice leaves out. */
function lineOf(said: string, voice: string, language: string): Shortened {
  const line = shorten(said, LINE.longest, language);
  const wordsOf = (text: string) => tokens(text).map((t) => t.text.toLowerCase());
  const heard = new Set(wordsOf(voice));
  return wordsOf(line.text).every((w) => heard.has(w)) ? line : shorten(voice, LINE.longest, language);
}

/** Two hyphens as the dash for which they stand. */
const dashed = (text: string): string =>
  looksLikeCode(text)
    ? text
    : text.replace(/\s+--\s+|(?<=["”’])--\s+/g, ' – ').replace(/(?<=\p{L})--(?=\p{L})/gu, '—');

/** A quotation of several sentences is opened in one and closed in another: each of them alone has both marks. */
function balanced(text: string): string {
  const { before, after } = missingQuotes(text);
  if (after) return text + after;
  if (before && /[“”«»]$/u.test(text)) return before + text;
  if (text.split('"').length % 2 === 1) return text;
  return text.startsWith('"') ? `${text}"` : text.endsWith('"') ? `"${text}` : text;
}

const END_MARK = /[.!?…]['"”’»)]*$/;

const worse = (a: Standing, b: Standing): Standing =>
  a === 'never' || b === 'never' ? 'never' : a === 'after' || b === 'after' ? 'after' : 'alone';

/** Early sentences carry most, the first of a paragraph more than the rest of it, the very last a little again. */
function positionOf(at: number, of: number, inPassage: number): number {
  if (of < 2) return 1;
  const early = Math.exp(-at / Math.max(4, of * 0.22));
  const first = inPassage === 0 ? 0.3 : 0;
  const last = at === of - 1 ? 0.5 : 0;
  return Math.min(1, 0.7 * early + first + last);
}

/** Continuous LexRank with damping 0.85, scaled so that the largest is 1. Similar pairs come from an inverted index. */
function lexRank(vectors: readonly Map<string, number>[]): number[] {
  const n = vectors.length;
  const holders = new Map<string, number[]>();
  vectors.forEach((v, i) => {
    for (const w of v.keys()) {
      const found = holders.get(w);
      if (found) found.push(i);
      else holders.set(w, [i]);
    }
  });
  const links = vectors.map((v, i) => {
    const near = new Map<number, number>();
    for (const [w, x] of v) {
      const found = holders.get(w) ?? [];
      if (found.length > 400) continue;
      for (const j of found) if (j !== i) near.set(j, (near.get(j) ?? 0) + x * (vectors[j]?.get(w) ?? 0));
    }
    return [...near].filter(([, s]) => s > 0.06);
  });
  const out = links.map((l) => l.reduce((s, [, x]) => s + x, 0) || 1);
  let rank = new Array<number>(n).fill(1 / n);
  for (let round = 0; round < 40; round++) {
    const next = new Array<number>(n).fill(0.15 / n);
    links.forEach((l, i) => {
      for (const [j, x] of l) next[j] = (next[j] ?? 0) + (0.85 * (rank[i] ?? 0) * x) / (out[i] ?? 1);
    });
    rank = next;
  }
  const top = Math.max(...rank) || 1;
  return rank.map((r) => r / top);
}
