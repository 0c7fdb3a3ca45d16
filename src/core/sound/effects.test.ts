import { describe, expect, it } from 'vitest';
import { msToSamples, SAMPLE_RATE } from '../time.ts';
import { EFFECT_NAMES, EFFECTS, effectLength, effectSamples, hitOf } from './effects.ts';

describe('short sounds', () => {
  it.each(EFFECT_NAMES)(
    '%s is as long as it says, as loud as the others, and begins and ends without a click',
    (name) => {
      const x = effectSamples(name);
      expect(x.length).toBe(effectLength(name));
      expect(x.length).toBeLessThan(3 * SAMPLE_RATE);
      expect(Math.max(...x.map(Math.abs))).toBeCloseTo(0.6, 5);
      expect(Math.abs(x[0] as number)).toBeLessThan(0.03);
      expect(Math.abs(x.at(-1) as number)).toBeLessThan(0.03);
      expect(x.every(Number.isFinite)).toBe(true);
    },
  );

  it.each(EFFECT_NAMES)(
    '%s is at its loudest round what is put on the border, or falls from there',
    (name) => {
      const x = effectSamples(name);
      const power = (from: number, to: number) => {
        const part = x.slice(Math.max(0, from), Math.max(0, to));
        return part.reduce((s, v) => s + v * v, 0) / Math.max(1, part.length);
      };
      const near = msToSamples(60);
      const hit = hitOf(name);
      expect(power(hit - near, hit + near)).toBeGreaterThan(power(hit + 3 * near, x.length));
    },
  );

  it('can be told apart by length or by pitch', () => {
    const of = EFFECT_NAMES.map((name) => {
      const x = effectSamples(name);
      const crossings = x.reduce((n, v, i) => n + (i > 0 && v * (x[i - 1] as number) < 0 ? 1 : 0), 0);
      return { name, lengthMs: EFFECTS[name].lengthMs, hz: (crossings / x.length) * (SAMPLE_RATE / 2) };
    });
    for (const a of of)
      for (const b of of)
        if (a.name !== b.name)
          expect(
            Math.abs(Math.log2(a.lengthMs / b.lengthMs)) > 0.2 || Math.abs(Math.log2(a.hz / b.hz)) > 0.2,
            `${a.name} and ${b.name}`,
          ).toBe(true);
  });

  it('are the same at every call', () => {
    expect(effectSamples('paper')).toBe(effectSamples('paper'));
  });
});
