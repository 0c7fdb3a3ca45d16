import { describe, expect, it } from 'vitest';
import { sceneEdit } from '../../../core/piece/edit.ts';
import { storageKeeper } from './keeper.ts';

const storage = (first: Record<string, string> = {}) => {
  const map = new Map(Object.entries(first));
  return {
    map,
    getItem: (k: string) => map.get(k) ?? null,
    setItem: (k: string, v: string) => void map.set(k, v),
    removeItem: (k: string) => void map.delete(k),
  };
};
const entry = { id: 'entry-1', kind: 'do' as const, ref: null, edit: sceneEdit('type', 'a', { shown: 'x' }) };

describe('the copy of unsaved edits in the browser', () => {
  it('gives back what was kept, for its piece only, and goes when nothing waits', () => {
    const s = storage();
    const keeper = storageKeeper(s, 'one');
    keeper.write([entry]);
    expect(keeper.read()).toEqual([entry]);
    expect(storageKeeper(s, 'two').read()).toEqual([]);
    keeper.write([]);
    expect(s.map.size).toBe(0);
  });

  it.each([
    ['no JSON', '{'],
    ['something else', '[1]'],
    ['an edit that is none', JSON.stringify({ entries: [{ ...entry, edit: { ops: 'all' } }] })],
    [
      'an edit of an older version',
      JSON.stringify({ entries: [{ ...entry, edit: { label: 'Type', ops: [] } }] }),
    ],
  ])('does not stumble over %s', (_, raw) => {
    expect(storageKeeper(storage({ 'nabbet-pending-one': raw }), 'one').read()).toEqual([]);
  });
});
