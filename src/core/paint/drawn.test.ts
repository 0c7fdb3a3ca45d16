import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { Typesetter } from '../look/typeset/typesetter.ts';
import { migratePiece } from '../piece/migrate.ts';
import type { Piece } from '../piece/types.ts';
import { compile, locate } from '../timeline/compile.ts';
import type { AssetFact, Timeline } from '../timeline/types.ts';
import { frameAt, PAINTER_VERSION } from './frame.ts';

/**
 * The display lists of forty moments of three pieces, as one hash each: the two demo pieces, and one with every layout,
 * grading and framing, all stored by an earlier version. A video that was made must stay what it is: whoever means to
 * change what is drawn raises PAINTER_VERSION, so that kept segments are painted again, and writes down here what is drawn
 * now. What is drawn for a list is held fast by the tests of the two back ends.
 */
const DRAWN: Record<number, Record<string, string>> = {
  11: {
    'lantern-night': 'd19195e4c936e1df',
    'mending-bench': 'bd8ee8f7c2100bc4',
    everything: '4b14e1bf9ac272a1',
  },
};
const MOMENTS = 40;

const read = (file: string): unknown => JSON.parse(readFileSync(new URL(file, import.meta.url), 'utf8'));
/** What the shelf knew of the pictures of these pieces; the shelf itself may change. */
const shelf = read('./fixtures/shelf.json') as AssetFact[];
const assets = Object.fromEntries(
  shelf.map((e): [string, AssetFact] => [e.id, { ...e, durationMs: 0, sound: false }]),
);
const timelineOf = (piece: Piece): Timeline =>
  compile(
    piece,
    { takes: {}, tracks: {}, ownTracks: {}, assets },
    new Typesetter((text, font) => text.length * font.size * 0.52),
  );

function drawn(timeline: Timeline): string {
  const hash = createHash('sha256');
  for (let i = 0; i < MOMENTS; i++) {
    const { index, local } = locate(timeline, Math.round((i * (timeline.frames - 1)) / (MOMENTS - 1)));
    const list = frameAt(timeline, { index, frame: local }, timeline);
    // Sines and powers differ in their last digits from one processor to the next.
    const digits = (_: string, v: unknown) => (typeof v === 'number' ? Math.round(v * 1e4) / 1e4 : v);
    hash.update(JSON.stringify(list.draws, digits));
  }
  return hash.digest('hex').slice(0, 16);
}

describe('the video of an unchanged piece', () => {
  it.each(['lantern-night', 'mending-bench', 'everything'])('%s is drawn as it was', (name) => {
    const piece = migratePiece(read(`fixtures/${name}.json`));
    expect(drawn(timelineOf(piece))).toBe(DRAWN[PAINTER_VERSION]?.[name]);
  });

  it('is another one after the smallest change that is seen', () => {
    const piece = migratePiece(read('fixtures/mending-bench.json'));
    const [first, ...rest] = piece.scenes;
    const [picture] = first?.pictures ?? [];
    if (!first || !picture) throw new Error('The piece has no picture.');
    const aims = { tall: [{ x: 0.5, y: 0.5, zoom: 1.01 }] };
    const framing = { fit: 'fill' as const, surround: 'blur', move: 'auto' as const, aims };
    const changed = { ...piece, scenes: [{ ...first, pictures: [{ ...picture, framing }] }, ...rest] };
    expect(drawn(timelineOf(changed))).not.toBe(drawn(timelineOf(piece)));
  });
});
