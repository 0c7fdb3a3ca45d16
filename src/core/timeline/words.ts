import { cssFont } from '../look/fonts.ts';
import type { Format, Size } from '../look/formats.ts';
import { LAYOUTS, type Layout, type WordLayout } from '../look/layouts.ts';
import { lookOf } from '../look/looks.ts';
import type { GroundStyle, Look, PartStyle, PlateStyle } from '../look/types.ts';
import type { SetLine, SetText } from '../look/typeset/arrange.ts';
import type { Typesetter } from '../look/typeset/typesetter.ts';
import { type Piece, type Scene, type Span, spokenOf } from '../piece/types.ts';
import { timeWords, type WordTimes } from '../sound/word-times.ts';
import type { Frames } from '../time.ts';
import type { SceneTime } from './times.ts';
import type { Page, PlacedGround, PlacedLine, PlacedWord, Shape, Shot, WordsBlock } from './types.ts';

/** What the words of a scene depend on besides the scene itself. */
interface WordInputs {
  voice: SceneTime['voice'];
  length: Frames;
  take: SceneTime['take'];
  look: Piece['look'];
  captions: boolean;
  /** The picture behind them. */
  subject: Shot['subject'] | null;
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
  format: Format,
  stage: Size,
  setter: Typesetter,
): (WordsBlock | null)[] {
  const known = laid.get(setter) ?? new WeakMap<Scene, Map<Format, Laid>>();
  laid.set(setter, known);
  return piece.scenes.map((scene, i) => {
    const time = times[i] as SceneTime;
    const inputs: WordInputs = {
      voice: time.voice,
      length: time.end - time.start,
      take: time.take,
      look: piece.look,
      captions: piece.captions,
      subject: shots[i]?.[0]?.subject ?? null,
    };
    const formats = known.get(scene) ?? new Map<Format, Laid>();
    known.set(scene, formats);
    const before = formats.get(format);
    if (before && same(before.inputs, inputs)) return before.block;
    const block = blockOf(scene, inputs, format, stage, setter);
    formats.set(format, { inputs, block });
    return block;
  });
}

function same(a: WordInputs, b: WordInputs): boolean {
  return (
    a.look === b.look &&
    a.captions === b.captions &&
    a.length === b.length &&
    a.voice.start === b.voice.start &&
    a.voice.end === b.voice.end &&
    a.take?.take === b.take?.take &&
    a.take?.offset === b.take?.offset &&
    a.take?.samples === b.take?.samples &&
    (a.subject === b.subject || a.subject?.join() === b.subject?.join())
  );
}

const showsWords = (layout: Layout): layout is WordLayout => LAYOUTS[layout].words !== null;

function blockOf(
  scene: Scene,
  inputs: WordInputs,
  format: Format,
  stage: Size,
  setter: Typesetter,
): WordsBlock | null {
  const text = scene.shown.trim();
  const { layout } = scene;
  if (!text || !showsWords(layout)) return null;
  if (LAYOUTS[layout].words.caption && !inputs.captions) return null;
  const set = setter.set(text, layout, inputs.look, format);
  if (!set.words.length) return null;
  const spoken = spokenOf(scene).replace(/\s+/g, ' ').trim();
  const times = spoken
    ? timeWords(set.words, spoken, inputs.take?.words ?? [], inputs.voice.start, inputs.voice.end)
    : set.words.map((_, k) => ({ start: k, end: inputs.length }));
  const lead = scene.shown.length - scene.shown.trimStart().length;
  const look = lookOf(inputs.look);
  const { reveal, tilt, settle, scrim, underline } = look.layouts[layout];
  const kind = scene.look?.reveal ?? reveal.kind;
  return {
    layout,
    standing: scene.spoken !== null && spoken !== text.replace(/\s+/g, ' '),
    reveal: { ...reveal, kind },
    tilt,
    settle,
    scrim,
    underline,
    leave: look.leave,
    ...placePages(set, {
      layout,
      look,
      format,
      stage,
      setter,
      times,
      length: inputs.length,
      subject: inputs.subject,
      highlights: scene.highlights.map(([s, e]): Span => [s - lead, e - lead]),
    }),
  };
}

interface Placing {
  layout: WordLayout;
  look: Look;
  format: Format;
  stage: Size;
  setter: Typesetter;
  times: WordTimes;
  length: Frames;
  subject: Shot['subject'] | null;
  highlights: readonly Span[];
}

/** Puts set lines on the stage. */
function placePages(set: SetText, on: Placing): Pick<WordsBlock, 'pages' | 'box'> {
  const { look, layout, length } = on;
  const zone = look.zones[on.format];
  const heights = heightsIn(set, look, layout);
  const tallest = Math.max(...set.pages.map(heights.page));
  const top = LAYOUTS[layout].words.stand(zone, tallest, on.stage, on.subject);
  const pages = set.pages.map((page, p): Page => {
    const first = page.lines[0]?.start ?? 0;
    const next = set.pages[p + 1]?.lines[0]?.start;
    const start = p === 0 ? 0 : (on.times[first]?.start ?? 0);
    const end = next === undefined ? length : (on.times[next]?.start ?? length);
    let y = top.standsOn ? top.y + tallest - heights.page(page) : top.y;
    let small = false;
    const lines = page.lines.map((l) => {
      if (l.part === 'rest' && !small) y += heights.gap;
      small = l.part === 'rest';
      const line = placeLine(l, zone.x, y + heights.line(l) / 2, heights.line(l), set, on);
      y += heights.line(l);
      return line;
    });
    return { start, end: Math.max(start + 1, end), lines, underline: underlineOf(lines, heights.head, on) };
  });
  const width = Math.max(...pages.flatMap((p) => p.lines.map((l) => l.width)));
  return { pages, box: { x: zone.x, y: top.y, width, height: tallest } };
}

const partStyle = (look: Look, layout: WordLayout, part: SetLine['part']): PartStyle => {
  const { head, rest } = look.layouts[layout];
  return part === 'rest' ? (rest ?? head) : head;
};

/** Heights of lines and pages, stage pixels. */
function heightsIn({ font }: SetText, look: Look, layout: WordLayout) {
  const leading = (part: SetLine['part']) => look.leading[partStyle(look, layout, part).face];
  const head = Math.round(font.size * leading('head'));
  /** The small part keeps a distance from the large one. */
  const gap = Math.round(font.size * look.partGap);
  const line = (l: SetLine) => (l.part === 'head' ? head : Math.round(l.font.size * leading('rest')));
  const page = ({ lines }: SetText['pages'][number]) =>
    lines.reduce((h, l) => h + line(l), 0) + (lines.some((l) => l.part === 'rest') ? gap : 0);
  return { head, gap, line, page };
}

function placeLine(
  set: SetLine,
  x: number,
  middle: number,
  height: number,
  { words }: SetText,
  { look, layout, setter, times, length, highlights }: Placing,
): PlacedLine {
  const style = partStyle(look, layout, set.part);
  const { size } = set.font;
  const y = Math.round(middle + size * look.baseline);
  let before = '';
  return {
    font: cssFont(set.font),
    size,
    part: set.part,
    x,
    y,
    width: set.width,
    pad: style.ground ? Math.round(size * style.ground.pad) : 0,
    ground: style.ground && groundOf(style.ground, y - size * look.baseline, size, height),
    words: words.slice(set.start, set.end).map((w, i): PlacedWord => {
      const left = x + (before ? setter.measure(before, set.font) : 0);
      before += `${w.text} `;
      const width = setter.measure(w.text, set.font);
      const stressed = style.highlight && highlights.some(([s, e]) => s < w.end && e > w.start);
      const plate = (of: PlateStyle) => plateOf(of, left, y, width, size);
      return {
        text: w.text,
        x: left,
        width,
        ...(times[set.start + i] ?? { start: 0, end: length }),
        colour: stressed ? (style.highlight?.colour ?? style.colour) : style.colour,
        highlight: stressed && style.highlight ? plate(style.highlight.plate) : null,
        said: style.said && plate(style.said),
      };
    }),
  };
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

function underlineOf(
  lines: readonly PlacedLine[],
  lineHeight: number,
  { look, layout }: Placing,
): Shape | null {
  const style = look.layouts[layout].underline;
  const last = lines.at(-1);
  if (!style || !last) return null;
  const { size } = last;
  return {
    x: last.x - last.pad,
    y: last.y - size * look.baseline + lineHeight / 2 + Math.round(size * style.gap),
    width: Math.min(last.width + last.pad * 2, size * style.longest),
    height: Math.round(size * style.height),
    radius: 0,
    colour: style.colour,
  };
}
