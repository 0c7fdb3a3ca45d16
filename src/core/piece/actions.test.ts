import { describe, expect, it } from 'vitest';
import {
  areNeighbours,
  changeScenes,
  deleteScenes,
  duplicateScenes,
  insertFromSource,
  joinScenes,
  joinWithPrevious,
  moveScene,
  moveScenes,
  pasteLines,
  splitScene,
} from './actions.ts';
import { applyEdit, type Edit } from './edit.ts';
import { LIMITS } from './limits.ts';
import { picture, piece, scene } from './testing.ts';
import { type Piece, PLAIN_GRADING, type Scene } from './types.ts';

const ids = () => {
  let n = 0;
  return () => `n${++n}`;
};
const done = (p: Piece, e: Edit | null | undefined): Piece => {
  if (!e) throw new Error('There is nothing to do.');
  const r = applyEdit(p, e);
  if (!r.ok) throw new Error(r.failure.reason);
  expect(applyEdit(r.piece, r.inverse)).toMatchObject({ ok: true, piece: p });
  return r.piece;
};
const shown = (p: Piece) => p.scenes.map((s) => s.shown);
const order = (p: Piece) => p.scenes.map((s) => s.id).join('');
const abc = () => piece(['a', 'b', 'c', 'd', 'e'].map((id) => scene(id, `${id}.`)));

describe('splitting a scene', () => {
  const split = (s: Scene, caret: number): [Scene, Scene] => {
    const p = piece([scene('x'), s, scene('y')]);
    const r = splitScene(p, s.id, caret, ids());
    const { scenes } = done(p, r?.edit);
    expect(scenes.map((o) => o.id)).toEqual(['x', s.id, r?.newSceneId, 'y']);
    return [scenes[1], scenes[2]] as [Scene, Scene];
  };

  it('cuts the words at the caret, without the space', () => {
    const [head, tail] = split(scene('s', 'One two  three'), 7);
    expect([head.shown, tail.shown]).toEqual(['One two', 'three']);
    expect(split(scene('s', 'One two'), 0).map((s) => s.shown)).toEqual(['', 'One two']);
    expect(split(scene('s', 'One two'), 7).map((s) => s.shown)).toEqual(['One two', '']);
  });

  it.each([
    ['title', 4, 'title', 'caption'],
    ['title', 7, 'title', 'title'],
    ['quote', 4, 'quote', 'quote'],
  ] as const)(
    'leaves a %s cut at %i what it is, and makes a caption of what follows a title',
    (layout, caret, head, tail) => {
      expect(split(scene('s', 'One two', { layout }), caret).map((s) => s.layout)).toEqual([head, tail]);
    },
  );

  it('divides a length set by hand by the words, but not between words and nothing', () => {
    const of = (durationMs: number | null, caret: number) =>
      split(scene('s', 'Ten letters', { durationMs }), caret).map((s) => s.durationMs);
    expect(of(11_000, 4)).toEqual([4000, 7000]);
    expect(of(11_000, 0)).toEqual([11_000, null]);
    expect(of(11_000, 11)).toEqual([11_000, null]);
    expect(of(null, 4)).toEqual([null, null]);
    expect(of(400, 4)).toEqual([LIMITS.minSceneMs, LIMITS.minSceneMs]);
  });

  it('divides other spoken words at the space nearest to the same share', () => {
    const spoken = (text: string, caret: number) =>
      split(scene('s', 'aaaa bbbb', { spoken: text }), caret).map((s) => s.spoken);
    expect(spoken('one two three four', 5)).toEqual(['one two', 'three four']);
    expect(spoken('one   two', 4)).toEqual(['one', 'two']);
    expect(spoken('one two', 0)).toEqual(['', 'one two']);
    expect(split(scene('s', '', { spoken: 'one two' }), 0).map((s) => s.spoken)).toEqual(['', 'one two']);
    expect(split(scene('s', 'aaaa bbbb'), 5).map((s) => s.spoken)).toEqual([null, null]);
  });

  it('gives each half its highlights', () => {
    const [head, tail] = split(
      scene('s', 'one two three', {
        highlights: [
          [0, 3],
          [4, 13],
        ],
      }),
      7,
    );
    expect([head.highlights, tail.highlights]).toEqual([
      [
        [0, 3],
        [4, 7],
      ],
      [[0, 5]],
    ]);
    expect(split(scene('s', 'one two'), 3).map((s) => s.highlights)).toEqual([[], []]);
  });

  it('keeps its picture, and gives the second half the next best with the first at hand', () => {
    const reasons = [{ code: 'meaning' as const, close: 0.5 }];
    const alternatives = ['q', 'r'].map((assetId) => ({ assetId, reasons }));
    const own = picture('p', { alternatives, confidence: 0.5 });
    const grading = { ...PLAIN_GRADING, grain: 0.5 };
    const from = { ref: 'p1.0', text: 'As it was.' };
    const [head, tail] = split(scene('s', 'one two', { pictures: [own], from }), 3);
    expect(head.pictures).toEqual([own]);
    expect(tail.pictures).toMatchObject([
      {
        ...{ assetId: 'q', by: 'nab', confidence: 0.4 },
        alternatives: [{ assetId: 'r' }, { assetId: 'p', reasons: own.reasons }],
      },
    ]);
    expect([tail.from, tail.grading]).toEqual([from, null]);
    const bare = split(scene('s', 'one two', { pictures: [own], grading }), 7)[1];
    expect([bare.pictures, bare.grading]).toEqual([[], grading]);
    expect(split(scene('s', 'one two', { pictures: [picture('p')] }), 3)[1].pictures).toEqual([]);
    expect(split(scene('s', 'one two'), 3)[1].pictures).toEqual([]);
  });

  it('is not possible without the scene', () => {
    expect(splitScene(abc(), 'gone', 1, ids())).toBeNull();
  });
});

describe('joining scenes', () => {
  const join = (a: Partial<Scene>, b: Partial<Scene>): Scene => {
    const p = piece([scene('a', 'One.', a), scene('b', 'Two.', b)]);
    const r = joinWithPrevious(p, 'b');
    const joined = done(p, r?.edit);
    expect(order(joined)).toBe('a');
    const [one] = joined.scenes;
    expect(one?.shown.slice(r?.caret)).toBe(b.shown ?? 'Two.');
    expect(r?.intoId).toBe('a');
    return one as Scene;
  };

  it('puts a space between words, and none beside nothing', () => {
    expect(join({}, {}).shown).toBe('One. Two.');
    expect(join({ shown: '' }, {}).shown).toBe('Two.');
    expect(join({}, { shown: '' }).shown).toBe('One.');
  });

  it('keeps what the first has, and takes from the second what it lacks', () => {
    const [p, q] = [[picture('p')], [picture('q')]];
    const from = (ref: string) => ({ ref, text: ref });
    expect(
      join({ pictures: p, brief: 'x', from: from('1') }, { pictures: q, brief: 'y', from: from('2') }),
    ).toMatchObject({
      ...{ pictures: p, brief: 'x', from: from('1') },
    });
    expect(join({}, { pictures: q, brief: 'y', from: from('2') })).toMatchObject({
      ...{ pictures: q, brief: 'y', from: from('2') },
    });
  });

  it('adds lengths only when both are set by hand', () => {
    expect(join({ durationMs: 1000 }, { durationMs: 2500 }).durationMs).toBe(3500);
    expect(join({ durationMs: 1000 }, {}).durationMs).toBe(1000);
    expect(join({}, { durationMs: 2500 }).durationMs).toBeNull();
  });

  it('says what either says', () => {
    expect(join({ spoken: 'First.' }, {}).spoken).toBe('First. Two.');
    expect(join({}, { spoken: 'Second.' }).spoken).toBe('One. Second.');
    expect(join({ spoken: '' }, { spoken: 'Second.' }).spoken).toBe('Second.');
    expect(join({}, {}).spoken).toBeNull();
  });

  it('moves highlights along', () => {
    expect(join({ highlights: [[0, 3]] }, { highlights: [[0, 2]] }).highlights).toEqual([
      [0, 3],
      [5, 7],
    ]);
    expect(join({}, { highlights: [[1, 2]] }).highlights).toEqual([[6, 7]]);
    expect(join({}, {}).highlights).toEqual([]);
  });

  it('joins a run into its first scene, counted', () => {
    const e = joinScenes(abc(), ['d', 'b', 'c']);
    expect(e?.count).toBe(3);
    expect(shown(done(abc(), e))).toEqual(['a.', 'b. c. d.', 'e.']);
    expect(joinScenes(abc(), ['b'])).toBeNull();
    expect(joinScenes(abc(), [])).toBeNull();
    expect(joinWithPrevious(abc(), 'gone')).toBeNull();
  });

  it('knows neighbours', () => {
    expect(areNeighbours(abc(), ['c', 'b'])).toBe(true);
    expect(areNeighbours(abc(), ['b', 'd'])).toBe(false);
    expect(areNeighbours(abc(), ['b'])).toBe(false);
    expect(areNeighbours(abc(), ['a', 'b', 'c', 'd', 'e'])).toBe(true);
  });
});

describe('moving, copying and changing scenes', () => {
  it.each([
    [['b'], -1, 'bacde'],
    [['b'], 1, 'acbde'],
    [['a'], -1, null],
    [['e'], 1, null],
    [['b', 'd'], -1, 'badce'],
    [['b', 'd'], 1, 'acbed'],
    [['a', 'b'], -1, null],
    [['a', 'c'], -1, 'acbde'],
    [['c', 'e'], 1, 'abdce'],
    [['b', 'c'], 1, 'adbce'],
    [['b', 'c'], -1, 'bcade'],
  ] as const)('moves %j together by %i', (chosen, by, expected) => {
    const e = moveScenes(abc(), chosen, by);
    expect(e && order(done(abc(), e))).toBe(expected);
    if (e) expect(e.count).toBe(chosen.length);
  });

  it('moves one to a place', () => {
    expect(order(done(abc(), moveScene('a', 3)))).toBe('bcdae');
  });

  it('puts copies after the last of what is copied, in order', () => {
    const p = abc();
    const e = duplicateScenes(p, ['c', 'a'], ids());
    expect(e?.count).toBe(2);
    const copied = done(p, e);
    expect(copied.scenes.map((s) => s.id)).toEqual(['a', 'b', 'c', 'n1', 'n2', 'd', 'e']);
    expect(shown(copied)).toEqual(['a.', 'b.', 'c.', 'a.', 'c.', 'd.', 'e.']);
    expect(duplicateScenes(p, ['gone'], ids())).toBeNull();
  });

  it('deletes several at once, counted', () => {
    const e = deleteScenes(['b', 'd']);
    expect([e.count, order(done(abc(), e))]).toEqual([2, 'ace']);
  });

  it('changes those that change, counted', () => {
    const p = abc();
    const e = changeScenes(p.scenes, 'layout', (s) =>
      s.id === 'a' ? null : s.id === 'b' ? {} : { shown: s.shown.toUpperCase() },
    );
    expect([e?.name, e?.count]).toEqual(['layout', 3]);
    expect(shown(done(p, e))).toEqual(['a.', 'b.', 'C.', 'D.', 'E.']);
    expect(changeScenes(p.scenes, 'layout', () => null)).toBeNull();
  });

  it('puts in a passage of the source with where it came from', () => {
    const line = { ref: 'p2.1', shown: 'Short.', spoken: 'Spoken.', text: 'As it stands.' };
    const { edit, id } = insertFromSource(1, line, ids());
    const made = done(abc(), edit).scenes[1];
    expect(made).toMatchObject({
      id,
      shown: 'Short.',
      spoken: 'Spoken.',
      from: { ref: 'p2.1', text: 'As it stands.' },
    });
  });
});

describe('pasting lines', () => {
  const line = (words: string, brief = '', layout: Scene['layout'] = 'caption') => ({
    ...{ shown: words, brief, layout },
    speaker: null,
  });
  const start = (more: Partial<Scene> = {}) => piece([scene('a', 'Hello world.', more), scene('b', 'B.')]);
  const paste = (p: Piece, from: number, to: number, ...lines: ReturnType<typeof line>[]) =>
    pasteLines(p, 'a', from, to, lines, ids());

  it('puts the first at the caret, the last before what follows it, in place of what is selected', () => {
    const p = start();
    const e = paste(p, 6, 11, line('dear'), line('second', '', 'title'), line('last '));
    expect(e?.count).toBe(3);
    const out = done(p, e);
    expect(shown(out)).toEqual(['Hello dear', 'second', 'last .', 'B.']);
    expect(out.scenes.map((s) => s.layout)).toEqual(['caption', 'title', 'caption', 'caption']);
  });

  it('takes remarks along, within what a scene holds', () => {
    const p = start({ brief: 'x'.repeat(295) });
    const out = done(p, paste(p, 12, 12, line('one', 'a boat'), line('two', 'y'.repeat(400))));
    expect(out.scenes.map((s) => s.brief.length)).toEqual([300, 300, 0]);
    expect(out.scenes[0]?.brief.startsWith('xxx')).toBe(true);
    const plain = start({ brief: 'kept' });
    expect(done(plain, paste(plain, 0, 0, line('one'), line('two'))).scenes[0]?.brief).toBe('kept');
    const bare = start();
    expect(done(bare, paste(bare, 0, 0, line('one', 'a heron'), line('two'))).scenes[0]?.brief).toBe(
      'a heron',
    );
  });

  it('needs several lines and the scene', () => {
    expect(paste(start(), 0, 0, line('one'))).toBeNull();
    expect(paste(start(), 0, 0)).toBeNull();
    expect(pasteLines(start(), 'gone', 0, 0, [line('one'), line('two')], ids())).toBeNull();
  });
});
