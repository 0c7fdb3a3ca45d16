import { terms } from '../outline/condense/grammar.ts';
import { shorten } from '../outline/condense/shorten.ts';
import { standingOf, withoutConnective } from '../outline/condense/stands.ts';
import { cosine, weighWords } from '../outline/condense/vectors.ts';
import { type Piece, spokenOf } from '../piece/types.ts';
import { sentences } from '../text/sentences.ts';
import { contentWords, weightOf as weightOfWord } from '../text/tokens.ts';
import type { Destination, PostTone } from './destinations.ts';
import { signFor } from './emoji.ts';

/** A text of the kit, and the rows from which its words are, from 1. */
export interface KitText {
  text: string;
  rows: number[];
}

/** The texts that go with a video, for one destination; all of them in the piece's own words. */
export interface PostKit {
  headlines: KitText[];
  post: KitText;
  summary: KitText;
  points: KitText[];
  quotes: KitText[];
  /** Without the sign in front. */
  tags: string[];
  /** For those who do not see the cover. */
  alternative: string;
}

const KIT = {
  headlines: 4,
  headline: { least: 24, most: 72 },
  /** A shorter sentence opens no post, unless it asks or speaks to the reader. */
  hook: 34,
  summary: 280,
  points: 5,
  point: 110,
  quotes: 4,
  quote: { least: 24, most: 140 },
  tags: 8,
  /** Of the letters of a post that hashtags may take. */
  tagShare: 0.35,
  /** Hooks that take their turn when other words are wanted. */
  hooks: 4,
} as const;

/** What a kit is made of. */
type Written = Pick<Piece, 'title' | 'scenes'>;

/** One sentence of the piece. */
interface Said {
  text: string;
  /** Row, from 1. */
  row: number;
  stems: string[];
  /** How near it is to what the piece as a whole says, 0 to 1. */
  central: number;
  figure: boolean;
  quote: boolean;
  /** Speaks to the reader. */
  you: boolean;
  question: boolean;
  /** Asks to do something. */
  call: boolean;
  /** Names somebody. */
  person: boolean;
}

const CALL =
  /^(?:please\s+)?(?:come|bring|join|try|visit|read|watch|see|call|write|sign|book|order|send|tell|share|look|ask|meet|get|take|vote|help|learn|subscribe|follow|register|start|make)\b/i;

/**
 * Writes the texts that go with a piece, for a destination. Sentences are chosen, shortened and put together, never invented:
 * what is most like the whole piece, and what the tone asks for. variant: other words, from 0. pictureOf: what a picture shows.
 * Pure.
 */
export function postKit(
  piece: Written,
  to: Destination,
  variant: number,
  pictureOf: (assetId: string) => string,
): PostKit {
  const said = saidIn(piece);
  const ranked = said
    .map((s) => ({ s, worth: s.central + weightOf(s, to.tone) }))
    .sort((a, b) => b.worth - a.worth || a.s.row - b.s.row)
    .map(({ s }) => s);
  const tags = tagsOf(piece, said);
  return {
    headlines: headlinesOf(piece, ranked, variant),
    post: postOf(
      ranked,
      to,
      tags,
      contentWords(piece.title).map((w) => w.stem),
      variant,
    ),
    summary: summaryOf(said, ranked),
    points: inOrder(ranked.filter((s) => !s.call).slice(0, KIT.points)).map((s) => ({
      text: shorten(s.text, KIT.point).text,
      rows: [s.row],
    })),
    quotes: quotesOf(ranked, variant),
    tags: tags.slice(0, KIT.tags),
    alternative: alternativeOf(piece, pictureOf),
  };
}

function saidIn(piece: Written): Said[] {
  const lines = piece.scenes.flatMap((scene, i) => {
    // A line of the screen may be no sentence; what is spoken is one.
    const spoken = spokenOf(scene).replace(/\s+/g, ' ').trim();
    const text = scene.layout === 'title' ? '' : spoken || scene.shown.replace(/\s+/g, ' ').trim();
    return sentences(text).map((s) => ({
      text: s,
      row: i + 1,
      quote: scene.layout === 'quote' || /^[“"]/.test(s),
    }));
  });
  const vectors = weighWords(lines.map((l) => l.text));
  const whole = new Map<string, number>();
  for (const v of vectors) for (const [w, x] of v) whole.set(w, (whole.get(w) ?? 0) + x);
  const length = Math.hypot(...whole.values()) || 1;
  for (const [w, x] of whole) whole.set(w, x / length);
  return lines.map((l, i) => ({
    ...l,
    stems: contentWords(l.text).map((w) => w.stem),
    central: cosine(vectors[i] ?? new Map(), whole),
    figure: /\d/.test(l.text),
    you: /\b(?:you|your|yours)\b/i.test(l.text),
    question: /\?["”’)]*$/.test(l.text),
    call: CALL.test(l.text),
    person: terms(l.text).some((t) => t.name && t.start > 0),
  }));
}

/** What a tone prefers, besides what is central. */
function weightOf(s: Said, tone: PostTone): number {
  const first = s.row <= 2 ? 0.12 : 0;
  switch (tone) {
    case 'plain':
      return first + (s.figure ? 0.3 : 0) + (s.question ? -0.1 : 0);
    case 'inviting':
      return first + (s.you ? 0.35 : 0) + (s.question ? 0.25 : 0) + (s.call ? 0.2 : 0);
    case 'personal':
      return first + (s.quote ? 0.35 : 0) + (s.person ? 0.25 : 0);
    default:
      return tone satisfies never;
  }
}

/** What goes on from the sentence before is not said by itself. */
const GOES_ON = /^(?:then|afterwards|later|there)\b/i;
const stands = (s: Said): boolean => standingOf(s.text, true) === 'alone' && !GOES_ON.test(s.text);
const alone = (s: Said, most: number): string => shorten(withoutConnective(s.text), most).text;
const firstWord = (text: string): string => /\p{L}+/u.exec(text)?.[0] ?? '';
const inOrder = (list: readonly Said[]): Said[] => [...list].sort((a, b) => a.row - b.row);
const turned = <T>(list: readonly T[], by: number): T[] =>
  list.length ? list.map((_, i) => list[(i + by) % list.length] as T) : [];

/** The title, and the strongest lines that fit; other ones first with every variant. */
function headlinesOf(piece: Written, ranked: readonly Said[], variant: number): KitText[] {
  const { least, most } = KIT.headline;
  const plain = (text: string) => text.replace(/[.…]+$/u, '').trim();
  const lines = ranked
    .filter(stands)
    .map((s) => ({ text: plain(alone(s, most)), rows: [s.row], opens: firstWord(withoutConnective(s.text)) }))
    // What lost its beginning says something else.
    .filter(({ text, opens }) => text.length >= least && text.length <= most && firstWord(text) === opens)
    .map(({ text, rows }) => ({ text, rows }));
  const title = piece.title.trim();
  const titled = title ? [{ text: shorten(title, most).text, rows: [] }] : [];
  const own = lines.filter((l) => l.text.toLowerCase() !== title.toLowerCase());
  return [...titled, ...turned(own, variant)].slice(0, KIT.headlines);
}

/** A hook, what is told in the order in which it was told, what to do, hashtags: as much as may stand there. */
function postOf(
  ranked: readonly Said[],
  to: Destination,
  tags: readonly string[],
  title: readonly string[],
  variant: number,
): KitText {
  const hooks = ranked
    .filter((s) => stands(s) && !s.call && (s.text.length >= KIT.hook || s.you || s.question))
    .slice(0, KIT.hooks);
  const hook = turned(hooks, variant)[0] ?? ranked[0];
  const signs = tags.slice(0, to.hashtags).map((t) => `#${t}`);
  while (signs.join(' ').length > to.letters * KIT.tagShare) signs.pop();
  const end = signs.length ? `\n\n${signs.join(' ')}` : '';
  if (!hook) return { text: end.trim(), rows: [] };
  const sign = to.emoji
    ? signFor([...title, ...title, ...title, ...hook.stems, ...ranked.flatMap((s) => s.stems)])
    : '';
  const lead = sign ? `${sign} ` : '';
  const room = to.letters - [...end].length - [...lead].length;
  const opening = alone(hook, Math.max(20, room));
  const call = ranked.find((s) => s.call && s !== hook) ?? null;
  const taken: Said[] = [];
  const rendered = () => {
    const told = inOrder(taken).map((s) => s.text);
    return [opening, ...(told.length ? [told.join(' ')] : []), ...(call && fits ? [call.text] : [])].join(
      '\n\n',
    );
  };
  let fits = true;
  fits = [...rendered()].length <= room;
  for (const s of ranked) {
    if (s === hook || s === call || !stands(s)) continue;
    taken.push(s);
    if ([...rendered()].length > room) taken.pop();
  }
  const body =
    [...rendered()].length <= room ? rendered() : [...opening].slice(0, Math.max(0, room)).join('');
  const rows = [hook.row, ...inOrder(taken).map((s) => s.row), ...(call && fits ? [call.row] : [])];
  return { text: `${lead}${body}${end}`, rows: [...new Set(rows)] };
}

function summaryOf(said: readonly Said[], ranked: readonly Said[]): KitText {
  const taken: Said[] = [];
  for (const s of ranked.filter((r) => stands(r) && !r.call && !r.question)) {
    const next = inOrder([...taken, s]);
    if (next.map((n) => n.text).join(' ').length <= KIT.summary) taken.push(s);
  }
  const chosen = taken.length ? inOrder(taken) : said.slice(0, 1);
  return { text: chosen.map((s) => s.text).join(' '), rows: [...new Set(chosen.map((s) => s.row))] };
}

/** Lines that can be quoted by themselves: what somebody said first. */
function quotesOf(ranked: readonly Said[], variant: number): KitText[] {
  const { least, most } = KIT.quote;
  const fit = ranked.filter(
    (s) => s.text.length >= least && s.text.length <= most && (s.quote || stands(s)) && !s.call,
  );
  const quoted = fit.filter((s) => s.quote);
  const others = turned(
    fit.filter((s) => !s.quote),
    variant,
  );
  return [...quoted, ...others].slice(0, KIT.quotes).map((s) => ({
    text: /^[“"]/.test(s.text) ? s.text : `“${s.text}”`,
    rows: [s.row],
  }));
}

/** What the piece is about, as single words in one: names first, then what comes back most. */
function tagsOf(piece: Written, said: readonly Said[]): string[] {
  const count = new Map<string, { word: string; worth: number }>();
  const texts = [piece.title, ...said.map((s) => s.text)];
  texts.forEach((text, i) => {
    let last: { word: string; end: number } | null = null;
    for (const t of terms(text)) {
      const usable =
        /^\p{L}[\p{L}'’-]{2,}$/u.test(t.text) &&
        t.noun &&
        !t.pronoun &&
        !CALENDAR.test(t.text) &&
        weightOfWord(t.text) === 1 &&
        contentWords(t.text).length > 0;
      if (!usable) {
        last = null;
        continue;
      }
      const name = t.name && /^\p{Lu}/u.test(t.text);
      // Two names in a row are one: "Nora Fell".
      const joined: string =
        name && last && text.slice(last.end, t.start) === ' ' ? `${last.word} ${t.text}` : t.text;
      const key = contentWords(joined)
        .map((w) => w.stem)
        .join(' ');
      const have = count.get(key) ?? { word: joined, worth: 0 };
      have.worth += (i === 0 ? 2 : 1) * (name ? 1.4 : 1);
      count.set(key, have);
      last = name ? { word: joined, end: t.end } : null;
    }
  });
  const all = [...count.values()]
    .filter(({ worth }) => worth > 1)
    .sort((a, b) => b.worth - a.worth || a.word.length - b.word.length)
    .map(({ word }) => word);
  // "Nora" beside "Nora Fell" says nothing new.
  const tags = all.filter((w) => !all.some((o) => o !== w && o.split(' ').includes(w))).map(asTag);
  return [...new Set(tags)].filter((t) => t.length >= 3 && t.length <= 28);
}

const CALENDAR =
  /^(?:(?:mon|tues|wednes|thurs|fri|satur|sun)days?|january|february|march|april|may|june|july|august|september|october|november|december|mornings?|afternoons?|evenings?|nights?|weekends?)$/i;

const asTag = (words: string): string =>
  words
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .map((w) => w.charAt(0).toUpperCase() + w.slice(1).toLowerCase())
    .join('');

/** What is seen on the cover, and the words on it. */
function alternativeOf(piece: Written, pictureOf: (assetId: string) => string): string {
  const opening = piece.scenes[0];
  const shows = opening?.pictures[0] ? pictureOf(opening.pictures[0].assetId) : '';
  const words = opening?.shown.replace(/\s+/g, ' ').trim() ?? '';
  const parts = [
    shows ? shows.replace(/[.]?$/, '.') : '',
    words && `On it stands: “${words.replace(/[.]$/, '')}”.`,
  ];
  return parts.filter(Boolean).join(' ');
}
