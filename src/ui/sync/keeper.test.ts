import { describe, expect, it } from 'vitest';
import { sceneEdit } from '../../core/piece/edit.ts';
import { editSchema } from '../../core/piece/schema.ts';
import { browserLocks, ownWindow, storageKeeper, takeOver, type WindowLocks } from './keeper.ts';

const storage = (first: Record<string, string> = {}) => {
  const map = new Map(Object.entries(first));
  return {
    map,
    getItem: (k: string) => map.get(k) ?? null,
    setItem: (k: string, v: string) => void map.set(k, v),
    removeItem: (k: string) => void map.delete(k),
    key: (i: number) => [...map.keys()][i] ?? null,
    get length() {
      return map.size;
    },
  };
};
/** Locks of a browser with several windows. */
const browser = () => {
  const held = new Map<string, object>();
  const window = (): WindowLocks & { close(): void } => {
    const me = {};
    return {
      async hold(name) {
        if (held.has(name) && held.get(name) !== me) return false;
        held.set(name, me);
        return true;
      },
      async ifFree(name, _, work) {
        if (held.has(name)) return false;
        work();
        return true;
      },
      close() {
        for (const [name, who] of held) if (who === me) held.delete(name);
      },
    };
  };
  return { window };
};
const ids = () => {
  let n = 0;
  return () => `w${++n}`;
};
const now = () => 1000;
const doc = (id: string) => ({ id, edit: editSchema });
const entry = (id: string) => ({
  ...{ id, kind: 'do' as const, ref: null },
  edit: sceneEdit('type', 'a', { shown: id }),
});

describe('the copy of unsaved edits in the browser', () => {
  it('gives back what was kept, for its piece and window only, and goes when nothing waits', () => {
    const s = storage();
    const keeper = storageKeeper(s, doc('one'), 'w1', now);
    keeper.write([entry('e1')]);
    expect(keeper.read()).toEqual([entry('e1')]);
    expect(storageKeeper(s, doc('two'), 'w1', now).read()).toEqual([]);
    expect(storageKeeper(s, doc('one'), 'w2', now).read()).toEqual([]);
    keeper.write([]);
    expect(s.map.size).toBe(0);
  });

  it('keeps what was set aside over a reload, until it is put away', () => {
    const s = storage();
    const aside = [
      { entry: entry('e1'), refusal: 'No.' },
      { entry: entry('e2'), refusal: null },
    ];
    storageKeeper(s, doc('one'), 'w1', now).writeAside(aside);
    expect(storageKeeper(s, doc('one'), 'w2', now).readAside()).toEqual(aside);
    storageKeeper(s, doc('one'), 'w2', now).writeAside([]);
    expect(s.map.size).toBe(0);
  });

  it.each([
    ['no JSON', '{'],
    ['something else', '[1]'],
    ['an edit that is none', JSON.stringify({ entries: [{ ...entry('e'), edit: { ops: 'all' } }] })],
    [
      'an edit of an older version',
      JSON.stringify({ entries: [{ ...entry('e'), edit: { label: 'Type', ops: [] } }] }),
    ],
  ])('does not stumble over %s', async (_, raw) => {
    const s = storage({
      'nabbet-pending-one/w1': raw,
      'nabbet-pending-one/w2': raw,
      'nabbet-aside-one': raw,
    });
    expect(storageKeeper(s, doc('one'), 'w1', now).read()).toEqual([]);
    expect(storageKeeper(s, doc('one'), 'w1', now).readAside()).toEqual([]);
    await takeOver(s, browser().window(), doc('one'), 'w1', now);
    // What cannot be read here may be read elsewhere: it stays.
    expect(s.map.get('nabbet-pending-one/w2')).toBe(raw);
  });
});

describe('windows', () => {
  it('have an id that survives a reload, and one of their own when they were doubled', async () => {
    const { window } = browser();
    const newId = ids();
    const session = storage();
    const first = window();
    expect(await ownWindow(session, first, newId)).toBe('w1');
    const doubled = storage(Object.fromEntries(session.map));
    expect(await ownWindow(doubled, window(), newId)).toBe('w2');
    first.close();
    expect(await ownWindow(session, window(), newId)).toBe('w1');
  });

  it('leave the copies of living windows alone, and take over those of windows that are gone, once', async () => {
    const { window } = browser();
    const s = storage();
    const newId = ids();
    const [a, b, c] = [window(), window(), window()];
    const [idA, idB, idC] = [
      await ownWindow(storage(), a, newId),
      await ownWindow(storage(), b, newId),
      await ownWindow(storage(), c, newId),
    ];
    storageKeeper(s, doc('one'), idA, now).write([entry('a1'), entry('a2')]);
    storageKeeper(s, doc('one'), idB, now).write([entry('b1')]);
    storageKeeper(s, doc('other'), idA, now).write([entry('x1')]);
    a.close();
    await Promise.all([takeOver(s, b, doc('one'), idB, now), takeOver(s, c, doc('one'), idC, now)]);
    const read = (id: string) =>
      storageKeeper(s, doc('one'), id, now)
        .read()
        .map((e) => e.id);
    expect([...read(idB), ...read(idC)].sort()).toEqual(['a1', 'a2', 'b1']);
    expect(read(idB)).toContain('b1');
    expect(s.map.has('nabbet-pending-one/w1')).toBe(false);
    expect(s.map.has('nabbet-pending-other/w1')).toBe(true);
  });

  it('take over what an earlier version kept for the whole browser', async () => {
    const s = storage({ 'nabbet-pending-one': JSON.stringify({ entries: [entry('old')] }) });
    await takeOver(s, browser().window(), doc('one'), 'w9', now);
    expect(storageKeeper(s, doc('one'), 'w9', now).read()).toEqual([entry('old')]);
    expect([...s.map.keys()]).toEqual(['nabbet-pending-one/w9']);
  });

  it('go by time where the browser has no locks', async () => {
    const locks = browserLocks(undefined, () => 100_000);
    expect(await locks.hold('x')).toBe(true);
    expect(await locks.ifFree('x', 90_000, () => undefined)).toBe(false);
    expect(await locks.ifFree('x', 10_000, () => undefined)).toBe(true);
  });
});
