import { describe, expect, it } from 'vitest';
import { GRADE_NAMES, GRADES } from '../look/grades.ts';
import { TRANSITION_KINDS, TRANSITIONS, type TransitionKind } from '../look/transitions.ts';
import { Typesetter } from '../look/typeset/typesetter.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import { AUTO_FRAMING, type Grading, PLAIN_GRADING, type Scene } from '../piece/types.ts';
import { compile } from '../timeline/compile.ts';
import type { AssetFact, Timeline } from '../timeline/types.ts';
import { paintGrading, TEXTURE } from './grading.ts';
import { layersAt } from './layers.ts';
import { paintFrame } from './paint.ts';
import { type Call, namedPictures, recorder } from './testing.ts';

const SIZE = { width: 600, height: 1000 };

/** What is drawn over a picture with a grading. */
const graded = (
  more: Partial<Grading>,
  frame = 0,
  share = 1,
  grain: unknown = namedPictures.grain(),
): Call[] => {
  const { ctx, calls } = recorder();
  paintGrading({ ctx, ...SIZE }, { ...PLAIN_GRADING, ...more }, { frame, share }, grain);
  return calls;
};

describe('a grade', () => {
  it.each(GRADE_NAMES)('%s lays its washes over the whole picture, weaker with less strength', (grade) => {
    const { washes } = GRADES[grade];
    const full = graded({ grade, strength: 1 });
    expect(full.map((c) => [c.mode, c.fill, c.alpha])).toEqual(
      washes.map((w) => [w.mode, w.colour, w.alpha]),
    );
    for (const c of full) expect([c.name, ...c.args]).toEqual(['fillRect', 0, 0, SIZE.width, SIZE.height]);
    const half = graded({ grade, strength: 0.5 }, 0, 0.5);
    expect(half.map((c) => c.alpha)).toEqual(washes.map((w) => w.alpha * 0.25));
  });
});

describe('texture', () => {
  it('grain covers every pixel, holds for two frames and then moves', () => {
    const tiles = (frame: number) => graded({ grain: 0.8 }, frame).filter((c) => c.name === 'drawImage');
    const size = SIZE.width * TEXTURE.tileShare;
    for (const [x, y] of [
      [0, 0],
      [SIZE.width - 1, SIZE.height - 1],
      [0, SIZE.height - 1],
      [SIZE.width / 2, SIZE.height / 2],
    ] as const)
      expect(
        tiles(0).filter(({ args }) => {
          const [left, top] = args.slice(5) as number[];
          return x >= (left ?? 0) && x < (left ?? 0) + size && y >= (top ?? 0) && y < (top ?? 0) + size;
        }),
      ).toHaveLength(1);
    expect(tiles(0)[0]).toMatchObject({ mode: 'soft-light', alpha: TEXTURE.grainAlpha * 0.8 });
    expect(tiles(1)).toEqual(tiles(0));
    expect(tiles(2)).not.toEqual(tiles(1));
    expect(graded({ grain: 1 }, 0, 1, null)).toEqual([]);
  });

  it('dust is a few specks inside the picture, more of them with more dust, gone with its share', () => {
    const specks = (dust: number, frame = 0, share = 1) =>
      graded({ dust }, frame, share).filter((c) => c.name === 'fill');
    const counts = (dust: number) => Array.from({ length: 60 }, (_, k) => specks(dust, k * 3).length);
    const mean = (list: number[]) => list.reduce((a, b) => a + b, 0) / list.length;
    expect(mean(counts(1))).toBeGreaterThan(mean(counts(0.3)) * 2.5);
    expect(Math.max(...counts(1))).toBeLessThanOrEqual(TEXTURE.specks * 1.4 + 1);
    expect(specks(1, 1)).toEqual(specks(1, 0));
    expect(specks(1, 3)).not.toEqual(specks(1, 0));
    for (const s of specks(1, 0, 0.5)) expect(s.alpha).toBeLessThanOrEqual(0.375);
    const at = graded({ dust: 1 }).filter((c) => c.name === 'roundRect');
    for (const { args } of at) {
      const [x = -1, y = -1] = args as number[];
      expect(x >= 0 && x < SIZE.width && y >= 0 && y < SIZE.height).toBe(true);
    }
    expect(new Set(graded({ dust: 1 }).map((c) => c.fill))).toEqual(new Set(['#fff6e6', '#14100e']));
  });

  it('a leak of light comes from the upper left and swings slowly, only adding light', () => {
    const light = (frame: number) => {
      const [gradient, fill] = graded({ leak: 0.5 }, frame);
      return { at: (gradient?.args ?? []) as number[], fill };
    };
    const { at, fill } = light(0);
    expect(fill).toMatchObject({ name: 'fillRect', mode: 'screen', alpha: TEXTURE.leakAlpha * 0.5 });
    expect((at[0] ?? 1) < SIZE.width / 5 && (at[1] ?? 1) < SIZE.height / 3).toBe(true);
    const far = Math.hypot(SIZE.width, SIZE.height);
    for (let f = 0; f < TEXTURE.leakFrames; f++) {
      const [a, b] = [light(f).at, light(f + 1).at];
      expect(Math.hypot((a[0] ?? 0) - (b[0] ?? 0), (a[1] ?? 0) - (b[1] ?? 0))).toBeLessThan(
        SIZE.width * 0.005,
      );
      expect((a[5] ?? 0) / far).toBeGreaterThan(0.46);
      expect((a[5] ?? 0) / far).toBeLessThan(0.58);
    }
    expect(light(TEXTURE.leakFrames / 4).at[0]).toBeCloseTo(SIZE.width * 0.14);
    expect(light(TEXTURE.leakFrames / 4).at[5]).toBeCloseTo(
      far * (0.52 + 0.05 * Math.sin((Math.PI / 2) * 1.3)),
    );
  });

  it('leaves the context as plain painting wants it', () => {
    const { ctx } = recorder();
    const all = { grade: 'dusk', strength: 1, grain: 1, dust: 1, leak: 1 } as const;
    paintGrading(
      { ctx, ...SIZE },
      { ...PLAIN_GRADING, ...all },
      { frame: 5, share: 1 },
      namedPictures.grain(),
    );
    expect([ctx.globalAlpha, ctx.globalCompositeOperation]).toEqual([1, 'source-over']);
  });
});

const still = (id: string): AssetFact => ({
  ...{ id, kind: 'still', durationMs: 0, sound: false, loopFrames: 0 },
  views: { wide: { width: 1000, height: 1000, focal: [0.4, 0.4, 0.2, 0.2] } },
});
const setter = new Typesetter((text, font) => text.length * font.size * 0.5);
const timelineOf = (...scenes: Partial<Scene>[]): Timeline =>
  compile(
    piece(scenes.map((s, i) => scene('abc'[i] ?? 'x', '', { durationMs: 3000, ...s }))),
    { takes: {}, tracks: {}, assets: { one: still('one'), two: still('two') } },
    setter,
  );
const painted = (t: Timeline, index: number, frame: number): Call[] => {
  const { ctx, calls } = recorder();
  paintFrame({ ctx, width: t.width, height: t.height }, t, { index, frame }, namedPictures);
  return calls;
};
const drawn = (calls: Call[]) =>
  calls
    .filter((c) => c.name === 'drawImage')
    .map((c) => [(c.args[0] as { picture: string }).picture, c.alpha] as const);
const two = (kind: TransitionKind, ms = 333) =>
  timelineOf(
    { pictures: [picture('one')] },
    { pictures: [picture('two')], transition: { kind, lengthMs: ms } },
  );

describe('a frame', () => {
  it('fills the whole surface whatever is there', () => {
    for (const t of [
      timelineOf({}),
      timelineOf({ pictures: [picture('one')] }),
      timelineOf({ pictures: [picture('gone')] }),
    ]) {
      const [first] = painted(t, 0, 0).filter((c) => c.name === 'fillRect' || c.name === 'drawImage');
      expect(first?.args.slice(-4)).toEqual([0, 0, t.width, t.height]);
      expect(first?.alpha).toBe(1);
    }
    expect(painted(timelineOf({}), 7, 0).at(-1)).toMatchObject({
      name: 'fillRect',
      fill: timelineOf({}).ink,
    });
  });

  it('lets a picture through to its backdrop as its opacity says', () => {
    const t = timelineOf({
      pictures: [picture('one')],
      grading: { ...PLAIN_GRADING, opacity: 0.25, backdrop: '#123456' },
    });
    const calls = painted(t, 0, 40).filter((c) => c.name === 'fillRect' || c.name === 'drawImage');
    expect(calls.map((c) => [c.name, c.alpha])).toEqual([
      ['fillRect', 1],
      ['drawImage', 0.25],
    ]);
    expect(calls[0]?.fill).toBe('#123456');
  });

  it('puts a picture that is shown whole into the middle, its surround under it', () => {
    const whole = (surround: string) =>
      painted(
        timelineOf({ pictures: [picture('one', { framing: { ...AUTO_FRAMING, fit: 'whole', surround } })] }),
        0,
        10,
      ).filter((c) => c.name === 'fillRect' || c.name === 'drawImage');
    const [soft, all] = whole('blur');
    expect(soft?.args[0]).toMatchObject({ picture: 'one/blurred' });
    const [x = 0, y = 0, w = 0, h = 0] = (all?.args ?? []).slice(5) as number[];
    expect(w / h).toBeCloseTo(1);
    expect([x * 2 + w, y * 2 + h]).toEqual([soft?.args[7], soft?.args[8]]);
    expect(whole('#445566')[0]).toMatchObject({ name: 'fillRect', fill: '#445566' });
  });
});

describe('transitions', () => {
  it('a dissolve shows both pictures, more of the next from frame to frame; a cut never', () => {
    const t = two('dissolve');
    const { frames } = t.scenes[1]?.transition ?? { frames: 0 };
    expect(frames).toBeGreaterThan(3);
    const shares = Array.from({ length: frames }, (_, f) => drawn(painted(t, 1, f)));
    for (const s of shares) expect(s.map(([p]) => p)).toEqual(['one/wide', 'two/wide']);
    const next = shares.map((s) => s[1]?.[1] ?? 0);
    expect(next).toEqual([...next].sort((a, b) => a - b));
    expect((next[0] ?? 0) > 0 && (next.at(-1) ?? 1) < 1).toBe(true);
    expect(drawn(painted(t, 1, frames))).toEqual([['two/wide', 1]]);
    expect(drawn(painted(two('cut'), 1, 0))).toEqual([['two/wide', 1]]);
  });

  it('take as long as the writer says', () => {
    const t = two('dissolve', 1000);
    expect(t.scenes[1]?.transition.frames).toBe(30);
    expect(drawn(painted(t, 1, 29))).toHaveLength(2);
  });

  it.each(TRANSITION_KINDS)('%s begins with what was and ends with what comes', (kind) => {
    const { between, takesTime } = TRANSITIONS[kind];
    const seen = (t: number) => between([{ alpha: 1, is: 'before' }], [{ alpha: 1, is: 'after' }], t);
    const share = (t: number) => seen(t).findLast((l) => l.is === 'after')?.alpha ?? 0;
    if (!takesTime) return expect(seen(0.5)).toEqual([{ alpha: 1, is: 'after' }]);
    expect([share(1e-6) < 0.01, share(1 - 1e-6) > 0.99]).toEqual([true, true]);
  });

  it('carry each side’s grading as far as that side is seen', () => {
    const t = timelineOf(
      { pictures: [picture('one')], grading: { ...PLAIN_GRADING, grade: 'mono', strength: 1 } },
      { pictures: [picture('two')], transition: { kind: 'dissolve', lengthMs: 1000 } },
    );
    const [wash] = GRADES.mono.washes;
    const mono = (frame: number) =>
      painted(t, 1, frame).find((c) => c.name === 'fillRect' && c.mode === wash?.mode)?.alpha ?? 0;
    const [early, late] = [mono(0), mono(28)];
    expect(early).toBeGreaterThan((wash?.alpha ?? 1) * 0.95);
    expect(late).toBeLessThan((wash?.alpha ?? 1) * 0.05);
    expect(mono(30)).toBe(0);
  });

  it('let the picture before run on under them', () => {
    const [before] = layersAt(two('dissolve'), 1, 3);
    expect(before).toMatchObject({ shot: { assetId: 'one' }, run: 93 });
  });
});
