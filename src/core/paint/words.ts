import type { Page, PlacedLine, PlacedWord, WordsBlock } from '../timeline/types.ts';
import { cssFont } from '../timeline/typeset.ts';
import type { Context2D } from './context.ts';
import { LOOK } from './look.ts';

const easeOut = (t: number): number => 1 - (1 - clamp01(t)) ** 3;
const clamp01 = (t: number): number => Math.min(1, Math.max(0, t));

/** Draws a scene's words at a scene-local frame, in stage pixels. opening: the piece begins with this scene. */
export function paintWords(
  ctx: Context2D,
  block: WordsBlock,
  frame: number,
  length: number,
  opening: boolean,
): void {
  const page = block.pages.find((p) => frame >= p.from && frame < p.to);
  if (!page) return;
  ctx.save();
  ctx.textBaseline = 'alphabetic';
  ctx.textAlign = 'left';
  ctx.globalAlpha =
    1 - easeOut((frame - (page.to - LOOK.leaveFrames)) / LOOK.leaveFrames) * (page.to >= length ? 1 : 0.85);
  if (block.layout === 'title') paintTitle(ctx, block, page, frame, opening);
  else if (block.layout === 'caption') paintCaption(ctx, block, page, frame);
  else paintTwoPart(ctx, block.layout, page, frame);
  ctx.restore();
}

/** Dark strips laid line by line, a little askew; the last one is underlined with the highlighter. */
function paintTitle(ctx: Context2D, block: WordsBlock, page: Page, frame: number, opening: boolean): void {
  const { size, lineHeight } = block;
  const pad = Math.round(size * 0.3);
  const first = page.lines[0];
  if (!first) return;
  const alpha = ctx.globalAlpha;
  ctx.font = cssFont({ family: 'display', weight: 800, size });
  const cx = block.box.x + block.box.width / 2;
  const cy = block.box.y + block.box.height / 2;
  const settle = opening && page.from === 0 ? 1 + 0.03 * (1 - easeOut((frame + 1) / 16)) : 1;
  ctx.translate(cx, cy);
  ctx.rotate(LOOK.titleTilt);
  ctx.scale(settle, settle);
  ctx.translate(-cx, -cy);
  page.lines.forEach((line, i) => {
    const t =
      opening && page.from === 0 ? 1 : easeOut((frame - page.from - i * LOOK.titleDelay) / LOOK.titleFrames);
    if (t <= 0) return;
    const top = line.y - size * 0.34 - lineHeight / 2;
    const width = (line.width + pad * 2) * t;
    ctx.save();
    tape(ctx, line.x - pad, top, width, lineHeight + 2, Math.round(size * 0.07), LOOK.ink, alpha);
    ctx.beginPath();
    ctx.rect(line.x - pad, top - size, width, lineHeight + size * 2);
    ctx.clip();
    for (const w of line.words) {
      if (w.marked) highlight(ctx, w, line.y, size);
      ctx.fillStyle = w.marked ? LOOK.ink : LOOK.paper;
      ctx.fillText(w.text, w.x, line.y);
    }
    ctx.restore();
  });
  const last = page.lines[page.lines.length - 1];
  if (!last) return;
  const under =
    opening && page.from === 0
      ? easeOut((frame - 2) / 16)
      : easeOut((frame - page.from - page.lines.length * LOOK.titleDelay) / 12);
  ctx.fillStyle = LOOK.highlighter;
  const y = last.y - size * 0.34 + lineHeight / 2 + Math.round(size * 0.1);
  if (under > 0)
    ctx.fillRect(
      last.x - pad,
      y,
      Math.min(last.width + pad * 2, size * 3.2) * under,
      Math.round(size * 0.11),
    );
}

/** The highlighter over a whole word. */
function highlight(ctx: Context2D, w: PlacedWord, y: number, size: number): void {
  ctx.fillStyle = LOOK.highlighter;
  ctx.beginPath();
  ctx.roundRect(w.x - size * 0.1, y - size * 0.78, w.width + size * 0.2, size * 1.02, size * 0.12);
  ctx.fill();
}

/**
 * Layouts of a large part and a small one. quote: ink on paper; figure: ink on the highlighter; end: paper on a dark
 * ground that covers the picture. The small part stands on ink.
 */
function paintTwoPart(ctx: Context2D, layout: 'quote' | 'figure' | 'end', page: Page, frame: number): void {
  const alpha = ctx.globalAlpha;
  if (layout === 'end') {
    ctx.globalAlpha = alpha * LOOK.endGroundAlpha * easeOut((frame + 1) / LOOK.titleFrames);
    ctx.fillStyle = LOOK.ink;
    ctx.fillRect(-10, -10, 4000, 4000);
  }
  page.lines.forEach((line, i) => {
    const t = easeOut((frame + 1 - i * LOOK.lineDelay) / LOOK.titleFrames);
    if (t <= 0) return;
    const { size } = line;
    const head = line.part === 'head';
    const pad = Math.round(size * 0.28);
    const height = Math.round(size * (head ? 1.2 : 1.36));
    const top = Math.round(line.y - size * 0.34 - height / 2 + size * 0.02);
    const fill = head ? (layout === 'figure' ? LOOK.highlighter : LOOK.paper) : LOOK.ink;
    const plain = layout === 'end';
    ctx.save();
    if (plain) ctx.globalAlpha = alpha * t;
    else {
      const width = (line.width + pad * 2) * t;
      tape(ctx, line.x - pad, top, width, height, Math.round(size * 0.1), fill, alpha);
      ctx.beginPath();
      ctx.rect(line.x - pad, top - size, width, height + size * 2);
      ctx.clip();
      ctx.globalAlpha = alpha;
    }
    ctx.font = head
      ? cssFont({ family: 'display', weight: 800, size })
      : cssFont({ family: 'text', weight: 700, size });
    for (const w of line.words) {
      if (w.marked && layout !== 'figure') highlight(ctx, w, line.y, size);
      const dark = (head && !plain) || (w.marked && layout !== 'figure');
      ctx.fillStyle = dark ? LOOK.ink : plain && !head ? LOOK.highlighter : LOOK.paper;
      ctx.fillText(w.text, w.x, line.y);
    }
    ctx.restore();
  });
}

/** Paper tape that is laid as far as the voice has come, or at once where the voice says other words; the word that is being said is highlighted. */
function paintCaption(ctx: Context2D, block: WordsBlock, page: Page, frame: number): void {
  const { size, lineHeight } = block;
  const alpha = ctx.globalAlpha;
  ctx.font = cssFont({ family: 'text', weight: 700, size });
  const pad = Math.round(size * 0.28);
  for (const line of page.lines) {
    const reach = block.standing
      ? line.width * easeOut((frame - page.from + 1) / LOOK.tapeFrames)
      : tapeReach(line, frame);
    if (reach <= 0) continue;
    const top = Math.round(line.y - size * 0.34 - lineHeight / 2 + size * 0.05);
    const height = Math.round(lineHeight - size * 0.1);
    const width = reach + pad * 2;
    ctx.save();
    tape(ctx, line.x - pad, top, width, height, Math.round(size * 0.13), LOOK.paper, alpha);
    ctx.beginPath();
    ctx.rect(line.x - pad, top, width, height);
    ctx.clip();
    for (const w of line.words) {
      const come = block.standing ? page.from : w.at;
      if (frame < come) continue;
      const shown = easeOut((frame - come + 1) / LOOK.wordFrames);
      const said =
        frame < w.at
          ? 0
          : frame < w.until
            ? easeOut((frame - w.at + 1) / LOOK.wordFrames)
            : 1 - easeOut((frame - w.until + 1) / 4);
      if (said > 0.01) {
        ctx.globalAlpha = alpha * said;
        highlight(ctx, w, line.y, size);
      }
      if (w.marked) {
        // A stroke of the highlighter along the foot of the word; it stays.
        ctx.globalAlpha = alpha * shown;
        ctx.fillStyle = LOOK.highlighter;
        ctx.fillRect(w.x - size * 0.06, line.y - size * 0.26, w.width + size * 0.12, size * 0.42);
      }
      ctx.globalAlpha = alpha * shown;
      ctx.fillStyle = LOOK.ink;
      ctx.fillText(w.text, w.x, line.y);
    }
    ctx.restore();
  }
}

/** How far the tape of a line is laid, stage pixels from its left edge. */
function tapeReach(line: PlacedLine, frame: number): number {
  let reach = 0;
  for (const w of line.words) {
    if (frame < w.at) break;
    const end = w.x + w.width - line.x;
    reach += (end - reach) * easeOut((frame - w.at + 1) / LOOK.tapeFrames);
  }
  return reach;
}

/**
 * A strip with a soft shadow along its lower edge. Only the part of the shadow that is seen is filled: blurred or
 * full-size shadows would cost more than everything else that is drawn.
 */
function tape(
  ctx: Context2D,
  x: number,
  y: number,
  w: number,
  h: number,
  r: number,
  fill: string,
  alpha: number,
): void {
  ctx.globalAlpha = alpha;
  ctx.fillStyle = LOOK.tapeShadow;
  for (const [dx, drop, grow] of [
    [3, 12, 3],
    [2, 6, 0],
  ] as const) {
    ctx.beginPath();
    ctx.roundRect(x + dx - grow, y + h - r * 2, w + grow * 2, r * 2 + drop, r + grow);
    ctx.fill();
  }
  ctx.fillStyle = fill;
  ctx.beginPath();
  ctx.roundRect(x, y, w, h, r);
  ctx.fill();
}
