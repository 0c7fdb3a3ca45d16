import type { Affine, TextureDraw } from './list.ts';
import { placed, wholeOf } from './pictures.ts';
import type { TextTexture } from './textures.ts';

/** How far letters may reach beyond their advance and their baseline, as shares of the size. */
const REACH = { above: 1.3, below: 0.6, beside: 0.4 } as const;
/** Words stand on a grid so fine, in parts of a pixel. */
const GRID = 64;
/** A shadow is gone at so many times its blur. */
const BLUR_REACH = 1.1;

/** A text as a texture with its turn in it, which stands on whole pixels. at: its baseline's beginning, before the transform. */
export function standingText(
  of: Omit<TextTexture, 'kind' | 'transform' | 'width' | 'height'>,
  at: { x: number; y: number; width: number; size: number },
  turned: Affine,
): TextureDraw {
  const { size, width } = at;
  const [a, b, c, d, e, f] = turned;
  const from = { x: a * at.x + c * at.y + e, y: b * at.x + d * at.y + f };
  const scale = Math.hypot(a, b);
  const more = (of.outline?.width ?? 0) + (of.glow ? of.glow.blur * BLUR_REACH + Math.abs(of.glow.fall) : 0);
  const corners = [-REACH.beside * size - more, width + REACH.beside * size + more].flatMap((dx) =>
    [-REACH.above * size - more, REACH.below * size + more].map((dy) => ({
      x: from.x + a * dx + c * dy,
      y: from.y + b * dx + d * dy,
    })),
  );
  const left = 2 * Math.floor(Math.min(...corners.map((p) => p.x)) / 2);
  const top = 2 * Math.floor(Math.min(...corners.map((p) => p.y)) / 2);
  const grid = (v: number) => Math.round(v * GRID) / GRID;
  const fine = (v: number) => Math.round(v * 1e6) / 1e6;
  const texture: TextTexture = {
    ...{ kind: 'text', ...of },
    // A canvas takes shadows in pixels, whatever its transform.
    glow: of.glow && { ...of.glow, blur: fine(of.glow.blur * scale), fall: fine(of.glow.fall * scale) },
    width: 2 * Math.ceil((Math.max(...corners.map((p) => p.x)) - left) / 2),
    height: 2 * Math.ceil((Math.max(...corners.map((p) => p.y)) - top) / 2),
    transform: [fine(a), fine(b), fine(c), fine(d), grid(from.x - left), grid(from.y - top)],
  };
  return placed(texture, wholeOf(texture), { ...wholeOf(texture), x: left, y: top });
}
