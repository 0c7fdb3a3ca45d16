import { existsSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from './catalogue/index.ts';
import { objects } from './kit/objects.ts';
import { places } from './kit/places.ts';
import { CAST } from './kit/scenes/cast.ts';
import { MOTIFS } from './motifs/index.ts';
import { BACKS, STAGES } from './motifs/still-life.ts';
import { focalBox, paintLoop, paintStill } from './render.ts';

describe('the catalogue', () => {
  it('has unique ids, known motifs, and every picture on the shelf', () => {
    expect(new Set(CATALOGUE.map((r) => r.id)).size).toBe(CATALOGUE.length);
    for (const r of CATALOGUE) {
      expect(MOTIFS[r.motif]).toBeDefined();
      for (const view of ['wide', 'tall'])
        expect(
          (r.kind === 'loop' ? ['mp4'] : ['webp', 'avif']).filter((form) =>
            existsSync(`shelf/${r.id}-${view}.${form}`),
          ),
        ).toHaveLength(1);
    }
  });
  it('names places, things, stages and people that there are', () => {
    for (const { slots = {} } of CATALOGUE) {
      if (slots.place) expect(Object.keys(places)).toContain(slots.place);
      if (slots.thing) expect(Object.keys(objects)).toContain(slots.thing);
      if (slots.stage) expect(Object.keys(STAGES)).toContain(slots.stage);
      if (slots.back) expect(Object.keys(BACKS)).toContain(slots.back);
      for (const who of [slots.who, slots.a, slots.b]) if (who) expect(Object.keys(CAST)).toContain(who);
    }
  });
  it('keeps the subject inside both views', () => {
    for (const r of CATALOGUE)
      for (const view of ['wide', 'tall'] as const) {
        const [x, y, w, h] = focalBox(r, view);
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x + w).toBeLessThanOrEqual(1.001);
        expect(y + h).toBeLessThanOrEqual(1.001);
      }
  });
});

describe('the painter of the shelf', () => {
  it('paints the same row to the same pixels, other rows to others', () => {
    const [a, b] = CATALOGUE.filter((r) => r.kind === 'still').slice(4, 6);
    if (!a || !b) throw new Error('rows are missing');
    const one = Buffer.from(paintStill(a, 'wide', 0.08).data());
    expect(one.equals(Buffer.from(paintStill(a, 'wide', 0.08).data()))).toBe(true);
    expect(one.equals(Buffer.from(paintStill(b, 'wide', 0.08).data()))).toBe(false);
  });
  it('closes a loop without a jump and moves in between', () => {
    const row = CATALOGUE.find((r) => r.id === 'waves-loop');
    if (!row) throw new Error('the loop is missing');
    const frames = [...paintLoop(row, 'wide', 12, 0.12).frames];
    const differ = (x: Buffer, y: Buffer) =>
      x.reduce((n, v, i) => n + Math.abs(v - (y[i] ?? 0)), 0) / x.length;
    const steps = frames.map((f, i) => differ(f, frames[(i + 1) % frames.length] as Buffer));
    const seam = steps[steps.length - 1] ?? 0;
    expect(Math.max(...steps)).toBeGreaterThan(0.1);
    expect(seam).toBeLessThanOrEqual(Math.max(...steps.slice(0, -1)) * 1.3 + 0.05);
  });
});
