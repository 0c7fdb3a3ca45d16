import { seeded } from '../hash.ts';
import type { Size } from '../look/formats.ts';
import { GRADES } from '../look/grades.ts';
import type { Grading } from '../piece/types.ts';
import type { Frames } from '../time.ts';
import type { Surface } from './paint.ts';

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

/** Lays grade and texture over what is painted, as they are at a frame. share: how far this grading counts, 0 to 1; less during a transition. */
export function paintGrading(
  surface: Surface,
  g: Grading,
  { frame, share }: { frame: Frames; share: number },
  grain: unknown,
): void {
  const { ctx, width, height } = surface;
  for (const wash of GRADES[g.grade].washes) {
    ctx.globalCompositeOperation = wash.mode;
    ctx.globalAlpha = wash.alpha * g.strength * share;
    ctx.fillStyle = wash.colour;
    ctx.fillRect(0, 0, width, height);
  }
  if (g.leak > 0) paintLeak(surface, g.leak * share, frame);
  if (g.grain > 0 && grain) paintGrain(surface, g.grain * share, frame, grain);
  ctx.globalCompositeOperation = 'source-over';
  if (g.dust > 0) paintDust(surface, g.dust, share, frame);
  ctx.globalAlpha = 1;
}

/** Light that has come in at a corner: warm, soft, swinging slowly. */
function paintLeak({ ctx, width, height }: Surface, strength: number, frame: Frames): void {
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

function paintGrain({ ctx, width, height }: Surface, strength: number, frame: Frames, tile: unknown): void {
  const random = seeded(`grain${Math.floor(frame / TEXTURE.holdFrames)}`);
  const size = Math.min(width, height) * TEXTURE.tileShare;
  const source = (tile as Size).width;
  const x0 = -Math.floor(random() * size);
  const y0 = -Math.floor(random() * size);
  ctx.globalCompositeOperation = 'soft-light';
  ctx.globalAlpha = TEXTURE.grainAlpha * strength;
  ctx.imageSmoothingQuality = 'low';
  for (let y = y0; y < height; y += size)
    for (let x = x0; x < width; x += size)
      ctx.drawImage(tile as never, 0, 0, source, source, x, y, size, size);
}

function paintDust({ ctx, width, height }: Surface, dust: number, share: number, frame: Frames): void {
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
