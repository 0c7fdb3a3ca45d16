import { describe, expect, it } from 'vitest';
import type { StoredEntry } from '../../api/edits.ts';
import { stepsOf } from './steps.ts';

const entry = (id: string, kind: StoredEntry['kind'] = 'do', ref: string | null = null): StoredEntry => ({
  seq: 0,
  id,
  kind,
  ref,
  edit: { name: id, merge: null, ops: [{ op: 'remove', id }] },
  inverse: { name: id, merge: null, ops: [{ op: 'move', id, to: 0 }] },
});

const ids = (history: StoredEntry[]) => {
  const { undo, redo } = stepsOf(history);
  return { undo: undo.map((s) => s.id), redo: redo.map((s) => s.id) };
};

describe('steps', () => {
  it('rebuilds from the history what can be undone and redone', () => {
    expect(ids([entry('a'), entry('b'), entry('c')])).toEqual({ undo: ['a', 'b', 'c'], redo: [] });
    expect(ids([entry('a'), entry('b'), entry('u', 'undo', 'b')])).toEqual({ undo: ['a'], redo: ['b'] });
    expect(ids([entry('a'), entry('u', 'undo', 'a'), entry('r', 'redo', 'a')])).toEqual({
      undo: ['a'],
      redo: [],
    });
  });
  it('forgets what could be redone when something new is done', () => {
    expect(ids([entry('a'), entry('u', 'undo', 'a'), entry('b')])).toEqual({ undo: ['b'], redo: [] });
  });
  it('undoes with the inverse that was stored last', () => {
    const { undo } = stepsOf([entry('a'), entry('u', 'undo', 'a'), entry('r', 'redo', 'a')]);
    expect(undo[0]?.edit).toEqual(entry('r').inverse);
  });
});
