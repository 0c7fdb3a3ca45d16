import { seeded } from '../hash.ts';
import type { Size } from '../look/formats.ts';
import type { Grading } from '../piece/types.ts';
import type { Frames } from '../time.ts';
import { type Draw, IDENTITY } from './list.ts';
import { placed, wholeOf } from './pictures.ts';
import type { Texture } from './textures.ts';

export const OVERLAYS = {
  grainAlpha: 0.75,
  /** The tile's width as a share of the picture's short side. */
  tileShare: 0.55,
  /** Grain and dust change every so many frames, like film that is run slowly. */
  holdFrames: 2,
  dustHoldFrames: 3,
  specks: 16,
  leakAlpha: 0.8,
  /** Frames of one slow swing of the light. */
  leakFrames: 180,
} as const;

/** Pixels of the shipped tile of grain, on a side. */
const GRAIN: Texture = { kind: 'grain', width: 384, height: 384 };
const LIGHT: Texture = { kind: 'light', width: 512, height: 512 };

/** What a grading lays over a picture at a frame: light, grain and dust. */
export function overlayDraws(g: Grading, frame: Frames, size: Size): Draw[] {
  return [
    ...(g.leak > 0 ? [leakDraw(g.leak, frame, size)] : []),
    ...(g.grain > 0 ? grainDraws(g.grain, frame, size) : []),
    ...(g.dust > 0 ? dustDraws(g.dust, frame, size) : []),
  ];
}

/** Light that has come in at a corner: warm, soft, swinging slowly. */
function leakDraw(strength: number, frame: Frames, { width, height }: Size): Draw {
  const phase = (2 * Math.PI * frame) / OVERLAYS.leakFrames;
  const x = width * (0.04 + 0.1 * Math.sin(phase));
  const y = height * (0.16 + 0.08 * Math.cos(phase * 0.7));
  const r = Math.hypot(width, height) * (0.52 + 0.05 * Math.sin(phase * 1.3));
  const to = { x: x - r, y: y - r, width: 2 * r, height: 2 * r };
  return { ...placed(LIGHT, wholeOf(LIGHT), to), blend: 'screen', alpha: OVERLAYS.leakAlpha * strength };
}

function grainDraws(strength: number, frame: Frames, { width, height }: Size): Draw[] {
  const random = seeded(`grain${Math.floor(frame / OVERLAYS.holdFrames)}`);
  // Whole and even, so that tiles meet without a seam.
  const side = Math.max(2, Math.round((Math.min(width, height) * OVERLAYS.tileShare) / 2) * 2);
  const x0 = -2 * Math.floor((random() * side) / 2);
  const y0 = -2 * Math.floor((random() * side) / 2);
  const out: Draw[] = [];
  for (let y = y0; y < height; y += side)
    for (let x = x0; x < width; x += side)
      out.push({
        ...placed(GRAIN, wholeOf(GRAIN), { x, y, width: side, height: side }),
        blend: 'soft-light',
        alpha: OVERLAYS.grainAlpha * strength,
      });
  return out;
}

function dustDraws(dust: number, frame: Frames, { width, height }: Size): Draw[] {
  const random = seeded(`dust${Math.floor(frame / OVERLAYS.dustHoldFrames)}`);
  const unit = Math.min(width, height) / 1000;
  const count = Math.round(OVERLAYS.specks * dust * (0.4 + random()));
  return Array.from({ length: count }, (): Draw => {
    const colour = random() < 0.7 ? '#fff6e6' : '#14100e';
    const alpha = 0.25 + 0.5 * random();
    const x = random() * width;
    const y = random() * height;
    const r = unit * (0.8 + 3 * random() ** 3);
    const speck =
      random() < 0.86
        ? { width: r * 2, height: r * (1 + random()), radius: r * 0.6 }
        : { width: r * (5 + 18 * random()), height: unit * 1.1, radius: unit * 0.5 };
    return { kind: 'shape', area: { x, y, ...speck, transform: IDENTITY }, colour, alpha, clip: null };
  });
}
