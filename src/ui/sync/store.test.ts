import { beforeEach, describe, expect, it } from 'vitest';
import { seeded } from '../../core/hash.ts';
import { type Edit, edit, pieceEditing, sceneEdit } from '../../core/piece/edit.ts';
import { piece, scene } from '../../core/piece/testing.ts';
import type { Piece } from '../../core/piece/types.ts';
import { holdWhileDown } from './open.ts';
import { SYNC } from './queue.ts';
import { DocStore, FLOW_MS } from './store.ts';
import { FakeClock, FakeKeeper, FakeServer } from './testing.ts';

let server: FakeServer;
let keeper: FakeKeeper;
let clock: FakeClock;
let ids = 0;

beforeEach(() => {
  server = new FakeServer(piece([scene('a', 'A.'), scene('b', 'B.'), scene('c', 'C.')]));
  keeper = new FakeKeeper();
  clock = new FakeClock();
  ids = 0;
});

/** A page that opens the piece as it is on the server. */
const open = (): DocStore<Piece, Edit> =>
  new DocStore({
    ...{ editing: pieceEditing, id: 'p', doc: server.piece, rev: server.rev, history: [...server.entries] },
    ...{ send: server.send, keeper, clock, newId: () => `own-${++ids}` },
  });
const type = (store: DocStore<Piece, Edit>, shown: string, id = 'a') =>
  store.apply(sceneEdit('type', id, { shown }, 'type'));
const words = (p: { scenes: readonly { shown: string }[] }) => p.scenes.map((s) => s.shown).join(' ');

describe('edits', () => {
  it('arrive after a short quiet, and what was typed in one go is one step', async () => {
    const store = open();
    for (const t of ['A l', 'A la', 'A lan', 'A lantern.']) {
      type(store, t);
      await clock.pass(100);
    }
    expect(store.state.save.kind).toBe('saving');
    expect(server.requests).toEqual([]);
    await clock.pass(SYNC.quietMs);
    expect(words(server.piece)).toBe('A lantern. B. C.');
    expect(server.requests).toEqual([['own-1']]);
    expect(store.state.save.kind).toBe('saved');
    expect(keeper.kept).toEqual([]);
    store.undo();
    expect(words(store.state.doc)).toBe('A. B. C.');
    store.redo();
    expect(words(store.state.doc)).toBe('A lantern. B. C.');
    await clock.pass(SYNC.quietMs);
    expect(server.piece).toEqual(store.state.doc);
  });

  it('arrive also when somebody types without a pause', async () => {
    const store = open();
    for (let i = 0; i < 60; i++) {
      type(store, `Letter ${i}`);
      await clock.pass(100);
    }
    expect(words(server.piece)).toMatch(/Letter [45]\d/);
    expect(server.requests.length).toBeGreaterThanOrEqual(2);
    expect(server.requests.length).toBeLessThanOrEqual(4);
  });

  it.each([
    ['another line', 'b', 0, 2],
    ['after a pause', 'a', FLOW_MS + 1, 2],
    ['at once, in the same line', 'a', 10, 1],
  ])('%s: steps of their own or not', async (_, id, pause, steps) => {
    server.weather = 'offline';
    const store = open();
    type(store, 'First.');
    // Not long enough for the first to be sent, where it may not have been.
    if (pause > FLOW_MS) keeper.kept = [];
    await clock.pass(pause);
    type(store, 'Second.', id);
    expect(store.state.undo).toHaveLength(steps);
  });

  it('what is drawn is one step, however long it takes, and is sent when it is let go', async () => {
    const store = open();
    type(store, 'Before.', 'b');
    await clock.pass(FLOW_MS + 1);
    store.hold();
    type(store, 'A');
    await clock.pass(SYNC.longestQuietMs * 2);
    type(store, 'A longer');
    await clock.pass(SYNC.longestQuietMs * 2);
    type(store, 'A longer line.');
    expect(store.state.undo).toHaveLength(2);
    expect(words(server.piece)).toBe('A. Before. C.');
    // A crash loses nothing of it.
    expect(keeper.kept).toHaveLength(1);
    store.release();
    await clock.pass(SYNC.quietMs);
    expect(words(server.piece)).toBe('A longer line. Before. C.');
    expect(store.state.save.kind).toBe('saved');
    store.undo();
    expect(words(store.state.doc)).toBe('A. Before. C.');
  });

  it('what is drawn does not flow into what came before a pause, nor hold back what is asked for', async () => {
    const store = open();
    type(store, 'First.');
    await clock.pass(FLOW_MS + 1);
    store.hold();
    type(store, 'Second.');
    expect(store.state.undo).toHaveLength(2);
    await store.flush();
    expect(words(server.piece)).toBe('Second. B. C.');
    // What was sent is not changed any more.
    type(store, 'Third.');
    expect(store.state.undo).toHaveLength(3);
    store.release();
    await clock.pass(SYNC.quietMs);
    expect(words(server.piece)).toBe('Third. B. C.');
    const requests = server.requests.length;
    store.hold();
    store.release();
    await clock.pass(SYNC.longestQuietMs);
    expect(server.requests).toHaveLength(requests);
  });

  it('is drawn from where the button goes down to where it goes up, is taken away, or the window is left', () => {
    const on = new EventTarget();
    const called: string[] = [];
    const stop = holdWhileDown(
      { hold: () => void called.push('hold'), release: () => void called.push('release') },
      on,
    );
    const fire = (...types: string[]) => {
      for (const t of types) on.dispatchEvent(new Event(t));
      return called.splice(0);
    };
    expect(fire('pointerdown', 'pointermove', 'pointerup')).toEqual(['hold', 'release']);
    expect(fire('pointerdown', 'pointercancel')).toEqual(['hold', 'release']);
    expect(fire('pointerdown', 'blur')).toEqual(['hold', 'release']);
    stop();
    expect(called.splice(0)).toEqual(['release']);
    expect(fire('pointerdown', 'pointerup')).toEqual([]);
  });

  it('that do not apply are refused and change nothing', () => {
    const store = open();
    expect(store.apply(edit('remove', [{ op: 'remove', id: 'gone' }]))).toEqual({ reason: 'gone' });
    expect([store.state.undo, store.state.save.kind]).toEqual([[], 'saved']);
    expect([store.undo(), store.redo()]).toEqual([null, null]);
  });

  it('after an undo make what could be redone unreachable', () => {
    const store = open();
    type(store, 'First.');
    store.undo();
    expect(store.state.redo).toHaveLength(1);
    type(store, 'Second.', 'b');
    expect(store.state.redo).toEqual([]);
    expect(words(store.state.doc)).toBe('A. Second. C.');
  });
});

describe('without a connection', () => {
  it('waits longer from try to try, says so, and sends everything in order when it is back', async () => {
    server.weather = 'offline';
    const store = open();
    type(store, 'First.');
    await clock.pass(SYNC.quietMs);
    expect(store.state.save).toEqual({ kind: 'waiting', message: 'No connection.' });
    const waits: number[] = [];
    for (let i = 0; i < 6; i++) {
      const [next = 0] = clock.due;
      waits.push(next);
      await clock.pass(next);
    }
    expect(waits).toEqual([2000, 4000, 8000, 15_000, 15_000, 15_000]);
    type(store, 'Second.', 'b');
    expect(keeper.kept.map((e) => e.id)).toEqual(['own-1', 'own-2']);
    server.weather = 'clear';
    await clock.pass(SYNC.longestRetryMs);
    expect(words(server.piece)).toBe('First. Second. C.');
    expect(store.state.save.kind).toBe('saved');
  });

  it('a lost answer costs nothing: what may have arrived is not changed any more, and not stored twice', async () => {
    server.weather = 'answer-lost';
    const store = open();
    type(store, 'A lan');
    await clock.pass(SYNC.quietMs);
    expect(words(server.piece)).toContain('A lan');
    // The next key comes within the time in which typing flows together.
    type(store, 'A lantern.');
    server.weather = 'clear';
    await clock.pass(SYNC.longestRetryMs);
    expect(words(server.piece)).toBe('A lantern. B. C.');
    expect(server.entries.map((e) => e.id)).toEqual(['own-1', 'own-2']);
    expect(store.state.save.kind).toBe('saved');
  });

  it('what a page could not send is taken up by the next, without what had arrived', async () => {
    server.weather = 'answer-lost';
    const first = open();
    type(first, 'Arrived.');
    await clock.pass(SYNC.quietMs);
    server.weather = 'offline';
    type(first, 'Never sent.', 'b');
    first.end();
    server.weather = 'clear';
    const second = open();
    expect(words(second.state.doc)).toBe('Arrived. Never sent. C.');
    // What the first page may have sent is not merged with what is typed now.
    type(second, 'Never sent!', 'b');
    await clock.pass(SYNC.quietMs);
    expect(words(server.piece)).toBe('Arrived. Never sent! C.');
    expect(server.entries).toHaveLength(3);
    second.undo();
    second.undo();
    expect(words(second.state.doc)).toBe('Arrived. B. C.');
  });

  it('tells what of an earlier page no longer applies', async () => {
    server.weather = 'offline';
    const first = open();
    type(first, 'Into the void.', 'b');
    first.end();
    server.weather = 'clear';
    server.elsewhere(edit('remove', [{ op: 'remove', id: 'b' }]));
    const second = open();
    expect(second.state.aside.map((a) => a.entry.id)).toEqual(['own-1']);
    expect(words(second.state.doc)).toBe('A. C.');
    expect(second.state.save.kind).toBe('saved');
  });

  it('says so when the browser keeps no copy', () => {
    keeper.full = true;
    const store = open();
    type(store, 'First.');
    expect(store.state.save).toMatchObject({ kind: 'waiting', message: expect.stringMatching(/no copy/) });
    expect(words(store.state.doc)).toBe('First. B. C.');
  });

  it('a page that was left tries once more and then is silent', async () => {
    server.weather = 'offline';
    const store = open();
    type(store, 'First.');
    store.end();
    expect(server.requests).toHaveLength(1);
    await clock.pass(60_000);
    expect(server.requests).toHaveLength(1);
  });
});

describe('when others edit too', () => {
  it('puts their edits first and its own on top, and undoes to what is there now', async () => {
    const store = open();
    server.elsewhere(sceneEdit('type', 'a', { shown: 'Theirs.' }));
    type(store, 'Mine.');
    type(store, 'Also mine.', 'b');
    await clock.pass(SYNC.quietMs);
    expect(words(server.piece)).toBe('Mine. Also mine. C.');
    expect(store.state.doc).toEqual(server.piece);
    store.undo();
    store.undo();
    expect(words(store.state.doc)).toBe('Theirs. B. C.');
    await clock.pass(SYNC.quietMs);
    expect(server.piece).toEqual(store.state.doc);
  });

  it('tells which edits no longer apply, keeps the others, and offers no undo for what is gone', async () => {
    const store = open();
    server.elsewhere(edit('remove', [{ op: 'remove', id: 'b' }]));
    type(store, 'Mine.');
    type(store, 'Into the void.', 'b');
    await clock.pass(SYNC.quietMs);
    expect(words(server.piece)).toBe('Mine. C.');
    expect(store.state.aside.map((a) => a.entry.id)).toEqual(['own-2']);
    expect(store.state.undo.map((s) => s.id)).toEqual(['own-1']);
    expect(store.state.save.kind).toBe('saved');
  });

  it('an undo that waits is put on top of their edits as well', async () => {
    const store = open();
    type(store, 'Mine.');
    await clock.pass(SYNC.quietMs);
    store.undo();
    server.elsewhere(sceneEdit('type', 'c', { shown: 'Theirs.' }));
    await clock.pass(SYNC.quietMs);
    expect(words(server.piece)).toBe('A. B. Theirs.');
    store.redo();
    await clock.pass(SYNC.quietMs);
    expect(words(server.piece)).toBe('Mine. B. Theirs.');
    expect(store.state.doc).toEqual(server.piece);
  });

  it('what the server refuses goes aside with its reason, and the rest goes on', async () => {
    const store = open();
    server.refuses = 'own-2';
    type(store, 'First.');
    type(store, 'Refused.', 'b');
    type(store, 'Third.', 'c');
    await clock.pass(SYNC.quietMs);
    expect(words(server.piece)).toBe('First. B. Third.');
    expect(store.state.doc).toEqual(server.piece);
    expect(store.state.save).toEqual({ kind: 'saved' });
    expect(store.state.aside).toMatchObject([{ entry: { id: 'own-2' }, refusal: 'No.' }]);
    expect(store.state.undo.map((s) => s.id)).toEqual(['own-1', 'own-3']);
    expect(keeper.kept).toEqual([]);
    // It is still there after a reload, until the writer has seen it.
    const second = open();
    expect(second.state.aside).toHaveLength(1);
    second.putAway('own-2');
    expect(open().state.aside).toEqual([]);
    // Entries go together again.
    for (const id of ['a', 'b']) type(second, 'Again.', id);
    await clock.pass(SYNC.quietMs);
    expect(server.requests.at(-1)).toHaveLength(2);
  });

  it('an edit that stands on a refused one goes aside with it', async () => {
    const store = open();
    server.refuses = 'own-1';
    store.apply(edit('insert', [{ op: 'insert', at: 0, scene: scene('new') }]));
    type(store, 'Words of the new scene.', 'new');
    type(store, 'Elsewhere.', 'b');
    await clock.pass(SYNC.quietMs);
    expect(words(server.piece)).toBe('A. Elsewhere. C.');
    expect(store.state.aside).toMatchObject([
      { entry: { id: 'own-1' }, refusal: 'No.' },
      { entry: { id: 'own-2' }, refusal: null },
    ]);
    expect(store.state.doc).toEqual(server.piece);
  });
});

it('batches are limited by their letters, but for one that is large alone', async () => {
  const store = open();
  server.weather = 'offline';
  // Each scene holds 5000 letters, so an edit of 80 scenes has somewhat more than a third of a batch.
  const paste = (name: string, count: number) =>
    edit(
      'paste',
      Array.from({ length: count }, (_, i) => ({
        ...{ op: 'insert' as const, at: 0, scene: scene(`${name}-${i}`, 'x'.repeat(5000)) },
      })),
    );
  for (const [name, count] of [
    ['p', 80],
    ['q', 80],
    ['r', 80],
    ['s', 220],
  ] as const)
    expect(store.apply(paste(name, count))).toBeNull();
  type(store, 'Small.');
  server.weather = 'clear';
  server.requests.length = 0;
  await store.flush();
  expect(server.requests.map((r) => r.length)).toEqual([2, 1, 1, 1]);
  expect(server.piece).toEqual(store.state.doc);
});

it('many entries go in batches, one request at a time', async () => {
  const store = open();
  server.weather = 'offline';
  for (let i = 0; i < SYNC.batch + 5; i++) type(store, `Line ${i}.`, i % 2 ? 'a' : 'b');
  server.weather = 'clear';
  await store.flush();
  expect(server.requests.map((r) => r.length)).toEqual([SYNC.batch, 5]);
  expect(server.piece).toEqual(store.state.doc);
});

it.each([1, 2, 3, 4, 5, 6])('two pages in any weather end up with the same piece, seed %i', async (seed) => {
  const random = seeded(String(seed));
  const keepers = [new FakeKeeper(), new FakeKeeper()];
  const pages = keepers.map((k) => {
    keeper = k;
    return open();
  });
  const weathers = ['clear', 'clear', 'offline', 'answer-lost'] as const;
  let applied = 0;
  const STEPS = 120;
  for (let i = 0; i < STEPS; i++) {
    const page = pages[Math.floor(random() * 2)] as DocStore<Piece, Edit>;
    const { scenes } = page.state.doc;
    const id = scenes[Math.floor(random() * scenes.length)]?.id ?? 'a';
    server.weather = weathers[Math.floor(random() * 4)] ?? 'clear';
    const kind = random();
    const failure =
      kind < 0.6
        ? type(page, `Step ${i}.`, id)
        : kind < 0.7
          ? page.apply(edit('insert', [{ op: 'insert', at: 0, scene: scene(`n${i}`) }]))
          : kind < 0.75 && scenes.length > 2
            ? page.apply(edit('remove', [{ op: 'remove', id }]))
            : kind < 0.9
              ? page.undo()
              : page.redo();
    if (!failure) applied++;
    await clock.pass(random() * 1500);
  }
  server.weather = 'clear';
  for (let i = 0; i < 4; i++)
    for (const page of pages) {
      // A page learns what others did when it next sends something.
      page.apply(edit('title', [{ op: 'piece', patch: { title: `End ${i}` } }]));
      await clock.pass(60_000);
    }
  expect(applied).toBeGreaterThan(STEPS * 0.9);
  expect(pages[1]?.state.doc).toEqual(server.piece);
  expect(keepers.map((k) => k.kept)).toEqual([[], []]);
  expect(new Set(server.entries.map((e) => e.id)).size).toBe(server.entries.length);
});
