import { describe, expect, it } from 'vitest';
import { seeded } from '../../hash.ts';
import { depths, type Mask, nearest } from './mask.ts';
import { thinned } from './thin.ts';
import { strokesOf } from './trace.ts';
import { writeUpTo, writingOf } from './written.ts';

/** A mark of the drawing is a square of so many pixels, as thick as a pen. */
const PEN = 5;

/** Letters drawn with #, with an empty border. */
function drawn(...rows: string[]): Mask {
  const columns = Math.max(...rows.map((r) => r.length));
  const [width, height] = [(columns + 2) * PEN, (rows.length + 2) * PEN];
  const on = new Uint8Array(width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      on[y * width + x] = rows[Math.floor(y / PEN) - 1]?.[Math.floor(x / PEN) - 1] === '#' ? 1 : 0;
  return { on, width, height };
}

/** Where a stroke begins and ends, in marks of the drawing. */
const ends = ({ width }: Mask, stroke: readonly number[]) =>
  [stroke[0] as number, stroke.at(-1) as number].map((at) => ({
    x: (at % width) / PEN - 1,
    y: Math.floor(at / width) / PEN - 1,
  })) as [{ x: number; y: number }, { x: number; y: number }];

const rgbaOf = ({ on }: Mask) => {
  const rgba = new Uint8ClampedArray(on.length * 4);
  on.forEach((is, i) => {
    rgba[i * 4 + 3] = is * 255;
  });
  return rgba;
};

const parts = ({ on, width }: Mask): number => {
  const seen = new Set<number>();
  let n = 0;
  on.forEach((is, from) => {
    if (!is || seen.has(from)) return;
    n++;
    const open = [from];
    seen.add(from);
    for (let at = open.pop(); at !== undefined; at = open.pop())
      for (const step of [-width - 1, -width, 1 - width, -1, 1, width - 1, width, width + 1])
        if (on[at + step] && !seen.has(at + step)) {
          seen.add(at + step);
          open.push(at + step);
        }
  });
  return n;
};

describe('Middle lines', () => {
  it.each([
    ['a bar', drawn('#', '#', '#', '#')],
    ['a ring', drawn('####', '#  #', '#  #', '####')],
    ['a cross', drawn('  #', '  #', '#####', '  #', '  #')],
    ['a letter and its dot', drawn('#', '', '#', '#', '#')],
  ])('of %s are thin, lie in it and hang together as it does', (_, mask) => {
    const thin = thinned(mask);
    const count = thin.reduce((n, v) => n + v, 0);
    expect(count).toBeGreaterThan(0);
    expect(count * (PEN - 1.5)).toBeLessThan(mask.on.reduce((n, v) => n + v, 0));
    expect(thin.every((v, i) => !v || mask.on[i])).toBe(true);
    expect(parts({ ...mask, on: thin })).toBe(parts(mask));
  });

  it('of nothing are nothing', () => {
    expect(thinned(drawn('', '', '')).some(Boolean)).toBe(false);
  });
});

describe('What is nearest', () => {
  it('is reached over what is on, not over a gap', () => {
    const mask = drawn('#   #', '#   #', '#####');
    const [left, right] = [1.5, 5.5].map((x) => Math.floor(1.5 * PEN) * mask.width + Math.floor(x * PEN)) as [
      number,
      number,
    ];
    const of = nearest(mask, [left, right]);
    // In the foot, from the middle on.
    const foot = Math.floor(3.5 * PEN) * mask.width;
    expect(of[foot + Math.floor(2.5 * PEN)]).toBe(left);
    expect(of[foot + Math.floor(4.5 * PEN)]).toBe(right);
  });

  it('and how deep a pixel lies, are those of all pixels looked through one by one, to a tenth', () => {
    const mask = drawn('####', '####', '## #', '####');
    const deep = depths(mask);
    const off = [...mask.on.keys()].filter((i) => !mask.on[i]);
    for (const [at, is] of mask.on.entries()) {
      const least = Math.min(
        ...off.map((o) =>
          Math.hypot(
            (o % mask.width) - (at % mask.width),
            Math.floor(o / mask.width) - Math.floor(at / mask.width),
          ),
        ),
      );
      expect(Math.abs((deep[at] as number) - (is ? least : 0))).toBeLessThanOrEqual(0.1 * least);
    }
  });
});

describe('Strokes', () => {
  it('go straight on at a crossing: a cross is a line down and a line across', () => {
    const mask = drawn('  #', '  #', '#####', '  #', '  #', '  #');
    const strokes = strokesOf(mask, false);
    expect(strokes).toHaveLength(2);
    const tall = (s: ReturnType<typeof ends>) => Math.abs(s[1].y - s[0].y);
    const [across, down] = strokes.map((s) => ends(mask, s)).sort((p, q) => tall(p) - tall(q)) as [
      ReturnType<typeof ends>,
      ReturnType<typeof ends>,
    ];
    expect(down[1].y - down[0].y).toBeGreaterThan(4.5);
    expect(Math.abs(down[1].x - down[0].x)).toBeLessThan(1);
    expect(across[1].x - across[0].x).toBeGreaterThan(3.5);
    expect(Math.abs(across[1].y - across[0].y)).toBeLessThan(1);
  });

  it('begin at the top of a letter that stands alone', () => {
    const mask = drawn('#', '#', '#', '#', '####');
    const [stroke = []] = strokesOf(mask, false);
    const [from, to] = ends(mask, stroke);
    expect(from.y).toBeLessThan(1);
    expect(to.y).toBeGreaterThan(4);
    expect(to.x).toBeGreaterThan(3);
  });

  it('of a ring come round to where they began', () => {
    const mask = drawn('####', '#  #', '#  #', '####');
    const strokes = strokesOf(mask, false);
    expect(strokes).toHaveLength(1);
    const [from, to] = ends(mask, strokes[0] as number[]);
    expect(Math.hypot(from.x - to.x, from.y - to.y)).toBeLessThan(0.5);
  });

  it('of a dot or an accent come after its letter, and before the next', () => {
    const mask = drawn('#   #', '', '#   #', '#   #', '#   #');
    const order = strokesOf(mask, false).map((s) => ends(mask, s)[0]);
    expect(order.map(({ x, y }) => [x < 2, y < 1])).toEqual([
      [true, false],
      [true, true],
      [false, false],
      [false, true],
    ]);
  });

  it.each([false, true])('go in reading direction (right to left: %s)', (rightToLeft) => {
    const mask = drawn('#  #  #', '#  #  #', '#  #  #');
    const places = strokesOf(mask, rightToLeft).map((s) => ends(mask, s)[0].x);
    expect(places).toEqual(places.toSorted((a, b) => (rightToLeft ? b - a : a - b)));
    expect(places).toHaveLength(3);
  });

  it('of anything at all are lines of neighbours in it, each place drawn first once', () => {
    const next = seeded('strokes');
    for (let n = 0; n < 30; n++) {
      const rows = Array.from({ length: 7 }, () =>
        Array.from({ length: 12 }, () => (next() < 0.45 ? '#' : ' ')).join(''),
      );
      const mask = drawn(...rows);
      const strokes = strokesOf(mask, next() < 0.5);
      for (const stroke of strokes) {
        expect(stroke.every((at) => mask.on[at])).toBe(true);
        const isBeside = (at: number, before: number) =>
          Math.abs((at % mask.width) - (before % mask.width)) <= 1 &&
          Math.abs(Math.floor(at / mask.width) - Math.floor(before / mask.width)) <= 1;
        expect(stroke.every((at, i) => i === 0 || isBeside(at, stroke[i - 1] as number))).toBe(true);
      }
      // Every part of it is drawn.
      const inks = { ...mask, on: Uint8Array.from(mask.on) };
      const of = nearest(inks, strokes.flat());
      expect(mask.on.every((is, at) => !is || (of[at] as number) >= 0)).toBe(true);
      if (mask.on.some(Boolean)) expect(strokes.length).toBeGreaterThanOrEqual(1);
    }
  });
});

describe('A text that is written', () => {
  const mask = drawn('#  #####', '#    #', '#    #', '#    #', '###  #');
  const at = (shown: number, size = 20) => {
    const rgba = rgbaOf(mask);
    writeUpTo(rgba, mask, writingOf(rgbaOf(mask), mask, { size, rightToLeft: false }), shown);
    return rgba.filter((_, i) => i % 4 === 3);
  };
  const sum = (alphas: Uint8ClampedArray) => alphas.reduce((n, v) => n + v, 0);

  it('is not there at the beginning, and whole at the end, as it was', () => {
    expect(sum(at(0))).toBeLessThan(sum(at(1)) * 0.02);
    expect([...at(1)]).toEqual([...mask.on].map((v) => v * 255));
  });

  it.each([20, 150])('loses nothing on the way and gains about evenly (size %s)', (size) => {
    let before = at(0, size);
    for (let shown = 0.1; shown < 1.05; shown += 0.1) {
      const now = at(shown, size);
      expect(now.every((a, i) => a >= (before[i] as number))).toBe(true);
      expect((sum(now) - sum(before)) / sum(at(1, size))).toBeLessThan(0.3);
      before = now;
    }
  });

  it('has its first letter before its second', () => {
    const half = at(0.4);
    const share = (from: number, to: number) => {
      let [there, all] = [0, 0];
      mask.on.forEach((is, i) => {
        const x = i % mask.width;
        if (!is || x < from * PEN || x >= to * PEN) return;
        all++;
        there += (half[i] as number) / 255;
      });
      return there / all;
    };
    expect(share(1, 4)).toBeGreaterThan(0.8);
    expect(share(4, 9)).toBeLessThan(0.4);
  });

  it('may be empty', () => {
    const empty = drawn('', '');
    const writing = writingOf(rgbaOf(empty), empty, { size: 40, rightToLeft: false });
    expect(writing.times.every((t) => t === 0)).toBe(true);
    writeUpTo(rgbaOf(empty), empty, writing, 0.5);
  });
});
