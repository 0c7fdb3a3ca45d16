import { describe, expect, it } from 'vitest';
import { applyEdit } from '../piece/edit.ts';
import { piece, scene } from '../piece/testing.ts';
import { findIn, findInPiece, replaceHits } from './find.ts';

const ANY = { matchCase: false, wholeWords: false };

describe('places of a text in another', () => {
  const found = (text: string, query: string, options = {}) =>
    findIn(text, query, { ...ANY, ...options }).map((h) => `${h.start}-${h.end}`);

  it('are found left to right and never overlap', () => {
    expect(found('banana', 'an')).toEqual(['1-3', '3-5']);
    expect(found('banana', 'ana')).toEqual(['1-4']);
    expect(found('banana', 'x')).toEqual([]);
    expect(found('banana', '')).toEqual([]);
  });

  it('mind capitals only when told to', () => {
    expect(found('Ferry ferry FERRY', 'ferry')).toEqual(['0-5', '6-11', '12-17']);
    expect(found('Ferry ferry FERRY', 'ferry', { matchCase: true })).toEqual(['6-11']);
    expect(found('Über ÜBER', 'über')).toEqual(['0-4', '5-9']);
  });

  it('are whole words when told to, and signs have no edges', () => {
    const whole = { wholeWords: true };
    expect(found('boat boats aboat boat2 boat.', 'boat', whole)).toEqual(['0-4', '23-27']);
    expect(found('éboat boaté (boat)', 'boat', whole)).toEqual(['13-17']);
    expect(found('costs £9.50 each', '£9', whole)).toEqual(['6-8']);
    expect(found('so… so…so', 'so…', whole)).toEqual(['0-3', '4-7']);
    expect(found('a(b a (b', '(b', whole)).toEqual(['1-3', '6-8']);
  });

  it('take every sign as it is written', () => {
    for (const sign of ['.', '*', '+', '?', '^', '$', '{', '}', '(', ')', '|', '[', ']', '\\', '-', '/'])
      expect(found(`a${sign}b axb`, `a${sign}b`)).toEqual(['0-3']);
  });
});

describe('in a piece', () => {
  const of = piece([
    scene('a', 'The ferry is back', { spoken: 'The old ferry is back. A ferry!' }),
    scene('b', 'No boat', { spoken: null }),
    scene('c', 'ferry', { spoken: '' }),
  ]);
  const hits = findInPiece(of, 'ferry', ANY);

  it('shown words come before spoken ones, scene by scene', () => {
    expect(hits).toEqual([
      { sceneId: 'a', field: 'shown', start: 4, end: 9 },
      { sceneId: 'a', field: 'spoken', start: 8, end: 13 },
      { sceneId: 'a', field: 'spoken', start: 25, end: 30 },
      { sceneId: 'c', field: 'shown', start: 0, end: 5 },
    ]);
  });

  it('all are replaced in one edit, whatever length the new words have, and come back with its inverse', () => {
    for (const by of ['boat', 'paddle steamer', '']) {
      const edit = replaceHits(of, hits, by);
      expect(edit?.ops.map((o) => ('id' in o ? o.id : o.op))).toEqual(['a', 'c']);
      if (!edit) throw new Error('Nothing was replaced.');
      const done = applyEdit(of, edit);
      if (!done.ok) throw new Error('It cannot be applied.');
      const { piece: now, inverse } = done;
      expect(now.scenes.map((s) => s.shown)).toEqual([`The ${by} is back`, 'No boat', by]);
      expect(now.scenes.map((s) => s.spoken)).toEqual([`The old ${by} is back. A ${by}!`, null, '']);
      expect(applyEdit(now, inverse)).toMatchObject({ ok: true, piece: of });
    }
  });

  it('only what is given is replaced', () => {
    const edit = replaceHits(of, hits.slice(1, 2), 'boat');
    expect(edit?.ops).toEqual([
      { op: 'scene', id: 'a', patch: { spoken: 'The old boat is back. A ferry!' } },
    ]);
    const shown = replaceHits(of, hits.slice(0, 1), 'boat');
    expect(shown?.ops[0]).not.toHaveProperty('patch.spoken');
    expect(replaceHits(of, hits, 'ferry')).toBeNull();
    expect(replaceHits(of, [], 'boat')).toBeNull();
  });

  it('says how many places it changed', () => {
    expect(replaceHits(of, hits, 'boat')).toMatchObject({ name: 'replace', count: 4 });
  });
});
