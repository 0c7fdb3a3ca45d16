import { seeded } from '../hash.ts';
import type { Grade, Treatment } from '../piece/types.ts';
import type { Context2D } from './context.ts';

/** One sheet of colour laid over the picture with a blend mode of the Compositing standard (W3C, Level 1). */
interface Wash {
  mode: 'saturation' | 'soft-light' | 'multiply' | 'screen';
  colour: string;
  alpha: number;
}

/** Grades as washes: cheap, and the same in the browser and on the server. Alpha is that at full strength. */
const WASHES: Record<Grade, readonly Wash[]> = {
  none: [],
  mono: [{ mode: 'saturation', colour: '#808080', alpha: 1 }],
  sepia: [
    { mode: 'saturation', colour: '#808080', alpha: 0.9 },
    { mode: 'soft-light', colour: '#c0853a', alpha: 0.75 },
  ],
  warm: [{ mode: 'soft-light', colour: '#ff9838', alpha: 0.55 }],
  cool: [{ mode: 'soft-light', colour: '#2f86ff', alpha: 0.55 }],
  dark: [{ mode: 'multiply', colour: '#50505c', alpha: 0.85 }],
  bright: [
    { mode: 'soft-light', colour: '#ffffff', alpha: 0.6 },
    { mode: 'screen', colour: '#ffffff', alpha: 0.08 },
  ],
  faded: [
    { mode: 'saturation', colour: '#808080', alpha: 0.4 },
    { mode: 'screen', colour: '#3a3f4a', alpha: 0.8 },
  ],
  rich: [
    { mode: 'saturation', colour: '#ff0000', alpha: 0.24 },
    { mode: 'soft-light', colour: '#1a1420', alpha: 0.18 },
  ],
  dusk: [
    { mode: 'multiply', colour: '#5b4f96', alpha: 0.7 },
    { mode: 'soft-light', colour: '#ff8a5c', alpha: 0.4 },
  ],
};

export const TEXTURE = {
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

/** Lays grade and texture over what is painted. share: how far this treatment counts, 0 to 1; less during a dissolve. */
export function paintTreatment(
  ctx: Context2D,
  t: Treatment,
  frame: number,
  share: number,
  grain: unknown,
  width: number,
  height: number,
): void {
  for (const wash of WASHES[t.grade]) {
    ctx.globalCompositeOperation = wash.mode;
    ctx.globalAlpha = wash.alpha * t.strength * share;
    ctx.fillStyle = wash.colour;
    ctx.fillRect(0, 0, width, height);
  }
  if (t.leak > 0) paintLeak(ctx, t.leak * share, frame, width, height);
  if (t.grain > 0 && grain) paintGrain(ctx, t.grain * share, frame, grain, width, height);
  ctx.globalCompositeOperation = 'source-over';
  if (t.dust > 0) paintDust(ctx, t.dust, share, frame, width, height);
  ctx.globalAlpha = 1;
}

/** Light that has come in at a corner: warm, soft, swinging slowly. */
function paintLeak(ctx: Context2D, strength: number, frame: number, width: number, height: number): void {
  const phase = (2 * Math.PI * frame) / TEXTURE.leakFrames;
  const x = width * (0.04 + 0.1 * Math.sin(phase));
  const y = height * (0.16 + 0.08 * Math.cos(phase * 0.7));
  const r = Math.hypot(width, height) * (0.52 + 0.05 * Math.sin(phase * 1.3));
  const light = ctx.createRadialGradient(x, y, 0, x, y, r);
  light.addColorStop(0, '#ffb45e');
  light.addColorStop(0.35, '#c4502a');
  light.addColorStop(1, '#000000');
  ctx.globalCompositeOperation = 'screen';
  ctx.globalAlpha = TEXTURE.leakAlpha * strength;
  ctx.fillStyle = light;
  ctx.fillRect(0, 0, width, height);
}

function paintGrain(
  ctx: Context2D,
  strength: number,
  frame: number,
  tile: unknown,
  width: number,
  height: number,
): void {
  const random = seeded(`grain${Math.floor(frame / TEXTURE.holdFrames)}`);
  const size = Math.min(width, height) * TEXTURE.tileShare;
  const source = (tile as { width: number }).width;
  const x0 = -Math.floor(random() * size);
  const y0 = -Math.floor(random() * size);
  ctx.globalCompositeOperation = 'soft-light';
  ctx.globalAlpha = TEXTURE.grainAlpha * strength;
  ctx.imageSmoothingQuality = 'low';
  for (let y = y0; y < height; y += size)
    for (let x = x0; x < width; x += size)
      ctx.drawImage(tile as never, 0, 0, source, source, x, y, size, size);
}

function paintDust(
  ctx: Context2D,
  dust: number,
  share: number,
  frame: number,
  width: number,
  height: number,
): void {
  const random = seeded(`dust${Math.floor(frame / TEXTURE.dustHoldFrames)}`);
  const unit = Math.min(width, height) / 1000;
  const count = Math.round(TEXTURE.specks * dust * (0.4 + random()));
  for (let i = 0; i < count; i++) {
    const light = random() < 0.7;
    ctx.fillStyle = light ? '#fff6e6' : '#14100e';
    ctx.globalAlpha = share * (0.25 + 0.5 * random());
    const x = random() * width;
    const y = random() * height;
    const r = unit * (0.8 + 3 * random() ** 3);
    ctx.beginPath();
    if (random() < 0.86) ctx.roundRect(x, y, r * 2, r * (1 + random()), r * 0.6);
    else ctx.roundRect(x, y, r * (5 + 18 * random()), unit * 1.1, unit * 0.5);
    ctx.fill();
  }
}
