import assert from 'node:assert/strict';
import type { EditHead } from '../../core/editing.ts';
import { seeded } from '../../core/hash.ts';
import { ownWindow, storageKeeper, takeOver } from '../../ui/sync/keeper.ts';
import { sendEntries } from '../../ui/sync/send.ts';
import { DocStore } from '../../ui/sync/store.ts';
import { type Kind, outlineKind, pieceKind } from './kinds.ts';
import { BrowserLocks, MemoryStorage, Network, WorldClock } from './world.ts';

/** Steps of a schedule. */
const STEPS = 40;
/** Milliseconds in which everything that still can be saved is. */
const CALM_MS = 120_000;

/** What a schedule did. */
export interface ScheduleReport {
  /** Edits that a page showed as saved, each of which is stored once. */
  promised: number;
  applied: number;
  aside: number;
}

/** One window of the browser, with the document open in it, unless it is closed. */
class Page<D, E extends EditHead> {
  store: DocStore<D, E> | null = null;
  private readonly session = new MemoryStorage();
  private readonly mine = new Set<string>();
  private lock: object = {};
  /** Of the page that is shown now: a page that is gone does nothing any more. */
  private life = { ended: false };

  constructor(
    private readonly world: World<D, E>,
    private readonly name: string,
  ) {}

  async open(): Promise<void> {
    const { docId, kind, clock, shared, locks, newId } = this.world;
    const kept = { id: docId, edit: kind.editing.schema };
    // The page first loads the document, then looks for what is left, as the real one does.
    const { doc, rev, history } = await clock.real(() => kind.open(docId));
    const me = await ownWindow(this.session, locks.of(this.lock), newId);
    await takeOver(shared, locks.of(this.lock), kept, me, clock.now);
    const life = { ended: false };
    this.life = life;
    // What another window took over meanwhile is that window's to save.
    this.mine.clear();
    const keeper = storageKeeper(shared, kept, me, clock.now);
    const { write, writeAside } = keeper;
    keeper.writeAside = (all) => {
      if (life.ended) return;
      this.world.say(`window ${this.name} sets aside ${all.map((a) => a.entry.id).join(' ')}`);
      writeAside(all);
    };
    keeper.write = (entries) => {
      if (life.ended) return;
      for (const entry of entries) {
        this.mine.add(entry.id);
        this.world.kept.add(entry.id);
      }
      this.world.say(`window ${this.name} keeps ${entries.map((e) => e.id).join(' ') || 'nothing'}`);
      write(entries);
    };
    this.store = new DocStore({
      ...{ editing: kind.editing, id: docId, doc, rev, history, keeper, clock },
      async send(baseRev, entries) {
        const result = life.ended ? null : await sendEntries(kind.endpoint, docId, baseRev, entries);
        // What was sent may still arrive; nobody is there to hear of it.
        return result && !life.ended ? result : new Promise<never>(() => undefined);
      },
      newId,
    });
    this.world.say(`window ${this.name} is open at revision ${rev}`);
    this.store.store.subscribe(() => !life.ended && this.promise());
  }

  /** What is shown as saved has to be there from now on. */
  private promise(): void {
    const state = this.store?.state;
    if (state?.save.kind !== 'saved') return;
    const aside = new Set(state.aside.map((a) => a.entry.id));
    for (const id of this.mine) {
      if (aside.has(id) || this.world.promised.has(id)) continue;
      this.world.promised.add(id);
      this.world.say(`window ${this.name} shows ${id} as saved`);
    }
  }

  /** crashed: without the last try that a page makes when it goes. */
  close(crashed: boolean): void {
    this.world.say(`window ${this.name} ${crashed ? 'crashes' : 'closes'}`);
    if (!crashed) this.store?.end();
    this.life.ended = true;
    this.store = null;
    this.world.locks.release(this.lock);
    this.lock = {};
  }
}

class World<D, E extends EditHead> {
  readonly clock = new WorldClock();
  readonly shared = new MemoryStorage();
  readonly locks = new BrowserLocks();
  readonly promised = new Set<string>();
  /** Every edit that ever was in the browser's storage. */
  readonly kept = new Set<string>();
  readonly network: Network;
  private ids = 0;

  constructor(
    readonly kind: Kind<D, E>,
    readonly docId: string,
    private readonly seed: string,
    random: () => number,
  ) {
    this.network = new Network(this.say, this.clock, random, (url, init) =>
      kind.route(new Request(`http://localhost${url}`, { ...init, headers: { host: 'localhost' } }), {
        params: Promise.resolve({ id: docId }),
      }),
    );
  }

  /** What happened, for who reads a failed schedule. */
  readonly log: string[] = [];
  say = (line: string): void => void this.log.push(`${(this.clock.now() / 1000).toFixed(1)} s: ${line}`);

  newId = (): string => `w${this.ids++}-${this.seed.slice(0, 10)}`;
}

/**
 * Two windows on one document over a bad network, with the real modules of the interface and the real handler and
 * database: requests and answers lost, doubled, held up and overtaken, the server restarted, windows reloaded, crashed and
 * closed at any moment. Afterwards every edit that was shown as saved is stored exactly once, so is every one that was ever
 * kept in the browser unless it was set aside, the history leads from the first state to the stored one and back, and both
 * windows agree. Throws an AssertionError otherwise. The same seed gives the same schedule; every third is about an outline,
 * the others about a piece.
 */
export const runSchedule = (seed: string): Promise<ScheduleReport> =>
  seeded(`${seed} kind`)() < 1 / 3 ? run(outlineKind, seed) : run(pieceKind, seed);

async function run<D, E extends EditHead>(kind: Kind<D, E>, seed: string): Promise<ScheduleReport> {
  const random = seeded(seed);
  const docId = await kind.create();
  const { doc: first } = await kind.open(docId);
  const world = new World(kind, docId, seed, random);
  const realFetch = globalThis.fetch;
  globalThis.fetch = ((url: string, init: RequestInit) => world.network.fetch(url, init)) as typeof fetch;
  const pages = [new Page(world, 'one'), new Page(world, 'two')];
  let applied = 0;
  try {
    for (const page of pages) await page.open();
    world.network.trouble = random();
    for (let step = 0; step < STEPS; step++) {
      const page = pages[Math.floor(random() * pages.length)] as Page<D, E>;
      const happening = random();
      if (!page.store) await page.open();
      else if (happening < 0.04) world.network.restartServer(random() * 8000);
      else if (happening < 0.08) page.close(random() < 0.5);
      else {
        const { store } = page;
        const made = kind.next(store.state.doc, random, step, world.newId);
        const failure =
          happening < 0.78 ? made && store.apply(made) : happening < 0.9 ? store.undo() : store.redo();
        if (!failure) applied++;
      }
      await world.clock.pass(random() < 0.6 ? random() * 400 : random() * 6000);
    }
    world.network.trouble = 0;
    await world.clock.pass(CALM_MS);
    // A page learns what others did when it next sends something.
    for (let round = 0; round < 3; round++)
      for (const page of pages) {
        if (!page.store) await page.open();
        page.store?.apply(kind.last(round));
        await world.clock.pass(CALM_MS);
      }
    await verify(world, first, pages);
  } catch (e) {
    if (e instanceof Error) e.message += `\n${world.log.join('\n')}`;
    throw e;
  } finally {
    globalThis.fetch = realFetch;
    for (const page of pages) page.close(true);
  }
  const aside = Math.max(...pages.map((p) => p.store?.state.aside.length ?? 0));
  await kind.remove(docId);
  return { promised: world.promised.size, applied, aside };
}

async function verify<D, E extends EditHead>(
  world: World<D, E>,
  first: D,
  pages: readonly Page<D, E>[],
): Promise<void> {
  const { kind, docId, promised, kept, shared } = world;
  const rows = await kind.rows(docId);
  const times = new Map<string, number>();
  for (const { id } of rows) times.set(id, (times.get(id) ?? 0) + 1);
  for (const id of promised) assert.equal(times.get(id) ?? 0, 1, `edit ${id} was shown as saved`);
  const aside = new Set(pages.flatMap(({ store }) => store?.state.aside ?? []).map((a) => a.entry.id));
  for (const id of kept)
    if (!aside.has(id)) assert.equal(times.get(id) ?? 0, 1, `edit ${id} was kept and is stored or set aside`);
  assert.deepEqual(
    rows.map((r) => r.seq),
    rows.map((_, i) => i + 1),
    'the history has no gap',
  );
  const stored = await kind.open(docId);
  const applied = (doc: D, done: E): D => {
    const r = kind.editing.apply(doc, done);
    assert(r.ok, 'a stored edit applies');
    return r.doc;
  };
  let at = first;
  for (const { edit: done } of stored.history) at = applied(at, done);
  assert.deepEqual(at, stored.doc, 'the history leads to what is stored');
  for (const { inverse } of stored.history.toReversed()) at = applied(at, inverse);
  assert.deepEqual(at, first, 'everything can be undone');
  for (const { store } of pages) {
    assert.equal(store?.state.save.kind, 'saved');
    assert.deepEqual(store?.state.doc, stored.doc, 'both windows agree with what is stored');
  }
  for (let i = 0; i < shared.length; i++)
    assert.doesNotMatch(shared.key(i) ?? '', /^nabbet-pending/, 'no copy is left');
}
