import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { FORMATS } from '../look/formats.ts';
import {
  deleteScenes,
  duplicateScenes,
  joinWithPrevious,
  moveScene,
  pasteLines,
  splitScene,
} from './actions.ts';
import { applyEdit, type Edit, edit, mergeEdits, sceneEdit } from './edit.ts';
import { LIMITS } from './limits.ts';
import { choosePicture, nabEdit } from './placements.ts';
import type { PictureReason } from './reasons.ts';
import { editSchema } from './schema.ts';
import { picture, piece, scene } from './testing.ts';
import { emptyScene, type Piece } from './types.ts';

function done(p: Piece, edit: Edit): Piece {
  const r = applyEdit(p, edit);
  if (!r.ok) throw new Error(JSON.stringify(r.failure));
  return r.piece;
}

const counter = () => {
  let n = 0;
  return () => `n${n++}`;
};

const asLines = (...all: string[]) =>
  all.map((shown) => ({ shown, brief: '', layout: 'caption' as const, speaker: null }));

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
            return edit('x', [
              {
                op: 'piece',
                patch: { format: FORMATS[Math.floor(random() * 3)] ?? '1:1', title: String(random()) },
              },
            ]);
          case 6:
            return pasteLines(p, pick(p), 1, 3, asLines('one', 'two', 'three'), newId);
          default:
            return edit('x', [
              {
                op: 'scene',
                id: pick(p),
                patch: { shown: `text ${random()}`, spoken: random() < 0.5 ? null : 'said' },
              },
            ]);
        }
      };
      const states = [piece()];
      const inverses: Edit[] = [];
      for (let i = 0; i < 30; i++) {
        const now = states.at(-1) as Piece;
        const next = make(now);
        if (!next) continue;
        expect(editSchema.validate(next).error).toBeUndefined();
        const r = applyEdit(now, next);
        if (!r.ok) continue;
        states.push(r.piece);
        inverses.push(r.inverse);
      }
      // A run in which nothing applied would prove nothing.
      expect(inverses.length).toBeGreaterThan(15);
      let back = states.at(-1) as Piece;
      const forward: Edit[] = [];
      for (let i = inverses.length - 1; i >= 0; i--) {
        const r = applyEdit(back, inverses[i] as Edit);
        if (!r.ok) throw new Error(JSON.stringify(r.failure));
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
    const r = applyEdit(
      before,
      edit('x', [
        { op: 'remove', id: 'a' },
        { op: 'remove', id: 'gone' },
      ]),
    );
    expect(r).toMatchObject({ ok: false, failure: { reason: 'gone' } });
    expect(before).toEqual(piece());
  });

  it('refuses a scene twice, too many scenes, and values out of range', () => {
    expect(applyEdit(piece(), edit('x', [{ op: 'insert', at: 0, scene: scene('a') }]))).toMatchObject({
      ok: false,
      failure: { reason: 'twice' },
    });
    const full = piece(Array.from({ length: LIMITS.scenes }, (_, i) => scene(`s${i}`)));
    expect(applyEdit(full, edit('x', [{ op: 'insert', at: 0, scene: scene('z') }]))).toMatchObject({
      ok: false,
      failure: { reason: 'full', most: LIMITS.scenes },
    });
    expect(
      applyEdit(piece(), edit('x', [{ op: 'scene', id: 'a', patch: { durationMs: -5 } }])),
    ).toMatchObject({ ok: false, failure: { reason: 'invalid' } });
  });
});

const WHY: PictureReason[] = [{ code: 'word', word: 'boat' }];

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
    const after = done(
      own,
      nabEdit(own.scenes, { a: picture('p1'), b: picture('p2'), c: picture('p3') }) as Edit,
    );
    expect(after.scenes.map((s) => s.pictures[0]?.assetId)).toEqual(['p1', 'mine', 'p3']);
    expect(nabEdit(after.scenes, { a: picture('p1'), b: picture('p9'), c: picture('p3') })).toBeNull();
  });

  it('keeps the picture that was there at hand when another is chosen', () => {
    const s = scene('a', 'x', {
      pictures: [picture('old', { reasons: WHY, alternatives: [{ assetId: 'new', reasons: [] }] })],
    });
    const out = done(piece([s]), choosePicture(s, 'new')).scenes[0]?.pictures[0];
    expect(out).toMatchObject({
      assetId: 'new',
      by: 'writer',
      alternatives: [{ assetId: 'old', reasons: WHY }],
    });
  });
});

describe('mergeEdits', () => {
  const type = (id: string, shown: string) => sceneEdit('type', id, { shown }, 'type');

  it('folds what flows in one field, and nothing else', () => {
    expect(mergeEdits(type('a', 'x'), type('a', 'xy'))).toEqual(type('a', 'xy'));
    expect(mergeEdits(type('a', 'x'), type('b', 'xy'))).toBeNull();
    expect(mergeEdits(type('a', 'x'), sceneEdit('layout', 'a', { layout: 'title' }))).toBeNull();
    const one = sceneEdit('layout', 'a', { layout: 'title' });
    expect(mergeEdits(one, one)).toBeNull();
  });

  it('goes by the merge key, not by what an edit is called', () => {
    expect(mergeEdits(type('a', 'x'), { ...type('a', 'xy'), name: 'something else' })).not.toBeNull();
    expect(mergeEdits(type('a', 'x'), { ...type('a', 'xy'), merge: null })).toBeNull();
  });

  it('never folds an edit into one that set more, or other fields: its inverse would not undo it', () => {
    const both = sceneEdit('type', 'a', { shown: 'x', highlights: [] }, 'type');
    expect(mergeEdits(both, type('a', 'xy'))).toBeNull();
    expect(mergeEdits(type('a', 'x'), both)).toBeNull();
    const grade = (...ids: string[]): Edit => ({
      ...edit(
        'grade',
        ids.map((id) => ({ op: 'scene', id, patch: { grading: null } })),
      ),
      merge: 'grade',
    });
    expect(mergeEdits(grade('a', 'b'), grade('a'))).toBeNull();
    expect(mergeEdits(grade('a'), grade('a', 'b'))).toBeNull();
    expect(mergeEdits(grade('a', 'b'), grade('b', 'a'))).toEqual(grade('b', 'a'));
  });
});
