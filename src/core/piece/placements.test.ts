import { describe, expect, it } from 'vitest';
import { applyEdit, type Edit, mergeEdits } from './edit.ts';
import { migratePiece } from './migrate.ts';
import {
  choosePicture,
  nabEdit,
  removePicture,
  setClip,
  setFraming,
  setGrading,
  setRunsOn,
} from './placements.ts';
import { picture, piece, scene } from './testing.ts';
import { AUTO_FRAMING, type Piece, PLAIN_GRADING, type Scene, WHOLE_CLIP } from './types.ts';

const done = (p: Piece, edit: Edit | null): Piece => {
  if (!edit) throw new Error('There is no edit.');
  const result = applyEdit(p, edit);
  if (!result.ok) throw new Error(JSON.stringify(result.failure));
  // What an edit leaves behind can be stored and read again.
  expect(migratePiece(JSON.parse(JSON.stringify(result.piece)))).toEqual(result.piece);
  const back = applyEdit(result.piece, result.inverse);
  expect(back.ok && back.piece).toEqual(p);
  return result.piece;
};
const first = (p: Piece) => p.scenes[0] as Scene;
const one = () => piece([scene('a', 'A line.', { pictures: [picture('p1')] }), scene('b')]);
const ids = (s: Scene) => s.pictures.map((p) => p.assetId);

describe('several pictures in a scene', () => {
  it('are added at the end, changed in their place and taken out, the next moving up', () => {
    let p = one();
    for (const [i, id] of ['p2', 'p3'].entries()) p = done(p, choosePicture(first(p), id, i + 1));
    expect(ids(first(p))).toEqual(['p1', 'p2', 'p3']);
    p = done(p, choosePicture(first(p), 'p9', 1));
    expect(ids(first(p))).toEqual(['p1', 'p9', 'p3']);
    p = done(p, removePicture(first(p), 0));
    expect(ids(first(p))).toEqual(['p9', 'p3']);
    p = done(p, removePicture(first(p), 1));
    expect(ids(first(p))).toEqual(['p9']);
    expect(ids(first(done(p, removePicture(first(p), 0))))).toEqual([]);
  });

  it('end going on with the scene before', () => {
    const on = done(one(), setRunsOn(first(one()), true));
    expect(first(done(on, choosePicture(first(on), 'p2'))).runsOn).toBe(false);
  });
});

describe('a scene through which nabbing lets the picture before go on', () => {
  const on = picture('p1', { by: 'nab', confidence: 0.8, reasons: [{ code: 'goes-on' }] });
  const nabbed = () => done(one(), nabEdit(one().scenes, { a: on }));

  it('goes on, and shows its own when nabbing finds a better one', () => {
    expect(first(nabbed())).toMatchObject({ runsOn: true, pictures: [{ assetId: 'p1' }] });
    const again = done(nabbed(), nabEdit(nabbed().scenes, { a: picture('p4', { by: 'nab' }) }));
    expect(first(again)).toMatchObject({ runsOn: false, pictures: [{ assetId: 'p4' }] });
  });

  it('keeps its own from then on when the writer says so', () => {
    const own = done(nabbed(), setRunsOn(first(nabbed()), false));
    expect(first(own)).toMatchObject({ runsOn: false, pictures: [{ assetId: 'p1', by: 'writer' }] });
    expect(nabEdit(own.scenes, { a: on })).toBeNull();
  });

  it('goes on, too, where the writer had said so before', () => {
    const open = piece([scene('a', 'A line.', { pictures: [picture('p1', { by: 'nab' })] })]);
    const writers = done(open, setRunsOn(first(open), true));
    const found = done(writers, nabEdit(writers.scenes, { a: picture('p4', { by: 'nab' }) }));
    expect(first(found)).toMatchObject({ runsOn: true, pictures: [{ assetId: 'p4' }] });
  });
});

describe('framing, cutting and treating', () => {
  it('make a nabbed picture the writer’s, which nabbing again leaves alone', () => {
    const p = done(
      one(),
      setFraming(first(one()), 0, { ...AUTO_FRAMING, aims: { tall: [{ x: 0.2, y: 0.5, zoom: 2 }] } }),
    );
    expect(first(p).pictures[0]).toMatchObject({ by: 'writer', framing: { aims: { tall: [{ x: 0.2 }] } } });
    expect(nabEdit(p.scenes, { a: picture('p7') })).toBeNull();
  });

  it('go with their picture, and are gone with it; the grading stays with the scene', () => {
    let p = done(one(), setClip(first(one()), 0, { ...WHOLE_CLIP, inMs: 500 }));
    p = done(p, setGrading(p.scenes, { ...PLAIN_GRADING, grade: 'mono' }));
    p = done(p, choosePicture(first(p), 'p2'));
    expect(first(p).pictures[0]).toMatchObject({ framing: null, clip: null });
    expect(p.scenes.map((s) => s.grading?.grade)).toEqual(['mono', 'mono']);
    expect(setGrading(p.scenes, { ...PLAIN_GRADING, grade: 'mono' })).toBeNull();
  });

  it('are refused where they make no sense', () => {
    const refused = (edit: Edit | null) => applyEdit(one(), edit as Edit).ok;
    expect(refused(setClip(first(one()), 0, { ...WHOLE_CLIP, inMs: 900, outMs: 900 }))).toBe(false);
    expect(refused(setClip(first(one()), 0, { ...WHOLE_CLIP, speed: 9 }))).toBe(false);
    expect(refused(setFraming(first(one()), 0, { ...AUTO_FRAMING, surround: 'red' }))).toBe(false);
    expect(refused(setFraming(first(one()), 0, { ...AUTO_FRAMING, aims: { wide: [] } }))).toBe(false);
  });

  it('that flow are one step; two of different kinds are two', () => {
    const at = (x: number) =>
      setFraming(first(one()), 0, { ...AUTO_FRAMING, aims: { wide: [{ x, y: 0.5, zoom: 1 }] } }) as Edit;
    expect(mergeEdits(at(0.1), at(0.2))).toEqual(at(0.2));
    expect(mergeEdits(at(0.1), setClip(first(one()), 0, WHOLE_CLIP) as Edit)).toBeNull();
    expect(mergeEdits(choosePicture(first(one()), 'x'), choosePicture(first(one()), 'y'))).toBeNull();
  });
});
