import { easeOut } from '../look/easing.ts';
import type { Size } from '../look/formats.ts';
import { wholeLine } from '../look/reveals/clock.ts';
import type { Reveal, RevealLine, RevealMoment } from '../look/reveals/types.ts';
import { REVEALS, type RevealOrder } from '../look/reveals.ts';
import { moved, scaled } from '../look/transitions/draws.ts';
import type { Frames } from '../time.ts';
import type { Page, PlacedGround, PlacedLine, PlacedWord, Shape, WordsBlock } from '../timeline/types.ts';
import { type Affine, type Area, type Draw, IDENTITY, type TextureDraw } from './list.ts';
import { ornamentDraws } from './ornaments.ts';
import { placed, wholeOf } from './pictures.ts';
import { standingText } from './standing-text.ts';
import type { ShadeTexture } from './textures.ts';

/** The frame of a scene of so many frames; opening, closing: the piece begins and ends with this scene. */
export interface WordsMoment {
  frame: Frames;
  length: Frames;
  opening: boolean;
  closing: boolean;
}

/** What the words stand on: a frame in pixels, and how many of them a pixel of the stage is. */
export interface Stage extends Size {
  scale: number;
}

/** What is fainter than this is not drawn. */
const FAINTEST = 0.01;
/** Frames until a panel and its ornaments are there. */
const PANEL_FRAMES = 8;

/** Which line of so many comes as which. */
const ORDER: Record<RevealOrder, (index: number, lines: number) => number> = {
  down: (i) => i,
  up: (i, n) => n - 1 - i,
  together: () => 0,
};

/** A scene's words at a moment. All that is asked here is what is drawn; how it looks stands in the block. */
export function wordDraws(block: WordsBlock, moment: WordsMoment, stage: Stage): Draw[] {
  const { frame, length, opening, closing } = moment;
  const page = block.pages.find((p) => frame >= p.start && frame < p.end);
  if (!page) return [];
  const first = opening && page.start === 0;
  const { frames, share } = block.leave;
  const last = page === block.pages.at(-1);
  // With the last frame a player stands still: what the piece ends with stays there.
  const goes = last && closing && page.end >= length ? 0 : last ? 1 : share;
  const alpha = 1 - easeOut((frame - (page.end - frames)) / frames) * goes;
  const turned = turn(block, frame, first, stage.scale);
  const { standing, unsaid, reveal: style } = block;
  const reveal: RevealMoment = {
    ...{ frame, pageStart: page.start, pageEnd: page.end, opening: first, standing, unsaid, style },
    pageLetters: page.lines.reduce((n, l) => n + l.words.reduce((m, w) => m + w.letters, 0), 0),
  };
  const draws = underWords(block, moment, stage, turned);
  page.lines.forEach((line, i) => {
    const of = line.part === 'rest' && style.restDelay > 0 ? later(reveal) : reveal;
    draws.push(...lineDraws(line, ORDER[style.order](i, page.lines.length), of, alpha, turned));
  });
  const line = underline(block, page, frame, first);
  if (line) draws.push(shapeDraw(line, alpha, turned));
  return draws.filter((d) => d.alpha > 0);
}

/** The moment for a part that comes later: not whole at the opening either, since somebody wants to wait for it. */
const later = (moment: RevealMoment): RevealMoment => ({
  ...moment,
  opening: false,
  style: { ...moment.style, delay: moment.style.delay + moment.style.restDelay },
});

/** What stands under the words as long as the scene has any: it does not come and go with their pages. */
function underWords(block: WordsBlock, moment: WordsMoment, stage: Stage, turned: Affine): Draw[] {
  const { frame, length, opening, closing } = moment;
  const { frames } = block.leave;
  const whole = opening && block.reveal.wholeAtOpening;
  const end = block.pages.at(-1)?.end ?? length;
  const leaves = closing && end >= length ? 1 : 1 - easeOut((frame - (end - frames)) / frames);
  const comes = (within: Frames) => leaves * (whole ? 1 : easeOut((frame + 1) / within));
  const draws: Draw[] = [];
  const { scrim, shade, panel, ornaments } = block;
  if (scrim) {
    const area = { ...wholeOf(stage), radius: 0, transform: IDENTITY };
    const alpha = scrim.alpha * comes(scrim.frames);
    draws.push({ kind: 'shape', area, colour: scrim.colour, clip: null, alpha });
  }
  if (shade && shade.alpha > FAINTEST)
    draws.push({ ...shadeDraw(shade, stage), alpha: shade.alpha * comes(PANEL_FRAMES) });
  const there = comes(PANEL_FRAMES);
  if (panel) {
    draws.push(...panel.shapes.map((s) => shapeDraw(s, there, turned)));
    draws.push(...ornamentDraws(panel.ornaments, turned, there));
  }
  draws.push(...ornamentDraws(ornaments, turned, there));
  return draws;
}

const shades = new WeakMap<object, { scale: number; draw: Draw }>();

function shadeDraw(shade: NonNullable<WordsBlock['shade']>, { scale, width, height: most }: Stage): Draw {
  const before = shades.get(shade);
  if (before?.scale === scale) return before.draw;
  const even = (v: number) => 2 * Math.round((v * scale) / 2);
  const [y, height] = [even(shade.y), Math.max(2, even(shade.height))];
  const texture: ShadeTexture = {
    kind: 'shade',
    colour: shade.colour,
    ramp: shade.ramp,
    width: 2 * Math.ceil(width / 2),
    height,
  };
  // Only what lies in the frame is drawn.
  const top = Math.max(0, -y);
  const rest = Math.max(2, Math.min(height - top, 2 * Math.ceil((most - y - top) / 2)));
  const from = { x: 0, y: top, width: texture.width, height: rest };
  const draw = placed(texture, from, { ...from, y: y + top });
  shades.set(shade, { scale, draw });
  return draw;
}

/** Stage to frame: turned about the block's middle, and larger while it settles at the opening of the piece. */
function turn({ tilt, settle, box }: WordsBlock, frame: Frames, first: boolean, scale: number): Affine {
  const s = settle && first ? 1 + settle.by * (1 - easeOut((frame + 1) / settle.frames)) : 1;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const [cos, sin] = [s * Math.cos(tilt), s * Math.sin(tilt)];
  const [e, f] = [x - cos * x + sin * y, y - sin * x - cos * y];
  return [cos, sin, -sin, cos, e, f].map((v) => v * scale) as unknown as Affine;
}

const shapeDraw = (shape: Shape, alpha: number, transform: Affine, clip: Area | null = null): Draw => {
  const { colour, ...area } = shape;
  return { kind: 'shape', area: { ...area, transform }, colour, alpha, clip };
};

function lineDraws(
  line: PlacedLine,
  index: number,
  moment: RevealMoment,
  alpha: number,
  transform: Affine,
): Draw[] {
  const reveal = REVEALS[moment.style.kind];
  const of: RevealLine = { ...line, index };
  const before = aheadOf(moment);
  const there: ReturnType<Reveal['line']> = before > 0 ? wholeLine(of) : reveal.line(of, moment);
  if (!there) return [];
  const seen = alpha * there.alpha;
  const { ground } = line;
  const width = there.width;
  const rightToLeft = line.words[0]?.rightToLeft ?? false;
  const x = rightToLeft ? line.x + line.width + line.pad - width : line.x - line.pad;
  const draws: Draw[] = [];
  const scale = Math.hypot(transform[0], transform[1]);
  // A strip that is not laid with the voice comes as the faint words do.
  const laid = before > 0 ? before / moment.style.ahead : 1;
  if (ground) draws.push(...groundShapes(ground, x, width).map((s) => shapeDraw(s, seen * laid, transform)));
  const clip = ground && { x, y: ground.clip.y, width, height: ground.clip.height, radius: 0, transform };
  for (const word of line.words) {
    const comes = early(reveal.word(word, moment), before);
    if (!comes) continue;
    const own: Draw[] = [];
    const shown = seen * comes.alpha;
    if (word.said && comes.said > FAINTEST)
      own.push(shapeDraw(word.said, seen * comes.said, transform, clip));
    if (word.highlight) own.push(shapeDraw(word.highlight, shown, transform, clip));
    const part = partOf(word, line, comes.shown, transform) ?? clip;
    const text = comes.text === undefined ? word : variantOf(word, comes.text);
    const { written = 1 } = comes;
    const put = (draw: TextureDraw, alpha: number) =>
      own.push({ ...asWritten(draw, line.size * scale, written), alpha, clip: part });
    put(wordDraw(text, line, transform), shown);
    // Over an outline of the line, which has its place round the letters.
    if (word.thicker && line.outline) put(wordDraw(boldOf(text), line, transform, true), shown);
    if (word.saidColour && comes.said > FAINTEST)
      put(wordDraw(saidOf(word, word.saidColour), line, transform), shown * comes.said);
    draws.push(...grown(own, comes.grow ?? 1, word, line, transform));
  }
  return there.dx || there.dy ? moved(draws, (there.dx ?? 0) * scale, (there.dy ?? 0) * scale) : draws;
}

/** How much is seen of words that the voice has not come to yet: as much as their style says, from the beginning of their page. */
function aheadOf({ frame, pageStart, standing, style }: RevealMoment): number {
  if (style.ahead === 0 || standing || !REVEALS[style.kind].withVoice) return 0;
  return style.ahead * easeOut((frame - pageStart - style.delay + 1) / style.frames);
}

type Comes = ReturnType<Reveal['word']>;

/** A word that is there already comes from this size: it would jump otherwise. */
const NEARLY = 0.9;

/** A word that is seen before it comes: it grows into its place from near it. */
function early(comes: Comes, before: number): Comes {
  if (before <= 0) return comes;
  if (!comes) return { alpha: before, said: 0 };
  const { alpha, grow } = comes;
  return {
    ...comes,
    alpha: Math.max(before, alpha),
    ...(grow === undefined ? {} : { grow: Math.max(NEARLY, grow) }),
  };
}
/** Draws of a word while it grows to its size. */
function grown(
  draws: Draw[],
  grow: number,
  { x, width }: PlacedWord,
  line: PlacedLine,
  [a, b, c, d, e, f]: Affine,
): Draw[] {
  if (Math.abs(grow - 1) < 0.004) return draws;
  const [mx, my] = [x + width / 2, line.y - line.size * 0.34];
  return scaled(draws, grow, { x: a * mx + c * my + e, y: b * mx + d * my + f });
}

/** Steps in which a word is written: more than it has frames for. */
const STEPS = 200;

/** A word as far as it is written. fontSize: in pixels of the frame. */
function asWritten(draw: TextureDraw, fontSize: number, shown: number): TextureDraw {
  const of = draw.texture;
  if (shown >= 1 || of.kind !== 'text') return draw;
  const { width, height } = of;
  const texture = {
    kind: 'written',
    of,
    fontSize,
    shown: Math.round(shown * STEPS) / STEPS,
    width,
    height,
  } as const;
  return { ...draw, texture };
}

/** The part of a word that is there when only some of its letters are; null for the whole. */
function partOf(
  word: PlacedWord,
  { y, size }: PlacedLine,
  shown: number | undefined,
  transform: Affine,
): Area | null {
  if (shown === undefined || shown >= word.letters || !word.edges) return null;
  const reach = word.edges[shown - 1] ?? 0;
  const x = word.rightToLeft ? word.x + word.width - reach : word.x - size * 0.2;
  const width = reach + size * 0.2;
  return { x, y: y - size * 1.3, width: Math.max(0.01, width), height: size * 1.9, radius: 0, transform };
}

/** Words that stand as they stood in the frame before are the same objects: most are. */
const laidBefore = new WeakMap<PlacedWord, { turned: Affine; draw: TextureDraw }>();
const saidWords = new WeakMap<PlacedWord, PlacedWord>();

function saidOf(word: PlacedWord, colour: string): PlacedWord {
  const known = saidWords.get(word) ?? { ...word, colour };
  saidWords.set(word, known);
  return known;
}

const boldWords = new WeakMap<PlacedWord, PlacedWord>();

function boldOf(word: PlacedWord): PlacedWord {
  const known = boldWords.get(word) ?? { ...word };
  boldWords.set(word, known);
  return known;
}

const variantOf = (word: PlacedWord, text: string): PlacedWord => ({ ...word, text });

/** bold: with the thicker strokes of a word that stands out, in place of what its line has round its letters. */
function wordDraw(word: PlacedWord, line: PlacedLine, turned: Affine, bold = !line.outline): TextureDraw {
  const before = laidBefore.get(word);
  if (before?.turned.every((v, i) => v === turned[i])) return before.draw;
  const { text, colour } = word;
  const { font, tracking, glow } = line;
  const outline = bold && word.thicker ? { colour, width: word.thicker } : line.outline;
  const at = { x: word.x, y: line.y, width: word.width, size: line.size };
  const draw = standingText({ text, colour, font, tracking, outline, glow }, at, turned);
  laidBefore.set(word, { turned, draw });
  return draw;
}

/** The line under a block, drawn from the left when its lines are there. */
function underline(block: WordsBlock, page: Page, frame: Frames, first: boolean): Shape | null {
  const style = block.underline;
  if (!style || !page.underline) return null;
  const drawn = first
    ? easeOut((frame - style.opening.after) / style.opening.frames)
    : easeOut((frame - page.start - page.lines.length * block.reveal.lineDelay) / style.frames);
  return drawn > 0 ? { ...page.underline, width: page.underline.width * drawn } : null;
}

/** Parts of a soft shadow along a lower edge: to the right, down, and wider on both sides; pixels. */
const SHADOW = [
  { right: 3, down: 12, wider: 3 },
  { right: 2, down: 6, wider: 0 },
] as const;

/** A strip with a soft shadow along its lower edge. */
function groundShapes(ground: PlacedGround, x: number, width: number): Shape[] {
  const { y, height, radius: r, colour, shadow } = ground;
  const under = SHADOW.map(({ right, down, wider }) => ({
    x: x + right - wider,
    y: y + height - r * 2,
    width: width + wider * 2,
    height: r * 2 + down,
    radius: r + wider,
    colour: shadow ?? '',
  }));
  return [...(shadow ? under : []), { x, y, width, height, radius: r, colour }];
}
