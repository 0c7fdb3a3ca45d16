import { type Dress, dressOf } from '../look/dress.ts';
import { cssFont } from '../look/fonts.ts';
import type { Format, Size } from '../look/formats.ts';
import { LAYOUTS, type Layout, layoutRule, type WordLayout } from '../look/layouts.ts';
import { REVEALS } from '../look/reveals.ts';
import type { GroundStyle, LayoutStyle, PartStyle, PlateStyle, Rect, Zone } from '../look/types.ts';
import type { SetLine, SetText } from '../look/typeset/arrange.ts';
import { isRightToLeft, visualOrder } from '../look/typeset/direction.ts';
import { inLine } from '../look/typeset/lines.ts';
import type { Typesetter } from '../look/typeset/typesetter.ts';
import { type Piece, type Scene, type Span, spokenOf } from '../piece/types.ts';
import { languageOfVoice } from '../sound/voices.ts';
import { saysOthers, timeWords, type WordTimes } from '../sound/word-times.ts';
import { printedQuotes } from '../text/quotes.ts';
import { hashtags } from '../text/tokens.ts';
import type { Frames } from '../time.ts';
import { type Behind, behindOf } from './behind.ts';
import { offHeads } from './off-heads.ts';
import { panelOf, shadeOf } from './panels.ts';
import { legibleOrMended } from './remedy.ts';
import type { SceneTime } from './times.ts';
import type {
  Crop,
  Page,
  PictureFrame,
  PlacedGround,
  PlacedLine,
  PlacedWord,
  SceneColours,
  Shape,
  Shot,
  WordsBlock,
} from './types.ts';

/** What the words of a scene depend on besides the scene itself. */
interface WordInputs {
  voice: SceneTime['voice'];
  length: Frames;
  take: SceneTime['take'];
  dress: string;
  captions: boolean;
  /** Of the voice of the piece. */
  language: string;
  /** What is behind them. */
  shots: readonly Shot[];
  grading: Scene['grading'];
}

interface Laid {
  inputs: WordInputs;
  block: WordsBlock | null;
}

/**
 * What was laid for a scene in a format by a typesetter: a scene is not laid again while nothing it depends on has
 * changed. Scenes are never changed in place.
 */
const laid = new WeakMap<Typesetter, WeakMap<Scene, Map<Format, Laid>>>();

/** Lays the words of every scene out on the stage, off what stands behind them: the third stage. */
export function layWords(
  piece: Piece,
  times: readonly SceneTime[],
  shots: readonly (readonly Shot[])[],
  frames: readonly (PictureFrame | null)[],
  colours: readonly SceneColours[],
  format: Format,
  stage: Size,
  setter: Typesetter,
): (WordsBlock | null)[] {
  const known = laid.get(setter) ?? new WeakMap<Scene, Map<Format, Laid>>();
  laid.set(setter, known);
  return piece.scenes.map((scene, i) => {
    const { layout } = scene;
    if (!showsWords(layout)) return null;
    const time = times[i] as SceneTime;
    const dress = dressOf(piece, scene, layout);
    const inputs: WordInputs = {
      voice: time.voice,
      length: time.end - time.start,
      take: time.take,
      dress: dress.key,
      captions: piece.captions,
      language: languageOfVoice(piece.voice.name),
      shots: shots[i] ?? [],
      grading: scene.grading,
    };
    const formats = known.get(scene) ?? new Map<Format, Laid>();
    known.set(scene, formats);
    const before = formats.get(format);
    if (before && same(before.inputs, inputs)) return before.block;
    const frame = frames[i] ?? null;
    const behind = behindOf(inputs.shots, frame, scene.grading, colours[i] ?? dress.look.colours, stage);
    const block = blockOf(scene, layout, inputs, { dress, format, stage, setter, frame, behind });
    formats.set(format, { inputs, block });
    return block;
  });
}

function same(a: WordInputs, b: WordInputs): boolean {
  return (
    a.dress === b.dress &&
    a.captions === b.captions &&
    a.language === b.language &&
    a.length === b.length &&
    a.voice.start === b.voice.start &&
    a.voice.end === b.voice.end &&
    a.take === b.take &&
    sameShots(a.shots, b.shots)
  );
}

/** Whether the same is seen: shots are made anew with every timeline. */
const sameShots = (a: readonly Shot[], b: readonly Shot[]): boolean =>
  a.length === b.length &&
  a.every((s, i) => {
    const o = b[i] as Shot;
    return (
      s.assetId === o.assetId &&
      s.view === o.view &&
      s.relief === o.relief &&
      s.fit === o.fit &&
      s.subject.join() === o.subject.join() &&
      sameCrop(s.from, o.from) &&
      sameCrop(s.to, o.to)
    );
  });

const sameCrop = (a: Crop, b: Crop): boolean =>
  a.x === b.x && a.y === b.y && a.width === b.width && a.height === b.height;

export const showsWords = (layout: Layout): layout is WordLayout => LAYOUTS[layout].words !== null;

/** What words are laid out on. */
interface Ground {
  dress: Dress;
  format: Format;
  stage: Size;
  setter: Typesetter;
  frame: PictureFrame | null;
  behind: Behind | null;
}

function blockOf(scene: Scene, layout: WordLayout, inputs: WordInputs, on: Ground): WordsBlock | null {
  const text = printedQuotes(scene.shown.trim(), inputs.language);
  if (!text) return null;
  if (LAYOUTS[layout].words.caption && !inputs.captions) return null;
  const zone = zoneOf(on);
  const set = setOffHeads(zone, text, layout, on);
  if (!set.words.length) return null;
  const spoken = spokenOf(scene).replace(/\s+/g, ' ').trim();
  const times = spoken
    ? timeWords(set.words, spoken, inputs.take?.words ?? [], inputs.voice.start, inputs.voice.end)
    : set.words.map((_, k) => ({ start: k, end: inputs.length }));
  const lead = scene.shown.length - scene.shown.trimStart().length;
  const { look, style } = on.dress;
  const { reveal, tilt, settle, scrim, underline } = style;
  return {
    layout,
    standing: scene.spoken !== null && spoken !== text.replace(/\s+/g, ' '),
    ...(scene.spoken !== null && saysOthers(set.words, spoken) ? { unsaid: true } : {}),
    reveal,
    tilt,
    settle,
    scrim,
    underline,
    leave: look.leave,
    ...placePages(set, {
      ...on,
      layout,
      zone,
      times,
      length: inputs.length,
      // Hashtags stand out as what the writer stresses does.
      highlights: [...scene.highlights, ...hashtags(scene.shown)].map(([s, e]): Span => [s - lead, e - lead]),
    }),
  };
}

/** Where the words may stand: in their zone, and within its panel; or as wide as the writer made them. */
function zoneOf({ dress, format, stage }: Ground): Zone {
  const { look, style, places } = dress;
  const zone = (style.zones ?? look.zones)(format);
  const place = places?.[format];
  const width = place?.width ? place.width * stage.width : zone.width;
  const pad = style.panel && style.panel.span !== 'stage' ? style.panel.pad : { x: 0, y: 0 };
  const inner = Math.max(width - 2 * pad.x, stage.width * 0.1);
  return {
    x: zone.x + (zone.width - inner) / 2,
    width: inner,
    top: zone.top + pad.y,
    bottom: zone.bottom - pad.y,
  };
}

/** Strips and highlights reach over the words on both sides; there is room for them in the zone. */
function setIn(zone: Zone, text: string, layout: WordLayout, on: Ground, k: number): SetText {
  const { dress, format, setter } = on;
  const { style, faces, key } = dress;
  const { head, rest, scale } = style;
  const { largest, smallest, lines, rest: small } = scale(format);
  const less = (n: number) => 2 * Math.round((n * k) / 2);
  return setter.set(text, `${key} ${format} ${Math.round(zone.width)} ${k}`, LAYOUTS[layout].words.arrange, {
    scale: { largest: less(largest), smallest: less(smallest), rest: less(small), lines },
    faces: { head: faces[head.face], rest: faces[(rest ?? head).face] },
    width: zone.width,
    height: zone.bottom - zone.top,
  });
}

/** Shares of their size to which words may shrink so that they keep off heads. */
const SMALLER = [1, 0.84, 0.7, 0.58] as const;

/** As large as they go, or smaller where they would stand on a head and smaller ones would not. */
function setOffHeads(zone: Zone, text: string, layout: WordLayout, on: Ground): SetText {
  const whole = setIn(zone, text, layout, on, 1);
  const { behind, dress, format } = on;
  if (!behind || LAYOUTS[layout].words.caption || dress.places?.[format]) return whole;
  let [best, least] = [whole, Number.POSITIVE_INFINITY];
  for (const k of SMALLER) {
    const set = k === 1 ? whole : setIn(zone, text, layout, on, k);
    if (!set.words.length) return whole;
    const rect = standingRect(set, zone, layout, on);
    if (!behind.coversHead(rect)) return set;
    const cost = behind.cost(rect);
    if (cost < least) [best, least] = [set, cost];
  }
  return best;
}

/** Where a block would stand. */
function standingRect(set: SetText, zone: Zone, layout: WordLayout, on: Ground): Rect {
  const heights = heightsIn(set, on);
  const height = Math.max(...set.pages.map(heights.page));
  const width = Math.max(...set.pages.flatMap((p) => p.lines.map((l) => l.width)));
  const rect = { x: leftOf(width, zone, on.dress.style), y: 0, width, height };
  return { ...rect, y: standingOf(zone, rect, layout, on).y };
}

interface Placing extends Ground {
  layout: WordLayout;
  zone: Zone;
  times: WordTimes;
  length: Frames;
  highlights: readonly Span[];
}

type Placed = Pick<WordsBlock, 'pages' | 'box' | 'panel' | 'shade' | 'ornaments' | 'legibility' | 'onHead'>;

/** When the last page goes: however early that shall be, it is seen for half of what is left of its scene. */
const goneAt = (start: Frames, length: Frames, { reveal }: LayoutStyle): Frames =>
  Math.max(start + Math.ceil((length - start) / 2), length - reveal.gone);

/** Puts set lines on the stage. */
function placePages(set: SetText, on: Placing): Placed {
  const { length, dress, stage, format, setter } = on;
  const { style, look } = dress;
  const heights = heightsIn(set, on);
  const tallest = Math.max(...set.pages.map(heights.page));
  const widest = Math.max(...set.pages.flatMap((p) => p.lines.map((l) => l.width)));
  const zone = placedZone(on, widest);
  const box = { x: leftOf(widest, zone, style), y: 0, width: widest, height: tallest };
  const top = standingOf(zone, box, on.layout, on);
  box.y = top.y;
  const centred = style.panel !== null || on.dress.places?.[format] !== undefined;
  const pages = set.pages.map((page, p): Page => {
    const first = page.lines[0]?.start ?? 0;
    const next = set.pages[p + 1]?.lines[0]?.start;
    const start = p === 0 ? 0 : (on.times[first]?.start ?? 0);
    const end = next === undefined ? goneAt(start, length, style) : (on.times[next]?.start ?? length);
    const free = tallest - heights.page(page);
    const half = style.panel?.lined
      ? Math.floor(free / 2 / heights.head) * heights.head
      : Math.round(free / 2);
    let y = top.y + (centred ? half : top.standsOn ? free : 0);
    let small = false;
    let before = 0;
    const figure = layoutRule(on.layout).words?.ordinal
      ? -1
      : set.words.findIndex((w, i) => i >= first && HAS_DIGIT.test(w.text));
    const lines = page.lines.map((l) => {
      if (l.part === 'rest' && !small) y += heights.gap;
      small = l.part === 'rest';
      const height = heights.line(l);
      const line = placeLine(l, { zone, middle: y + height / 2, height, before, figure }, set, on);
      y += height;
      before += line.words.reduce((n, w) => n + w.letters, 0);
      return line;
    });
    return { start, end: Math.max(start + 1, end), lines, underline: underlineOf(lines, heights.head, on) };
  });
  const full = pages[set.pages.findIndex((page) => heights.page(page) === tallest)];
  const panel = style.panel && panelOf(style.panel, box, zone, stage);
  const around = panel?.around ?? box;
  const { shade, legibility } = legibleOrMended({
    ...{ dress, stage, format, box, behind: on.behind, size: set.font.size },
    restSize: set.pages[0]?.lines.find((l) => l.part === 'rest')?.font.size ?? null,
    highlighted: on.highlights.length > 0,
  });
  return {
    pages,
    box,
    panel: panel && { shapes: panel.shapes, ornaments: panel.ornaments },
    shade: shade && shadeOf(shade, box, set.font.size, stage),
    legibility,
    onHead: on.behind?.coversHead(around) ?? false,
    ornaments:
      style.ornaments?.({
        ...{ words: box, panel: around, zone, stage, format, align: style.align, size: set.font.size },
        baselines: full?.lines.map((l) => l.y) ?? [],
        picture: on.frame?.area ?? { x: 0, y: 0, ...stage },
        colours: look.colours,
        measure: setter.measure,
      }) ?? [],
  };
}

/** The zone moved to where the writer put the words. */
function placedZone({ dress, format, stage, zone }: Placing, width: number): Zone {
  const place = dress.places?.[format];
  if (!place) return zone;
  const half = zone.width / 2;
  const middle = Math.min(
    Math.max(place.x * stage.width, Math.min(half, width / 2)),
    stage.width - width / 2,
  );
  return { ...zone, x: middle - half };
}

function standingOf(zone: Zone, words: Rect, layout: WordLayout, on: Ground) {
  const { dress, format, stage, behind } = on;
  const place = dress.places?.[format];
  const stand = dress.style.stand ?? LAYOUTS[layout].words.stand;
  if (!place) {
    const wanted = stand(zone, words, behind && ((part) => behind.cost(part)));
    return behind ? offHeads(wanted, { zone, format, stage, words, style: dress.style, behind }) : wanted;
  }
  const y = Math.round(place.y * stage.height - words.height / 2);
  return { y: Math.max(0, Math.min(stage.height - words.height, y)), standsOn: false };
}

function leftOf(width: number, zone: Zone, { align }: Pick<LayoutStyle, 'align'>): number {
  const free = zone.width - width;
  return zone.x + (align === 'left' ? 0 : align === 'right' ? free : free / 2);
}

const partStyle = ({ head, rest }: LayoutStyle, part: SetLine['part']): PartStyle =>
  part === 'rest' ? (rest ?? head) : head;

/** Heights of lines and pages, stage pixels. */
function heightsIn({ font }: SetText, { dress: { look, style, faces } }: Pick<Ground, 'dress'>) {
  const leading = (part: SetLine['part']) => faces[partStyle(style, part).face].leading;
  const head = Math.round(font.size * leading('head'));
  /** The small part keeps a distance from the large one. */
  const gap = Math.round(font.size * look.partGap);
  const line = (l: SetLine) => (l.part === 'head' ? head : Math.round(l.font.size * leading('rest')));
  const page = ({ lines }: SetText['pages'][number]) =>
    lines.reduce((h, l) => h + line(l), 0) + (lines.some((l) => l.part === 'rest') ? gap : 0);
  return { head, gap, line, page };
}

/** A strip reaches at most so far beyond its words: the zone keeps so much free at the stage's edge. */
const MOST_PAD = 48;

interface LinePlace {
  zone: Zone;
  middle: number;
  height: number;
  /** Letters of the page in lines before. */
  before: number;
  /** The first word of the page with a number, among all words. */
  figure: number;
}

const HAS_DIGIT = /\d/;
const graphemes = new Intl.Segmenter('en', { granularity: 'grapheme' });

function placeLine(set: SetLine, at: LinePlace, { words }: SetText, on: Placing): PlacedLine {
  const { dress, setter, times, length, highlights } = on;
  const { style, faces } = dress;
  const look = partStyle(style, set.part);
  const { size, tracking } = set.font;
  const { baseline } = faces[look.face];
  const y = Math.round(at.middle + size * baseline);
  const own = words.slice(set.start, set.end);
  const rightToLeft = isRightToLeft(inLine(own));
  // Lines of a script that runs the other way begin on the other side.
  const align =
    rightToLeft && style.align !== 'centre' ? (style.align === 'left' ? 'right' : 'left') : style.align;
  const x = leftOf(set.width, at.zone, { align });
  const lefts = leftEdges(own, x, set, on);
  const byLetter = REVEALS[style.reveal.kind].byLetter;
  let before = at.before;
  return {
    font: cssFont(set.font),
    size,
    tracking: tracking * size,
    outline: look.outline && { colour: look.outline.colour, width: look.outline.width * size },
    glow: look.glow && { colour: look.glow.colour, blur: look.glow.blur * size, fall: look.glow.fall * size },
    part: set.part,
    x,
    y,
    width: set.width,
    pad: look.ground ? Math.min(MOST_PAD, Math.round(size * look.ground.pad)) : 0,
    ground: look.ground && groundOf(look.ground, y - size * baseline, size, at.height),
    words: own.map((w, i): PlacedWord => {
      const left = lefts[i] ?? x;
      const width = setter.measure(w.text, set.font);
      const stressed = look.highlight && highlights.some(([s, e]) => s < w.end && e > w.start);
      const plate = (of: PlateStyle) => plateOf(of, left, y, width, size);
      const letters = [...graphemes.segment(w.text)].map((g) => g.segment);
      const upTo = (k: number) => setter.measure(letters.slice(0, k + 1).join(''), set.font);
      const placed: PlacedWord = {
        ...{ text: w.text, x: left, width, before, letters: letters.length },
        edges: byLetter ? letters.map((_, k) => upTo(k)) : null,
        rightToLeft: isRightToLeft(w.text),
        ...(set.start + i === at.figure && { counts: true }),
        ...(times[set.start + i] ?? { start: 0, end: length }),
        colour: stressed ? (look.highlight?.colour ?? look.colour) : look.colour,
        ...(stressed && look.highlight?.thicker && { thicker: look.highlight.thicker * size }),
        saidColour: stressed ? null : look.saidColour,
        highlight: stressed && look.highlight?.plate ? plate(look.highlight.plate) : null,
        said: look.said && plate(look.said),
      };
      before += letters.length;
      return placed;
    }),
  };
}

/** Left edges of the words of a line as they are read: from the right where the script runs so. */
function leftEdges(own: SetText['words'], x: number, set: SetLine, { setter }: Placing): number[] {
  const order = visualOrder(own.map((w) => w.text));
  const out: number[] = [];
  if (order.every((k, i) => k === i)) {
    let before = '';
    own.forEach((w, i) => {
      out[i] = x + (before ? setter.measure(before, set.font) : 0);
      before += `${w.text}${own[i + 1]?.joined === false ? ' ' : ''}`;
    });
    return out;
  }
  const space = setter.measure('n n', set.font) - setter.measure('nn', set.font);
  let at = x;
  order.forEach((k, i) => {
    const word = own[k];
    if (!word) return;
    // Of two neighbours on the screen, the one that is read later says whether a space stands between them.
    const next = order[i + 1];
    out[k] = at;
    const later = next === undefined ? undefined : own[Math.max(next, k)];
    at += setter.measure(word.text, set.font) + (later && !later.joined ? space : 0);
  });
  return out;
}

/** middle: of the line, stage pixels. */
function groundOf(style: GroundStyle, middle: number, size: number, lineHeight: number): PlacedGround {
  const { height: h, drop } = style;
  const round = style.snap ? Math.round : (v: number) => v;
  const height = round(lineHeight * h.line + size * h.size + h.px);
  const y = round(middle - height / 2 + size * drop.size + drop.px);
  const spill = style.spill * size;
  return {
    y,
    height,
    clip: { y: y - spill, height: height - h.px + spill * 2 },
    radius: Math.round(size * style.radius),
    colour: style.colour,
    shadow: style.shadow,
  };
}

const plateOf = (of: PlateStyle, x: number, y: number, width: number, size: number): Shape => ({
  x: x - size * of.side,
  y: y - size * of.above,
  width: width + size * of.side * 2,
  height: size * of.height,
  radius: size * of.radius,
  colour: of.colour,
});

function underlineOf(lines: readonly PlacedLine[], lineHeight: number, { dress }: Placing): Shape | null {
  const style = dress.style.underline;
  const last = lines.at(-1);
  if (!style || !last) return null;
  const { size } = last;
  const baseline = dress.faces[dress.style.head.face].baseline;
  return {
    x: last.x - last.pad,
    y: last.y - size * baseline + lineHeight / 2 + Math.round(size * style.gap),
    width: Math.min(last.width + last.pad * 2, size * style.longest),
    height: Math.round(size * style.height),
    radius: 0,
    colour: style.colour,
  };
}
