import { cssFont } from '../look/fonts.ts';
import type { Ornament } from '../look/types.ts';
import { type Affine, type Draw, IDENTITY } from './list.ts';
import { placed, wholeOf } from './pictures.ts';
import { standingText } from './standing-text.ts';
import type { PathTexture } from './textures.ts';

/** Ornaments of a stage, led to the frame by a transform. */
export const ornamentDraws = (ornaments: readonly Ornament[], toFrame: Affine, alpha = 1): Draw[] =>
  ornaments.map((o) => ({ ...drawOf(o, toFrame), alpha }));

/** What stood as it stands in the frame before is the same object: most does. */
const laidBefore = new WeakMap<Ornament, { toFrame: Affine; draw: Draw }>();

function drawOf(o: Ornament, toFrame: Affine): Draw {
  const before = laidBefore.get(o);
  if (before?.toFrame.every((v, i) => v === toFrame[i])) return before.draw;
  const draw = lay(o, toFrame);
  laidBefore.set(o, { toFrame, draw });
  return draw;
}

function lay(o: Ornament, toFrame: Affine): Draw {
  switch (o.kind) {
    case 'shape': {
      const { x, y, width, height, radius, colour } = o;
      const area = { x, y, width, height, radius, transform: toFrame };
      return { kind: 'shape', area, colour, alpha: 1, clip: null };
    }
    case 'text': {
      const { text, font, colour, x, y, width } = o;
      const plain = { font: cssFont(font), tracking: font.tracking * font.size, outline: null, glow: null };
      return standingText({ text, colour, ...plain }, { x, y, width, size: font.size }, toFrame);
    }
    case 'path': {
      const { path, fill, stroke, box } = o;
      const [a, b, c, d, e, f] = toFrame;
      const corners = [box.x, box.x + box.width].flatMap((x) =>
        [box.y, box.y + box.height].map((y) => ({ x: a * x + c * y + e, y: b * x + d * y + f })),
      );
      const left = 2 * Math.floor(Math.min(...corners.map((p) => p.x)) / 2) - 2;
      const top = 2 * Math.floor(Math.min(...corners.map((p) => p.y)) / 2) - 2;
      const texture: PathTexture = {
        ...{ kind: 'path', path, fill, stroke },
        width: 2 * Math.ceil((Math.max(...corners.map((p) => p.x)) - left) / 2) + 2,
        height: 2 * Math.ceil((Math.max(...corners.map((p) => p.y)) - top) / 2) + 2,
        transform: [a, b, c, d, e - left, f - top],
      };
      return placed(texture, wholeOf(texture), { ...wholeOf(texture), x: left, y: top });
    }
    default:
      return o satisfies never;
  }
}

/** From the stage to a frame of so many pixels for each of its own. */
export const stageTo = (scale: number): Affine => (scale === 1 ? IDENTITY : [scale, 0, 0, scale, 0, 0]);
