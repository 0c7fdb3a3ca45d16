import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { barsIn, fitted, type TrackAnalysis } from './fitted.ts';

/** A track of so many bars at a tempo, whose harmony goes round in four bars, with an ending of its own. */
function track(bars: number, tempo: number, more: Partial<TrackAnalysis> = {}): TrackAnalysis {
  const beat = 60_000 / tempo;
  const beats = Array.from({ length: bars * 4 }, (_, i) => Math.round(i * beat));
  const chord = (bar: number) => Array.from({ length: 12 }, (_, c) => (c === (bar % 4) * 3 ? 1 : 0));
  return {
    ...{ beats, meter: 4, first: 0, tempo, sure: 0.6, endMs: Math.round(bars * 4 * beat + 900) },
    harmony: beats.map((_, i) => chord(Math.floor(i / 4))),
    ...more,
  };
}

const span = (parts: readonly [number, number][]) => parts.reduce((n, [a, b]) => n + b - a, 0);

describe('a track that is fitted to a length', () => {
  it('is exactly as long, ends as it ends, and is joined at bars that go on alike', () => {
    const random = seeded('lengths');
    let [whole, seams, alike] = [0, 0, 0];
    for (let i = 0; i < 120; i++) {
      const t = track(24 + Math.floor(random() * 60), 70 + random() * 80);
      const length = 12_000 + Math.floor(random() * 150_000);
      const fit = fitted(t, { startMs: 0, endMs: t.endMs }, length, false);
      for (const [a, b] of fit.parts) {
        expect(a).toBeGreaterThanOrEqual(0);
        expect(b).toBeLessThanOrEqual(t.endMs);
        expect(b).toBeGreaterThan(a);
      }
      expect(fit.speed).toBeGreaterThan(0.95);
      expect(fit.speed).toBeLessThan(1.05);
      if (!fit.whole) continue;
      whole++;
      expect(Math.abs(span(fit.parts) / fit.speed - length)).toBeLessThan(1);
      expect(fit.parts.at(-1)?.[1]).toBe(t.endMs);
      fit.parts.slice(1).forEach(([start], k) => {
        const [out, back] = [fit.parts[k]?.[1], start].map((ms) => t.beats.indexOf(ms as number));
        expect((out as number) % 4).toBe(0);
        expect((back as number) % 4).toBe(0);
        if (length < 110_000) return;
        seams++;
        if ((out as number) % 16 === (back as number) % 16) alike++;
      });
    }
    expect(whole).toBeGreaterThan(100);
    // The chords go round in four bars: where the length leaves a choice, that is kept.
    expect(alike / seams).toBeGreaterThan(0.95);
    expect(seams).toBeGreaterThan(20);
  });

  it('begins where it is wanted to begin', () => {
    const t = track(60, 100);
    const startMs = t.beats[16] as number;
    expect(fitted(t, { startMs, endMs: t.endMs }, 40_000, false).parts[0]?.[0]).toBe(startMs);
  });

  it('keeps its beats where they are when pictures change on them, and is over with the piece', () => {
    for (let length = 20_000; length < 90_000; length += 1730) {
      const t = track(48, 118);
      const fit = fitted(t, { startMs: 0, endMs: t.endMs }, length, true);
      expect(fit.speed).toBe(1);
      if (fit.whole) {
        expect(span(fit.parts)).toBeLessThanOrEqual(length);
        expect(length - span(fit.parts)).toBeLessThanOrEqual(700);
      } else expect(span(fit.parts)).toBe(length);
      const beat = 60_000 / 118;
      for (const bar of barsIn(fit, t)) {
        const off = bar / (4 * beat) - Math.round(bar / (4 * beat));
        expect(Math.abs(off) * 4 * beat).toBeLessThan(20);
      }
    }
  });

  it('without a beat is played from its start, over and over, and faded', () => {
    const fit = fitted(null, { startMs: 1000, endMs: 9000 }, 20_000, false);
    expect(fit).toEqual({
      parts: [
        [1000, 9000],
        [1000, 9000],
        [1000, 5000],
      ],
      speed: 1,
      whole: false,
    });
    const unsure = track(20, 100, { sure: 0.01 });
    expect(fitted(unsure, { startMs: 0, endMs: unsure.endMs }, 10_000, false).parts).toEqual([[0, 10_000]]);
  });

  it('says where its bars begin as it is played', () => {
    const t = track(20, 120);
    expect(
      barsIn(
        {
          parts: [
            [0, 4000],
            [8000, 12_000],
          ],
          speed: 1,
          whole: true,
        },
        t,
      ),
    ).toEqual([0, 2000, 4000, 6000]);
    expect(barsIn({ parts: [[0, 4000]], speed: 2, whole: true }, t)).toEqual([0, 1000]);
  });
});
