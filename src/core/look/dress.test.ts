import { describe, expect, it } from 'vitest';
import { AS_THE_LOOK, AS_THE_PIECE, GROUNDS, STRESSES, type Style } from '../piece/appearance.ts';
import { applyEdit, type Edit } from '../piece/edit.ts';
import {
  changesOf,
  clearLook,
  clearStyle,
  setLook,
  stylePiece,
  styleScenes,
  transitionOf,
  transitPiece,
  transitScenes,
} from '../piece/style.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import type { Piece } from '../piece/types.ts';
import { dressOf } from './dress.ts';
import { lightnessContrast, luminanceOf, neededRatio, ratioOf, under } from './legible.ts';
import { LOOK_NAMES, lookOf } from './looks.ts';

const done = (p: Piece, edit: Edit | null): Piece => {
  if (!edit) throw new Error('There is no edit.');
  const r = applyEdit(p, edit);
  if (!r.ok) throw new Error(JSON.stringify(r.failure));
  const back = applyEdit(r.piece, r.inverse);
  expect(back.ok && back.piece).toEqual(p);
  return r.piece;
};
const sample = (): Piece =>
  piece([scene('a', 'One.', { pictures: [picture('p')] }), scene('b', 'Two.'), scene('c', 'Three.')]);

/** A change of every kind. */
const CHANGES: { [K in keyof Style]: NonNullable<Style[K]> } = {
  ...{
    reveal: 'letters',
    delayMs: 500,
    restDelayMs: 700,
    revealMs: 900,
    order: 'up',
    goneMs: 400,
    ahead: true,
    family: 'lora',
    weight: 300,
    italic: true,
    upper: true,
  },
  ...{ size: 1.5, tracking: 0.2, leading: 1.9, colour: '#123456', ground: 'panel', groundColour: '#fedcba' },
  ...{
    stress: 'stroke',
    stressColour: '#00ff00',
    align: 'right',
    places: { '9:16': { x: 0.5, y: 0.5, width: 0.4 } },
  },
};
const names = Object.keys(CHANGES) as (keyof Style)[];
const dress = (style: Partial<Style>, look: Partial<Style> | null = null, name = LOOK_NAMES[0]) =>
  dressOf(
    { look: name ?? 'paper-tape', style: { ...AS_THE_LOOK, ...style } },
    { look: look && { ...AS_THE_PIECE, ...look } },
    'caption',
  );

describe('the dress of a scene', () => {
  it('has words on a panel seen before they are said, and others not, unless somebody wants it otherwise', () => {
    const ahead = (name: (typeof LOOK_NAMES)[number], style: Partial<Style> = {}) =>
      dress(style, null, name).style.reveal.ahead > 0;
    expect([ahead('price-tag'), ahead('index-card'), ahead('paper-tape')]).toEqual([true, true, false]);
    expect([ahead('price-tag', { ahead: false }), ahead('paper-tape', { ahead: true })]).toEqual([
      false,
      true,
    ]);
    // Who takes the panel away, or gives one, needs not think of it.
    expect([ahead('price-tag', { ground: 'none' }), ahead('paper-tape', { ground: 'panel' })]).toEqual([
      ...[false, true],
    ]);
  });

  it.each(names)('%s: the piece changes it, the scene wins, and null leaves it alone', (key) => {
    const { key: _, ...plain } = dress({});
    const { key: changedKey, ...changed } = dress({ [key]: CHANGES[key] });
    expect(changed).not.toEqual(plain);
    expect(changedKey).not.toBe(dress({}).key);
    expect(dress({}, { [key]: CHANGES[key] }).key).toBe(changedKey);
    expect(dress({ [key]: CHANGES[key] }, AS_THE_PIECE).key).toBe(changedKey);
    expect(names.map((n) => dress({ [n]: null }).key)).toEqual(names.map(() => dress({}).key));
  });

  it('is the same object while nothing changes, and goes with another look', () => {
    const style = { ...AS_THE_LOOK };
    const of = (look: (typeof LOOK_NAMES)[number]) => dressOf({ look, style }, { look: null }, 'title');
    expect(of('fine-print')).toBe(of('fine-print'));
    for (const name of LOOK_NAMES) expect(of(name).look).toBe(lookOf(name));
    const own = dressOf(
      { look: 'fine-print', style },
      { look: { ...AS_THE_PIECE, look: 'felt-pen' } },
      'title',
    );
    expect(own.look).toBe(lookOf('felt-pen'));
  });

  it.each(GROUNDS)('on the ground %s words have that and nothing else', (ground) => {
    for (const name of LOOK_NAMES) {
      const { style, bare } = dress({ ground }, null, name);
      const { head, panel, shade } = style;
      expect([head.ground !== null, panel !== null, shade !== null, head.outline !== null, bare]).toEqual(
        ['strip', 'panel', 'shade', 'outline', 'none'].map((g) => g === ground),
      );
    }
  });

  it.each(STRESSES)('stressed words stand out by %s', (stress) => {
    const { head } = dress({ stress, stressColour: '#ffee00' }).style;
    expect(head.highlight?.plate === null).toBe(stress === 'colour' || stress === 'weight');
    expect((head.highlight?.thicker ?? 0) > 0).toBe(stress === 'weight');
    // Weight alone leaves words their colour.
    if (stress === 'weight') expect(dress({ stress }).style.head.highlight?.colour).toBe(head.colour);
    if (stress === 'plate')
      expect(ratioOf(luminanceOf(head.highlight?.colour ?? ''), luminanceOf('#ffee00'))).toBeGreaterThan(4.5);
  });
});

describe('edits of the look', () => {
  it('of scenes are kept as what differs, and are gone when nothing does', () => {
    const p = sample();
    const one = done(p, styleScenes(p.scenes.slice(0, 2), { colour: '#ff0000', size: 1.2 }));
    expect(changesOf(one.scenes[0]?.look ?? null).sort()).toEqual(['colour', 'size']);
    const less = done(one, clearLook(one.scenes, 'size'));
    expect(less.scenes.map((s) => changesOf(s.look))).toEqual([['colour'], ['colour'], []]);
    expect(done(less, styleScenes(less.scenes, { colour: null })).scenes.map((s) => s.look)).toEqual([
      null,
      null,
      null,
    ]);
    expect(done(one, clearLook(one.scenes)).scenes.map((s) => s.look)).toEqual([null, null, null]);
    expect(clearLook(p.scenes)).toBeNull();
    expect(styleScenes([], { size: 2 })).toBeNull();
  });

  it('of the piece leave what scenes have', () => {
    const p = done(sample(), styleScenes(sample().scenes.slice(1, 2), { size: 2 }));
    const other = done(done(p, setLook('felt-pen')), stylePiece(p, { upper: true }));
    expect([other.look, other.style.upper, other.scenes[1]?.look?.size]).toEqual(['felt-pen', true, 2]);
    expect(changesOf(other.style)).toEqual(['upper']);
    expect(changesOf(done(other, clearStyle()).style)).toEqual([]);
  });

  it('of transitions: a border has its own, that of the piece, or that of the look', () => {
    const p = { ...sample(), look: 'enamel-sign' as const };
    const kinds = (q: Piece) => q.scenes.map((s) => transitionOf(q, s).kind);
    expect(kinds(p)).toEqual(['push', 'push', 'push']);
    expect(transitionOf(p, { transition: null }).lengthMs).toBe(467);
    const one = done(p, transitScenes(p.scenes.slice(1, 2), { kind: 'iris', lengthMs: 300 }));
    expect(kinds(one)).toEqual(['push', 'iris', 'push']);
    const all = done(one, transitPiece(one, { kind: 'wipe', lengthMs: 400 }));
    expect(kinds(all)).toEqual(['wipe', 'wipe', 'wipe']);
    expect(kinds(done(all, transitPiece(all, null)))).toEqual(['push', 'push', 'push']);
    expect(transitScenes([], null)).toBeNull();
  });
});

describe('contrast', () => {
  it('has the published figures', () => {
    const of = (words: string, ground: string) => lightnessContrast(words, luminanceOf(ground));
    expect(of('#888888', '#ffffff')).toBeCloseTo(63.06, 1);
    expect(of('#ffffff', '#888888')).toBeCloseTo(-68.54, 1);
    expect(of('#000000', '#aaaaaa')).toBeCloseTo(58.15, 1);
    expect(of('#aaaaaa', '#000000')).toBeCloseTo(-56.24, 1);
    expect(of('#777777', '#777777')).toBe(0);
    expect(ratioOf(luminanceOf('#000000'), luminanceOf('#ffffff'))).toBe(21);
  });

  it('is less to ask of large words, and of bold ones that are nearly as large', () => {
    expect([neededRatio(70, 400, 1080), neededRatio(60, 400, 1080), neededRatio(60, 700, 1080)]).toEqual([
      3, 4.5, 3,
    ]);
    expect(neededRatio(40, 900, 1080)).toBe(4.5);
  });

  it('under a shade grows with its opacity', () => {
    expect(under(1, '#000000', 0)).toBeCloseTo(1, 9);
    expect(under(1, '#000000', 1)).toBe(0);
    const lights = [0, 0.2, 0.4, 0.6, 0.8, 1].map((a) => under(0.7, 'rgba(0, 0, 0, 0.9)', a));
    expect(lights).toEqual([...lights].sort((a, b) => b - a));
  });
});
