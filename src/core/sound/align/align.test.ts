import { describe, expect, it } from 'vitest';
import { seeded } from '../../hash.ts';
import { FEATURE_RATE, HOP } from '../mel.ts';
import { adapted } from './adapt.ts';
import { align, type Said, thirdRate } from './align.ts';
import { features } from './features.ts';
import { findLines } from './narration.ts';
import { voiced } from './voiced.ts';
import { pooled, type Row, warp } from './warp.ts';

const MS = FEATURE_RATE / 1000;

/** Made-up vowels: a buzz at a pitch through three resonances that tell vowels apart. */
const VOWELS = [
  [730, 1090, 2440],
  [270, 2290, 3010],
  [300, 870, 2240],
  [530, 1840, 2480],
  [660, 1720, 2410],
  [440, 1020, 2240],
] as const;

interface Sound {
  vowel: number;
  startMs: number;
  endMs: number;
}

/** Vowels where they are wanted, silence elsewhere. */
function voice(sounds: readonly Sound[], lengthMs: number, pitch: number, noise = 0): Float32Array {
  const random = seeded(`voice ${pitch}`);
  const x = Float32Array.from({ length: lengthMs * MS }, () => noise * (random() - 0.5));
  for (const { vowel, startMs, endMs } of sounds) {
    const formants = VOWELS[vowel] as readonly number[];
    for (let i = startMs * MS; i < endMs * MS; i++) {
      const t = i / FEATURE_RATE;
      const edge = Math.min(1, (i - startMs * MS) / (8 * MS), (endMs * MS - i) / (8 * MS));
      let s = 0;
      for (let h = 1; h * pitch < 4000; h++) {
        const gain = formants.reduce((g, f) => g + 1 / (1 + ((h * pitch - f) / 90) ** 2), 0.01);
        s += gain * Math.sin(2 * Math.PI * h * pitch * t);
      }
      x[i] = (x[i] as number) + 0.06 * edge * s;
    }
  }
  return x;
}

/** Vowels one after the other, each so long, with pauses after some. */
function row(vowels: readonly number[], each: number, pauseAfter: ReadonlySet<number> = new Set()): Sound[] {
  let t = 200;
  return vowels.map((vowel, i) => {
    const sound = { vowel, startMs: t, endMs: t + each };
    t += each + (pauseAfter.has(i) ? 400 : 0);
    return sound;
  });
}
const endOf = (sounds: readonly Sound[]) => (sounds.at(-1)?.endMs ?? 0) + 300;

describe('features', () => {
  it('depend on the sound and not on how loud it is', () => {
    const x = voice(row([0, 1, 2], 200), 1100, 120);
    const loud = features(x);
    const soft = features(x.map((v) => v * 0.1));
    let most = 0;
    for (let i = 0; i < loud.vectors.length; i++)
      most = Math.max(most, Math.abs((loud.vectors[i] as number) - (soft.vectors[i] as number)));
    expect(most).toBeLessThan(0.2);
    expect(loud.frames).toBe(Math.floor((x.length - 400) / HOP) + 1);
    expect(features(new Float32Array(10)).frames).toBe(1);
  });
});

describe('where somebody speaks', () => {
  it.each([0, 0.004])('is found within 30 ms, with noise %d', (noise) => {
    const sounds = row([0, 1, 2, 3], 250, new Set([1]));
    const { speaks, onsets } = voiced(features(voice(sounds, endOf(sounds), 130, noise)));
    expect(onsets).toHaveLength(2);
    expect(Math.abs((onsets[0] as number) * 10 - 200)).toBeLessThanOrEqual(30);
    expect(Math.abs((onsets[1] as number) * 10 - (sounds[2]?.startMs ?? 0))).toBeLessThanOrEqual(30);
    expect(speaks[5]).toBe(0);
    expect(speaks.at(-1)).toBe(0);
  });
});

describe('warping', () => {
  const random = seeded('rows');
  const of = (frames: number): Row => ({
    frames,
    size: 4,
    vectors: Float32Array.from({ length: frames * 4 }, () => random() * 4),
  });

  it('leads a row along itself', () => {
    const a = of(300);
    const { first, last } = warp(a, a);
    expect([...first]).toEqual(Array.from({ length: 300 }, (_, i) => i));
    expect([...last]).toEqual([...first]);
  });

  it('follows one that is twice as slow, from end to end and never back', () => {
    const a = of(200);
    const b: Row = { frames: 400, size: 4, vectors: new Float32Array(1600) };
    for (let i = 0; i < 400; i++) b.vectors.set(a.vectors.subarray((i >> 1) * 4, (i >> 1) * 4 + 4), i * 4);
    const { first, last } = warp(a, b);
    expect([first[0], last[199]]).toEqual([0, 399]);
    for (let i = 1; i < 200; i++) {
      expect(first[i]).toBeGreaterThanOrEqual(last[i - 1] as number);
      expect(Math.abs((first[i] as number) - 2 * i)).toBeLessThanOrEqual(1);
    }
  });

  it('takes frames together by their means', () => {
    const a: Row = { frames: 10, size: 1, vectors: Float32Array.from([1, 1, 1, 1, 1, 1, 1, 1, 4, 6]) };
    expect([...pooled(a).vectors]).toEqual([1, 5]);
  });
});

describe('words of a made-up voice', () => {
  const vowels = [0, 1, 2, 3, 1, 4, 5, 0, 3, 2, 1, 5];

  it.each([
    ['as quick', 180, 120, 0],
    ['slower', 260, 110, 0.002],
    ['quicker and higher', 130, 190, 0],
  ])('that is %s are found in another one', (_, each, pitch, noise) => {
    const pauses = new Set([3, 7]);
    const reference = row(vowels, 180, pauses);
    const other = row(vowels, each, pauses);
    const found = align(
      voice(reference, endOf(reference), 120),
      reference,
      voice(other, endOf(other), pitch, noise),
    );
    const off = found.map((w, i) => Math.abs(w.startMs - (other[i] as Sound).startMs)).sort((a, b) => a - b);
    expect(off[off.length >> 1]).toBeLessThanOrEqual(20);
    expect(off.at(-2)).toBeLessThanOrEqual(70);
  });

  it('and lines that are left out, wherever they stand', () => {
    const lines = [
      [0, 1, 2, 0, 1],
      [3, 4, 3, 5, 4],
      [2, 5, 2, 1, 2],
      [4, 0, 4, 3, 0],
      [5, 2, 1, 5, 3],
    ].map((v) => row(v, 190));
    const references = lines.map((words) => ({ samples: voice(words, endOf(words), 120), words }));
    for (const left of [null, 0, 2, 4]) {
      const kept = lines.filter((_, i) => i !== left);
      let at = 0;
      const all = kept.flatMap((words) => {
        const moved = words.map((w) => ({ ...w, startMs: w.startMs + at, endMs: w.endMs + at }));
        at += endOf(words) + 200;
        return moved;
      });
      const { lines: found, added } = findLines(references, voice(all, at, 140, 0.001));
      expect(found.map((f) => f === null)).toEqual(lines.map((_, i) => i === left));
      expect(added).toEqual([]);
    }
  });
});

describe('a narration that is not as it is written', () => {
  const written = [
    [0, 1, 2, 0, 1, 3],
    [3, 4, 3, 5, 4, 0],
    [2, 5, 2, 1, 2, 4],
    [4, 0, 4, 3, 0, 2],
    [5, 2, 1, 5, 3, 1],
    [1, 3, 5, 0, 2, 5],
  ];
  const lines = written.map((v) => row(v, 190));
  const references = lines.map((words) => ({ samples: voice(words, endOf(words), 120), words }));
  const aside = row([1, 1, 4, 4, 0, 5, 5, 2, 2, 0, 3], 190);
  /** Lines by their number, -1 the aside, one after the other in another voice. */
  const said = (order: readonly number[]) => {
    let at = 0;
    const spans = new Map<number, [number, number]>();
    const all = order.flatMap((k) => {
      const words = k < 0 ? aside : (lines[k] as Sound[]);
      const moved = words.map((w) => ({ ...w, startMs: w.startMs + at, endMs: w.endMs + at }));
      spans.set(k, [moved[0]?.startMs ?? 0, moved.at(-1)?.endMs ?? 0]);
      at += endOf(words) + 250;
      return moved;
    });
    return { spans, sound: voice(all, at, 145, 0.001) };
  };
  const whole = [0, 1, 2, 3, 4, 5];
  const overlap = (a: { startMs: number; endMs: number }, [start, end]: [number, number]) =>
    (Math.min(a.endMs, end) - Math.max(a.startMs, start)) / (end - start);

  it.each([0, 1, 2, 3, 4, 5, 6])(
    'is told by what was added before line %d, and no line takes it',
    (place) => {
      const { spans, sound } = said(whole.toSpliced(place, 0, -1));
      const { lines: found, added } = findLines(references, sound);
      expect(added).toHaveLength(1);
      expect(overlap(added[0] as Said, spans.get(-1) as [number, number])).toBeGreaterThan(0.8);
      for (const k of whole)
        expect(overlap(found[k] as Said, spans.get(k) as [number, number])).toBeGreaterThan(0.85);
    },
  );

  it.each([
    [1, 4],
    [4, 1],
    [0, 3],
    [5, 2],
  ])(
    'is told by what was left out and added both: without line %d, with more before line %d',
    (left, place) => {
      const { spans, sound } = said(whole.toSpliced(place, 0, -1).filter((k) => k !== left));
      const { lines: found, added } = findLines(references, sound);
      expect(found.map((f) => f === null)).toEqual(whole.map((k) => k === left));
      expect(added).toHaveLength(1);
      expect(overlap(added[0] as Said, spans.get(-1) as [number, number])).toBeGreaterThan(0.8);
    },
  );

  it('is as it is written when it is', () => {
    const { lines: found, added } = findLines(references, said(whole).sound);
    expect(found.every((f) => f !== null && !f.doubtful)).toBe(true);
    expect(added).toEqual([]);
  });
});

describe('a reference that is brought nearer to a voice', () => {
  const random = seeded('adapt');
  const normal = () => random() + random() + random() - 1.5;
  const n = 300;
  const size = 5;
  const a: Row = { frames: n, size, vectors: Float32Array.from({ length: n * size }, normal) };
  const pairs = Int32Array.from({ length: n }, (_, i) => (i % 7 ? i : -1));
  /** What another voice makes of it: mixed, shifted, with noise on one number only. */
  const b: Row = {
    ...a,
    vectors: Float32Array.from(
      a.vectors,
      (v, q) =>
        1.4 * v +
        0.3 * (a.vectors[q - (q % size) + ((q + 1) % size)] as number) -
        0.8 +
        (q % size === 2 ? 0.9 * normal() : 0.02 * normal()),
    ),
  };
  const far = (x: Row, y: Row, k: number) => {
    let s = 0;
    for (let i = 0; i < n; i++)
      s += ((x.vectors[i * size + k] as number) - (y.vectors[i * size + k] as number)) ** 2;
    return Math.sqrt(s / n);
  };

  it('agrees with it in all that can be learned, and what cannot weighs less', () => {
    const near = adapted(a, b, pairs);
    const spread = (x: Row, k: number) =>
      Math.sqrt(
        Array.from({ length: n }, (_, i) => x.vectors[i * size + k] as number).reduce(
          (m, v) => m + v * v,
          0,
        ) / n,
      );
    for (const k of [0, 1, 3, 4]) expect(far(near.a, near.b, k) / spread(near.b, k)).toBeLessThan(0.08);
    expect(spread(near.b, 2)).toBeLessThan(0.4 * spread(near.b, 1));
    expect([near.a.frames, near.b.frames]).toEqual([n, n]);
  });

  it('stays as it was where nothing was matched', () => {
    const near = adapted(a, b, new Int32Array(n).fill(-1));
    const scale = (near.a.vectors[0] as number) / (a.vectors[0] as number);
    near.a.vectors.forEach((v, q) => {
      expect(v).toBeCloseTo((a.vectors[q] as number) * scale, 3);
    });
  });
});

describe('a third of the rate', () => {
  it('keeps what is low and takes away what would fold', () => {
    const tone = (hz: number) =>
      thirdRate(Float32Array.from({ length: 9600 }, (_, i) => Math.sin((2 * Math.PI * hz * i) / 48_000)));
    const level = (x: Float32Array) => Math.max(...x.subarray(100, -100).map(Math.abs));
    expect(tone(1000)).toHaveLength(3200);
    expect(level(tone(1000))).toBeCloseTo(1, 1);
    expect(level(tone(12_000))).toBeLessThan(0.05);
  });
});
