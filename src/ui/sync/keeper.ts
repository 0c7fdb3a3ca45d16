import Joi from 'joi';
import type { HistoryEntry } from '../../api/edits.ts';
import type { EditHead } from '../../core/editing.ts';
import type { Keeper, SetAside } from './queue.ts';

/** What a window needs of the browser's storage. */
export type KeeperStorage = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

/** What is kept of a document whose edits have this schema. */
function schemas<E extends EditHead>(edit: Joi.Schema<E>) {
  const entry = Joi.object<HistoryEntry<E>>({
    id: Joi.string().required(),
    kind: Joi.valid('do', 'undo', 'redo').required(),
    ref: Joi.string().allow(null).required(),
    edit: edit.required(),
  });
  return {
    copy: Joi.object<{ at: number; entries: HistoryEntry<E>[] }>({
      at: Joi.number().default(0),
      entries: Joi.array().items(entry).required(),
    }).unknown(),
    aside: Joi.array<SetAside<E>[]>().items(
      Joi.object<SetAside<E>>({
        entry: entry.required(),
        refusal: Joi.string().allow(null, '').required(),
      }),
    ),
  };
}

/** The document whose edits are kept. edit: their schema. */
export interface Kept<E extends EditHead> {
  id: string;
  edit: Joi.Schema<E>;
}

/** A copy's key begins so; the window's id follows. Before there were copies for each window it was the whole key. */
const copiesOf = (docId: string) => `nabbet-pending-${docId}`;
const copyKey = (docId: string, windowId: string) => `${copiesOf(docId)}/${windowId}`;
const asideKey = (docId: string) => `nabbet-aside-${docId}`;

/** What a key holds; null when that cannot be read. */
function parsed<T>(storage: KeeperStorage, key: string, schema: Joi.Schema<T>): T | null {
  const raw = storage.getItem(key);
  if (raw === null) return null;
  try {
    const { error, value } = schema.validate(JSON.parse(raw));
    return error ? null : value;
  } catch {
    return null;
  }
}

/** Keeps the unsaved entries of one window in the browser's storage, which all windows share. */
export function storageKeeper<E extends EditHead>(
  storage: KeeperStorage,
  { id: docId, edit }: Kept<E>,
  windowId: string,
  now: () => number,
): Keeper<E> {
  const { copy: copySchema, aside: asideSchema } = schemas(edit);
  const key = copyKey(docId, windowId);
  return {
    read: () => parsed(storage, key, copySchema)?.entries ?? [],
    write(entries) {
      if (entries.length) storage.setItem(key, JSON.stringify({ at: now(), entries }));
      else storage.removeItem(key);
    },
    readAside: () => parsed(storage, asideKey(docId), asideSchema) ?? [],
    writeAside(all) {
      if (all.length) storage.setItem(asideKey(docId), JSON.stringify(all));
      else storage.removeItem(asideKey(docId));
    },
  };
}

/** Tells which windows live: each holds a lock of its own as long as it does (the Web Locks API). */
export interface WindowLocks {
  /** Takes a lock for as long as this window lives; false when another window has it. */
  hold(name: string): Promise<boolean>;
  /** Does work while nobody else has the lock; false when somebody has it. at: when its copy was written. */
  ifFree(name: string, at: number, work: () => void): Promise<boolean>;
}

const lockOf = (windowId: string) => `nabbet-window-${windowId}`;

/**
 * The id of this window: the same after a reload. A window that was doubled with everything it keeps gets one of its own.
 */
export async function ownWindow(
  session: Pick<Storage, 'getItem' | 'setItem'>,
  locks: WindowLocks,
  newId: () => string,
): Promise<string> {
  const before = session.getItem('nabbet-window');
  if (before !== null && (await locks.hold(lockOf(before)))) return before;
  const id = newId();
  session.setItem('nabbet-window', id);
  await locks.hold(lockOf(id));
  return id;
}

/**
 * Takes over the copies of a document that windows left which are gone, each by one window only: they are written to this
 * window's copy before they are removed.
 */
export async function takeOver<E extends EditHead>(
  storage: KeeperStorage,
  locks: WindowLocks,
  doc: Kept<E>,
  windowId: string,
  now: () => number,
): Promise<void> {
  const own = storageKeeper(storage, doc, windowId, now);
  const { copy: copySchema } = schemas(doc.edit);
  const docId = doc.id;
  const start = copiesOf(docId);
  const keys = Array.from({ length: storage.length }, (_, i) => storage.key(i) ?? '').filter(
    (key) => (key === start || key.startsWith(`${start}/`)) && key !== copyKey(docId, windowId),
  );
  for (const key of keys.sort()) {
    const at = parsed(storage, key, copySchema)?.at ?? 0;
    await locks.ifFree(lockOf(key.slice(start.length + 1)), at, () => {
      const left = parsed(storage, key, copySchema);
      if (left === null) return;
      const have = own.read();
      const ids = new Set(have.map((e) => e.id));
      own.write([...have, ...left.entries.filter((e) => !ids.has(e.id))]);
      storage.removeItem(key);
    });
  }
}

/** Without locks a copy that nobody wrote to for so long is taken to be left, milliseconds. */
const LEFT_MS = 60_000;

/** The locks of the browser; pages that are not served over a safe connection have none, and go by time. */
export function browserLocks(locks: LockManager | undefined, now: () => number): WindowLocks {
  if (!locks)
    return {
      hold: async () => true,
      async ifFree(_, at, work) {
        if (now() - at < LEFT_MS) return false;
        work();
        return true;
      },
    };
  return {
    hold: (name) =>
      new Promise((resolve) => {
        void locks.request(name, { ifAvailable: true }, (lock) => {
          resolve(lock !== null);
          // Held until the window is gone.
          return lock === null ? undefined : new Promise(() => undefined);
        });
      }),
    ifFree: (name, _, work) =>
      locks.request(name, { ifAvailable: true }, (lock) => {
        if (lock !== null) work();
        return lock !== null;
      }),
  };
}
