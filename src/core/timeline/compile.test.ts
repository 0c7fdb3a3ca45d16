import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { FORMATS, stageOf } from '../look/formats.ts';
import { breakLines, wordsToFit } from '../look/typeset/lines.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import { type Piece, plainVoice } from '../piece/types.ts';
import { timeWords } from '../sound/word-times.ts';
import { FPS, msToSamples, SAMPLE_RATE, SAMPLES_PER_FRAME } from '../time.ts';
import { compile, sceneAt } from './compile.ts';
import { coverCrop, cropAt, framePicture } from './framing.ts';
import { takeKey } from './keys.ts';
import { renderSize, segments } from './segments.ts';
import { setter } from './testing.ts';
import type { AssetFact, Facts, TakeFact } from './types.ts';

/** Every character is half as wide as the font is high. */

/** A take of 300 ms a word. */
function take(text: string, voice = plainVoice('maud')): TakeFact {
  const words = [...text.matchAll(/\S+/g)].map((m, i) => ({
    start: m.index,
    end: m.index + m[0].length,
    startMs: i * 300,
    endMs: i * 300 + 280,
  }));
  return { key: takeKey(text, voice), samples: msToSamples(words.length * 300), words };
}

const asset = (id: string, kind: AssetFact['kind'] = 'still', durationMs = 0): AssetFact => ({
  id,
  kind,
  durationMs,
  sound: false,
  views: {
    wide: { width: 1920, height: 1280, focal: [0.5, 0.4, 0.3, 0.4] },
    tall: { width: 1080, height: 1920, focal: [0.3, 0.4, 0.4, 0.3] },
  },
  loopFrames: kind === 'loop' ? 180 : 0,
});

function facts(p: Piece, more: Partial<Facts> = {}): Facts {
  const takes = Object.fromEntries(
    p.scenes.filter((s) => s.shown).map((s) => [take(s.shown).key, take(s.shown)]),
  );
  return { takes, assets: { p1: asset('p1'), p2: asset('p2', 'loop') }, tracks: {}, ownTracks: {}, ...more };
}

describe('compile', () => {
  it.each([
    ['4.9 / 5\nfrom 57 reviews', ['4.9']],
    ['Half of it\nin 2024', ['2024']],
    ['No figure\nat all', []],
  ])('lets only the first figure of “%s” count', (shown, counting) => {
    const p = piece([scene('a', shown, { layout: 'figure' })]);
    const words = compile(p, facts(p), setter()).scenes[0]?.words?.pages.flatMap((x) =>
      x.lines.flatMap((l) => l.words),
    );
    expect(words?.filter((w) => w.counts).map((w) => w.text)).toEqual(counting);
  });

  it('puts scenes end to end without gaps, as long as their voices need', () => {
    const p = piece([scene('a', 'One two three four five.'), scene('b', 'Six seven.'), scene('c', '')]);
    const t = compile(p, facts(p), setter());
    expect(t.scenes[0]?.start).toBe(0);
    for (const [i, s] of t.scenes.entries()) expect(s.start).toBe(i === 0 ? 0 : t.scenes[i - 1]?.end);
    expect(t.frames).toBe(t.scenes.at(-1)?.end);
    expect(t.sound.samples).toBe(t.frames * SAMPLES_PER_FRAME);
    for (const s of t.scenes)
      if (s.voice) expect(s.voice.start + s.voice.samples).toBeLessThanOrEqual(s.end * SAMPLES_PER_FRAME);
    expect((t.scenes[0]?.end ?? 0) - (t.scenes[0]?.start ?? 0)).toBeGreaterThan(1.5 * FPS);
  });

  it('shows each word when it is said, within a frame', () => {
    const p = piece([scene('a', 'One two three four five.')]);
    const t = compile(p, facts(p), setter());
    const s = t.scenes[0];
    const words = s?.words?.pages.flatMap((x) => x.lines.flatMap((l) => l.words)) ?? [];
    expect(words.map((w) => w.text)).toEqual(['One', 'two', 'three', 'four', 'five.']);
    words.forEach((w, i) => {
      const said = (s?.voice?.start ?? 0) / (SAMPLE_RATE / 1000) + i * 300;
      expect(Math.abs((w.start * 1000) / FPS - said)).toBeLessThanOrEqual(34);
    });
  });

  it('respects a length set by hand, but never cuts a voice', () => {
    const p = piece([
      scene('a', 'One two three.', { durationMs: 5000 }),
      scene('b', 'One two three four.', { durationMs: 400 }),
    ]);
    const t = compile(p, facts(p), setter());
    expect(t.scenes[0]?.end).toBe(5 * FPS);
    expect(t.scenes[0]?.stretched).toBe(false);
    expect(t.scenes[1]?.stretched).toBe(true);
    expect((t.scenes[1]?.end ?? 0) - (t.scenes[1]?.start ?? 0)).toBeGreaterThanOrEqual(1.2 * FPS);
  });

  it('estimates what has no voice yet, and says so', () => {
    const p = piece([scene('a', 'No voice yet for this line.')]);
    const t = compile(p, facts(p, { takes: {} }), setter());
    expect(t.scenes[0]).toMatchObject({ estimated: true, voice: null });
    expect(t.frames).toBeGreaterThan(FPS);
  });

  it('times shown words that differ from the spoken ones', () => {
    const words = ['£9', 'buys', 'a', 'kettle'].map((text) => ({ text }));
    const spoken = 'Nine pounds buys you a kettle';
    const times = timeWords(words, spoken, take(spoken).words, 0, 54);
    expect(times[1]?.start).toBe(18);
    expect(times[3]?.start).toBe(45);
    expect(times[0]?.start).toBe(0);
    for (let i = 1; i < times.length; i++)
      expect(times[i]?.start).toBeGreaterThanOrEqual(times[i - 1]?.start ?? 0);
  });

  it('is the same for the same input, in every format, for 200 scenes', () => {
    const random = seeded('big');
    const text = (i: number) =>
      Array.from({ length: 3 + Math.floor(random() * 30) }, (_, k) => `word${i}x${k}`).join(' ');
    const scenes = Array.from({ length: 200 }, (_, i) =>
      scene(`s${i}`, text(i), {
        pictures: [picture(i % 3 ? 'p1' : 'p2')],
        layout: i % 20 ? 'caption' : 'title',
      }),
    );
    for (const format of FORMATS) {
      const p = piece(scenes, { format });
      const t = compile(p, facts(p), setter());
      expect(compile(p, facts(p), setter())).toEqual(t);
      for (let f = 0; f < t.frames; f += 997) {
        const i = sceneAt(t, f);
        expect(f >= (t.scenes[i]?.start ?? 0) && f < (t.scenes[i]?.end ?? 0)).toBe(true);
      }
      for (const s of t.scenes)
        for (const page of s.words?.pages ?? [])
          for (const l of page.lines) {
            expect(l.x).toBeGreaterThanOrEqual(0);
            expect(l.x + l.width).toBeLessThanOrEqual(stageOf(format).width);
            expect(l.y).toBeGreaterThan(0);
            expect(l.y).toBeLessThan(stageOf(format).height);
          }
    }
  });

  it('shows all of a long line, page after page, each while its words are said', () => {
    const long = Array.from({ length: 45 }, (_, i) => `word${i}`).join(' ');
    const p = piece([scene('a', long)]);
    const pages = compile(p, facts(p), setter()).scenes[0]?.words?.pages ?? [];
    expect(pages.length).toBeGreaterThan(1);
    expect(pages.flatMap((x) => x.lines.flatMap((l) => l.words.map((w) => w.text))).join(' ')).toBe(long);
    pages.forEach((x, i) => {
      expect(x.lines.length).toBeLessThanOrEqual(3);
      if (i) expect(x.start).toBe(pages[i - 1]?.end);
    });
  });
});

describe('breakLines', () => {
  it('never exceeds the width, loses no word, and is even', () => {
    const random = seeded('lines');
    for (let run = 0; run < 60; run++) {
      const words = Array.from({ length: 1 + Math.floor(random() * 30) }, () =>
        'x'.repeat(1 + Math.floor(random() * 9)),
      );
      const lines = breakLines(
        words.map((text) => ({ text, joined: false })),
        20,
        (t) => t.length,
      );
      expect(lines.flatMap((l) => words.slice(l.start, l.end))).toEqual(words);
      for (const l of lines) expect(l.width).toBeLessThanOrEqual(20);
    }
  });
  it('cuts a word that is wider than the line', () => {
    const parts = wordsToFit(`a ${'y'.repeat(25)}`, 10, (t) => t.length);
    expect(parts.map((p) => p.text)).toEqual(['a', 'y'.repeat(10), 'y'.repeat(10), 'y'.repeat(5)]);
  });
});

describe('framing', () => {
  it('keeps the subject in the frame and never shows an edge, whatever the shape', () => {
    const random = seeded('frame');
    for (let run = 0; run < 300; run++) {
      const [w, h] = [200 + random() * 3000, 200 + random() * 3000];
      const ratio = [9 / 16, 1, 16 / 9][run % 3] as number;
      const fw = random() * 0.3;
      const fh = random() * 0.3;
      const focal = [random() * (1 - fw), random() * (1 - fh), fw, fh] as const;
      const c = coverCrop(w, h, ratio, focal);
      expect(c.x).toBeGreaterThanOrEqual(0);
      expect(c.y).toBeGreaterThanOrEqual(0);
      expect(c.x + c.width).toBeLessThanOrEqual(w + 1e-6);
      expect(c.y + c.height).toBeLessThanOrEqual(h + 1e-6);
      expect(c.width / c.height).toBeCloseTo(ratio, 6);
      const inside = fw * w <= c.width && fh * h <= c.height;
      if (inside) {
        expect(focal[0] * w).toBeGreaterThanOrEqual(c.x - 1e-6);
        expect((focal[0] + fw) * w).toBeLessThanOrEqual(c.x + c.width + 1e-6);
      }
      const p = framePicture(
        { ...asset('x'), views: { wide: { width: w, height: h, focal } } },
        null,
        ratio,
        20 + random() * 300,
        run % 2 === 0,
      );
      for (let t = 0; t <= 1; t += 0.1) {
        const m = cropAt(p as NonNullable<typeof p>, t);
        expect(m.x).toBeGreaterThanOrEqual(-1e-6);
        expect(m.x + m.width).toBeLessThanOrEqual(w + 1e-6);
        expect(m.y + m.height).toBeLessThanOrEqual(h + 1e-6);
      }
    }
  });
});

describe('segments', () => {
  const size = { width: 1080, height: 1920 };
  const files = { 'p1/tall': 'f1', 'p2/tall': 'f2' };
  const build = (p: Piece) => segments(compile(p, facts(p), setter()), size, 'enc', files);
  const many = (n: number) =>
    piece(
      Array.from({ length: n }, (_, i) =>
        scene(`s${i}`, `Line number ${i} says this.`, { pictures: [picture(i % 2 ? 'p1' : 'p2')] }),
      ),
    );

  it('covers every frame once', () => {
    const p = many(12);
    const t = compile(p, facts(p), setter());
    expect(build(p).reduce((n, s) => n + s.end - s.start, 0)).toBe(t.frames);
  });

  it('paints only what changed again: one line in the middle is two scenes at most', () => {
    const p = many(12);
    const changed = {
      ...p,
      scenes: p.scenes.with(
        5,
        scene('s5', 'Something quite different is said.', { pictures: [picture('p1')] }),
      ),
    };
    const before = new Set(build(p).map((s) => s.key));
    const fresh = build(changed).filter((s) => !before.has(s.key));
    expect(new Set(fresh.map((s) => s.scene)).size).toBeLessThanOrEqual(2);
  });

  it('keys change with size, file and encoder', () => {
    const p = many(2);
    const t = compile(p, facts(p), setter());
    const keys = (s: typeof size, e: string, f: Record<string, string>) =>
      segments(t, s, e, f).map((x) => x.key);
    const base = keys(size, 'enc', files);
    expect(keys({ width: 720, height: 1280 }, 'enc', files)).not.toEqual(base);
    expect(keys(size, 'enc2', files)).not.toEqual(base);
    expect(keys(size, 'enc', { ...files, 'p1/tall': 'other' })).not.toEqual(base);
  });

  it('has even sizes for every format and height', () => {
    for (const f of FORMATS)
      for (const h of [480, 720, 1080] as const) {
        const s = renderSize(stageOf(f), h);
        expect(s.width % 2).toBe(0);
        expect(s.height % 2).toBe(0);
        expect(Math.min(s.width, s.height)).toBe(h);
      }
  });
});
