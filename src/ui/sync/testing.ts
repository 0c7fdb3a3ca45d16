import type { HistoryEntry, StoredEntry } from '../../api/edits.ts';
import { applyEdit, type Edit } from '../../core/piece/edit.ts';
import type { Piece } from '../../core/piece/types.ts';
import type { Clock } from './clock.ts';
import type { Keeper, SendResult, SetAside } from './queue.ts';

/** A clock that moves only when it is told to. */
export class FakeClock implements Clock {
  private time = 0;
  private calls: { at: number; call: () => void }[] = [];

  now = (): number => this.time;
  after = (ms: number, call: () => void): (() => void) => {
    const entry = { at: this.time + ms, call };
    this.calls.push(entry);
    return () => {
      this.calls = this.calls.filter((c) => c !== entry);
    };
  };

  /** Moves on, making the calls that fall due one after the other, and lets what they started come to rest. */
  async pass(ms: number): Promise<void> {
    const end = this.time + ms;
    for (;;) {
      const next = this.calls.filter((c) => c.at <= end).sort((a, b) => a.at - b.at)[0];
      this.time = next?.at ?? end;
      if (!next) break;
      this.calls = this.calls.filter((c) => c !== next);
      next.call();
      await settle();
    }
    await settle();
  }

  get due(): number[] {
    return this.calls.map((c) => c.at - this.time);
  }
}

/** Lets promises that can go on do so. */
export const settle = (): Promise<void> => new Promise((r) => setImmediate(r));

type Weather = 'clear' | 'offline' | 'answer-lost';

/** Stores entries as the real one does, in memory; the way to it can be broken. */
export class FakeServer {
  readonly entries: StoredEntry[] = [];
  readonly requests: string[][] = [];
  weather: Weather = 'clear';
  /** Says no to entries with this id. */
  refuses: string | null = null;

  constructor(public piece: Piece) {}

  get rev(): number {
    return this.entries.length;
  }

  send = async (baseRev: number, entries: readonly HistoryEntry[]): Promise<SendResult<Edit>> => {
    this.requests.push(entries.map((e) => e.id));
    if (this.weather === 'offline') return { kind: 'unreachable', message: 'No connection.' };
    const result = this.store(baseRev, entries);
    return this.weather === 'answer-lost' ? { kind: 'unreachable', message: 'No answer.' } : result;
  };

  private store(baseRev: number, entries: readonly HistoryEntry[]): SendResult<Edit> {
    const since = this.entries.slice(baseRev);
    const ids = new Set(this.entries.slice(0, baseRev).map((e) => e.id));
    const known = entries.map((e) => e.id).filter((id) => ids.has(id));
    if (known.length || since.some((e, i) => e.id !== entries[i]?.id))
      return { kind: 'behind', rev: this.rev, since, known };
    for (const e of entries.slice(since.length)) {
      const r = applyEdit(this.piece, e.edit);
      if (!r.ok || e.id === this.refuses) return { kind: 'refused', message: 'No.' };
      this.piece = r.piece;
      this.entries.push({ ...e, seq: this.rev + 1, inverse: r.inverse });
    }
    return { kind: 'stored', rev: this.rev };
  }

  /** Another writer was here. */
  elsewhere(edit: Edit): void {
    this.store(this.rev, [{ id: `other-${this.rev}`, kind: 'do', ref: null, edit }]);
  }
}

/** The browser's storage, in memory. full: takes no more. */
export class FakeKeeper implements Keeper<Edit> {
  kept: HistoryEntry[] = [];
  full = false;
  read = (): HistoryEntry[] => structuredClone(this.kept);
  write = (entries: readonly HistoryEntry[]): void => {
    if (this.full) throw new Error('QuotaExceededError');
    this.kept = structuredClone([...entries]);
  };
  aside: SetAside<Edit>[] = [];
  readAside = (): SetAside<Edit>[] => structuredClone(this.aside);
  writeAside = (all: readonly SetAside<Edit>[]): void => {
    this.aside = structuredClone([...all]);
  };
}
