import { describe, expect, it } from 'vitest';
import { nabEdit } from './actions.ts';
import { applyEdit, type Edit, mergeTyping } from './edit.ts';
import { migrateEdit, migratePiece } from './migrate.ts';
import { choosePicture, removePicture, setClip, setFraming, setRunsOn, setTreatment } from './pictures.ts';
import { picture, piece, scene } from './testing.ts';
import { AUTO_FRAMING, type Piece, PLAIN_TREATMENT, type Scene, WHOLE_CLIP } from './types.ts';

const done = (p: Piece, edit: Edit | null): Piece => {
  if (!edit) throw new Error('There is no edit.');
  const result = applyEdit(p, edit);
  if (!result.ok) throw new Error(result.failure.message);
  // What an edit leaves behind can be stored and read again.
  expect(migratePiece(JSON.parse(JSON.stringify(result.piece)))).toEqual(result.piece);
  const back = applyEdit(result.piece, result.inverse);
  expect(back.ok && back.piece).toEqual(p);
  return result.piece;
};
const first = (p: Piece) => p.scenes[0] as Scene;
const one = () => piece([scene('a', 'A line.', { picture: picture('p1') }), scene('b')]);
const ids = (s: Scene) => [s.picture?.assetId, ...s.more.map((m) => m.assetId)];

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
    expect(first(done(p, removePicture(first(p), 0))).picture).toBeNull();
  });

  it('end going on with the scene before', () => {
    const on = done(one(), setRunsOn(first(one()), true));
    expect(first(done(on, choosePicture(first(on), 'p2'))).runsOn).toBe(false);
  });
});

describe('framing, cutting and treating', () => {
  it('make a nabbed picture the writer’s, which nabbing again leaves alone', () => {
    const p = done(
      one(),
      setFraming(first(one()), 0, { ...AUTO_FRAMING, aims: { tall: [{ x: 0.2, y: 0.5, zoom: 2 }] } }),
    );
    expect(first(p).picture).toMatchObject({ by: 'writer', framing: { aims: { tall: [{ x: 0.2 }] } } });
    expect(nabEdit(p, { a: picture('p7') })).toBeNull();
  });

  it('go with their picture, and are gone with it; the treatment stays with the scene', () => {
    let p = done(one(), setClip(first(one()), 0, { ...WHOLE_CLIP, inMs: 500 }));
    p = done(p, setTreatment(p.scenes, { ...PLAIN_TREATMENT, grade: 'mono' }));
    p = done(p, choosePicture(first(p), 'p2'));
    expect(first(p).picture).toMatchObject({ framing: null, clip: null });
    expect(p.scenes.map((s) => s.treatment?.grade)).toEqual(['mono', 'mono']);
    expect(setTreatment(p.scenes, { ...PLAIN_TREATMENT, grade: 'mono' })).toBeNull();
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
    expect(mergeTyping(at(0.1), at(0.2))).toEqual(at(0.2));
    expect(mergeTyping(at(0.1), setClip(first(one()), 0, WHOLE_CLIP) as Edit)).toBeNull();
    expect(mergeTyping(choosePicture(first(one()), 'x'), choosePicture(first(one()), 'y'))).toBeNull();
  });
});

describe('documents of version 2', () => {
  const old = (s: Scene) => {
    const { more, runsOn, treatment, picture: p, ...rest } = s;
    const { framing, clip, ...bare } = p ?? picture('none');
    return { ...rest, picture: p && bare };
  };

  it('are read with pictures as they come', () => {
    const now = one();
    const stored = { ...now, version: 2, scenes: now.scenes.map(old) };
    expect(migratePiece(stored)).toEqual(now);
  });

  it('can still be undone: stored steps bring pictures in their old shape', () => {
    const now = one();
    const before = old(first(now));
    const steps = [
      { label: 'x', ops: [{ op: 'scene', id: 'a', patch: { picture: before.picture } }] },
      {
        label: 'x',
        ops: [
          { op: 'remove', id: 'a' },
          { op: 'insert', at: 0, scene: before },
        ],
      },
    ] as unknown as Edit[];
    for (const step of steps) {
      const result = applyEdit(now, migrateEdit(step));
      expect(result.ok && result.piece).toEqual(now);
    }
  });
});
