import { easeOut } from '../look/easing.ts';
import type { Size } from '../look/formats.ts';
import type { RevealMoment } from '../look/reveals/types.ts';
import { REVEALS } from '../look/reveals.ts';
import type { Frames } from '../time.ts';
import type { Page, PlacedGround, PlacedLine, PlacedWord, Shape, WordsBlock } from '../timeline/types.ts';
import { type Affine, type Area, type Draw, IDENTITY, type TextureDraw } from './list.ts';
import { placed, wholeOf } from './pictures.ts';
import type { TextTexture } from './textures.ts';

/** The frame of a scene of so many frames; opening: the piece begins with this scene. */
export interface WordsMoment {
  frame: Frames;
  length: Frames;
  opening: boolean;
}

/** What the words stand on: a frame in pixels, and how many of them a pixel of the stage is. */
export interface Stage extends Size {
  scale: number;
}

/** What is fainter than this is not drawn. */
const FAINTEST = 0.01;

/** A scene's words at a moment. All that is asked here is what is drawn; how it looks stands in the block. */
export function wordDraws(block: WordsBlock, moment: WordsMoment, stage: Stage): Draw[] {
  const { frame, length, opening } = moment;
  const page = block.pages.find((p) => frame >= p.start && frame < p.end);
  if (!page) return [];
  const first = opening && page.start === 0;
  const { frames, share } = block.leave;
  const alpha = 1 - easeOut((frame - (page.end - frames)) / frames) * (page.end >= length ? 1 : share);
  const draws: Draw[] = [];
  if (block.scrim) {
    const { colour, frames: comes, alpha: most } = block.scrim;
    const area = { ...wholeOf(stage), radius: 0, transform: IDENTITY };
    draws.push({
      ...{ kind: 'shape', area, colour, clip: null },
      alpha: alpha * most * easeOut((frame + 1) / comes),
    });
  }
  const turned = turn(block, frame, first, stage.scale);
  const { standing, reveal: style } = block;
  const reveal: RevealMoment = { frame, pageStart: page.start, opening: first, standing, style };
  page.lines.forEach((line, index) => {
    draws.push(...lineDraws(line, index, reveal, alpha, turned));
  });
  const line = underline(block, page, frame, first);
  if (line) draws.push(shapeDraw(line, alpha, turned));
  return draws.filter((d) => d.alpha > 0);
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
  const there = reveal.line({ ...line, index }, moment);
  if (!there) return [];
  const seen = alpha * there.alpha;
  const { ground } = line;
  const [x, width] = [line.x - line.pad, there.width];
  const draws: Draw[] = [];
  if (ground) draws.push(...groundShapes(ground, x, width).map((s) => shapeDraw(s, seen, transform)));
  const clip = ground && { x, y: ground.clip.y, width, height: ground.clip.height, radius: 0, transform };
  for (const word of line.words) {
    const comes = reveal.word(word, moment);
    if (!comes) continue;
    if (word.said && comes.said > FAINTEST)
      draws.push(shapeDraw(word.said, seen * comes.said, transform, clip));
    const shown = seen * comes.alpha;
    if (word.highlight) draws.push(shapeDraw(word.highlight, shown, transform, clip));
    draws.push({ ...wordDraw(word, line, transform), alpha: shown, clip });
  }
  return draws;
}

/** How far letters may reach beyond their advance and their baseline, as shares of the size. */
const REACH = { above: 1.3, below: 0.6, beside: 0.4 } as const;
/** Words stand on a grid so fine, in parts of a pixel. */
const GRID = 64;

/** Words that stand as they stood in the frame before are the same objects: most are. */
const laidBefore = new WeakMap<PlacedWord, { turned: Affine; draw: TextureDraw }>();

/** A word as a texture with its turn in it, which stands on whole pixels. */
function wordDraw(word: PlacedWord, line: PlacedLine, turned: Affine): TextureDraw {
  const before = laidBefore.get(word);
  if (before?.turned.every((v, i) => v === turned[i])) return before.draw;
  const draw = layWord(word, line, turned);
  laidBefore.set(word, { turned, draw });
  return draw;
}

function layWord({ text, x, width, colour }: PlacedWord, line: PlacedLine, turned: Affine): TextureDraw {
  const { font, size, y } = line;
  const [a, b, c, d, e, f] = turned;
  const at = { x: a * x + c * y + e, y: b * x + d * y + f };
  const corners = [-REACH.beside * size, width + REACH.beside * size].flatMap((dx) =>
    [-REACH.above * size, REACH.below * size].map((dy) => ({
      x: at.x + a * dx + c * dy,
      y: at.y + b * dx + d * dy,
    })),
  );
  const left = 2 * Math.floor(Math.min(...corners.map((p) => p.x)) / 2);
  const top = 2 * Math.floor(Math.min(...corners.map((p) => p.y)) / 2);
  const grid = (v: number) => Math.round(v * GRID) / GRID;
  const fine = (v: number) => Math.round(v * 1e6) / 1e6;
  const texture: TextTexture = {
    ...{ kind: 'text', text, font, colour },
    width: 2 * Math.ceil((Math.max(...corners.map((p) => p.x)) - left) / 2),
    height: 2 * Math.ceil((Math.max(...corners.map((p) => p.y)) - top) / 2),
    transform: [fine(a), fine(b), fine(c), fine(d), grid(at.x - left), grid(at.y - top)],
  };
  return placed(texture, wholeOf(texture), { ...wholeOf(texture), x: left, y: top });
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
