import { describe, expect, it } from 'vitest';
import { LOOK_NAMES, lookOf } from '../look/looks.ts';
import { framesToMs } from '../time.ts';
import { AS_THE_LOOK, AS_THE_PIECE } from './appearance.ts';
import { applyEdit, type Edit } from './edit.ts';
import { stateAfter } from './states.ts';
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
  usualLength,
} from './style.ts';
import { piece, scene } from './testing.ts';
import type { Piece } from './types.ts';

const done = (p: Piece, e: Edit | null): Piece => {
  const r = e && applyEdit(p, e);
  if (!r?.ok) throw new Error(`The edit does nothing: ${JSON.stringify(r)}`);
  // Whatever is done can be undone to the letter.
  expect(applyEdit(r.piece, r.inverse)).toMatchObject({ ok: true, piece: p });
  return r.piece;
};
const LOOK = LOOK_NAMES[2] as (typeof LOOK_NAMES)[number];

describe('what scenes change of the look', () => {
  const change = { look: LOOK };
  const styled = done(piece(), styleScenes(piece().scenes.slice(0, 2), change, 'slider'));

  it('stands in these scenes alone, and is named', () => {
    expect(styled.scenes.map((s) => s.look)).toEqual([
      { ...AS_THE_PIECE, ...change },
      { ...AS_THE_PIECE, ...change },
      null,
    ]);
    expect(changesOf(styled.scenes[0]?.look ?? null)).toEqual(['look']);
    expect(changesOf(null)).toEqual([]);
    expect(changesOf(AS_THE_PIECE)).toEqual([]);
    expect(styleScenes(styled.scenes, change, 'slider')).toMatchObject({ name: 'style', merge: 'slider' });
    expect(styleScenes(styled.scenes, change)?.merge).toBeNull();
    expect(styleScenes([], change)).toBeNull();
  });

  it('is gone when it changes nothing any more', () => {
    expect(done(styled, styleScenes(styled.scenes.slice(0, 1), { look: null })).scenes[0]?.look).toBeNull();
  });

  it('is cleared in one thing or in everything, and only where there is something to clear', () => {
    expect(done(styled, clearLook(styled.scenes)).scenes.map((s) => s.look)).toEqual([null, null, null]);
    expect(clearLook(styled.scenes)?.ops).toHaveLength(2);
    expect(done(styled, clearLook(styled.scenes, 'look')).scenes[0]?.look).toBeNull();
    const unchanged = (Object.keys(AS_THE_PIECE) as (keyof typeof AS_THE_PIECE)[]).find((k) => k !== 'look');
    expect(clearLook(styled.scenes, unchanged)).toBeNull();
    expect(clearLook(piece().scenes)).toBeNull();
  });
});

describe('what the piece changes of its look', () => {
  it('is added to what it changes already, and cleared at once', () => {
    const edit = stylePiece(piece(), { size: 1.2 }, 'size');
    expect(edit).toMatchObject({ name: 'style', merge: 'size' });
    const larger = done(piece(), edit);
    expect(larger.style).toEqual({ ...AS_THE_LOOK, size: 1.2 });
    expect(changesOf(larger.style)).toEqual(['size']);
    expect(done(larger, clearStyle()).style).toEqual(AS_THE_LOOK);
    expect(clearStyle().name).toBe('style');
  });

  it('stays under another look', () => {
    const larger = done(piece(), stylePiece(piece(), { size: 1.2 }));
    expect(stylePiece(larger, { size: 1.1 }).merge).toBeNull();
    const next = done(larger, setLook(LOOK));
    expect([next.look, next.style.size, setLook(LOOK).name]).toEqual([LOOK, 1.2, 'look']);
  });
});

describe('transitions', () => {
  const slide = { kind: 'slide', lengthMs: 400 } as const;
  const cut = { kind: 'cut', lengthMs: 0 } as const;

  it('are those of the scene, else of the piece, else of the look', () => {
    const p = piece();
    const [first = scene('a')] = p.scenes;
    const { kind, frames } = lookOf(p.look).transition;
    expect(transitionOf(p, first)).toEqual({ kind, lengthMs: Math.round(framesToMs(frames)) });
    expect(transitionOf({ ...p, transition: slide }, first)).toEqual(slide);
    expect(transitionOf({ ...p, transition: slide }, { ...first, transition: cut })).toEqual(cut);
  });

  it('of some borders, and of all: then no border keeps one of its own', () => {
    const own = done(piece(), transitScenes(piece().scenes.slice(1), slide));
    expect(own.scenes.map((s) => s.transition)).toEqual([null, slide, slide]);
    expect(transitScenes(own.scenes, slide)?.name).toBe('transition');
    expect(transitScenes([], slide)).toBeNull();
    const edit = transitPiece(own, cut);
    expect([edit.name, edit.ops.length]).toEqual(['transition', 3]);
    const all = done(own, edit);
    expect([all.transition, ...all.scenes.map((s) => s.transition)]).toEqual([cut, null, null, null]);
    expect(done(all, transitPiece(all, null)).transition).toBeNull();
  });

  it('are offered as long as their kind needs', () => {
    expect((['cut', 'whip', 'page', 'slide'] as const).map(usualLength)).toEqual([0, 300, 700, 450]);
  });
});

describe('the state of a piece', () => {
  it.each([
    ['draft', 'in review', 'in review'],
    ['draft', 'delivered', 'delivered'],
    ['in review', 'approved', 'approved'],
    ['approved', 'approved', 'approved'],
    ['delivered', 'in review', 'delivered'],
    ['approved', 'in review', 'approved'],
    ['waits for Mara', 'delivered', 'waits for Mara'],
  ] as const)('“%s”, then %s: “%s”', (now, reached, after) => expect(stateAfter(now, reached)).toBe(after));
});
