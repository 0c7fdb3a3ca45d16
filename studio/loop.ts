import { createCanvas } from '@napi-rs/canvas';
import { alpha } from './kit/colour.ts';
import type { Layer, Paint } from './kit/paint.ts';

/** Pixels painted beyond the picture on every side, so that moving layers never show an edge. */
export const LOOP_MARGIN = 64;

/**
 * The frames of a loop from a layered picture. Layers swing, roll or scroll by their motion data; frame n equals
 * frame 0, so the loop closes without a seam.
 */
export function* loopFrames(P: Paint, frames: number): Generator<Buffer> {
  const { w, h, k, view } = P;
  for (const layer of P.layers) if (layer.cv) trim(layer, P);
  const vignette = createCanvas(w, h);
  const vx = vignette.getContext('2d');
  const shade = vx.createRadialGradient(
    w / 2,
    h * 0.46,
    Math.min(w, h) * 0.45,
    w / 2,
    h / 2,
    Math.hypot(w, h) * 0.58,
  );
  shade.addColorStop(0, 'rgba(0,0,0,0)');
  shade.addColorStop(1, alpha(P.pal.shadow, 0.28));
  vx.fillStyle = shade;
  vx.fillRect(0, 0, w, h);
  const canvas = createCanvas(w, h);
  const c = canvas.getContext('2d');
  const turn = Math.PI * 2;
  for (let i = 0; i < frames; i++) {
    const t = i / frames;
    c.resetTransform();
    c.globalCompositeOperation = 'source-over';
    c.clearRect(0, 0, w, h);
    for (const l of P.layers) {
      if (l.skip) continue;
      const { m } = l;
      const camera = Math.sin(t * turn) * l.depth * 26 * k;
      const swing = t * turn * (m.n ?? 1);
      const dx = -camera + (m.sway ?? 0) * k * Math.sin(swing + (m.ph ?? 0));
      const dy = (m.heave ?? 0) * k * Math.sin(swing * (m.roll ? 2 : 1) + (m.ph ?? 0) * 1.7);
      if (l.fn) {
        const before = P.ctx;
        P.ctx = c;
        c.save();
        c.setTransform(k, 0, 0, k, -view.x * k - camera, -view.y * k);
        l.fn(t);
        c.restore();
        P.ctx = before;
        continue;
      }
      const { cv, ox = 0, oy = 0 } = l;
      if (!cv) continue;
      c.save();
      if (m.roll && m.pivot) {
        const px = (m.pivot[0] - view.x) * k;
        const py = (m.pivot[1] - view.y) * k;
        c.translate(px + dx, py + dy);
        c.rotate(m.roll * Math.sin(t * turn * 2 + (m.ph ?? 0)));
        c.translate(-px, -py);
        c.drawImage(cv, ox, oy);
      } else if (m.scroll) {
        const part = (t * (m.turns ?? 1)) % 1;
        for (const r of [part, part - 1])
          c.drawImage(
            cv,
            Math.round(-LOOP_MARGIN + m.scroll[0] * r * cv.height),
            Math.round(-LOOP_MARGIN + m.scroll[1] * r * cv.height),
          );
      } else if (m.flicker) {
        c.globalCompositeOperation = 'screen';
        c.globalAlpha = 1 - m.flicker + m.flicker * Math.sin(t * turn * 2);
        c.drawImage(cv, Math.round(ox + dx), Math.round(oy + dy));
      } else if (Math.abs(dx) + Math.abs(dy) < 0.01) c.drawImage(cv, ox, oy);
      else c.drawImage(cv, ox + dx, oy + dy);
      c.restore();
    }
    c.resetTransform();
    c.drawImage(vignette, 0, 0);
    yield Buffer.from(canvas.data());
  }
}

/** Keeps the box of a layer that is not empty and not covered by the next sheet. */
function trim(l: Layer, P: Paint): void {
  const full = l.cv;
  if (!full) return;
  const { width: W, height: H } = full;
  const px = new Uint32Array(full.data().buffer.slice(0));
  let [x0, x1, y0, y1] = [W, -1, H, -1];
  for (let y = 0; y < H; y++) {
    const row = px.subarray(y * W, y * W + W);
    const first = row.findIndex((v) => v !== 0);
    if (first < 0) continue;
    x0 = Math.min(x0, first);
    x1 = Math.max(
      x1,
      row.findLastIndex((v) => v !== 0),
    );
    y0 = Math.min(y0, y);
    y1 = y;
  }
  if (l.m.band) y1 = Math.min(y1, Math.round((l.m.band - P.view.y) * P.k + LOOP_MARGIN));
  if (l.m.scroll) [x0, y0, x1, y1] = [0, 0, W - 1, H - 1];
  if (x1 < 0 || y1 < y0) {
    l.skip = true;
    return;
  }
  const cut = createCanvas(x1 - x0 + 1, y1 - y0 + 1);
  cut.getContext('2d').drawImage(full, -x0, -y0);
  cut.data();
  l.cv = cut;
  l.ox = x0 - LOOP_MARGIN;
  l.oy = y0 - LOOP_MARGIN;
}
