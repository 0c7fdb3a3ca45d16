import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { blanks } from '../text/blanks.ts';
import { changeCase } from '../text/case.ts';
import { findIn, findInPiece, replaceHits } from '../text/find.ts';
import { charactersPerSecond } from '../text/pace.ts';
import { spelledWords } from '../text/spelling.ts';
import {
  areNeighbours,
  insertFromSource,
  joinScenes,
  joinWithPrevious,
  moveScenes,
  splitScene,
} from './actions.ts';
import { applyEdit, type Edit } from './edit.ts';
import { shiftHighlights, shownPatch, tidy, toggleHighlight } from './highlights.ts';
import { picture, piece, scene } from './testing.ts';
import type { Piece, Span } from './types.ts';

const done = (p: Piece, edit: Edit | null | undefined): Piece => {
  if (!edit) throw new Error('there is no edit');
  const r = applyEdit(p, edit);
  if (!r.ok) throw new Error(JSON.stringify(r.failure));
  return r.piece;
};
const marked = (text: string, highlights: readonly Span[]) => highlights.map(([s, e]) => text.slice(s, e));
const ids = () => {
  let n = 0;
  return () => `new${n++}`;
};

describe('highlighted words', () => {
  const text = 'A lamp for every bridge';

  it.each([
    ['before them', 'Also: A lamp for every bridge', ['lamp', 'bridge']],
    ['behind them', 'A lamp for every bridge now', ['lamp', 'bridge']],
    ['inside one', 'A laamp for every bridge', ['laamp', 'bridge']],
    ['over one', 'A for every bridge', ['bridge']],
    ['over all', 'X', []],
  ])('stay on their words when something is typed %s', (_, after, expected) => {
    expect(
      marked(
        after,
        shiftHighlights(
          [
            [2, 6],
            [17, 23],
          ],
          text,
          after,
        ),
      ),
    ).toEqual(expected);
  });

  it('are switched on and off by part', () => {
    const on = toggleHighlight([], [2, 6], text.length);
    expect(marked(text, on)).toEqual(['lamp']);
    expect(marked(text, toggleHighlight(on, [3, 5], text.length))).toEqual(['l', 'p']);
    expect(toggleHighlight(on, [2, 6], text.length)).toEqual([]);
    expect(marked(text, toggleHighlight(on, [4, 10], text.length))).toEqual(['lamp for']);
  });

  it('always lie in the text, in order, without overlap, whatever is typed (seeded)', () => {
    const random = seeded('highlights');
    const pick = (n: number) => Math.floor(random() * n);
    for (let round = 0; round < 300; round++) {
      const before = 'abcdefghij'.repeat(3).slice(0, 5 + pick(25));
      const highlights = tidy(
        [0, 1, 2].map((): Span => {
          const s = pick(before.length);
          return [s, s + pick(6)];
        }),
        before.length,
      );
      const at = pick(before.length);
      const after = before.slice(0, at) + 'xyz'.slice(pick(4)) + before.slice(at + pick(5));
      const next = shiftHighlights(highlights, before, after);
      let end = -1;
      for (const [s, e] of next) {
        expect(s).toBeGreaterThan(end);
        expect(e).toBeGreaterThan(s);
        expect(e).toBeLessThanOrEqual(after.length);
        end = e;
      }
    }
  });

  it('go along when a scene is split and joined again', () => {
    const p = piece([
      scene('a', text, {
        highlights: [
          [2, 6],
          [17, 23],
        ],
      }),
    ]);
    const split = splitScene(p, 'a', 7, ids());
    const two = done(p, split?.edit);
    expect(two.scenes.map((s) => marked(s.shown, s.highlights))).toEqual([['lamp'], ['bridge']]);
    const one = done(two, joinWithPrevious(two, split?.newSceneId ?? '')?.edit);
    expect(one.scenes.map((s) => [s.shown, marked(s.shown, s.highlights)])).toEqual([
      [text, ['lamp', 'bridge']],
    ]);
  });

  it('lets words that are typed on a picture alone be seen', () => {
    expect(shownPatch(scene('a', '', { layout: 'plain' }), 'x')).toEqual({ shown: 'x', layout: 'caption' });
    expect(shownPatch(scene('a', 'x', { layout: 'plain' }), 'xy')).toEqual({ shown: 'xy' });
  });

  it('do not stop typing from being one step', () => {
    expect(Object.keys(shownPatch(scene('a', 'x'), 'xy'))).toEqual(['shown']);
    expect(Object.keys(shownPatch(scene('a', 'x', { highlights: [[0, 1]] }), 'xy'))).toEqual([
      'shown',
      'highlights',
    ]);
  });
});

describe('splitting', () => {
  const found = picture('p1', { found: ['lamp'], alternatives: [{ assetId: 'p2', reasons: [] }] });

  it('gives the second half the next best picture, and divides a length set by hand', () => {
    const p = piece([
      scene('a', 'The lamp is lit. The bridge is dark.', { pictures: [found], durationMs: 6000 }),
    ]);
    const two = done(p, splitScene(p, 'a', 16, ids())?.edit);
    expect(two.scenes.map((s) => s.pictures[0]?.assetId)).toEqual(['p1', 'p2']);
    expect(two.scenes[1]?.pictures[0]?.alternatives.map((x) => x.assetId)).toEqual(['p1']);
    expect(two.scenes.reduce((n, s) => n + (s.durationMs ?? 0), 0)).toBe(6000);
  });
});

describe('several scenes at once', () => {
  const p = piece(['a', 'b', 'c', 'd', 'e'].map((id) => scene(id)));
  const order = (x: Piece) => x.scenes.map((s) => s.id).join('');

  it.each([
    [['b', 'c'], -1, 'bcade'],
    [['b', 'd'], 1, 'acbed'],
    [['a', 'b'], -1, null],
    [['a', 'c'], -1, 'acbde'],
    [['e'], 1, null],
  ] as const)('moves %s by %i', (which, by, expected) => {
    const edit = moveScenes(p, which, by);
    expect(edit ? order(done(p, edit)) : null).toBe(expected);
    if (edit) {
      const r = applyEdit(p, edit);
      expect(r.ok && order(done(r.piece, r.inverse))).toBe('abcde');
    }
  });

  it('joins a run of neighbours to the first', () => {
    expect(areNeighbours(p, ['b', 'c', 'd'])).toBe(true);
    expect(areNeighbours(p, ['a', 'c'])).toBe(false);
    const joined = done(p, joinScenes(p, ['d', 'b', 'c']));
    expect(joined.scenes.map((s) => s.shown)).toEqual([
      'Line a speaks.',
      'Line b speaks. Line c speaks. Line d speaks.',
      'Line e speaks.',
    ]);
  });

  it('takes a passage of the source in at its place', () => {
    const { edit } = insertFromSource(
      1,
      { ref: 'p1.0', shown: 'Short.', spoken: 'Long.', text: 'As it stands.' },
      ids(),
    );
    expect(done(p, edit).scenes[1]).toMatchObject({
      shown: 'Short.',
      spoken: 'Long.',
      from: { ref: 'p1.0', text: 'As it stands.' },
    });
  });
});

describe('find and replace', () => {
  const p = piece([
    scene('a', 'Tea, tea and Teapot.', { spoken: 'tea time' }),
    scene('b', 'No coffee.', { highlights: [[3, 9]] }),
  ]);
  const loose = { matchCase: false, wholeWords: false };

  it('finds by case and whole words, in shown and spoken words', () => {
    expect(findInPiece(p, 'tea', loose)).toHaveLength(4);
    expect(findInPiece(p, 'tea', { matchCase: true, wholeWords: false })).toHaveLength(2);
    expect(findInPiece(p, 'tea', { matchCase: false, wholeWords: true })).toHaveLength(3);
    expect(findIn('a.c abc', 'a.c', loose)).toHaveLength(1);
    expect(findIn('anything', '', loose)).toEqual([]);
  });

  it('replaces everywhere as one step, and highlights stay on their words', () => {
    const hits = [
      ...findInPiece(p, 'tea', { matchCase: false, wholeWords: true }),
      ...findInPiece(p, 'No', loose),
    ];
    const next = done(p, replaceHits(p, hits, 'milk'));
    expect(next.scenes.map((s) => [s.shown, s.spoken])).toEqual([
      ['milk, milk and Teapot.', 'milk time'],
      ['milk coffee.', null],
    ]);
    expect(marked(next.scenes[1]?.shown ?? '', next.scenes[1]?.highlights ?? [])).toEqual(['coffee']);
    expect(replaceHits(p, [], 'x')).toBeNull();
  });
});

describe('case', () => {
  it.each([
    ['upper', 'Tea for two, straße', 'TEA FOR TWO, STRAßE'],
    ['title', 'the end of the bridge', 'The End of the Bridge'],
    ['title', 'THE END OF THE BRIDGE', 'The End of the Bridge'],
    ['sentence', 'THE END. OF THE BRIDGE', 'The end. Of the bridge'],
    ['sentence', 'The End Of The Bridge', 'The end of the bridge'],
    ['sentence', 'ansa and i met at the SLR desk', 'Ansa and I met at the SLR desk'],
  ] as const)('%s: %s', (to, from, expected) => {
    expect(changeCase(from, to)).toBe(expected);
    expect(changeCase(from, to)).toHaveLength(from.length);
  });
});

describe('what is looked up in the dictionary', () => {
  it('leaves names, numbers, tags, addresses and blanks alone', () => {
    const words = spelledWords(
      'Teh kettle of Ansa Morrow costs 34.00, see lamps.example, #lampen @ansa ‹pryce› NASA. Wrogn again',
    ).map((w) => w.word);
    expect(words).toEqual(['Teh', 'kettle', 'of', 'costs', 'see', 'Wrogn', 'again']);
  });

  it('looks at the parts of hyphenated words, at their place', () => {
    const text = 'A hand-kniitted glove';
    expect(spelledWords(text).map((w) => text.slice(w.start, w.end))).toEqual(['hand', 'kniitted', 'glove']);
  });
});

describe('blanks and speed', () => {
  it('finds blanks with their hints', () => {
    expect(blanks('Until ‹last day›, for ‹price›.').map((b) => b.hint)).toEqual(['last day', 'price']);
    expect(blanks('no › blank ‹ here')).toEqual([]);
  });

  it('counts characters a second', () => {
    expect(charactersPerSecond('twelve chars', 1000)).toBe(12);
    expect(charactersPerSecond('', 1000)).toBe(0);
    expect(charactersPerSecond('x', 0)).toBe(0);
  });
});
