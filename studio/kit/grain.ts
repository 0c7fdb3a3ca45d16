import { type Canvas, createCanvas } from '@napi-rs/canvas';
import { nth } from './named.ts';
import { rng } from './random.ts';

let tiles: Canvas | null = null;

/** One 512 px tile of noise and fibres that repeats without a seam; made once per process. */
export function grainTiles(): Canvas {
  if (tiles) return tiles;
  const N = 512,
    R = rng('grain');
  const noise = (cells: number) => {
    // periodic value noise
    const g = Array.from({ length: cells * cells }, () => R());
    return (x: number, y: number) => {
      const fx = (x / N) * cells,
        fy = (y / N) * cells,
        x0 = Math.floor(fx),
        y0 = Math.floor(fy),
        tx = fx - x0,
        ty = fy - y0;
      const s = (t: number) => t * t * (3 - 2 * t),
        at = (i: number, j: number) => nth(g, ((j + cells) % cells) * cells + ((i + cells) % cells));
      const a = at(x0, y0),
        b = at(x0 + 1, y0),
        c = at(x0, y0 + 1),
        d = at(x0 + 1, y0 + 1),
        u = s(tx),
        v = s(ty);
      return (a + (b - a) * u) * (1 - v) + (c + (d - c) * u) * v;
    };
  };
  const n1 = noise(8),
    n2 = noise(64),
    n3 = noise(160);
  const c = createCanvas(N, N),
    x = c.getContext('2d'),
    im = x.createImageData(N, N);
  for (let j = 0; j < N; j++)
    for (let i = 0; i < N; i++) {
      const v =
        128 + (n1(i, j) - 0.5) * 22 + (n2(i, j) - 0.5) * 20 + (n3(i, j) - 0.5) * 50 + (R() - 0.5) * 62;
      const k = (j * N + i) * 4;
      im.data[k] = im.data[k + 1] = im.data[k + 2] = v;
      im.data[k + 3] = 255;
    }
  x.putImageData(im, 0, 0);
  // fibres, wrapped
  for (let k = 0; k < 420; k++) {
    const px = R() * N,
      py = R() * N,
      a = R() * 6.283,
      l = R.r(6, 26),
      b = R.r(-0.5, 0.5);
    x.strokeStyle = R() < 0.5 ? 'rgba(255,255,255,.22)' : 'rgba(0,0,0,.18)';
    x.lineWidth = R.r(0.6, 1.3);
    for (const ox of [-N, 0, N])
      for (const oy of [-N, 0, N]) {
        if (px + ox < -30 || px + ox > N + 30 || py + oy < -30 || py + oy > N + 30) continue;
        x.beginPath();
        x.moveTo(px + ox, py + oy);
        x.quadraticCurveTo(
          px + ox + Math.cos(a + b) * l * 0.5,
          py + oy + Math.sin(a + b) * l * 0.5,
          px + ox + Math.cos(a) * l,
          py + oy + Math.sin(a) * l,
        );
        x.stroke();
      }
  }
  tiles = c;
  return c;
}
