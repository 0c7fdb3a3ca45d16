import { describe, expect, it } from 'vitest';
import { applyEdit, type Edit } from '../piece/edit.ts';
import { LIMITS } from '../piece/limits.ts';
import { piece, scene } from '../piece/testing.ts';
import type { Piece } from '../piece/types.ts';
import { framesToMs } from '../time.ts';
import { compile } from '../timeline/compile.ts';
import { setter } from '../timeline/testing.ts';
import { NO_FACTS } from '../timeline/types.ts';
import { addDelivery, changeDelivery, coverMoment, pieceFor, removeDelivery } from './delivery.ts';

const done = (p: Piece, e: Edit): Piece => {
  const r = applyEdit(p, e);
  if (!r.ok) throw new Error(JSON.stringify(r.failure));
  return r.piece;
};

describe('deliveries', () => {
  it('are one video as the piece is, until there are more', () => {
    expect(piece().deliveries).toEqual([
      {
        id: 'video',
        kind: 'mp4',
        format: null,
        height: 1080,
        captions: true,
        language: null,
        loudness: -14,
        name: '',
      },
    ]);
    const two = done(piece(), addDelivery(piece(), 'b', { format: '1:1', height: 720 }));
    expect(two.deliveries[1]).toMatchObject({
      id: 'b',
      kind: 'mp4',
      format: '1:1',
      height: 720,
      captions: true,
    });
    const other = done(two, changeDelivery(two, 'b', { kind: 'cover' }));
    expect(other.deliveries.map((d) => d.kind)).toEqual(['mp4', 'cover']);
    expect(done(other, removeDelivery(other, 'video')).deliveries.map((d) => d.id)).toEqual(['b']);
  });

  it('are refused twice under one name, and beyond what anybody wants', () => {
    expect(applyEdit(piece(), addDelivery(piece(), 'video')).ok).toBe(false);
    let p = piece();
    for (let i = 1; i < LIMITS.deliveries; i++) p = done(p, addDelivery(p, `d${i}`));
    expect(applyEdit(p, addDelivery(p, 'more')).ok).toBe(false);
  });

  it('may be in another format, and without captions; a piece without them stays so', () => {
    const wide = pieceFor(piece(), { format: '16:9', captions: false, language: null });
    expect([wide.format, wide.captions]).toEqual(['16:9', false]);
    expect(pieceFor(piece(), { format: null, captions: true, language: null }).format).toBe('9:16');
    expect(
      pieceFor(piece(undefined, { captions: false }), { format: null, captions: true, language: null })
        .captions,
    ).toBe(false);
  });
});

describe('the cover', () => {
  const p = piece([scene('a', 'Title', { durationMs: 3000 }), scene('b', 'More', { durationMs: 4000 })]);
  const timeline = compile(p, NO_FACTS, setter());

  it('is the opening with all its words, before they go', () => {
    const ms = coverMoment(p, timeline);
    expect(ms).toBeGreaterThan(2000);
    expect(ms).toBeLessThan(3000);
  });

  it('is the frame that was chosen, within the piece', () => {
    expect(coverMoment({ coverMs: 5500 }, timeline)).toBe(5500);
    expect(coverMoment({ coverMs: 99_000 }, timeline)).toBe(framesToMs(timeline.frames) - 1);
    expect(coverMoment({ coverMs: null }, { ...timeline, scenes: [] })).toBe(0);
  });
});
