import { describe, expect, it } from 'vitest';
import { REVEALS, type RevealKind } from '../look/reveals.ts';
import type { Ornament, RevealStyle } from '../look/types.ts';
import type { PlacedLine, PlacedWord, WordsBlock } from '../timeline/types.ts';
import type { Draw, ShapeDraw, TextureDraw } from './list.ts';
import { ornamentDraws, stageTo } from './ornaments.ts';
import type { PathTexture, ShadeTexture, TextTexture } from './textures.ts';
import { wordDraws } from './words.ts';

const STAGE = { width: 400, height: 300, scale: 1 };

const word = (text: string, x: number, more: Partial<PlacedWord> = {}): PlacedWord => ({
  ...{
    text,
    x,
    width: text.length * 10,
    start: 0 as never,
    end: 90 as never,
    before: 0,
    letters: text.length,
  },
  ...{
    edges: [...text].map((_, i) => (i + 1) * 10),
    rightToLeft: false,
    colour: '#111111',
    saidColour: null,
  },
  ...{ highlight: null, said: null },
  ...more,
});
const line = (words: PlacedWord[], more: Partial<PlacedLine> = {}): PlacedLine => ({
  ...{ font: '20px Nab', size: 20, tracking: 0, outline: null, glow: null, part: 'head', x: 100, y: 150 },
  ...{ width: 120, pad: 6, ground: null, words },
  ...more,
});
const style = (kind: RevealKind, more: Partial<RevealStyle> = {}): RevealStyle => ({
  ...{ kind, delay: 0 as never, frames: 10 as never, lineDelay: 4, lead: 0, wordFrames: 4, unsaidFrames: 4 },
  ...{ order: 'down' as const, gone: 0 as never },
  wholeAtOpening: false,
  restDelay: 0,
  ahead: 0,
  ...more,
});
const block = (lines: PlacedLine[], more: Partial<WordsBlock> = {}): WordsBlock => ({
  ...{
    reveal: style('whole'),
    tilt: 0,
    settle: null,
    scrim: null,
    leave: { frames: 4, share: 0.5 },
    layout: 'caption',
  },
  ...{ standing: false, underline: null, panel: null, shade: null, ornaments: [], onHead: false },
  legibility: { ratio: 21, needed: 4.5, contrast: 100, on: 'picture', ground: null },
  pages: [{ start: 0 as never, end: 90 as never, lines, underline: null }],
  box: { x: 100, y: 130, width: 120, height: 30 },
  ...more,
});
const at = (
  of: WordsBlock,
  frame: number,
  more: Partial<typeof STAGE> = {},
  opening = false,
  closing = false,
): Draw[] =>
  wordDraws(of, { frame: frame as never, length: 90 as never, opening, closing }, { ...STAGE, ...more });

const isText = (d: Draw): d is TextureDraw & { texture: TextTexture } =>
  d.kind === 'texture' && d.texture.kind === 'text';
const shapes = (draws: Draw[]) => draws.filter((d): d is ShapeDraw => d.kind === 'shape');
/** Where the baseline of a text begins in the frame. */
const placeOf = (d: TextureDraw & { texture: TextTexture }) => [
  d.to.x + d.texture.transform[4],
  d.to.y + d.texture.transform[5],
];

describe('words of a block', () => {
  it('stand on their baseline while their page does, and go at its end: wholly at the end of the scene', () => {
    const of = block([line([word('Ferry', 100), word('back', 160)])]);
    expect(at(of, 30).filter(isText).map(placeOf)).toEqual([
      [100, 150],
      [160, 150],
    ]);
    expect(at(of, 90)).toEqual([]);
    expect(at(of, 30).every((d) => d.alpha === 1)).toBe(true);
    expect(at(of, 85).every((d) => d.alpha === 1)).toBe(true);
    const last = at(of, 89).map((d) => d.alpha);
    expect(last.every((a) => a > 0 && a < 0.4)).toBe(true);
    // What the piece ends with stays to its last frame, with what is under it.
    const card = block([line([word('Ferry', 100)])], { scrim: { colour: '#ffffff', alpha: 0.5, frames: 8 } });
    for (const closing of [false, true]) {
      const draws = at(card, 89, {}, false, closing);
      expect(draws.filter(isText).some((d) => d.alpha === 1)).toBe(closing);
      expect(shapes(draws).some((d) => d.alpha === 0.5)).toBe(closing);
    }
    // A page that another one follows goes less.
    const two = block([], {
      pages: [
        { start: 0 as never, end: 40 as never, lines: [line([word('One', 100)])], underline: null },
        { start: 40 as never, end: 90 as never, lines: [line([word('Two', 100)])], underline: null },
      ],
    });
    const leaving = at(two, 39).find(isText);
    expect(leaving?.texture.text).toBe('One');
    expect(leaving?.alpha).toBeGreaterThan(0.5);
    expect(at(two, 40).find(isText)?.texture.text).toBe('Two');
  });

  it('come line by line from the first, from the last, or all together', () => {
    const lines = ['One', 'Two', 'Three'].map((t, i) => line([word(t, 100)], { y: 150 + i * 40 }));
    const there = (order: RevealStyle['order']) =>
      at(block(lines, { reveal: style('faded', { order }) }), 1)
        .filter(isText)
        .map((d) => d.texture.text);
    expect(there('down')).toEqual(['One']);
    expect(there('up')).toEqual(['Three']);
    expect(there('together')).toEqual(['One', 'Two', 'Three']);
  });

  it('go before their scene does, with what is under them, where they shall', () => {
    const pages = [
      { start: 0 as never, end: 60 as never, lines: [line([word('One', 100)])], underline: null },
    ];
    const scrim = { colour: '#ffffff', alpha: 0.5, frames: 8 };
    const early = block([], { pages, scrim });
    for (const closing of [false, true]) {
      expect(at(early, 50, {}, false, closing).length).toBe(2);
      expect(at(early, 59, {}, false, closing).every((d) => d.alpha < 0.5)).toBe(true);
      expect(at(early, 61, {}, false, closing).filter((d) => d.alpha > 0)).toEqual([]);
    }
  });

  it('come in their small part later than in their large one, also when the piece opens with the large one whole', () => {
    const part = (x: number, of: 'head' | 'rest') => line([word('abc', x)], { x, part: of });
    const firstOf = (more: Partial<RevealStyle>, opening: boolean) => {
      const of = block([part(100, 'head'), part(300, 'rest')], { reveal: style('faded', more) });
      return [100, 300].map((x) =>
        Array.from({ length: 90 }, (_, f) => f).find((f) =>
          at(of, f, {}, opening).some((d) => isText(d) && Math.abs((placeOf(d)[0] as number) - x) < 1),
        ),
      );
    };
    const [head = -1, rest = -1] = firstOf({ restDelay: 20 as never, lineDelay: 0 as never }, false);
    expect(rest - head).toBe(20);
    const together = firstOf({ lineDelay: 0 as never }, false);
    expect(together[0]).toBe(together[1]);
    const opening = firstOf({ restDelay: 20 as never, lineDelay: 0 as never, wholeAtOpening: true }, true);
    expect(opening[0]).toBe(0);
    expect(opening[1]).toBeGreaterThanOrEqual(20);
  });

  it.each(['spoken', 'popped'] as const)(
    'are faint before they are said, where they shall be: %s',
    (kind) => {
      const words = [word('Ferry', 100, { start: 20 as never, end: 40 as never })];
      words.push(word('back', 160, { start: 40 as never, end: 60 as never }));
      const alphas = (ahead: number, frame: number, more: Partial<WordsBlock> = {}) => {
        const of = block([line(words)], { reveal: style(kind, { ahead }), ...more });
        return at(of, frame)
          .filter(isText)
          .map((d) => Number(d.alpha.toFixed(3)));
      };
      expect(alphas(0, 18)).toEqual([]);
      expect(alphas(0.3, 18)).toEqual([0.3, 0.3]);
      expect(alphas(0.3, 38)).toEqual([1, 0.3]);
      expect(alphas(0.3, 58)).toEqual([1, 1]);
      // They come with what they stand on, and go with it; what the voice says otherwise is there at once.
      expect(alphas(0.3, 0)[0]).toBeLessThan(0.2);
      expect(alphas(0.3, 30, { standing: true })).toEqual([1, 1]);
      // A strip is there for all its words, and does not come in one frame.
      const ground = {
        y: 130,
        height: 30,
        radius: 2,
        colour: '#fff',
        shadow: null,
        clip: { y: 0, height: 300 },
      };
      const strip = (frame: number) => {
        const of = block([line(words, { ground })], { reveal: style(kind, { ahead: 0.3 }) });
        return at(of, frame).find((d) => d.kind === 'shape');
      };
      expect(strip(15)?.alpha).toBe(1);
      expect(strip(0)?.alpha).toBeLessThan(0.5);
      // No word is smaller when it is said than it was just before.
      const widths = Array.from({ length: 60 }, (_, f) => {
        const of = block([line(words)], { reveal: style(kind, { ahead: 0.3 }) });
        return at(of, f).filter(isText)[1]?.to.width ?? Number.POSITIVE_INFINITY;
      });
      expect(Math.min(...widths.slice(40)) / (widths[39] ?? 1)).toBeGreaterThan(0.85);
    },
  );

  it('are written along their strokes, more with every frame, and stand as others do when they are there', () => {
    const of = block([line([word('abcdefghij', 100)])], { reveal: style('writing') });
    const parts = Array.from({ length: 60 }, (_, f) => at(of, f).find((d) => d.kind === 'texture')?.texture);
    const written = parts.flatMap((t) => (t?.kind === 'written' ? [t] : []));
    expect(written.length).toBeGreaterThan(5);
    expect(written.map((t) => t.shown)).toEqual(written.map((t) => t.shown).toSorted((a, b) => a - b));
    expect(new Set(written.map((t) => t.of)).size).toBe(1);
    const last = parts.at(-1);
    expect(last).toBe(written[0]?.of);
    expect(written.every((t) => t.width === last?.width && t.height === last.height)).toBe(true);
  });

  it('are there letter by letter: the last one is cut where it ends', () => {
    const of = block([line([word('abcdefghij', 100)])], { reveal: style('letters') });
    const clips = [3, 6, 9].map((f) => {
      const [text] = at(of, f).filter(isText);
      return text?.clip;
    });
    const widths = clips.map((c) => c?.width ?? 0);
    expect(widths).toEqual([...widths].sort((a, b) => a - b));
    for (const [i, c] of clips.entries()) {
      const shown = Math.floor(
        REVEALS.letters.word(word('abcdefghij', 100), moment(of, [3, 6, 9][i] ?? 0))?.shown ?? 0,
      );
      expect(c).toMatchObject({ x: 96, y: 124, height: 38, radius: 0 });
      expect(c?.width).toBeCloseTo(shown * 10 + 4, 9);
    }
    // A word from right to left comes from its right end.
    const hebrew = block([line([word('abcdefghij', 100, { rightToLeft: true })])], {
      reveal: style('letters'),
    });
    const [text] = at(hebrew, 6).filter(isText);
    const shown = REVEALS.letters.word(word('abcdefghij', 100), moment(hebrew, 6))?.shown ?? 0;
    expect(text?.clip?.x).toBeCloseTo(200 - shown * 10, 9);
    expect(at(of, 80).filter(isText)[0]?.clip).toBeNull();
  });

  const moment = (of: WordsBlock, frame: number) => ({
    ...{
      frame: frame as never,
      pageStart: 0 as never,
      pageEnd: 90 as never,
      opening: false,
      standing: false,
    },
    ...{
      style: of.reveal,
      pageLetters: of.pages[0]?.lines.flatMap((l) => l.words).reduce((n, w) => n + w.letters, 0) ?? 0,
    },
  });

  it('come from below or from the side by as much as the frame is large', () => {
    for (const [kind, axis] of [
      ['rise', 1],
      ['slide', 0],
    ] as const) {
      const of = block([line([word('Ferry', 100)])], { reveal: style(kind) });
      const away = (frame: number, scale: number) => {
        const [text] = at(of, frame, { scale }).filter(isText);
        return text ? (placeOf(text)[axis] as number) - (axis ? 150 : 100) * scale : Number.NaN;
      };
      expect(Math.abs(away(2, 1))).toBeGreaterThan(0.5);
      expect(away(2, 2) / away(2, 1)).toBeCloseTo(2, 0);
      expect(Math.abs(away(60, 1))).toBeLessThan(0.01);
    }
  });

  it('that pop grow about their middle', () => {
    const of = block([line([word('Ferry', 100)])], { reveal: style('popped') });
    const frames = [0, 1, 2, 3, 4, 5].flatMap((f) =>
      at(of, f)
        .filter(isText)
        .map((d) => ({ f, d })),
    );
    const growing = frames.filter(({ d }) => Math.abs(d.transform[0] - 1) > 0.004);
    expect(growing.length).toBeGreaterThan(0);
    for (const { d } of growing) {
      const [k, , , down, e, f] = d.transform;
      expect(down).toBe(k);
      // The middle of the word, and of the height of its letters, stays where it is.
      const [x, y] = [125, 150 - 20 * 0.34];
      expect(k * x + e).toBeCloseTo(x, 6);
      expect(k * y + f).toBeCloseTo(y, 6);
    }
    expect(at(of, 80).filter(isText)[0]?.transform[0]).toBe(1);
    const larger = [1, 2, 3, 4].flatMap((f) => at(of, f, { scale: 2 }).filter(isText));
    const moving = larger.find((d) => Math.abs(d.transform[0] - 1) > 0.004);
    expect((moving?.transform[0] ?? 0) * 250 + (moving?.transform[4] ?? 0)).toBeCloseTo(250, 6);
  });

  it('stand on grounds that begin where their script does', () => {
    const ground = {
      ...{ y: 130, height: 30, radius: 3, colour: '#ffffff', shadow: '#00000080' },
      clip: { y: 120, height: 50 },
    };
    const of = (rightToLeft: boolean) =>
      shapes(
        at(block([line([word('Ferry', 100, { rightToLeft })], { ground })], { reveal: style('laid') }), 3),
      );
    const [a, b] = [of(false).at(-1)?.area, of(true).at(-1)?.area];
    expect(a?.x).toBe(94);
    expect((b?.x ?? 0) + (b?.width ?? 0)).toBeCloseTo(226, 9);
    expect(a?.width).toBeLessThan(132);
    // Its shadow lies below it, a little to the right and wider.
    const [low, near, strip] = of(false).map((s) => s.area);
    expect([low?.x, near?.x, strip?.x]).toEqual([94, 96, 94]);
    expect([low?.y, near?.y, strip?.y]).toEqual([154, 154, 130]);
    expect([low?.height, near?.height]).toEqual([18, 12]);
    expect([low?.radius, near?.radius, strip?.radius]).toEqual([6, 3, 3]);
    expect((low?.width ?? 0) - (strip?.width ?? 0)).toBe(6);
    const plain = block([line([word('Ferry', 100)], { ground: { ...ground, shadow: null } })]);
    expect(shapes(at(plain, 40))).toHaveLength(1);
  });

  it('change their colour while they are said, over what is behind them', () => {
    const mark = { x: 98, y: 130, width: 54, height: 26, radius: 2, colour: '#ffee00' };
    const said = word('Ferry', 100, {
      start: 20 as never,
      end: 50 as never,
      saidColour: '#cc0000',
      said: mark,
    });
    const of = block([line([said])], { reveal: style('spoken') });
    const drawn = at(of, 35);
    expect(shapes(drawn).map((s) => s.colour)).toEqual(['#ffee00']);
    expect(drawn.filter(isText).map((d) => d.texture.colour)).toEqual(['#111111', '#cc0000']);
    expect(
      at(of, 80)
        .filter(isText)
        .map((d) => d.texture.colour),
    ).toEqual(['#111111']);
    expect(shapes(at(of, 80))).toEqual([]);
  });

  it('are the same objects while nothing moves', () => {
    const of = block([line([word('Ferry', 100)])]);
    expect(at(of, 41).find(isText)?.texture).toBe(at(of, 40).find(isText)?.texture);
    expect(at(of, 41, { scale: 2 }).find(isText)?.texture).not.toBe(at(of, 40).find(isText)?.texture);
  });

  it('have a line drawn below them, as far as it is drawn', () => {
    const underline = { colour: '#ff0000', frames: 10, opening: { after: 20, frames: 10 } } as never;
    const stroke = { x: 100, y: 160, width: 120, height: 4, radius: 2, colour: '#ff0000' };
    const of = block([line([word('Ferry', 100)])], { underline });
    of.pages[0] = { ...(of.pages[0] as never as object), underline: stroke } as never;
    const width = (frame: number, opening = false) => shapes(at(of, frame, {}, opening))[0]?.area.width ?? 0;
    expect(width(3)).toBe(0);
    expect(width(8)).toBeGreaterThan(20);
    expect(width(8)).toBeLessThan(120);
    expect(width(40)).toBe(120);
    expect(width(20, true)).toBe(0);
    expect(width(25, true)).toBeGreaterThan(20);
    expect(width(40, true)).toBe(120);
    expect(shapes(at(block([line([word('Ferry', 100)])], { underline }), 40))).toEqual([]);
  });
});

describe('what stands under words', () => {
  const shade = { colour: '#000000', alpha: 0.6, ramp: 0.3, x: 0, y: 100, width: 400, height: 80 };
  const shadesOf = (draws: Draw[]) =>
    draws.filter(
      (d): d is TextureDraw & { texture: ShadeTexture } => d.kind === 'texture' && d.texture.kind === 'shade',
    );
  const bare = [line([word('Ferry', 100)])];

  it('a shade is as wide as the frame, on even pixels, and only what lies in the frame is drawn', () => {
    const [d] = shadesOf(at(block(bare, { shade }), 40));
    expect(d?.texture).toMatchObject({ colour: '#000000', ramp: 0.3, width: 400, height: 80 });
    expect(d?.to).toEqual({ x: 0, y: 100, width: 400, height: 80 });
    expect(d?.from).toEqual({ x: 0, y: 0, width: 400, height: 80 });
    expect(d?.alpha).toBeCloseTo(0.6, 9);
    const half = shadesOf(at(block(bare, { shade }), 40, { width: 201, height: 151, scale: 0.5 }))[0];
    expect(half?.texture).toMatchObject({ width: 202, height: 40 });
    expect(half?.to).toEqual({ x: 0, y: 50, width: 202, height: 40 });
    const high = shadesOf(at(block(bare, { shade: { ...shade, y: -30 } }), 40))[0];
    expect(high?.from).toEqual({ x: 0, y: 30, width: 400, height: 50 });
    expect(high?.to).toEqual({ x: 0, y: 0, width: 400, height: 50 });
    const low = shadesOf(at(block(bare, { shade: { ...shade, y: 260 } }), 40))[0];
    expect(low?.from).toEqual({ x: 0, y: 0, width: 400, height: 40 });
  });

  it('a shade that cannot be seen is none; one that stands is the same object', () => {
    expect(shadesOf(at(block(bare, { shade: { ...shade, alpha: 0.01 } }), 40))).toEqual([]);
    const of = block(bare, { shade });
    expect(shadesOf(at(of, 41))[0]?.texture).toBe(shadesOf(at(of, 40))[0]?.texture);
    expect(shadesOf(at(of, 41, { scale: 0.5 }))[0]?.texture).not.toBe(shadesOf(at(of, 40))[0]?.texture);
  });

  it('comes in eight frames, stays while pages change, and goes with the scene', () => {
    const panel = {
      shapes: [{ x: 90, y: 120, width: 150, height: 50, radius: 0, colour: '#ffffff' }],
      ornaments: [],
    };
    const scrim = { colour: '#102030', alpha: 0.4, frames: 10 } as never;
    const of = block(bare, { panel, scrim, shade });
    const alphas = (frame: number, opening = false) =>
      at(of, frame, {}, opening)
        .filter((d) => !isText(d))
        .map((d) => d.alpha);
    expect(alphas(40)).toEqual([0.4, 0.6, 1]);
    const early = alphas(1);
    expect(early.every((a, i) => a > 0 && a < ([0.4, 0.6, 1][i] as number))).toBe(true);
    // The scrim takes longer.
    expect((early[0] as number) / 0.4).toBeLessThan(early[2] as number);
    expect(alphas(89).every((a, i) => a < ([0.4, 0.6, 1][i] as number) * 0.5)).toBe(true);
    const whole = block(bare, { panel, reveal: style('whole', { wholeAtOpening: true }) });
    const first = (of: WordsBlock, opening: boolean) => shapes(at(of, 0, {}, opening))[0]?.alpha ?? 0;
    expect(first(whole, true)).toBe(1);
    expect(first(whole, false)).toBeLessThan(1);
    expect(first(of, true)).toBeLessThan(1);
  });
});

describe('ornaments', () => {
  const toFrame = stageTo(2);
  it('are shapes, words and paths of the stage, led to the frame', () => {
    const list: Ornament[] = [
      { kind: 'shape', x: 1, y: 2, width: 3, height: 4, radius: 1, colour: '#abcdef' },
      {
        kind: 'text',
        text: 'No. 7',
        font: { family: 'atkinson', weight: 400, italic: false, size: 20, tracking: 0.1 },
        colour: '#123456',
        x: 30,
        y: 40,
        width: 50,
      },
      {
        kind: 'path',
        path: 'M 10 10 L 20 30',
        fill: null,
        stroke: { colour: '#ff0000', width: 2 },
        box: { x: 9, y: 8, width: 12, height: 23 },
      },
    ];
    const [shape, text, path] = ornamentDraws(list, toFrame, 0.5);
    expect(shape).toMatchObject({ kind: 'shape', colour: '#abcdef', alpha: 0.5, clip: null });
    expect((shape as ShapeDraw).area).toEqual({
      x: 1,
      y: 2,
      width: 3,
      height: 4,
      radius: 1,
      transform: toFrame,
    });
    const words = text as TextureDraw & { texture: TextTexture };
    expect(words).toMatchObject({
      alpha: 0.5,
      texture: { text: 'No. 7', colour: '#123456', tracking: 2, outline: null, glow: null },
    });
    expect(words.texture.font).toContain('20px');
    expect(placeOf(words)).toEqual([60, 80]);
    const drawn = path as TextureDraw & { texture: PathTexture };
    // The box 18..42, 16..62 in the frame, and two pixels round it.
    expect(drawn.texture).toMatchObject({
      path: 'M 10 10 L 20 30',
      fill: null,
      stroke: { colour: '#ff0000', width: 2 },
    });
    expect(drawn.to).toEqual({ x: 16, y: 14, width: 28, height: 50 });
    expect(drawn.from).toEqual({ x: 0, y: 0, width: 28, height: 50 });
    expect(drawn.texture.transform).toEqual([2, 0, 0, 2, -16, -14]);
  });

  it('that are turned stand in the box of their corners', () => {
    const box = { x: 10, y: 20, width: 30, height: 10 };
    const path: Ornament = { kind: 'path', path: 'M 10 20', fill: '#000000', stroke: null, box };
    // A quarter turn: x and y change places.
    const [d] = ornamentDraws([path], [0, 1, -1, 0, 100, 5]);
    const drawn = d as TextureDraw;
    expect(drawn.to).toEqual({ x: 68, y: 12, width: 14, height: 36 });
    expect((drawn.texture as PathTexture).transform).toEqual([0, 1, -1, 0, 32, -7]);
  });

  it('that stand as they stood are the same, and others once the frame is another one', () => {
    const shape: Ornament = { kind: 'shape', x: 1, y: 2, width: 3, height: 4, radius: 0, colour: '#000000' };
    const area = (by: typeof toFrame) => (ornamentDraws([shape], by)[0] as ShapeDraw).area;
    expect(area(toFrame)).toBe(area(stageTo(2)));
    expect(area(stageTo(3)).transform).toEqual([3, 0, 0, 3, 0, 0]);
    expect(area(stageTo(1)).transform).toEqual([1, 0, 0, 1, 0, 0]);
    expect(ornamentDraws([shape], toFrame)[0]?.alpha).toBe(1);
    expect(ornamentDraws([], toFrame)).toEqual([]);
  });
});
