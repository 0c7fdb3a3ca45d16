import { easeOut } from '../look/easing.ts';
import type { RevealMoment } from '../look/reveals/types.ts';
import { REVEALS } from '../look/reveals.ts';
import type { Frames } from '../time.ts';
import type { Page, PlacedGround, PlacedLine, Shape, WordsBlock } from '../timeline/types.ts';
import type { Context2D } from './context.ts';

/** The frame of a scene of so many frames; opening: the piece begins with this scene. */
export interface WordsMoment {
  frame: Frames;
  length: Frames;
  opening: boolean;
}

/** Marks fainter than this are not drawn. */
const FAINTEST = 0.01;
/** A scrim covers any stage, turned a little or not. */
const SCRIM = { from: -10, size: 4000 } as const;

/** Draws a scene's words, in stage pixels. All that is asked here is what is drawn; how it looks stands in the block. */
export function paintWords(ctx: Context2D, block: WordsBlock, { frame, length, opening }: WordsMoment): void {
  const page = block.pages.find((p) => frame >= p.start && frame < p.end);
  if (!page) return;
  const first = opening && page.start === 0;
  ctx.save();
  ctx.textBaseline = 'alphabetic';
  ctx.textAlign = 'left';
  const { frames, share } = block.leave;
  const alpha = 1 - easeOut((frame - (page.end - frames)) / frames) * (page.end >= length ? 1 : share);
  if (block.scrim) {
    ctx.globalAlpha = alpha * block.scrim.alpha * easeOut((frame + 1) / block.scrim.frames);
    ctx.fillStyle = block.scrim.colour;
    ctx.fillRect(SCRIM.from, SCRIM.from, SCRIM.size, SCRIM.size);
  }
  ctx.globalAlpha = alpha;
  turn(ctx, block, frame, first);
  const moment: RevealMoment = {
    frame,
    pageStart: page.start,
    opening: first,
    standing: block.standing,
    style: block.reveal,
  };
  page.lines.forEach((line, index) => {
    paintLine(ctx, line, index, moment, alpha);
  });
  ctx.globalAlpha = alpha;
  paintUnderline(ctx, block, page, frame, first);
  ctx.restore();
}

/** Turns the block about its middle, and lets it settle at the opening of the piece. */
function turn(ctx: Context2D, { tilt, settle, box }: WordsBlock, frame: Frames, first: boolean): void {
  if (!tilt && !settle) return;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const scale = settle && first ? 1 + settle.by * (1 - easeOut((frame + 1) / settle.frames)) : 1;
  ctx.translate(x, y);
  ctx.rotate(tilt);
  ctx.scale(scale, scale);
  ctx.translate(-x, -y);
}

function paintLine(
  ctx: Context2D,
  line: PlacedLine,
  index: number,
  moment: RevealMoment,
  alpha: number,
): void {
  const reveal = REVEALS[moment.style.kind];
  const there = reveal.line({ ...line, index }, moment);
  if (!there) return;
  const seen = alpha * there.alpha;
  ctx.save();
  if (line.ground) {
    paintGround(ctx, line.ground, line.x - line.pad, there.width, seen);
    const { clip } = line.ground;
    ctx.beginPath();
    ctx.rect(line.x - line.pad, clip.y, there.width, clip.height);
    ctx.clip();
  }
  ctx.font = line.font;
  for (const word of line.words) {
    const comes = reveal.word(word, moment);
    if (!comes) continue;
    if (word.said && comes.said > FAINTEST) {
      ctx.globalAlpha = seen * comes.said;
      paintShape(ctx, word.said);
    }
    ctx.globalAlpha = seen * comes.alpha;
    if (word.highlight) paintShape(ctx, word.highlight);
    ctx.fillStyle = word.colour;
    ctx.fillText(word.text, word.x, line.y);
  }
  ctx.restore();
}

function paintShape(ctx: Context2D, { x, y, width, height, radius, colour }: Shape): void {
  ctx.fillStyle = colour;
  if (radius === 0) {
    ctx.fillRect(x, y, width, height);
    return;
  }
  ctx.beginPath();
  ctx.roundRect(x, y, width, height, radius);
  ctx.fill();
}

/** The line under a block, drawn from the left when its lines are there. */
function paintUnderline(ctx: Context2D, block: WordsBlock, page: Page, frame: Frames, first: boolean): void {
  const style = block.underline;
  if (!style || !page.underline) return;
  const drawn = first
    ? easeOut((frame - style.opening.after) / style.opening.frames)
    : easeOut((frame - page.start - page.lines.length * block.reveal.lineDelay) / style.frames);
  if (drawn > 0) paintShape(ctx, { ...page.underline, width: page.underline.width * drawn });
}

/** Parts of a soft shadow along a lower edge: to the right, down, and wider on both sides; pixels. */
const SHADOW = [
  { right: 3, down: 12, wider: 3 },
  { right: 2, down: 6, wider: 0 },
] as const;

/**
 * A strip with a soft shadow along its lower edge. Only the part of the shadow that is seen is filled: blurred or
 * full-size shadows would cost more than everything else that is drawn.
 */
function paintGround(ctx: Context2D, ground: PlacedGround, x: number, width: number, alpha: number): void {
  const { y, height, radius: r, colour, shadow } = ground;
  ctx.globalAlpha = alpha;
  if (shadow) {
    ctx.fillStyle = shadow;
    for (const { right, down, wider } of SHADOW) {
      ctx.beginPath();
      ctx.roundRect(x + right - wider, y + height - r * 2, width + wider * 2, r * 2 + down, r + wider);
      ctx.fill();
    }
  }
  ctx.fillStyle = colour;
  ctx.beginPath();
  ctx.roundRect(x, y, width, height, r);
  ctx.fill();
}
