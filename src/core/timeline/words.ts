import type { Format, Layout, Span } from '../piece/types.ts';
import { type Frames, msToFrames } from '../time.ts';
import { cutPages } from './pages.ts';
import type { Box, Page, PlacedLine, TakeWord, WordsBlock } from './types.ts';
import { breakLines, type Font, type LineBreak, type Measure, wordsToFit } from './typeset.ts';

interface Zone {
  /** Left edge and width of the words, and the line the block hangs from or stands on, stage pixels. */
  x: number;
  width: number;
  top: number;
  bottom: number;
}

/** Where words may stand: inside the area that the players of short videos leave free of their own buttons. */
const ZONES: Record<Format, Zone> = {
  '9:16': { x: 84, width: 880, top: 300, bottom: 1490 },
  '1:1': { x: 72, width: 936, top: 96, bottom: 984 },
  '16:9': { x: 130, width: 1290, top: 110, bottom: 965 },
};

const CAPTION: Record<Format, { size: number; lines: number }> = {
  '9:16': { size: 74, lines: 3 },
  '1:1': { size: 58, lines: 3 },
  '16:9': { size: 60, lines: 2 },
};

const TITLE: Record<Format, { largest: number; smallest: number; lines: number }> = {
  '9:16': { largest: 148, smallest: 72, lines: 6 },
  '1:1': { largest: 124, smallest: 64, lines: 5 },
  '16:9': { largest: 136, smallest: 68, lines: 4 },
};

export const CAPTION_LEADING = 1.42;
export const TITLE_LEADING = 1.24;

/** Sizes of the layouts that have a large part and a small one below it. */
const TWO_PART: Record<
  'quote' | 'figure' | 'end',
  Record<Format, { largest: number; smallest: number; lines: number; rest: number }>
> = {
  quote: {
    '9:16': { largest: 100, smallest: 54, lines: 8, rest: 46 },
    '1:1': { largest: 84, smallest: 48, lines: 6, rest: 40 },
    '16:9': { largest: 88, smallest: 50, lines: 5, rest: 42 },
  },
  figure: {
    '9:16': { largest: 264, smallest: 92, lines: 2, rest: 62 },
    '1:1': { largest: 220, smallest: 84, lines: 2, rest: 54 },
    '16:9': { largest: 250, smallest: 88, lines: 2, rest: 56 },
  },
  end: {
    '9:16': { largest: 124, smallest: 60, lines: 6, rest: 58 },
    '1:1': { largest: 104, smallest: 54, lines: 5, rest: 50 },
    '16:9': { largest: 112, smallest: 56, lines: 4, rest: 52 },
  },
};

type SetLine = LineBreak & { font: Font; part: 'head' | 'rest' };

/** A text broken into lines, before it is known when each word is said. */
interface SetPage {
  lines: SetLine[];
}

interface SetText {
  font: Font;
  words: { text: string; start: number; end: number }[];
  pages: SetPage[];
}

/** Widths that are remembered: while somebody types, nearly all of them come again. */
const MEASURES_KEPT = 60_000;
/** Scenes whose placed words are remembered. */
const BLOCKS_KEPT = 3000;

/** Sets texts in lines and pages; remembers what it has set, since a piece is compiled at every key. */
export class Typesetter {
  private readonly memo = new Map<string, SetText>();
  readonly measure: Measure;

  constructor(measure: Measure) {
    const known = new Map<string, number>();
    this.measure = (text, font) => {
      const key = `${font.family}${font.weight} ${font.size}|${text}`;
      const have = known.get(key);
      if (have !== undefined) return have;
      const width = measure(text, font);
      if (known.size > MEASURES_KEPT) known.clear();
      known.set(key, width);
      return width;
    };
  }

  set(text: string, layout: Exclude<Layout, 'plain'>, format: Format): SetText {
    const key = `${layout}|${format}|${text}`;
    const known = this.memo.get(key);
    if (known) return known;
    const done =
      layout === 'title'
        ? this.title(text, format)
        : layout === 'caption'
          ? this.caption(text, format)
          : this.twoPart(text, layout, format);
    if (this.memo.size > 2000) this.memo.clear();
    this.memo.set(key, done);
    return done;
  }

  private readonly blocks = new Map<string, WordsBlock | null>();

  /** What was placed under a key before, else what `place` gives. The key has everything in it that `place` depends on. */
  placed(key: string, place: () => WordsBlock | null): WordsBlock | null {
    const known = this.blocks.get(key);
    if (known !== undefined) return known;
    const block = place();
    if (this.blocks.size > BLOCKS_KEPT) this.blocks.clear();
    this.blocks.set(key, block);
    return block;
  }

  /** The largest size at which the whole title stands in its lines. */
  private title(text: string, format: Format): SetText {
    const { largest, smallest, lines } = TITLE[format];
    const width = ZONES[format].width;
    for (let size = largest; ; size -= 4) {
      const font: Font = { family: 'display', weight: 800, size };
      const widthOf = (t: string) => this.measure(t, font);
      const longest = Math.max(0, ...text.split(/\s+/).map(widthOf));
      if (size > smallest && longest > width) continue;
      const words = wordsToFit(text, width, widthOf);
      const set = breakLines(
        words.map((w) => w.text),
        width,
        widthOf,
      );
      const few = text.length < 28 ? 3 : lines;
      if (size > smallest && set.length > few) continue;
      const pages: SetPage[] = [];
      for (let i = 0; i < set.length; i += lines + 2)
        pages.push({ lines: set.slice(i, i + lines + 2).map((l) => ({ ...l, font, part: 'head' })) });
      return { font, words, pages };
    }
  }

  /** The first line of the text as large as it goes, the rest small; all on one page. */
  private twoPart(text: string, layout: 'quote' | 'figure' | 'end', format: Format): SetText {
    const rule = TWO_PART[layout][format];
    const width = ZONES[format].width;
    const cut = text.indexOf('\n');
    const head = cut < 0 ? text : text.slice(0, cut);
    const restFont: Font = { family: 'text', weight: 700, size: rule.rest };
    const setPart = (from: number, to: number, font: Font) => {
      const widthOf = (t: string) => this.measure(t, font);
      const words = wordsToFit(text.slice(from, to), width, widthOf).map((w) => ({
        ...w,
        start: w.start + from,
        end: w.end + from,
      }));
      return {
        words,
        lines: breakLines(
          words.map((w) => w.text),
          width,
          widthOf,
        ),
        widthOf,
      };
    };
    for (let size = rule.largest; ; size -= 4) {
      const font: Font = { family: 'display', weight: 800, size };
      const big = setPart(0, head.length, font);
      const longest = Math.max(0, ...head.split(/\s+/).map((w) => big.widthOf(w)));
      if (size > rule.smallest && (longest > width || big.lines.length > (head.length < 9 ? 1 : rule.lines)))
        continue;
      const small = cut < 0 ? { words: [], lines: [] } : setPart(cut + 1, text.length, restFont);
      const shift = big.words.length;
      const lines: SetLine[] = [
        ...big.lines.map((l): SetLine => ({ ...l, font, part: 'head' })),
        ...small.lines.map(
          (l): SetLine => ({ ...l, from: l.from + shift, to: l.to + shift, font: restFont, part: 'rest' }),
        ),
      ];
      return { font, words: [...big.words, ...small.words], pages: [{ lines }] };
    }
  }

  /** Pages of few lines; a page ends at a clause where it can. */
  private caption(text: string, format: Format): SetText {
    const { size, lines } = CAPTION[format];
    const font: Font = { family: 'text', weight: 700, size };
    const widthOf = (t: string) => this.measure(t, font);
    const width = ZONES[format].width;
    const words = wordsToFit(text, width, widthOf);
    const plain = words.map((w) => w.text);
    const set = (i: number, j: number) =>
      breakLines(plain.slice(i, j), width, widthOf).map((l) => ({
        from: l.from + i,
        to: l.to + i,
        width: l.width,
        font,
        part: 'head' as const,
      }));
    const pages = cutPages(plain, lines, width, (t) => widthOf(t)).map(([i, j]) => ({ lines: set(i, j) }));
    return { font, words, pages };
  }
}

/** When each shown word is said: scene-local frames. */
export type WordTimes = { at: Frames; until: Frames }[];

/** Lays a scene's words out on the stage. focal: the subject on the stage, in fractions of it; words keep off it. */
export function placeWords(
  text: string,
  layout: Exclude<Layout, 'plain'>,
  format: Format,
  setter: Typesetter,
  times: WordTimes,
  length: Frames,
  stage: { width: number; height: number },
  focal: Box | null,
  marks: readonly Span[] = [],
  standing = false,
): WordsBlock | null {
  const { font, words, pages } = setter.set(text, layout, format);
  if (!words.length) return null;
  const zone = ZONES[format];
  const leading = layout === 'caption' ? CAPTION_LEADING : TITLE_LEADING;
  const lineHeight = Math.round(font.size * leading);
  const heightOf = (l: SetLine) =>
    l.part === 'head' ? lineHeight : Math.round(l.font.size * CAPTION_LEADING);
  /** The small part keeps a distance from the large one. */
  const gap = Math.round(font.size * 0.3);
  const heightOfPage = (p: SetPage) =>
    p.lines.reduce((h, l) => h + heightOf(l), 0) + (p.lines.some((l) => l.part === 'rest') ? gap : 0);
  const tallest = Math.max(...pages.map(heightOfPage));
  const top =
    layout === 'caption'
      ? captionTop(zone, tallest, stage, focal)
      : titleTop(zone, tallest, stage, layout === 'end' ? null : focal);
  const placeLine = (l: SetLine, y: number): PlacedLine => {
    const baseline = y + heightOf(l) / 2 + l.font.size * 0.34;
    const line = words.slice(l.from, l.to);
    let before = '';
    return {
      size: l.font.size,
      part: l.part,
      y: Math.round(baseline),
      x: zone.x,
      width: l.width,
      words: line.map((w, i) => {
        const x = zone.x + (before ? setter.measure(before, l.font) : 0);
        before += `${w.text} `;
        const time = times[l.from + i] ?? { at: 0, until: length };
        const marked = marks.some(([s, e]) => s < w.end && e > w.start);
        return {
          text: w.text,
          x,
          width: setter.measure(w.text, l.font),
          at: time.at,
          until: time.until,
          marked,
        };
      }),
    };
  };
  const placed = pages.map((page, p): Page => {
    const first = page.lines[0]?.from ?? 0;
    const next = pages[p + 1]?.lines[0]?.from;
    const from = p === 0 ? 0 : (times[first]?.at ?? 0);
    const to = next === undefined ? length : (times[next]?.at ?? length);
    let y = top.standsOn ? top.y + tallest - heightOfPage(page) : top.y;
    let small = false;
    return {
      from,
      to: Math.max(from + 1, to),
      lines: page.lines.map((l) => {
        if (l.part === 'rest' && !small) y += gap;
        small = l.part === 'rest';
        const line = placeLine(l, y);
        y += heightOf(l);
        return line;
      }),
    };
  });
  return {
    layout,
    standing,
    size: font.size,
    lineHeight,
    pages: placed,
    box: {
      x: zone.x,
      y: top.y,
      width: Math.max(...pages.flatMap((p) => p.lines.map((l) => l.width))),
      height: tallest,
    },
  };
}

function captionTop(zone: Zone, height: number, stage: { width: number; height: number }, focal: Box | null) {
  const low = { y: zone.bottom - height, standsOn: true };
  const high = { y: zone.top, standsOn: false };
  if (!focal) return low;
  const lowCovers = covered(zone, low.y, height, stage, focal);
  const highCovers = covered(zone, high.y, height, stage, focal);
  return lowCovers > 0.3 && highCovers < lowCovers * 0.4 ? high : low;
}

function titleTop(zone: Zone, height: number, stage: { width: number; height: number }, focal: Box | null) {
  const places = [0.5, 0.12, 0.9].map((k) => ({
    y: Math.round(zone.top + (zone.bottom - zone.top - height) * k),
    standsOn: false,
  }));
  if (!focal) return places[0] as { y: number; standsOn: boolean };
  const cost = (p: { y: number }, i: number) =>
    covered(zone, p.y, height, stage, focal) + (i === 0 ? 0 : 0.04 * i);
  return places.reduce((best, p, i) => (cost(p, i) < cost(best, places.indexOf(best)) - 1e-9 ? p : best));
}

/** Share of the subject that a band of words would cover. */
function covered(
  zone: Zone,
  y: number,
  height: number,
  stage: { width: number; height: number },
  focal: Box,
): number {
  const fx = focal[0] * stage.width;
  const fy = focal[1] * stage.height;
  const fw = focal[2] * stage.width;
  const fh = focal[3] * stage.height;
  const w = Math.max(0, Math.min(fx + fw, zone.x + zone.width) - Math.max(fx, zone.x));
  const h = Math.max(0, Math.min(fy + fh, y + height) - Math.max(fy, y));
  return fw * fh > 0 ? (w * h) / (fw * fh) : 0;
}

/** A word counts as said until the next one, over a pause of at most so many frames. */
const LONGEST_GAP: Frames = 15;

/**
 * Times of the shown words from those of the spoken ones. Equal words are paired in order (longest common
 * subsequence); what has no partner is spread evenly between its neighbours. words: the shown ones as they are set.
 */
export function timeWords(
  words: readonly { text: string }[],
  spoken: string,
  take: readonly TakeWord[],
  voiceStart: Frames,
  voiceEnd: Frames,
): WordTimes {
  const plain = (s: string) =>
    s
      .toLowerCase()
      .normalize('NFD')
      .replace(/[^\p{L}\p{N}]/gu, '');
  const a = words.map((w) => plain(w.text));
  const b = take.map((w) => plain(spoken.slice(w.start, w.end)));
  const pair = pairWords(a, b);
  const known = pair.map((j) => {
    const w = j >= 0 ? take[j] : undefined;
    return w ? { at: voiceStart + msToFrames(w.startMs), until: voiceStart + msToFrames(w.endMs) } : null;
  });
  const out: WordTimes = [];
  for (let i = 0; i < words.length; i++) {
    const k = known[i];
    if (k) {
      out.push({ ...k });
      continue;
    }
    let j = i;
    while (j < words.length && !known[j]) j++;
    const start = out[i - 1]?.until ?? voiceStart;
    const end = Math.max(start, known[j]?.at ?? voiceEnd);
    const letters = words.slice(i, j).map((w) => w.text.length + 1);
    const sum = letters.reduce((x, y) => x + y, 0);
    let t = start;
    for (const n of letters) {
      const until = t + ((end - start) * n) / sum;
      out.push({ at: Math.round(t), until: Math.round(until) });
      t = until;
    }
    i = j - 1;
  }
  for (let i = 0; i < out.length; i++) {
    const [me, next] = [out[i], out[i + 1]];
    if (me && next) me.until = Math.max(me.at + 1, next.at - me.until > LONGEST_GAP ? me.until : next.at);
    else if (me) me.until = Math.max(me.at + 1, me.until);
  }
  return out;
}

function pairWords(a: string[], b: string[]): number[] {
  if (a.length === b.length && a.every((w, i) => w === b[i])) return a.map((_, i) => i);
  const n = a.length;
  const m = b.length;
  const t = Array.from({ length: n + 1 }, () => new Uint16Array(m + 1));
  for (let i = n - 1; i >= 0; i--)
    for (let j = m - 1; j >= 0; j--)
      (t[i] as Uint16Array)[j] =
        a[i] && a[i] === b[j]
          ? (t[i + 1]?.[j + 1] ?? 0) + 1
          : Math.max(t[i + 1]?.[j] ?? 0, t[i]?.[j + 1] ?? 0);
  const out = new Array<number>(n).fill(-1);
  for (let i = 0, j = 0; i < n && j < m; ) {
    if (a[i] && a[i] === b[j]) out[i++] = j++;
    else if ((t[i + 1]?.[j] ?? 0) >= (t[i]?.[j + 1] ?? 0)) i++;
    else j++;
  }
  return out;
}
