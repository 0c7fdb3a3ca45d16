import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import {
  deleteScenes,
  duplicateScenes,
  emptyScene,
  joinWithPrevious,
  moveScene,
  nabEdit,
  pasteLines,
  splitScene,
} from './actions.ts';
import { applyEdit, type Edit, mergeTyping } from './edit.ts';
import { migrateEdit, migratePiece } from './migrate.ts';
import { choosePicture } from './pictures.ts';
import { editSchema, LIMITS } from './schema.ts';
import { picture, piece, scene } from './testing.ts';
import { FORMATS, type Piece } from './types.ts';

function done(p: Piece, edit: Edit): Piece {
  const r = applyEdit(p, edit);
  if (!r.ok) throw new Error(r.failure.message);
  return r.piece;
}

const counter = () => {
  let n = 0;
  return () => `n${n++}`;
};

const asLines = (...all: string[]) => all.map((shown) => ({ shown, wish: '', layout: 'caption' as const }));

describe('applyEdit', () => {
  it('undoes any run of random edits exactly, and redoes them', () => {
    for (let run = 0; run < 60; run++) {
      const random = seeded(`edits ${run}`);
      const newId = counter();
      const pick = (p: Piece) => p.scenes[Math.floor(random() * p.scenes.length)]?.id ?? 'none';
      const make = (p: Piece): Edit | null | undefined => {
        switch (Math.floor(random() * 8)) {
          case 0:
            return splitScene(p, pick(p), Math.floor(random() * 12), newId)?.edit;
          case 1:
            return joinWithPrevious(p, pick(p))?.edit;
          case 2:
            return moveScene(pick(p), Math.floor(random() * 6));
          case 3:
            return p.scenes.length > 1 ? deleteScenes([pick(p)]) : null;
          case 4:
            return duplicateScenes(p, [pick(p), pick(p)], newId);
          case 5:
            return {
              label: 'x',
              ops: [
                {
                  op: 'piece',
                  patch: { format: FORMATS[Math.floor(random() * 3)] ?? '1:1', title: String(random()) },
                },
              ],
            };
          case 6:
            return pasteLines(p, pick(p), 1, 3, asLines('one', 'two', 'three'), newId);
          default:
            return {
              label: 'x',
              ops: [
                {
                  op: 'scene',
                  id: pick(p),
                  patch: { shown: `text ${random()}`, spoken: random() < 0.5 ? null : 'said' },
                },
              ],
            };
        }
      };
      const states = [piece()];
      const inverses: Edit[] = [];
      for (let i = 0; i < 30; i++) {
        const now = states.at(-1) as Piece;
        const edit = make(now);
        if (!edit) continue;
        expect(editSchema.validate(edit).error).toBeUndefined();
        const r = applyEdit(now, edit);
        if (!r.ok) continue;
        states.push(r.piece);
        inverses.push(r.inverse);
      }
      let back = states.at(-1) as Piece;
      const forward: Edit[] = [];
      for (let i = inverses.length - 1; i >= 0; i--) {
        const r = applyEdit(back, inverses[i] as Edit);
        if (!r.ok) throw new Error(r.failure.message);
        forward.unshift(r.inverse);
        back = r.piece;
        expect(back).toEqual(states[i]);
      }
      for (const e of forward) back = done(back, e);
      expect(back).toEqual(states.at(-1));
    }
  });

  it('changes nothing when one part of an edit fails', () => {
    const before = piece();
    const r = applyEdit(before, {
      label: 'x',
      ops: [
        { op: 'remove', id: 'a' },
        { op: 'remove', id: 'gone' },
      ],
    });
    expect(r).toMatchObject({ ok: false, failure: { reason: 'gone' } });
    expect(before).toEqual(piece());
  });

  it('refuses a scene twice, too many scenes, and values out of range', () => {
    expect(
      applyEdit(piece(), { label: 'x', ops: [{ op: 'insert', at: 0, scene: scene('a') }] }),
    ).toMatchObject({ ok: false, failure: { reason: 'twice' } });
    const full = piece(Array.from({ length: LIMITS.scenes }, (_, i) => scene(`s${i}`)));
    expect(applyEdit(full, { label: 'x', ops: [{ op: 'insert', at: 0, scene: scene('z') }] })).toMatchObject({
      ok: false,
      failure: { reason: 'invalid' },
    });
    expect(
      applyEdit(piece(), { label: 'x', ops: [{ op: 'scene', id: 'a', patch: { durationMs: -5 } }] }),
    ).toMatchObject({ ok: false, failure: { reason: 'invalid' } });
  });
});

describe('actions', () => {
  it('splits at the caret and keeps what is spoken with its half', () => {
    const p = piece([scene('a', 'First half second half', { spoken: 'One one two two' })]);
    const r = splitScene(p, 'a', 11, counter());
    const [one, two] = done(p, r?.edit as Edit).scenes;
    expect([one?.shown, two?.shown]).toEqual(['First half', 'second half']);
    expect([one?.spoken, two?.spoken]).toEqual(['One one', 'two two']);
  });

  it('joins into the line before and puts the caret at the seam', () => {
    const r = joinWithPrevious(piece(), 'b');
    expect(r?.caret).toBe('Line a speaks. '.length);
    expect(done(piece(), r?.edit as Edit).scenes.map((s) => s.shown)).toEqual([
      'Line a speaks. Line b speaks.',
      'Line c speaks.',
    ]);
    expect(joinWithPrevious(piece(), 'a')).toBeNull();
  });

  it('pastes several lines as scenes', () => {
    const p = piece([scene('a', 'Hello world')]);
    const out = done(p, pasteLines(p, 'a', 6, 6, asLines('dear', 'middle', 'cruel '), counter()) as Edit);
    expect(out.scenes.map((s) => s.shown)).toEqual(['Hello dear', 'middle', 'cruel world']);
  });

  it('never lets nabbing overwrite the writer’s own picture', () => {
    const p = piece();
    const own = done(p, choosePicture(p.scenes[1] ?? emptyScene('x'), 'mine'));
    const after = done(own, nabEdit(own, { a: picture('p1'), b: picture('p2'), c: picture('p3') }) as Edit);
    expect(after.scenes.map((s) => s.picture?.assetId)).toEqual(['p1', 'mine', 'p3']);
    expect(nabEdit(after, { a: picture('p1'), b: picture('p9'), c: picture('p3') })).toBeNull();
  });

  it('keeps the picture that was there at hand when another is chosen', () => {
    const s = scene('a', 'x', {
      picture: picture('old', { reason: 'why', alternatives: [{ assetId: 'new', reason: 'n' }] }),
    });
    const out = done(piece([s]), choosePicture(s, 'new')).scenes[0]?.picture;
    expect(out).toMatchObject({
      assetId: 'new',
      by: 'writer',
      alternatives: [{ assetId: 'old', reason: 'why' }],
    });
  });
});

describe('mergeTyping', () => {
  const type = (id: string, shown: string): Edit => ({
    label: 'Type',
    ops: [{ op: 'scene', id, patch: { shown } }],
  });
  it('folds typing in one field, and nothing else', () => {
    expect(mergeTyping(type('a', 'x'), type('a', 'xy'))).toEqual(type('a', 'xy'));
    expect(mergeTyping(type('a', 'x'), type('b', 'xy'))).toBeNull();
    expect(
      mergeTyping(type('a', 'x'), {
        label: 'L',
        ops: [{ op: 'scene', id: 'a', patch: { layout: 'title' } }],
      }),
    ).toBeNull();
  });
});

describe('migratePiece', () => {
  it('reads a document from before versions were written', () => {
    const { version: _, captions: __, ...old } = piece();
    expect(migratePiece(old)).toEqual(piece());
  });
  it('reads a document of version 1, and undoes its steps', () => {
    const p = piece([scene('a'), scene('b')]);
    const { source: _, targetMs: __, scenes, ...rest } = p;
    const bare = scenes.map(({ marks: ___, from: ____, ...s }) => s);
    expect(migratePiece({ ...rest, version: 1, scenes: bare })).toEqual(p);
    const undo = { label: 'Delete scene', ops: [{ op: 'insert', at: 1, scene: bare[1] }] } as unknown as Edit;
    const left = piece([scene('a')]);
    expect(applyEdit(left, undo).ok).toBe(false);
    const r = applyEdit(left, migrateEdit(undo));
    expect(r.ok && r.piece.scenes).toEqual(p.scenes);
  });
  it('refuses what is newer or damaged, and says so', () => {
    expect(() => migratePiece({ ...piece(), version: 99 })).toThrow(/newer Nabbet/);
    expect(() => migratePiece({ ...piece(), scenes: [{ id: 'a' }] })).toThrow(/damaged/);
    expect(() => migratePiece('x')).toThrow(/not a document/);
  });
});
